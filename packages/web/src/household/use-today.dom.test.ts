import { afterEach, expect, it, vi } from 'vitest';
import { effectScope } from 'vue';
import { keptZone } from '@uisce/core/kept';
import { useKeeper } from '../kept/use-keeper';
import { smallPlan } from '../testing/small-house';
import { openPage, SmallServer } from '../testing/small-server';
import { useClock } from './use-clock';
import { useToday } from './use-today';

vi.mock('idb-keyval', () => import('../testing/small-database'));

const page = effectScope();
afterEach(() => {
  page.stop();
  vi.useRealTimers();
});

it('a page left open over midnight is soon at the next day, of the household’s own clock', async () => {
  vi.useFakeTimers({ now: new Date('2026-11-30T10:59:00Z') });
  const server = new SmallServer([['plan', smallPlan(0).id, smallPlan(0)]]);
  await openPage();
  const clock = useClock();
  // The first page to open says where it is, and no later one unsays it.
  clock.settle();
  expect(useKeeper().single(keptZone)).toEqual({ timeZone: clock.here });
  clock.setZone('Pacific/Auckland');
  clock.settle();
  await vi.advanceTimersByTimeAsync(5000);
  expect(server.changes.at(-1)?.writes).toMatchObject([{ value: { timeZone: 'Pacific/Auckland' } }]);

  vi.setSystemTime(new Date('2026-11-30T10:59:50Z'));
  const today = page.run(useToday);
  expect(today?.iso()).toBe('2026-11-30');
  vi.advanceTimersByTime(9000);
  expect(today?.iso()).toBe('2026-11-30');
  vi.advanceTimersByTime(21_000);
  expect(today?.iso()).toBe('2026-12-01');
});
