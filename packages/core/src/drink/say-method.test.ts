import { describe, expect, it } from 'vitest';
import { iceInMaking } from '../catalogue/recipe.js';
import { testKinds, testRecipe } from '../testing/trade.js';
import { sayMethod } from './say-method.js';

const kinds = testKinds(
  ['gin', { abv: 0.4 }],
  ['vermouth', {}],
  ['lime-juice', {}],
  ['egg-white', { tastes: ['egg'] }],
  ['mint', {}],
  ['syrup', {}],
  ['soda', { tastes: ['fizzy'] }],
  ['absinthe', {}],
  ['cream', {}],
  ['lemon-whole', { one: 'lemon' }],
);
const words = (slots: Parameters<typeof testRecipe>[0], more: object) =>
  sayMethod(testRecipe(slots, more), kinds, 'coupe', (k) => k.name.replace('-', ' '));

describe('the method in words', () => {
  it('stirs, strains and dresses', () => {
    const steps = words(
      [
        ['gin', '60 ml', 'base'],
        ['vermouth', '10 ml', 'aromatic'],
        ['absinthe', '1 dash', 'rinse'],
      ],
      { method: 'stir', garnish: 'lemon twist' },
    );
    expect(steps).toEqual([
      'Rinse the cold glass with absinthe and tip out the rest.',
      'Stir gin and vermouth on ice until cold.',
      'Strain into a coupe.',
      'Garnish: lemon twist.',
    ]);
  });

  it('floats, lets sink, and sets beside in that order, after all that is mixed', () => {
    const steps = words(
      [
        ['syrup', '15 ml', 'sweet', { sink: true }],
        ['gin', '40 ml', 'base'],
        ['cream', '20 ml', 'body', { float: true }],
        ['lime-juice', '90 ml', 'long'],
        ['soda', '50 ml', 'long', { beside: true, optional: true }],
      ],
      { method: 'build', ice: 'cubes' },
    );
    expect(steps).toEqual([
      'Pour gin into a coupe.',
      'Fill it with ice.',
      'Top with lime juice.',
      'Stir a turn or two.',
      'Float cream on top, over the back of a spoon.',
      'Pour in syrup last, slowly, and let it sink; do not stir.',
      'Serve soda beside it, in a small glass of its own.',
    ]);
  });

  it('shakes egg twice and tops with soda last', () => {
    const steps = words(
      [
        ['gin', '45 ml', 'base'],
        ['lime-juice', '20 ml', 'sour'],
        ['egg-white', '1 whole', 'body'],
        ['soda', '60 ml', 'long'],
      ],
      { method: 'dry-shake', strain: 'twice' },
    );
    expect(steps).toEqual([
      'Shake gin, lime juice and egg white without ice until it foams.',
      'Shake again on ice, hard.',
      'Strain twice into a coupe.',
      'Top with soda.',
    ]);
  });

  it('muddles with something wet, brings the ice before the mixer, and floats what floats', () => {
    const steps = words(
      [
        ['mint', '6 leaves', 'aromatic', { muddle: true }],
        ['syrup', '15 ml', 'sweet'],
        ['gin', '45 ml', 'base'],
        ['soda', '60 ml', 'long'],
        ['cream', '20 ml', 'body', { float: true }],
      ],
      { method: 'build', ice: 'crushed' },
    );
    expect(steps).toEqual([
      'Press mint in a coupe with syrup.',
      'Pour gin into it.',
      'Fill it with crushed ice.',
      'Top with soda.',
      'Lift once with a spoon.',
      'Float cream on top, over the back of a spoon.',
    ]);
  });
});

describe('what is pressed', () => {
  it('is shaken with the rest, and nothing is poured twice', () => {
    const smash: Parameters<typeof testRecipe>[0] = [
      ['gin', '60 ml', 'base'],
      ['lime-juice', '20 ml', 'sour'],
      ['syrup', '15 ml', 'sweet'],
      ['mint', '8 leaves', 'aromatic', { muddle: true }],
    ];
    expect(words(smash, { method: 'shake', strain: 'twice', ice: 'block' })).toEqual([
      'Press mint in the shaker with syrup.',
      'Add gin and lime juice and shake on ice, hard, until the tin frosts.',
      'Strain twice into a coupe over one large piece of ice.',
    ]);
    expect(words([['gin', '60 ml', 'base']], { method: 'build', ice: 'block' })).toEqual([
      'Pour gin into a coupe.',
      'Put one large piece of ice into it.',
    ]);
  });
});

describe('ice in the making', () => {
  it('is what the method takes, unless the recipe says otherwise', () => {
    const ice = (method: string, more: object = {}) =>
      iceInMaking(testRecipe([['gin', '60 ml', 'base']], { method, ice: 'block', ...more }));
    expect(['stir', 'shake', 'blend', 'build', 'hot'].map((m) => ice(m))).toEqual([
      'cubes',
      'cubes',
      'crushed',
      'block',
      'none',
    ]);
    expect(ice('shake', { making: 'crushed' })).toBe('crushed');
  });
});
