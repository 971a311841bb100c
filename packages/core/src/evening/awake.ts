import type { ScheduleProblem } from './schedule.js';

const DAY = 24 * 60;
/** Awake from eight to eleven; out from nine to five where somebody works. */
const WAKES = 8 * 60;
const SLEEPS = 23 * 60;
const WORK = [9 * 60, 17 * 60] as const;

/**
 * When hands are there, in minutes before the first glass.
 *
 * @param firstGlass minutes after midnight of its day; @param weekday of it, 0 for Sunday.
 */
export function awakeStretches(
  firstGlass: number,
  weekday: number,
  horizon: number,
  atWork: boolean,
): ScheduleProblem['awake'] {
  const out: ScheduleProblem['awake'] = [];
  for (let back = 0; back * DAY < horizon + DAY; back++) {
    const day = (((weekday - back) % 7) + 7) % 7;
    const works = atWork && day >= 1 && day <= 5;
    const parts = works
      ? [
          [WAKES, WORK[0]],
          [WORK[1], SLEEPS],
        ]
      : [[WAKES, SLEEPS]];
    for (const [begin = 0, end = 0] of parts) {
      const from = Math.min(horizon, firstGlass + back * DAY - begin);
      const to = Math.max(0, firstGlass + back * DAY - end);
      if (from > to) out.push({ from, to });
    }
  }
  return out;
}
