import type { OwnedGlass } from '../kit/kit.js';

/** Glasses of one kind over an evening, and when they are washed. */
export interface GlassPlan {
  /** The household's own glass, or the type where nothing is said of theirs. */
  glass: string;
  name: string;
  /** How many there are; undefined where nobody said. */
  owned: number | undefined;
  /** Pours into it over the whole evening. */
  pours: number;
  /** Minutes after the first glass at which the clean ones are used up, and a wash is due. */
  washes: number[];
}

/**
 * Which glasses an evening takes, and when they must be washed in between: pours come evenly within each hour, and a
 * glass that was drunk from waits for the next wash. The last wash that nobody drinks after is left out.
 *
 * @param byHour pours of all drinks in each hour.
 */
export function glassPlan(
  drinks: readonly { glass: OwnedGlass | undefined; type: string; name: string; glasses: number }[],
  byHour: readonly number[],
): GlassPlan[] {
  const total = byHour.reduce((a, b) => a + b, 0);
  const plans = new Map<string, GlassPlan>();
  for (const { glass, type, name, glasses } of drinks) {
    const key = glass?.id ?? type;
    const plan = plans.get(key) ?? {
      glass: key,
      name: glass?.name ?? name,
      owned: glass?.count,
      pours: 0,
      washes: [],
    };
    plan.pours += glasses;
    plans.set(key, plan);
  }
  for (const plan of plans.values()) {
    const { owned, pours } = plan;
    if (owned === undefined || owned < 1 || total === 0) continue;
    for (let used = owned; used < pours; used += owned)
      plan.washes.push(minuteOf((used / pours) * total, byHour));
  }
  return [...plans.values()].sort((a, b) => b.pours - a.pours);
}

/** The minute at which so many pours of all have been served. */
function minuteOf(pours: number, byHour: readonly number[]): number {
  let before = 0;
  for (const [hour, n] of byHour.entries()) {
    if (pours <= before + n) return Math.round(60 * (hour + (n === 0 ? 0 : (pours - before) / n)));
    before += n;
  }
  return byHour.length * 60;
}
