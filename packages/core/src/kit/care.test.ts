import { describe, expect, it } from 'vitest';
import { toolSchema } from '../catalogue/tool.js';
import { fillsADay, iceKit, iceOf, pieceG } from '../ice/ice-kit.js';
import { testKinds, testRecipe } from '../testing/trade.js';
import { orderAdvice, wearReminders } from './care.js';
import { emptyKit, kitSchema } from './kit.js';
import { drinksAtOnce } from './starter-sets.js';

const way = { entertains: false, makesSyrups: false, bottles: 4, herbs: false };
const toolsOf = (more: object) => orderAdvice({ ...way, ...more }, emptyKit()).map((o) => o.toolId);

describe('order', () => {
  it('asks for what the way of working asks for, and no more', () => {
    expect(toolsOf({})).toEqual(['mat-and-cloths', 'openers']);
    expect(toolsOf({ makesSyrups: true })).toEqual(
      expect.arrayContaining(['scale', 'small-bottles', 'lidded-tubs']),
    );
    expect(toolsOf({ herbs: true })).toContain('lidded-tubs');
    expect(toolsOf({ entertains: true })).not.toContain('pour-spouts');
    expect(toolsOf({ entertains: true, bottles: 12 })).toContain('pour-spouts');
  });

  it('reminds of what wears, by the month, and of nothing whose age nobody knows', () => {
    const wears = { part: 'blade', months: 6, look: 'blunt' };
    const tools = ['a', 'b', 'c'].map((id) =>
      toolSchema.parse({ id, name: id, techniques: ['zest'], tier: 'nice', wears }),
    );
    const kit = kitSchema.parse({
      ...emptyKit(),
      tools: [
        { id: 'a', since: '2026-08-31' },
        { id: 'b', since: '2025-11-25' },
        { id: 'c', since: null },
      ],
    });
    const found = wearReminders(kit, { tools }, '2026-05-25').map((r) => [r.tool.id, r.due, r.overdue]);
    // Six months after the last of August is the last of February, which has no 31st.
    expect(found).toEqual([
      ['b', '2026-05-25', true],
      ['a', '2027-02-28', false],
    ]);
  });
});

describe('ice', () => {
  const tray = { id: 't', name: 't', makes: 'cubes' as const, edgeMm: 32, pieces: 15, hours: 5 };
  const kinds = testKinds(['gin', { abv: 0.4 }], ['tonic', { tastes: ['fizzy'] }]);
  const up = testRecipe([['gin', '60 ml', 'base']], { method: 'stir' });
  const long = testRecipe(
    [
      ['gin', '50 ml', 'base'],
      ['tonic', '120 ml', 'long'],
    ],
    { method: 'build', ice: 'cubes', strain: 'none' },
  );

  it('weighs what the trade says: 30 g a 3.2 cm cube, about 115 g a 5 cm block', () => {
    expect(pieceG({ edgeMm: 32 })).toBeGreaterThan(29);
    expect(pieceG({ edgeMm: 32 })).toBeLessThan(31);
    expect(pieceG({ edgeMm: 50 })).toBeGreaterThan(113);
    expect(pieceG({ edgeMm: 50 })).toBeLessThan(117);
    expect(fillsADay({ hours: 8 })).toBe(2);
  });

  it('comes to 0.7 to 1 kg a guest for a mixed menu, as common practice has it', () => {
    const menu = [iceOf(up, 150, kinds), iceOf(long, 350, kinds)];
    expect(menu[0]).toEqual({ makingG: 150, servedG: 0, blockG: 0 });
    expect(menu[1]?.makingG).toBe(0);
    // Four drinks each, as of an evening (common practice): the menu twice.
    const { neededG } = iceKit([...menu, ...menu], 6, []);
    expect(neededG / 6).toBeGreaterThanOrEqual(600);
    expect(neededG / 6).toBeLessThanOrEqual(1000);
  });

  it('starts as many days ahead as the trays need, and says nothing of trays that are not there', () => {
    const menu = [iceOf(up, 150, kinds)];
    const one = iceKit(menu, 6, [{ mould: tray, count: 1 }]);
    const two = iceKit(menu, 6, [{ mould: tray, count: 2 }]);
    expect(two.gramsADay).toBeCloseTo(2 * one.gramsADay, 9);
    expect(one.daysAhead).toBe(Math.ceil(one.neededG / one.gramsADay));
    expect(iceKit(menu, 6, []).daysAhead).toBeUndefined();
  });
});

describe('a shaker', () => {
  it('is filled to two thirds with drink and ice', () => {
    // (90 + 150 / 0.917) ml a drink: 380 ml are needed for one, 761 for two.
    expect(drinksAtOnce(379, 90)).toBe(0);
    expect(drinksAtOnce(381, 90)).toBe(1);
    expect(drinksAtOnce(762, 90)).toBe(2);
  });
});
