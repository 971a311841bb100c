import { catalogueSchema, type Catalogue } from '../catalogue/catalogue.js';
import { kindSchema, type Kind } from '../catalogue/kind.js';
import { priceListSchema, type PriceList } from '../catalogue/price-list.js';
import { recipeSchema, type Recipe } from '../catalogue/recipe.js';

/** Facts of the trade that a kind of such a name has wherever it stands. */
const FACTS: Readonly<Record<string, object>> = {
  'lime-juice': { juiceMl: 27 },
  'lemon-juice': { juiceMl: 42 },
  'orange-juice': { juiceMl: 75 },
  'grapefruit-juice': { juiceMl: 180 },
  'lime-whole': { hardFruit: true },
  mint: { herb: true },
  'still-water': { fromTap: true },
  'hot-water': { fromTap: true },
};

/** A kind with only what the test cares about. */
export function kindInput(id: string, more: object = {}) {
  return { id, name: id, job: 'base', supply: 'bottle', ...FACTS[id], ...more };
}

/** Kinds by id, from id and particulars. */
export function testKinds(...entries: [id: string, more?: object][]): Map<string, Kind> {
  return new Map(entries.map(([id, more]) => [id, kindSchema.parse(kindInput(id, more))]));
}

/** A recipe with only what the test cares about; slots are kind, amount, role and the rest. */
export function recipeInput(slots: object[], more: object = {}) {
  return {
    id: 'x',
    name: 'X',
    family: 'sour',
    method: 'shake',
    strain: 'once',
    ice: 'none',
    glass: 'coupe',
    era: 'before-1900',
    canon: 'core',
    source: 'trade',
    slots,
    ...more,
  };
}

/** The same, read. */
export function testRecipe(
  slots: [kind: string, amount: string, role: string, more?: object][],
  more: object = {},
): Recipe {
  return recipeSchema.parse(
    recipeInput(
      slots.map(([kind, amount, role, rest]) => ({ kind, amount, role, ...rest })),
      more,
    ),
  );
}

/** A straight-sided coupe, for tests that need a glass and not its shape. */
export const COUPE = {
  id: 'coupe',
  name: 'Coupe',
  minMl: 150,
  maxMl: 210,
  inside: [
    [0, 30],
    [63, 30],
  ],
  footMm: 70,
};

/** A catalogue of these parts; one coupe unless told otherwise. */
export function testCatalogue(parts: object): Catalogue {
  return catalogueSchema.parse({ kinds: [], standIns: [], recipes: [], glasses: [COUPE], ...parts });
}

/** A shop in euro that sells these things; a bottle of gin unless told otherwise. */
export function testShop(parts: object): PriceList {
  const gin = { id: 'gin', kind: 'gin', label: 'Gin', ml: 700, priceMinor: 2000, widthMm: 70, heightMm: 300 };
  return priceListSchema.parse({
    format: 'uisce-prices/1',
    id: 'shop',
    name: 'Shop',
    currency: 'EUR',
    provenance: 'made up',
    bottles: [gin],
    ...parts,
  });
}
