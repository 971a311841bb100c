import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { effectScope } from 'vue';
import { useToday } from './use-today';

const page = effectScope();
beforeEach(() => vi.useFakeTimers({ now: new Date(2026, 10, 30, 23, 59, 50) }));
afterEach(() => {
  page.stop();
  vi.useRealTimers();
});

it('a page left open over midnight is soon at the next day, of the reader’s own clock', () => {
  const today = page.run(useToday);
  expect(today?.iso()).toBe('2026-11-30');
  vi.advanceTimersByTime(9000);
  expect(today?.iso()).toBe('2026-11-30');
  vi.advanceTimersByTime(21_000);
  expect(today?.iso()).toBe('2026-12-01');
});
