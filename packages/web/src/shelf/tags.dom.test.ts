import { afterEach, describe, expect, it, vi } from 'vitest';
import { defineComponent } from 'vue';
import { bottleThere, type Bottle } from '@uisce/core/stock';
import { inHouse, type InSmallHouse } from '../testing/in-house';
import { smallPlan } from '../testing/small-house';
import { useShelf } from './use-shelf';

vi.mock('../solver/solver', () => import('../testing/small-solver'));
vi.mock('../solver/solver.worker?worker&url', () => ({ default: 'solver' }));
vi.mock('idb-keyval', () => import('../testing/small-database'));

const ID = (n: number) => `00000000-0000-4000-8000-00000000000${n}`;
let house: InSmallHouse;
let shelf: ReturnType<typeof useShelf>;
const Page = defineComponent(() => {
  shelf = useShelf();
  return () => null;
});
afterEach(() => house.page.unmount());
const open = async (...bottles: [kind: string, more: Partial<Bottle>][]) => {
  house = await inHouse(Page, {}, [
    ['plan', smallPlan(0).id, smallPlan(4700, { limits: { bottles: null, liquorMl: 3000 } })],
    ...bottles.map(([kind, more], n): [string, string, unknown] => [
      'bottle',
      ID(n),
      { ...bottleThere(ID(n), kind), sizeMl: 700, leftMl: 700, ...more },
    ]),
  ]);
};
/** Tags by the place of the bottle in the list, with whether they press. */
const tags = () => shelf.all.value.map((s) => `${s.tag}${s.pressing ? '!' : ''}`);

describe('the tag of a bottle', () => {
  // Opened vermouth keeps 60 days in the fridge, as the small house has it; today is 25 November.
  it.each([
    ['new, whole and never opened', 'gin', {}, 'new'],
    ['nothing where nobody measured it', 'gin', { leftMl: null }, ''],
    ['nothing while it is well filled', 'gin', { leftMl: 500, openedOn: '2026-11-01' }, ''],
    ['its pours once it runs low', 'gin', { leftMl: 225, openedOn: '2026-11-01' }, '5 pours, first'],
    ['that it is nearly empty', 'gin', { leftMl: 20, openedOn: '2026-11-01' }, 'nearly empty!'],
    ['its days while it turns this season', 'vermouth', { leftMl: 600, openedOn: '2026-11-10' }, '45 days'],
    ['that its last days press', 'vermouth', { leftMl: 600, openedOn: '2026-10-05' }, '9 days!'],
    ['its very last day', 'vermouth', { leftMl: 600, openedOn: '2026-09-27' }, '1 day!'],
    ['that its day is past', 'vermouth', { leftMl: 600, openedOn: '2026-09-01' }, 'past its day!'],
    [
      'nothing of pours where it is for sipping',
      'gin',
      { leftMl: 20, sipping: true, openedOn: '2026-11-01' },
      '',
    ],
  ] as [string, string, Partial<Bottle>, string][])('is %s', async (_what, kind, more, tag) => {
    const place = kind === 'vermouth' ? { place: 'fridge' as const } : {};
    await open([kind, { ...more, ...place }]);
    expect(tags()).toEqual([tag]);
  });
});

describe('the shelf', () => {
  it('has each bottle in one place: on it, in the cold, in the cupboard, or for sipping', async () => {
    await open(
      ['gin', {}],
      ['vermouth', { place: 'fridge' }],
      ['bitter', { place: 'freezer' }],
      ['soda', { place: 'cupboard' }],
      ['rum', { sipping: true }],
    );
    const kinds = (of: typeof shelf.onShelf) => of.value.map((s) => s.bottle.kind);
    expect(kinds(shelf.onShelf)).toEqual(['gin']);
    expect(kinds(shelf.cold)).toEqual(['vermouth', 'bitter']);
    expect(kinds(shelf.cupboard)).toEqual(['soda']);
    expect(kinds(shelf.sipping)).toEqual(['rum']);
  });

  it('counts the litres of what has alcohol, beside what is allowed at home', async () => {
    await open(['gin', {}], ['bitter', { leftMl: 300 }], ['soda', { leftMl: 700 }]);
    expect(shelf.litres.value).toBeCloseTo(1, 10);
    expect(shelf.underline.value).toMatch(/1 of the 3 litres you allow at home$/);
  });

  it('says what is past its day where nothing turns any more', async () => {
    await open(['vermouth', { leftMl: 600, openedOn: '2026-09-01', place: 'fridge' }]);
    expect(shelf.headline.value).toEqual({
      before: '1 bottle, 0.6 litres: ',
      figure: 'the sweet vermouth is past its day',
    });
  });
});
