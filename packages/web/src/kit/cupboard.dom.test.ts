import { afterEach, describe, expect, it, vi } from 'vitest';
import { emptyKit, type Kit } from '@uisce/core/kit';
import { inHouse, said, type InSmallHouse } from '../testing/in-house';
import { smallPlan } from '../testing/small-house';
import { useKit } from '../household/use-kit';
import NumberField from '../ui/NumberField.vue';
import GlassCount from './GlassCount.vue';
import GlassRack from './GlassRack.vue';
import IcePanel from './IcePanel.vue';
import KeepVessel from './KeepVessel.vue';

vi.mock('../solver/solver', () => import('../testing/small-solver'));
vi.mock('../solver/solver.worker?worker&url', () => ({ default: 'solver' }));
vi.mock('idb-keyval', () => import('../testing/small-database'));

let house: InSmallHouse;
afterEach(() => house.page.unmount());
const withKit = (more: Partial<Kit>): [string, string, unknown][] => [
  ['plan', smallPlan(0).id, smallPlan(4700)],
  ['kit', 'household', { ...emptyKit(), said: true, inPlan: false, ...more }],
];
const coupes = (count: number) => ({ id: 'old', name: 'Old coupes', type: 'coupe', capacityMl: 180, count });
const press = async (name: string) => {
  const button = house.page.findAll('button').find((b) => b.text() === name);
  if (!button) throw new Error(`there is no button ${name}`);
  await button.trigger('click');
  await house.settle();
};

describe('a vessel that was measured', () => {
  const measured = { result: { ml: 44.43, errorMl: 0.2 }, more: true, type: 'coupe', widthMm: 38 };
  const shot = { id: 'shot', name: 'Shot', cups: [{ name: 'cup', lines: [{ ml: 25, diameterMm: 30 }] }] };
  const as = (vessel: string) =>
    house.page
      .findAllComponents({ name: 'SelectField' })
      .find((f) => f.props('label') === 'As')
      ?.vm.$emit('choose', vessel);

  it('is kept as a measure under the name it was given, to a tenth of a millilitre', async () => {
    house = await inHouse(KeepVessel, measured, withKit({}));
    expect(said(house.page)).toMatch(
      /It holds 44\.4 ml give or take 0\.2 ml · weigh it twice more to be surer/,
    );
    await house.page.get('input').setValue('Lighthouse shot');
    await press('Save it as a measure');
    expect(useKit().kit.vessels).toMatchObject([
      { name: 'Lighthouse shot', cups: [{ name: 'cup', lines: [{ ml: 44.4, diameterMm: 38 }] }] },
    ]);
    expect(house.server.changes.at(-1)?.change).toBe('Calibrated lighthouse shot');
    expect(house.page.emitted('kept')).toHaveLength(1);
  });

  it('may be another line of one that is there, in its place among the others', async () => {
    house = await inHouse(KeepVessel, measured, withKit({ vessels: [shot] }));
    as('shot');
    await house.settle();
    await press('Save it as a measure');
    expect(useKit().kit.vessels[0]?.cups[0]?.lines.map((l) => l.ml)).toEqual([25, 44.4]);
    // The same line twice would be no other line.
    await press('Save it as a measure');
    expect(said(house.page)).toContain('Shot has a line at 44.4 ml already.');
    expect(useKit().kit.vessels[0]?.cups[0]?.lines).toHaveLength(2);
  });

  it('may be kept as a glass of the type it looks like', async () => {
    house = await inHouse(KeepVessel, measured, withKit({}));
    await press('Save it as a glass');
    expect(useKit().kit.glasses).toMatchObject([
      { name: 'Coupe', type: 'coupe', capacityMl: 44.4, count: 1 },
    ]);
  });
});

describe('glasses for guests', () => {
  const guests = async (n: number) => {
    house.page
      .findAllComponents(NumberField)
      .find((f) => f.props('label') === 'Guests')
      ?.vm.$emit('change', n);
    await house.settle();
  };

  it('are counted one for everybody, and come from the cupboard first', async () => {
    house = await inHouse(GlassCount, {}, withKit({ glasses: [coupes(6)] }));
    await guests(6);
    expect(said(house.page)).toMatch(/How many glasses · 6 old coupes · all in the cupboard/);
    expect(said(house.page)).toMatch(/glasses washed 1 time in between/);
    await guests(4);
    expect(said(house.page)).toMatch(/How many glasses · 4 old coupes · all in the cupboard/);
  });

  it('that are too few and not sold are said to be, and nothing is spilt', async () => {
    house = await inHouse(GlassCount, {}, withKit({ glasses: [coupes(3)] }));
    await guests(6);
    expect(said(house.page)).toMatch(/No glass here takes \w+ for so many guests\./);
    expect(house.page.findAll('li')).toHaveLength(0);
  });
});

describe('the rack of glasses', () => {
  it('has what is owned with the drinks that fit it', async () => {
    house = await inHouse(GlassRack, {}, withKit({ glasses: [coupes(4)] }));
    const glass = house.page.get('button.glass');
    expect(glass.attributes('aria-label')).toMatch(/^Old coupes, 4 of 180 ml, yours; [1-3] drinks? fit$/);
    expect(glass.attributes('aria-pressed')).toBe('false');
    await glass.trigger('click');
    expect(house.page.get('button.glass').attributes('aria-pressed')).toBe('true');
  });
});

describe('ice', () => {
  it('is counted for the menu and the guests, whatever the trays make', async () => {
    house = await inHouse(IcePanel, {}, withKit({}));
    const kilos = () => Number(/Ice · ([\d.]+) kg for/.exec(said(house.page))?.[1]);
    // Six guests have the one stirred drink of the menu, served up, once: 6 times 150 g, and 15 % more.
    expect(said(house.page)).toMatch(/Ice · 1 kg for 6 guests, each drink of the menu once/);
    expect(kilos()).toBeCloseTo((6 * 150 * 1.15) / 1000, 1);
    expect(said(house.page)).toContain('Your trays make 0 cubes a day, 0 kg.');
  });
});
