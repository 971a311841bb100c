import { beforeEach, describe, expect, it, vi } from 'vitest';
import { SHELF_CLEARANCE_MM } from '@uisce/core/plan';
import { smallBottles, smallPlan } from '../testing/small-house';
import { openPage, SmallServer } from '../testing/small-server';
import { usePlans } from '../household/use-plans';
import { useAnswer } from '../solver/use-answer';
import { useShelfEntries } from './use-shelf-entries';

vi.mock('../solver/solver', () => import('../testing/small-solver'));
vi.mock('../solver/solver.worker?worker&url', () => ({ default: 'solver' }));
vi.mock('idb-keyval', () => import('../testing/small-database'));

beforeEach(async () => {
  vi.useFakeTimers();
  new SmallServer([['plan', smallPlan(0).id, smallPlan(4700)], ...smallBottles('rum')]);
  await openPage();
  await useAnswer().start();
  await vi.advanceTimersByTimeAsync(100);
});

describe('the shelf', () => {
  it('has what the plan buys and owns, bases first; opened wine and syrup stand in the cold', () => {
    const { shelf, cold } = useShelfEntries();
    const standing = shelf.value.filter((e) => !e.ghost).map((e) => [e.kindId, e.note]);
    expect(standing).toEqual([
      ['gin', '€20.00'],
      ['rum', 'yours'],
      ['bitter', '€16.00'],
    ]);
    expect(cold.value.map((e) => [e.kindId, e.note])).toEqual([
      ['simple-syrup', 'made here'],
      ['vermouth', '€9.00'],
      ['soda', '€1.00'],
    ]);
  });

  it('uses the length of its bottles and the room between them; ghosts and the cold use none', () => {
    const { shelf, usedMm } = useShelfEntries();
    const standing = shelf.value.filter((e) => !e.ghost);
    const wide = standing.reduce((sum, e) => sum + e.widthMm, 0);
    expect(usedMm.value).toBe(wide + standing.length * SHELF_CLEARANCE_MM);
  });

  it('numbers each label with the drinks that lean on the bottle', () => {
    const { shelf, cold } = useShelfEntries();
    const leaning = Object.fromEntries([...shelf.value, ...cold.value].map((e) => [e.kindId, e.drinks]));
    // All four are open: two with gin, two with bitter and vermouth, two with syrup, one with soda.
    expect(leaning).toEqual({ gin: 2, rum: 1, bitter: 2, vermouth: 2, 'simple-syrup': 2, soda: 1 });
  });

  it('draws what is not bought yet as a ghost, with what it would add', async () => {
    usePlans().edit('Money now', { brief: { moneyNowMinor: 100 } });
    await vi.advanceTimersByTimeAsync(100);
    // The syrup adds the daiquiri; one bottle of gin more, and there is a gin sour.
    const { shelf } = useShelfEntries();
    const ghosts = shelf.value.filter((e) => e.ghost);
    expect(ghosts.length).toBeLessThanOrEqual(2);
    for (const ghost of ghosts) {
      expect(useAnswer().result?.answer.items).not.toContain(ghost.id);
      expect(ghost.drinks).toBeGreaterThan(0);
    }
    expect(ghosts.map((g) => g.kindId)).toContain('gin');
  });
});
