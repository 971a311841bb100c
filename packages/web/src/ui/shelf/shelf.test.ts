import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { JOBS, SILHOUETTES } from '@uisce/core/catalogue';
import { standOnBoards, tagLines, tagWidthPx, type ShelfEntry } from './shelf-layout';
import { outline } from './silhouettes';

const entry = fc.record({
  kindId: fc.constant('k'),
  name: fc.constantFrom('Gin', 'Aged rum', 'Orange bitter aperitif', 'Passion fruit syrup', 'Maraschino'),
  note: fc.constantFrom('yours', '€17.50', 'made · €0.70'),
  job: fc.constantFrom(...JOBS),
  silhouette: fc.constantFrom(...SILHOUETTES),
  widthMm: fc.integer({ min: 30, max: 140 }),
  heightMm: fc.integer({ min: 80, max: 350 }),
  drinks: fc.nat(200),
  ghost: fc.constant(false),
  kept: fc.boolean(),
});
const entries: fc.Arbitrary<ShelfEntry[]> = fc
  .array(entry, { minLength: 1, maxLength: 24 })
  .map((list) => list.map((e, i) => ({ ...e, id: `e${i}` })));

describe('bottles on boards', () => {
  it('all stand, in order, within the board, and never overlap', () => {
    fc.assert(
      fc.property(entries, fc.integer({ min: 200, max: 1500 }), fc.boolean(), (list, lengthMm, spread) => {
        const boards = standOnBoards(list, lengthMm, 0.7, spread);
        expect(boards.flatMap((b) => b.standing.map((s) => s.entry.id))).toEqual(list.map((e) => e.id));
        for (const { standing } of boards) {
          standing.forEach((s, i) => {
            const next = standing[i + 1];
            if (next) expect(s.xMm + s.entry.widthMm).toBeLessThanOrEqual(next.xMm);
            else if (standing.length > 1) expect(s.xMm + s.entry.widthMm).toBeLessThanOrEqual(lengthMm);
          });
        }
      }),
    );
  });

  it('hang tags that never touch each other in one row', () => {
    fc.assert(
      fc.property(entries, (list) => {
        for (const { standing, tiers } of standOnBoards(list, 920, 0.7)) {
          for (let tier = 0; tier < tiers; tier++) {
            const row = standing.filter((s) => s.tier === tier);
            row.slice(1).forEach((s, i) => {
              const before = row[i] as (typeof row)[number];
              expect(before.tagX + tagWidthPx(before)).toBeLessThan(s.tagX);
            });
          }
        }
      }),
    );
  });

  it('break long names in two and lose no word', () => {
    expect(tagLines('Dry gin')).toEqual(['Dry gin']);
    expect(tagLines('Orange bitter aperitif')).toHaveLength(2);
    expect(tagLines('Orange bitter aperitif').join(' ')).toBe('Orange bitter aperitif');
  });
});

describe('outlines', () => {
  it('stay within their own width and height, and their label within them', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...SILHOUETTES),
        fc.integer({ min: 20, max: 120 }),
        fc.integer({ min: 80, max: 320 }),
        (silhouette, w, h) => {
          const { body, label } = outline(silhouette, w, h);
          // Absolute M, L, C and Q pairs; H and V carry one number and are within by construction of the pairs.
          for (const [, x, y] of body.matchAll(/(-?[\d.]+),(-?[\d.]+)/g)) {
            expect(Number(x)).toBeGreaterThanOrEqual(-0.1);
            expect(Number(x)).toBeLessThanOrEqual(w + 0.1);
            expect(Number(y)).toBeGreaterThanOrEqual(-0.1);
            expect(Number(y)).toBeLessThanOrEqual(h + 0.1);
          }
          expect(label.x).toBeGreaterThanOrEqual(0);
          expect(label.y + label.height).toBeLessThanOrEqual(h + 0.1);
        },
      ),
    );
  });
});
