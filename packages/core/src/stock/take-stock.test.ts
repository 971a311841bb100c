import { expect, it } from 'vitest';
import { bottleThere } from './bottle.js';
import { asTold } from './take-stock.js';

const TODAY = '2026-12-01';
const gin = { ...bottleThere('b1', 'dry-gin'), boughtOn: '2026-11-20' };
const line = { left: undefined, sizeMl: undefined, opened: false, openedOn: undefined };

it('a bottle that is told to be less than full was opened: today, or when it is said, and bought no later', () => {
  expect(asTold(gin, { ...line, left: { share: 0.5 } }, 700, TODAY)).toMatchObject({
    sizeMl: 700,
    leftMl: 350,
    openedOn: TODAY,
    boughtOn: '2026-11-20',
  });
  const before = asTold(gin, { ...line, left: { ml: 200 }, openedOn: '2026-11-01' }, 700, TODAY);
  expect(before).toMatchObject({ leftMl: 200, openedOn: '2026-11-01', boughtOn: '2026-11-01' });
});

it('a full one, or one that is only said to be there, is not opened; none holds more than it does', () => {
  expect(asTold(gin, { ...line, left: { share: 1 } }, 700, TODAY)).toMatchObject({
    leftMl: 700,
    openedOn: null,
  });
  expect(asTold(gin, { ...line, left: { pieces: 2 } }, 700, TODAY)).toMatchObject({
    sizeMl: null,
    leftMl: null,
  });
  expect(asTold(gin, { ...line, left: { ml: 900 }, sizeMl: 500 }, 700, TODAY).leftMl).toBe(500);
  expect(asTold(gin, { ...line, opened: true }, 700, TODAY).openedOn).toBe(TODAY);
});
