import { afterEach, describe, expect, it, vi } from 'vitest';
import { addDays } from '@uisce/core/base';
import { kindIndex } from '@uisce/core/catalogue';
import { beginBatch, bottleBatch, scaledBatch, type BatchRecord } from '@uisce/core/bench';
import { inHouse, said, type InSmallHouse } from '../testing/in-house';
import { SMALL_CATALOGUE, smallPlan } from '../testing/small-house';
import { useBatches } from '../household/use-batches';
import BatchShelf from './BatchShelf.vue';

vi.mock('../solver/solver', () => import('../testing/small-solver'));
vi.mock('../solver/solver.worker?worker&url', () => ({ default: 'solver' }));
vi.mock('idb-keyval', () => import('../testing/small-database'));

const TODAY = '2026-11-25';
const ID = '7a1b0c52-0d5f-4a63-9d0e-b1f0a5f6c00';
const [simple] = SMALL_CATALOGUE.homeMade;
if (simple === undefined) throw new Error('a way to make syrup is there');
const made = scaledBatch(simple, 3, SMALL_CATALOGUE, kindIndex(SMALL_CATALOGUE.kinds));
/** A bottle of syrup made so many days ago: it keeps fourteen. */
const bottled = (n: number, daysAgo: number, more: Partial<BatchRecord> = {}): BatchRecord => ({
  ...bottleBatch(
    { ...beginBatch(`${ID}${n}`, made, `${TODAY}T10:00:00.000Z`, 500), inG: made.partsG },
    made,
    addDays(TODAY, -daysAgo),
    SMALL_CATALOGUE,
  ),
  ...more,
});

let house: InSmallHouse;
afterEach(() => house.page.unmount());
const shelf = async (...batches: BatchRecord[]) => {
  house = await inHouse(BatchShelf, {}, [
    ['plan', smallPlan(0).id, smallPlan(4700)],
    ...batches.map((b): [string, string, unknown] => ['batch', b.id, b]),
  ]);
};
const bottles = () => house.page.findAll('button.bottle');
const press = async (name: string) => {
  const button = house.page.findAll('button').find((b) => b.text() === name);
  if (!button) throw new Error(`there is no button ${name}`);
  await button.trigger('click');
  await house.settle();
};

describe('the shelf of batches', () => {
  it('says what to do where nothing stands on it', async () => {
    await shelf();
    expect(said(house.page)).toMatch(/^Batches · none yet What you bottle stands here with its date/);
  });

  it('has what is soonest past its day first, and counts what presses; the frozen never does', async () => {
    await shelf(
      bottled(1, 0),
      bottled(2, 12),
      bottled(3, 15),
      bottled(4, 20, { frozen: true, useBy: addDays(TODAY, 60) }),
      // An empty bottle presses nobody.
      bottled(5, 13, { remainingMl: 0 }),
    );
    expect(bottles().map((b) => /ml left, (.*)$/.exec(b.attributes('aria-label') ?? '')?.[1])).toEqual([
      'past its day',
      '1 day',
      '2 days',
      '14 days',
      'frozen',
    ]);
    expect(said(house.page)).toMatch(/^Batches · 1 to use soon/);
  });

  it('opens a bottle’s panel, with what it yielded beside what was predicted', async () => {
    await shelf(bottled(1, 2, { yieldMl: 470, measuredBrix: 49.5 }));
    await bottles()[0]?.trigger('click');
    expect(said(house.page)).toMatch(
      /made 23 November 2026, use by 7 December 2026 · 470 ml bottled of 48\d predicted, read 49\.5 °Brix/,
    );
    expect(said(house.page)).toContain('pour it away, bottle and all');
  });
});

describe('a bottled batch', () => {
  const kept = () => useBatches().batches.find((b) => b.id === `${ID}1`);

  it('goes into the freezer for its months, and out of it for a week', async () => {
    await shelf(bottled(1, 2));
    await bottles()[0]?.trigger('click');
    await press('Freeze it');
    expect([kept()?.frozen, kept()?.useBy]).toEqual([true, addDays(TODAY, 90)]);
    expect(house.server.changes.at(-1)?.change).toBe('Frozen');
    await press('Out of the freezer');
    expect([kept()?.frozen, kept()?.useBy]).toEqual([false, addDays(TODAY, 7)]);
  });

  it('is written down: what is left in it, and notes', async () => {
    await shelf(bottled(1, 2));
    await bottles()[0]?.trigger('click');
    const field = (label: string) =>
      house.page.findAll('.v-text-field').find((f) => f.text().includes(label));
    await field('Left in it')?.get('input').setValue('-3');
    expect(said(house.page)).toContain('Type a number from 0 to 20000.');
    await field('Left in it')?.get('input').setValue('120');
    const notes = field('Notes')?.get('input');
    if (notes) (notes.element as HTMLInputElement).value = 'A little thin';
    await notes?.trigger('change');
    await house.settle();
    expect([kept()?.remainingMl, kept()?.notes]).toEqual([120, 'A little thin']);
  });

  it('gets a strip from the simulated printer, which knows what tape is left', async () => {
    await shelf(bottled(1, 2));
    await bottles()[0]?.trigger('click');
    await press('Strip for tonight');
    expect(said(house.page.get('.strip') as never)).toMatch(
      /Simple syrup .*\d+ mm from the simulated printer, [\d,]+ mm of tape left/,
    );
  });

  it('is thrown away, and leaves the shelf', async () => {
    await shelf(bottled(1, 20), bottled(2, 0));
    await bottles()[0]?.trigger('click');
    await press('Throw it away');
    expect(kept()).toBeUndefined();
    expect(bottles()).toHaveLength(1);
    expect(said(house.page)).not.toContain('pour it away');
  });
});
