import { describe, expect, it } from 'vitest';
import { kindIndex } from '@uisce/core/catalogue';
import { emptyKit } from '@uisce/core/kit';
import { compileRound, type PourStep } from '@uisce/core/pouring';
import { loadCatalogue } from './load.js';

const { catalogue } = loadCatalogue();
const kinds = kindIndex(catalogue.kinds);

const ICE = { none: '', cubes: 'ice', block: 'block', crushed: 'crushed' };
/** A step in as few words as tell it from others. */
function say({ act, part, kinds: named, ice, lightly, twice, technique, seconds }: PourStep): string {
  const kind = part?.kind ?? named.join('+');
  switch (act) {
    case 'pour':
      return kind;
    case 'press':
      return lightly ? 'press lightly' : 'press';
    case 'ice':
      return `on ${ICE[ice ?? 'none']}`;
    case 'ice-glass':
      return `${ICE[ice ?? 'none']} in glass`;
    case 'strain':
      return twice ? 'strain twice' : technique === null ? 'pour out' : 'strain';
    case 'shake':
    case 'stir':
      return `${act} ${seconds}`;
    default:
      return kind === '' ? act : `${act} ${kind}`;
  }
}

/**
 * One glass each, as a bartender would make it: judged by hand against common practice (glass cold first, egg before
 * all else and shaken dry first, cheap and small before costly, ice just before the work, bubbles after the ice, what
 * floats or sinks last, strained twice where there is pulp or herb and no ice).
 */
const JUDGED: readonly [drink: string, steps: string][] = [
  [
    'daiquiri',
    'squeeze lime-juice · chill · simple-syrup · lime-juice · white-rum · on ice · shake 12 · strain twice · garnish',
  ],
  [
    'whiskey-sour',
    'squeeze lemon-juice · egg-white · simple-syrup · lemon-juice · bourbon · dry-shake · on ice · shake 12 · ice in glass · strain · garnish',
  ],
  ['negroni', 'red-bitter · sweet-vermouth · dry-gin · on ice · stir 35 · block in glass · strain · garnish'],
  ['gin-and-tonic', 'dry-gin · ice in glass · top tonic-water · lift · garnish'],
  [
    'mojito',
    'squeeze lime-juice · mint · simple-syrup · press lightly · lime-juice · white-rum · ice in glass · top soda-water · lift · garnish',
  ],
  ['caipirinha', 'lime-whole · sugar-cube · cachaca · press · crushed in glass · garnish'],
  [
    'old-fashioned',
    'sugar-cube · aromatic-bitters · press · still-water · bourbon · on ice · stir 35 · block in glass · strain · garnish',
  ],
  [
    'sazerac',
    'chill · rinse absinthe · sugar-cube · creole-bitters · press · cognac · on ice · stir 35 · strain · garnish',
  ],
  [
    'pisco-sour',
    'squeeze lime-juice · chill · egg-white · simple-syrup · lime-juice · pisco · dry-shake · on ice · shake 12 · strain twice · garnish aromatic-bitters',
  ],
  ['mint-julep', 'mint · simple-syrup · press lightly · bourbon · crushed in glass · garnish'],
  [
    'tequila-sunrise',
    'squeeze orange-juice · blanco-tequila · ice in glass · top orange-juice · lift · sink grenadine · garnish',
  ],
  ['irish-coffee', 'warm · demerara-syrup · irish-whiskey · hot-coffee · stir 8 · float cream'],
  [
    'white-lady',
    'squeeze lemon-juice · chill · lemon-juice · triple-sec · dry-gin · on ice · shake 12 · strain twice · garnish',
  ],
  [
    'gin-collins',
    'squeeze lemon-juice · simple-syrup · lemon-juice · dry-gin · ice in glass · top soda-water · lift · garnish',
  ],
  [
    'espresso-martini',
    'chill · simple-syrup · espresso · coffee-liqueur · vodka · on ice · shake 12 · strain twice · garnish',
  ],
  [
    'moscow-mule',
    'squeeze lime-juice · lime-juice · vodka · ice in glass · top ginger-beer · lift · garnish',
  ],
  [
    'bloody-mary',
    'squeeze lemon-juice · salt · black-pepper · hot-sauce · savoury-sauce · lemon-juice · vodka · ice in glass · top tomato-juice · lift',
  ],
  [
    'pina-colada',
    'chill · cream-of-coconut · pineapple-juice · white-rum · on crushed · blend · pour out · garnish',
  ],
  [
    'mai-tai',
    'squeeze lime-juice · simple-syrup · orgeat · lime-juice · curacao · aged-rum · dark-rum · on ice · shake 12 · crushed in glass · strain · garnish',
  ],
  [
    'whiskey-smash',
    'squeeze lemon-juice · mint · simple-syrup · press lightly · lemon-juice · bourbon · on ice · shake 12 · ice in glass · strain twice · garnish',
  ],
  ['black-velvet', 'chill · stout · float sparkling-wine'],
  [
    'classic-sparkling-cocktail',
    'chill · sugar-cube · aromatic-bitters · cognac · top sparkling-wine · garnish',
  ],
  [
    'queens-park-swizzle',
    'squeeze lime-juice · mint · demerara-syrup · press lightly · aromatic-bitters · lime-juice · aged-rum · crushed in glass · swizzle · garnish',
  ],
  ['dark-rum-buck', 'dark-rum · ice in glass · top ginger-beer · lift · garnish'],
  ['dry-martini', 'chill · dry-vermouth · dry-gin · on ice · stir 35 · strain · garnish'],
  ['manhattan', 'chill · aromatic-bitters · sweet-vermouth · rye · on ice · stir 35 · strain · garnish'],
  [
    'margarita',
    'squeeze lime-juice · chill · lime-juice · triple-sec · blanco-tequila · on ice · shake 12 · strain twice · garnish',
  ],
  [
    'clover-club',
    'squeeze lemon-juice · chill · egg-white · raspberry-syrup · lemon-juice · dry-gin · dry-shake · on ice · shake 12 · strain twice · garnish',
  ],
  [
    'french-75',
    'squeeze lemon-juice · chill · simple-syrup · lemon-juice · dry-gin · on ice · shake 12 · strain · top sparkling-wine · garnish',
  ],
  ['bellini', 'chill · peach-puree · top sparkling-wine · lift'],
  ['brandy-alexander', 'chill · cream · dark-cacao · cognac · on ice · shake 12 · strain twice · garnish'],
  ['white-russian', 'coffee-liqueur · vodka · ice in glass · lift · float cream'],
  [
    'hot-toddy',
    'squeeze lemon-juice · warm · honey-syrup · lemon-juice · blended-scotch · hot-water · stir 8 · garnish',
  ],
  ['americano', 'red-bitter · sweet-vermouth · ice in glass · top soda-water · lift · garnish'],
  [
    'bramble',
    'squeeze lemon-juice · simple-syrup · lemon-juice · dry-gin · on ice · shake 12 · crushed in glass · strain · float blackberry-liqueur · garnish',
  ],
  [
    'new-york-sour',
    'squeeze lemon-juice · simple-syrup · lemon-juice · rye · on ice · shake 12 · ice in glass · strain · float red-wine · garnish',
  ],
  ['brandy-flip', 'chill · whole-egg · simple-syrup · cognac · on ice · shake 12 · strain twice · garnish'],
  ['kir', 'chill · blackcurrant-liqueur · top white-wine'],
  ['layered-coffee-cream', 'chill · coffee-liqueur · float irish-cream · float curacao'],
  [
    'rusty-nail',
    'honey-whisky-liqueur · blended-scotch · on ice · stir 35 · block in glass · strain · garnish',
  ],
];

describe('a glass as a bartender makes it', () => {
  it.each(JUDGED)('%s', (id, judged) => {
    const drink = catalogue.recipes.find((r) => r.id === id);
    if (drink === undefined) throw new Error(`there is no ${id}`);
    const slots = drink.slots.filter((s) => !s.optional);
    const order = { drink: { ...drink, slots }, of: id, count: 1, for: [], cannot: [] };
    const { steps } = compileRound([order], emptyKit(), catalogue, kinds);
    expect(
      steps
        .filter((s) => s.act !== 'serve')
        .map(say)
        .join(' · '),
    ).toBe(judged);
  });
});

describe('every drink of the library', () => {
  it('has steps that measure each of its parts once, egg before ice and bubbles after it', () => {
    for (const drink of catalogue.recipes) {
      const { steps } = compileRound(
        [{ drink, of: drink.id, count: 2, for: [], cannot: [] }],
        emptyKit(),
        catalogue,
        kinds,
      );
      const measured = steps.filter((s) => s.part !== null && s.act !== 'squeeze');
      for (const load of new Set(measured.map((s) => s.load))) {
        const slots = measured.filter((s) => s.load === load).map((s) => s.part?.slot);
        const named = steps.filter((s) => s.load === load && s.act === 'garnish').flatMap((s) => s.kinds);
        const all = drink.slots.flatMap((s, i) =>
          s.role === 'garnish' && named.includes(s.kind) ? [] : [i],
        );
        expect(
          [...slots].sort((a, b) => (a ?? 0) - (b ?? 0)),
          drink.id,
        ).toEqual(all);
      }
      const at = (wanted: (s: PourStep) => boolean) => steps.findIndex(wanted);
      const ice = at((s) => s.act === 'ice' || s.act === 'ice-glass');
      const egg = at(
        (s) => s.act === 'pour' && kinds.get(s.part?.kind ?? '')?.tastes.includes('egg') === true,
      );
      if (egg >= 0 && ice >= 0) expect(egg, drink.id).toBeLessThan(ice);
      const fizz = at(
        (s) => s.act === 'top' && kinds.get(s.part?.kind ?? '')?.tastes.includes('fizzy') === true,
      );
      if (fizz >= 0 && ice >= 0) expect(fizz, drink.id).toBeGreaterThan(ice);
      expect(
        steps.every((s) => s.seconds > 0),
        drink.id,
      ).toBe(true);
    }
  });
});
