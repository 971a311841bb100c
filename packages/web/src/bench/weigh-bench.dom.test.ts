import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { inHouse, said, type InSmallHouse } from '../testing/in-house';
import { usePacks } from '../household/use-packs';
import { useBatches } from '../household/use-batches';
import CheckField from '../ui/CheckField.vue';
import BenchPanels from './BenchPanels.vue';
import BenchView from './BenchView.vue';

vi.mock('../solver/solver', () => import('../testing/small-solver'));
vi.mock('../solver/solver.worker?worker&url', () => ({ default: 'solver' }));
vi.mock('idb-keyval', () => import('../testing/small-database'));
// A chart asks for a canvas, which there is none of here.
vi.mock('./ActivityChart.vue', () => ({ __esModule: true, default: { render: () => null } }));

let house: InSmallHouse;
const press = async (name: string) => {
  const button = house.page.findAll('button').find((b) => b.text() === name);
  if (!button) throw new Error(`there is no button ${name}`);
  await button.trigger('click');
  await house.settle();
};
/** The field whose label begins so. */
function field(label: string) {
  const found = house.page.findAll('.v-text-field').find((f) => f.text().includes(label));
  if (!found) throw new Error(`there is no field ${label}`);
  return found.get('input');
}
const reads = async (grams: string) => {
  await field('Or your own scale').setValue(grams);
  await press('Mine shows this');
};

beforeEach(async () => {
  house = await inHouse(BenchPanels);
  await press('Begin at the scale');
});
afterEach(() => house.page.unmount());

describe('a batch weighed on a scale of one’s own', () => {
  it('takes what it shows, part by part, and balances the rest to it', async () => {
    expect(said(house.page)).toContain('Or your own scale, tared: 301 g');
    await reads('310');
    expect(useBatches().onBench?.inG).toEqual([310, 0]);
    // As much water as sugar: the overshoot is said, and the rest grows with it.
    expect(said(house.page)).toMatch(/Overshot by [23](\.\d)? %: everything else grows with it, to 50\d ml/);
    expect(said(house.page)).toContain('Or your own scale, tared: 310 g');
    expect(house.server.changes.at(-1)?.change).toBe('310 g white sugar');
  });

  it('is asked jar and all where it is not tared, and refuses less than stands on it', async () => {
    house.page
      .findAllComponents(CheckField)
      .find((c) => c.props('label') === 'I tare before each part')
      ?.vm.$emit('update:modelValue', false);
    await house.settle();
    const jarG = useBatches().onBench?.jarG ?? 0;
    expect(said(house.page)).toContain(`Or your own scale, jar and all: ${jarG + 301} g`);
    await reads(String(jarG - 1));
    expect(said(house.page)).toContain(`a number above ${jarG} and up to 20000`);
    expect(field('Or your own scale').element.value).toBe(String(jarG - 1));
    expect(useBatches().onBench?.inG).toEqual([0, 0]);
    await reads(String(jarG + 301));
    // The scale shows whole grams: 301 is what was asked for, 301.2.
    expect(useBatches().onBench?.inG[0]).toBe(useBatches().onBench?.plannedG[0]);
  });

  it.each(['', 'three hundred', '-4', '99999'])('keeps “%s” in the field with a reason', async (typed) => {
    await reads(typed);
    expect(said(house.page)).toContain('Type what yours shows: a number above 0 and up to 20000.');
    expect(useBatches().onBench?.inG).toEqual([0, 0]);
  });

  it('is read on a refractometer of one’s own, and bottled with its dates', async () => {
    usePacks().add('sugar', 500);
    await reads('301');
    await reads('301');
    expect(said(house.page)).not.toContain('Overshot');
    await press('It is done');
    expect(said(house.page)).toMatch(/Bottle it: 490 ml at 50 °Brix/);
    await field('Or what your own reads').setValue('49,5');
    await press('Mine reads this');
    expect(said(house.page)).toContain('The refractometer reads 49.5 °Brix.');
    await press('Into the bottle, with today’s date');
    const [batch] = useBatches().onShelf;
    expect(useBatches().onBench).toBeUndefined();
    expect([batch?.madeOn, batch?.useBy, batch?.measuredBrix]).toEqual(['2026-11-25', '2026-12-09', 49.5]);
    // What went in came out of the pack.
    expect(usePacks().grams.get('sugar')).toBeCloseTo(500 - (batch?.inG[0] ?? 0), 0);
  });
});

describe('the judgement of the bench', () => {
  it('names the batch that is on the scale, and what it waits for', async () => {
    const things = [...house.server.entries.values()].map((e): [string, string, unknown] => [
      e.thing,
      e.id,
      e.value,
    ]);
    house.page.unmount();
    house = await inHouse(BenchView, {}, things);
    expect(house.page.get('h1').text()).toMatch(/^Simple syrup 1:1 is on the scale: 301 g white sugar next$/);
  });
});
