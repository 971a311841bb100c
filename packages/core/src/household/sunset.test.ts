import { describe, expect, it } from 'vitest';
import { sunsetMinutes } from './sunset.js';

describe('sunset', () => {
  // Published almanacs, from memory: Dublin 16:08 on 21 December and 21:57 on 21 June; Berlin 15:54 and 21:33.
  it.each([
    ['2026-12-21', 'en-IE', 0, 16 * 60 + 8],
    ['2026-06-21', 'en-IE', 60, 21 * 60 + 57],
    ['2026-12-21', 'de-DE', 60, 15 * 60 + 54],
    ['2026-06-21', 'de-DE', 120, 21 * 60 + 33],
  ])('%s in %s is when the almanac has it, within half an hour', (day, locale, offset, minutes) => {
    expect(Math.abs(sunsetMinutes(new Date(day), locale, offset) - minutes)).toBeLessThan(30);
  });
});
