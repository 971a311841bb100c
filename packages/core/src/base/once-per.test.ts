import { expect, it } from 'vitest';
import { oncePer } from './once-per.js';

it('works out once for each object, whatever comes of it', () => {
  const asked: object[] = [];
  const sizeOf = oncePer((list: number[]) => {
    asked.push(list);
    return list.length || undefined;
  });
  const [empty, two] = [[], [1, 2]];
  expect([sizeOf(empty), sizeOf(two), sizeOf(empty), sizeOf([1, 2])]).toEqual([undefined, 2, undefined, 2]);
  expect(asked).toHaveLength(3);
});
