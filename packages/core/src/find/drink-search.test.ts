import { describe, expect, it } from 'vitest';
import { kindInput, recipeInput, testCatalogue } from '../testing/trade.js';
import { DrinkSearch } from './drink-search.js';

const slot = (kind: string, amount = '30 ml', role = 'base') => ({ kind, amount, role });
const catalogue = testCatalogue({
  kinds: [
    kindInput('whiskey', { name: 'Whiskey', abstract: true }),
    kindInput('bourbon', { name: 'Bourbon', parent: 'whiskey' }),
    kindInput('gin', { name: 'Gin' }),
    kindInput('soda-water', { name: 'Soda water', also: ['club soda'], supply: 'mixer', tastes: ['fizzy'] }),
    kindInput('lemon', { name: 'Lemon juice', supply: 'fresh', acidGPerL: 60 }),
    kindInput('blackcurrant', { name: 'Blackcurrant liqueur', also: ['cassis'] }),
  ],
  recipes: [
    recipeInput([slot('gin', '45 ml'), slot('lemon', '30 ml', 'sour'), slot('soda-water', '60 ml', 'long')], {
      id: 'gin-fizz',
      name: 'Gin fizz',
      family: 'fizz',
    }),
    recipeInput([slot('bourbon', '60 ml'), slot('lemon', '25 ml', 'sour')], {
      id: 'whiskey-sour',
      name: 'Whiskey sour',
    }),
    recipeInput([slot('bourbon', '30 ml')], { id: 'bees', name: 'Bee’s Knees', canon: 'specialist' }),
    recipeInput([slot('blackcurrant', '10 ml')], { id: 'kir', name: 'Kir', family: 'low-strength' }),
    recipeInput([slot('gin', '30 ml')], {
      id: 'negroni',
      name: 'Negroni',
      also: ['Count’s drink'],
      family: 'martini',
    }),
  ],
});
const search = new DrinkSearch(catalogue);

describe('finding a drink', () => {
  it.each([
    ['negroni', 'negroni'],
    ['negorni', 'negroni'],
    ['NÉGRONI', 'negroni'],
    ['bees knees', 'bees'],
    ['cassis', 'kir'],
    ['club soda sour', 'gin-fizz'],
    ['whiskey', 'whiskey-sour'],
    ['count', 'negroni'],
    ['gin fiz', 'gin-fizz'],
  ])('%s finds %s first', (text, id) => {
    expect(search.find(text)[0]).toBe(id);
  });

  it('wants every word while some drink has them all, and does with less when none has', () => {
    expect(search.find('bourbon lemon')).toEqual(['whiskey-sour']);
    expect(search.find('gin lemon zebra')).toContain('gin-fizz');
    expect(search.find('   ')).toEqual([]);
  });
});
