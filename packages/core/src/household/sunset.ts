/** About where the readers of a region live, degrees north and east (from memory); no longitude where it has many zones. */
const PLACES: Record<string, { north: number; east?: number }> = {
  IE: { north: 53.3, east: -7 },
  GB: { north: 52.5, east: -1.5 },
  DE: { north: 51, east: 10 },
  FR: { north: 47, east: 2.5 },
  ES: { north: 40, east: -3.7 },
  IT: { north: 43, east: 12 },
  IN: { north: 21, east: 78 },
  US: { north: 38 },
  CA: { north: 46 },
  AU: { north: -34 },
};

const DAY_MS = 86_400_000;
const MINUTES_A_DEGREE = 4;
/** The sun's rim and the bending of its light: it is gone when its middle is so far below. */
const BELOW_DEGREES = -0.833;
const radians = (degrees: number) => (degrees * Math.PI) / 180;

/**
 * About when the sun sets, in minutes after midnight of the clock on the wall: from the day of the year and where the
 * readers of a region live. Half an hour off is usual; it is for dimming a screen. Declination and equation of time by
 * the usual approximations (published solar calculations, from memory).
 *
 * @param locale BCP 47, for the region; @param utcOffsetMinutes of the clock, east of Greenwich positive.
 * @example sunsetMinutes(new Date('2026-12-21'), 'en-IE', 0) // about 16:15
 */
export function sunsetMinutes(day: Date, locale: string, utcOffsetMinutes: number): number {
  const place = PLACES[locale.split('-').at(-1) ?? ''] ?? { north: 45 };
  const north = radians(place.north);
  // Where a region has many zones, the middle of the reader's own.
  const east = place.east ?? utcOffsetMinutes / MINUTES_A_DEGREE;
  const turn = (2 * Math.PI * ((day.getTime() - Date.UTC(day.getUTCFullYear(), 0, 1)) / DAY_MS)) / 365.25;
  const declination = radians(-23.44) * Math.cos(turn + (2 * Math.PI * 10) / 365.25);
  const equation =
    229.18 *
    (0.000075 +
      0.001868 * Math.cos(turn) -
      0.032077 * Math.sin(turn) -
      0.014615 * Math.cos(2 * turn) -
      0.040849 * Math.sin(2 * turn));
  const cosine =
    (Math.sin(radians(BELOW_DEGREES)) - Math.sin(north) * Math.sin(declination)) /
    (Math.cos(north) * Math.cos(declination));
  const half = (Math.acos(Math.min(1, Math.max(-1, cosine))) * 180) / Math.PI;
  return 720 - MINUTES_A_DEGREE * east - equation + half * MINUTES_A_DEGREE + utcOffsetMinutes;
}
