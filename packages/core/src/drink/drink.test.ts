import { describe, expect, it } from 'vitest';
import { kindSchema, type Kind } from '../catalogue/kind.js';
import { recipeSchema } from '../catalogue/recipe.js';
import { dilution, drinkProfile } from './profile.js';
import { drinkTastes } from './tastes.js';

const kind = (id: string, more: object): [string, Kind] => [
  id,
  kindSchema.parse({ id, name: id, job: 'base', supply: 'bottle', ...more }),
];
const kinds = new Map([
  kind('spirit', { abv: 0.4 }),
  kind('lime-juice', { supply: 'fresh', acidGPerL: 60, sugarGPerL: 15 }),
  kind('simple-syrup', { supply: 'home-made', sugarGPerL: 615 }),
  kind('amaro', { abv: 0.3, sugarGPerL: 240, tastes: ['bitter'] }),
  kind('absinthe', { abv: 0.65, tastes: ['anise'] }),
  kind('soda', { supply: 'mixer', tastes: ['fizzy'] }),
]);
const drink = (method: string, slots: [kind: string, amount: string, role: string][]) =>
  recipeSchema.parse({
    id: 'x', name: 'x', family: 'sour', method, strain: 'once', ice: 'none', glass: 'coupe', canon: 'core',
    slots: slots.map(([k, amount, role]) => ({ kind: k, amount, role })),
  }); // prettier-ignore

const SOUR = drink('shake', [
  ['spirit', '60 ml', 'base'],
  ['lime-juice', '22.5 ml', 'sour'],
  ['simple-syrup', '22.5 ml', 'sweet'],
]);

describe('dilution', () => {
  // Arnold, Liquid Intelligence, 2014 (from memory): a mix of 0.30 stirred gains 0.41 of its volume.
  it('of a 0.30 mix stirred is 0.41, and shaking adds more', () => {
    expect(dilution(0.3, 'stir', 'none')).toBeCloseTo(0.41, 2);
    expect(dilution(0.3, 'shake', 'none')).toBeGreaterThan(dilution(0.3, 'stir', 'none'));
  });
});

describe('a classic sour', () => {
  // Arnold 2014 (from memory): shaken sours are served at about 15 to 20 % with 0.75 to 0.95 g acid per 100 ml.
  it('comes out at the strength and sourness the trade knows', () => {
    const profile = drinkProfile(SOUR, kinds);
    expect(profile.mixMl).toBe(105);
    expect(profile.abv).toBeGreaterThan(0.14);
    expect(profile.abv).toBeLessThan(0.2);
    const acidPer100 = (profile.acidG / profile.servedMl) * 100;
    expect(acidPer100).toBeGreaterThan(0.75);
    expect(acidPer100).toBeLessThan(0.95);
    // 22.5 ml of 1:1 at 0.615 g/ml is 13.8 g, and the lime brings a little of its own.
    expect(profile.sugarG).toBeCloseTo(22.5 * 0.615 + 22.5 * 0.015, 6);
  });

  it('tastes sour, not sweet or strong', () => {
    expect([...drinkTastes(SOUR, kinds)]).toEqual(['sour']);
  });
});

describe('tastes', () => {
  it('count a dash of anise and not a dash of bitterness', () => {
    const seasoned = drink('stir', [
      ['spirit', '60 ml', 'base'],
      ['amaro', '2 dashes', 'seasoning'],
      ['absinthe', '1 dash', 'rinse'],
    ]);
    expect(drinkTastes(seasoned, kinds)).toEqual(new Set(['anise', 'strong']));
  });

  it('find bitterness and fizz where they are poured', () => {
    const long = drink('build', [
      ['amaro', '30 ml', 'bitter'],
      ['soda', '90 ml', 'long'],
    ]);
    expect(drinkTastes(long, kinds)).toEqual(new Set(['bitter', 'fizzy']));
  });
});
