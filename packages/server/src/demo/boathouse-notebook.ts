import { addDays } from '@uisce/core/base';
import { kindIndex, type Catalogue, type Recipe } from '@uisce/core/catalogue';
import {
  KindMatcher,
  readRecipes,
  recipeFrom,
  ownKindSchema,
  withAmounts,
  withVersion,
  type Collection,
  type OwnDrink,
  type OwnKind,
  type Tasting,
} from '@uisce/core/notebook';

/** What the boathouse wrote down, as it was typed. */
const TEXTS = {
  'own-slip-in-the-dark': `Slip in the dark
50 ml Irish whiskey
20 ml sweet vermouth
10 ml coffee liqueur
2 dashes orange bitters
Stir with ice and strain into a rocks glass over a large cube.`,
  'own-sea-buckthorn-sour': `Sea buckthorn sour
50 ml gin
20 ml sea buckthorn syrup
20 ml lemon juice
Shake with ice and strain into a rocks glass with fresh ice in the glass.`,
  'own-wet-oar': `Wet oar
45 ml dry gin
15 ml dry vermouth
15 ml elderflower cordial
Stir, strain into a coupe.`,
  'own-low-lamp': `Low lamp
30 ml oloroso sherry
30 ml sweet vermouth
2 dashes orange bitters
Stir, strain into a coupe. Garnish with orange twist.`,
  'own-nine-pins': `Nine pins
40 ml white rum
20 ml lime juice
10 ml honey syrup
10 ml falernum
Shake with ice and double strain into a coupe.`,
};

/** A kind that no shop of the catalogue has: a neighbour cooks it. */
const SEA_BUCKTHORN: OwnKind = ownKindSchema.parse({
  id: 'own-sea-buckthorn',
  name: 'Sea buckthorn syrup',
  job: 'sweet',
  supply: 'home-made',
  sugarGPerL: 520,
  acidGPerL: 14,
  storage: 'fridge',
  openDays: 21,
  sold: { ml: 250, priceMinor: 450, currency: 'EUR' },
});

/** The Notebook of the boathouse: what it wrote, its kind, its collections. */
export interface BoathouseNotebook {
  drinks: OwnDrink[];
  kinds: OwnKind[];
  collections: Collection[];
  tastings: Tasting[];
}

/**
 * Five drinks of its own, one of them in three versions and one with a kind of its own; the house's gimlet; two collections.
 *
 * @param today ISO day: everything is some days before it.
 */
export function boathouseNotebook(
  today: string,
  newId: () => string,
  catalogue: Catalogue,
): BoathouseNotebook {
  const all = [...catalogue.kinds, SEA_BUCKTHORN];
  const kinds = kindIndex(all);
  const matcher = new KindMatcher(all);
  const at = (ago: number) => `${addDays(today, -ago)}T19:00:00.000Z`;
  const read = (id: string, text: string): Recipe => {
    const [one] = readRecipes(text, matcher, 'bar-oz');
    const recipe = one && recipeFrom(one, id, catalogue.recipes, kinds);
    if (recipe === undefined) throw new Error(`${id} cannot be read`);
    return recipe;
  };
  const own = (id: string, recipe: Recipe, more: Partial<OwnDrink> = {}): OwnDrink => ({
    id,
    houseSpecOf: null,
    current: 0,
    from: '',
    tags: [],
    notes: '',
    chosen: [],
    versions: [{ at: at(30), why: '', recipe }],
    ...more,
  });
  const written = Object.entries(TEXTS).map(([id, text]) => own(id, read(id, text)));
  const drinks = written.map((drink): OwnDrink => {
    const [first] = drink.versions;
    if (first === undefined || drink.id !== 'own-slip-in-the-dark') return drink;
    const lessSweet = withAmounts(first.recipe, [{ slot: 2, toMl: 5 }]);
    const longer = withAmounts(lessSweet, [{ slot: 1, toMl: 25 }]);
    return [
      { at: at(19), why: 'Too much coffee.', recipe: lessSweet },
      { at: at(8), why: 'A little rounder.', recipe: longer },
    ].reduce(withVersion, { ...drink, tags: ['winter'] });
  });
  const gimlet = catalogue.recipes.find((r) => r.id === 'gimlet');
  if (gimlet === undefined) throw new Error('there is no gimlet');
  const house = own('own-gimlet', withAmounts(gimlet, [{ slot: 1, toMl: 20 }]), {
    houseSpecOf: 'gimlet',
    from: 'As Colm likes it',
  });
  const collection = (
    name: string,
    note: string,
    ids: string[],
    from: Partial<Collection> = {},
  ): Collection => ({ id: newId(), name, note, book: '', pages: {}, drinks: ids, ...from });
  const slip = drinks.find((d) => d.id === 'own-slip-in-the-dark');
  const tasting = (
    drink: string,
    version: number | null,
    ago: number,
    by: string,
    verdict: number,
    note: string,
  ): Tasting => ({
    id: newId(),
    drink,
    version: version === null ? null : (slip?.versions[version]?.at ?? null),
    at: at(ago),
    by,
    verdict,
    note,
  });
  return {
    drinks: [...drinks, house],
    kinds: [SEA_BUCKTHORN],
    collections: [
      collection('Winter', 'By the stove.', [
        'own-slip-in-the-dark',
        'own-low-lamp',
        'irish-coffee',
        'hot-toddy',
      ]),
      collection('To try', 'From the blue book on the sill.', ['last-word', 'bamboo', 'own-nine-pins'], {
        book: 'Evenings by Water',
        pages: { 'last-word': 'p. 41', bamboo: 'p. 88' },
      }),
    ],
    tastings: [
      tasting('own-slip-in-the-dark', 0, 29, 'Colm', 2, 'All coffee; the whiskey is gone.'),
      tasting('own-slip-in-the-dark', 1, 18, 'Colm', 4, 'Now the vermouth speaks.'),
      tasting('own-slip-in-the-dark', 2, 7, 'Aoife', 5, ''),
      tasting('gimlet', null, 20, 'Colm', 4, 'Sharper than printed, as it should be.'),
    ],
  };
}
