import { expect, it } from 'vitest';
import { inSentence, lowerFirst, upperFirst } from './in-sentence.js';

it('a name within a sentence keeps the capital that its data says it keeps, and drops any other', () => {
  const names = [
    { name: 'Dry vermouth' },
    { name: 'Irish whiskey', proper: true },
    { name: 'crème', proper: false },
  ];
  expect(names.map(inSentence)).toEqual(['dry vermouth', 'Irish whiskey', 'crème']);
  expect([upperFirst('élan vital'), lowerFirst('Éclair'), upperFirst(''), lowerFirst('')]).toEqual([
    'Élan vital',
    'éclair',
    '',
    '',
  ]);
});
