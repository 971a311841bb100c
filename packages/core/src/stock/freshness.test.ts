import { expect, it } from 'vitest';
import { kindInput, testCatalogue } from '../testing/trade.js';
import { inSchool } from './freshness.js';

// Opened vermouth a month, or two to three (common practice).
it('only where schools disagree do the days of what is open change', () => {
  const { kinds } = testCatalogue({
    kinds: [
      kindInput('vermouth', { openDays: 60, openDaysBetween: [30, 90] }),
      kindInput('cream', { openDays: 5 }),
      kindInput('gin'),
    ],
  });
  const days = (school: Parameters<typeof inSchool>[1]) => inSchool(kinds, school).map((k) => k.openDays);
  expect([days('strict'), days('between'), days('easy')]).toEqual([
    [30, 5, undefined],
    [60, 5, undefined],
    [90, 5, undefined],
  ]);
});
