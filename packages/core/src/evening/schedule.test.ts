import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { scheduleFaults } from './check-schedule.js';
import { placeSchedule } from './place-schedule.js';
import { slackOf } from './slack.js';
import { scheduleProblemSchema, waiting, type ScheduledTask, type ScheduleProblem } from './schedule.js';

const problemsOf = (most: number, longest: number) =>
  fc
    .record({
      people: fc.integer({ min: 1, max: 2 }),
      horizon: fc.integer({ min: 4, max: longest }),
      tasks: fc.array(
        fc.record({
          minutes: fc.integer({ min: 1, max: 4 }),
          hands: fc.boolean(),
          fresh: fc.option(fc.integer({ min: 0, max: longest })),
          ready: fc.constantFrom(0, 0, 0, 2),
          after: fc.option(fc.nat()),
          pan: fc.boolean(),
          keeps: fc.integer({ min: 0, max: 2 }),
        }),
        { minLength: 1, maxLength: most },
      ),
      asleep: fc.option(fc.tuple(fc.nat(longest), fc.integer({ min: 1, max: 6 }))),
    })
    .map(({ people, horizon, tasks, asleep }): ScheduleProblem => {
      const [at, long] = asleep ?? [0, 0];
      return scheduleProblemSchema.parse({
        people,
        horizon,
        room: { pan: 1, freezer: 4 },
        awake:
          asleep === null
            ? []
            : [
                { from: horizon, to: Math.min(horizon, at + long) },
                { from: Math.min(horizon, at), to: 0 },
              ],
        tasks: tasks.map((t, i) => ({
          id: `t${i}`,
          name: `t${i}`,
          minutes: t.minutes,
          hands: t.hands,
          freshMinutes: t.fresh,
          readyMinutes: t.ready,
          after: t.after === null || i === 0 ? [] : [`t${t.after % i}`],
          during: t.pan ? { pan: 1 } : {},
          keeps: t.keeps > 0 ? { freezer: t.keeps } : {},
        })),
      });
    });

describe('the schedule', () => {
  it('never breaks what it must keep, as an independent look shows', () => {
    fc.assert(
      fc.property(
        fc.oneof({ weight: 6, arbitrary: problemsOf(4, 30) }, { weight: 1, arbitrary: problemsOf(9, 60) }),
        (problem) => {
          const schedule = placeSchedule(problem);
          if (!schedule.ok) {
            expect(problem.tasks.map((t) => t.id)).toContain(schedule.not.task);
            return;
          }
          expect(scheduleFaults(problem, schedule.placed)).toEqual([]);
          // As much earlier as each could begin, it can; and no minute more.
          for (const [id, slack] of slackOf(problem, schedule.placed)) {
            const earlier = (by: number) =>
              scheduleFaults(
                problem,
                schedule.placed.map((p) =>
                  p.id === id ? { id, begins: p.begins + by, ends: p.ends + by } : p,
                ),
              );
            for (let by = 1; by <= slack; by++) expect(earlier(by)).toEqual([]);
            expect(earlier(slack + 1)).not.toEqual([]);
          }
        },
      ),
      { numRuns: 2000, endOnFailure: true },
    );
  });

  it('is as late as freshness, hands and room let it be, as trying every minute shows', () => {
    fc.assert(
      fc.property(problemsOf(3, 9), (problem) => {
        let least = Infinity;
        const walk = (i: number, placed: ScheduledTask[]): void => {
          const task = problem.tasks[i];
          if (task === undefined) {
            if (scheduleFaults(problem, placed).length === 0) least = Math.min(least, waiting(placed));
            return;
          }
          for (let ends = 0; ends + task.minutes <= problem.horizon; ends++)
            walk(i + 1, [...placed, { id: task.id, ends, begins: ends + task.minutes }]);
        };
        walk(0, []);
        const schedule = placeSchedule(problem);
        expect(schedule.ok).toBe(Number.isFinite(least));
        if (schedule.ok) {
          expect(schedule.proven).toBe(true);
          expect(waiting(schedule.placed)).toBe(least);
        }
      }),
      { numRuns: 300 },
    );
  });

  it('says which task stands in the way, and why', () => {
    const task = (id: string, more: object = {}) => ({ id, name: id, minutes: 30, hands: true, ...more });
    const solve = (tasks: object[], more: object = {}) =>
      placeSchedule(scheduleProblemSchema.parse({ tasks, horizon: 120, ...more }));
    expect(solve([task('orgeat', { minutes: 300 })])).toMatchObject({
      ok: false,
      not: { task: 'orgeat', why: 'no-time' },
    });
    expect(solve([task('juice', { freshMinutes: 10 }), task('mint', { freshMinutes: 10 })])).toMatchObject({
      ok: false,
      not: { why: 'no-hands' },
    });
    expect(solve([task('a', { after: ['b'] }), task('b', { after: ['a'] })])).toMatchObject({
      ok: false,
      not: { why: 'circle' },
    });
    expect(
      solve([task('batch', { keeps: { freezer: 9 } }), task('wipe', { after: ['batch'] })], {
        room: { freezer: 5 },
      }),
    ).toMatchObject({ ok: false, not: { why: 'no-room' } });
    // Ice waits over night; squeezing does not.
    const night = solve([task('ice', { minutes: 200, hands: false }), task('juice', { freshMinutes: 60 })], {
      horizon: 300,
      awake: [{ from: 60, to: 0 }],
    });
    expect(night.ok).toBe(true);
  });
});
