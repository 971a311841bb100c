/** Something to do before an evening, at its moments. */
export interface CalendarTask {
  id: string;
  name: string;
  begins: Date;
  ends: Date;
}

type Moment = [number, number, number, number, number];
/** In UTC, so that no calendar has to know where the household is. */
const momentOf = (at: Date): Moment => [
  at.getUTCFullYear(),
  at.getUTCMonth() + 1,
  at.getUTCDate(),
  at.getUTCHours(),
  at.getUTCMinutes(),
];
/** Told so long before a task, and before the guests come. */
const TASK_ALARM_MINUTES = 5;
const GUESTS_ALARM_MINUTES = 60;

/**
 * The schedule as a calendar (RFC 5545): an entry and an alarm for each thing that hands are wanted for, and the evening
 * itself.
 *
 * @throws where a calendar cannot be made of it.
 */
export async function scheduleCalendar(
  evening: { id: string; name: string; about: string; from: Date; to: Date },
  tasks: readonly CalendarTask[],
): Promise<string> {
  const { createEvents } = await import('ics');
  const event = (id: string, title: string, from: Date, to: Date, minutes: number, description: string) => ({
    uid: `${id}@${evening.id}`,
    title,
    description,
    productId: 'uisce',
    calName: evening.name,
    start: momentOf(from),
    startInputType: 'utc' as const,
    startOutputType: 'utc' as const,
    end: momentOf(to),
    endInputType: 'utc' as const,
    endOutputType: 'utc' as const,
    alarms: [{ action: 'display' as const, description: title, trigger: { before: true as const, minutes } }],
  });
  const { error, value } = createEvents([
    ...tasks.map((t) => event(t.id, t.name, t.begins, t.ends, TASK_ALARM_MINUTES, `For ${evening.name}`)),
    event('evening', evening.name, evening.from, evening.to, GUESTS_ALARM_MINUTES, evening.about),
  ]);
  if (error || typeof value !== 'string') throw error ?? new Error('no calendar could be made of it');
  return value;
}
