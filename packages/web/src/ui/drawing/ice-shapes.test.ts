import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ICE } from '@uisce/core/catalogue';
import { iceShapes } from './ice-shapes';

const room = (half: number) => ({ centre: 100, top: 20, bottom: 200, scale: 1.2, halfWidthAt: () => half });
const points = (path: string) =>
  [...path.matchAll(/(-?[\d.]+),(-?[\d.]+)/g)].map(([, x, y]) => [Number(x), Number(y)] as const);

describe('ice drawn in a glass', () => {
  it('is none where there is none', () => {
    expect(iceShapes('none', 0, room(40))).toEqual([]);
    expect(iceShapes('cubes', 0, room(40))).toEqual([]);
  });

  it('is one block of 5 cm, or more cubes the more ice there is', () => {
    expect(iceShapes('block', 115, room(60))).toHaveLength(1);
    const few = iceShapes('cubes', 90, room(70)).length;
    expect(iceShapes('cubes', 200, room(70)).length).toBeGreaterThan(few);
    expect(iceShapes('crushed', 120, room(60)).length).toBeGreaterThan(few);
  });

  it('stays between the walls, and is drawn the same each time', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...ICE),
        fc.integer({ min: 0, max: 220 }),
        fc.integer({ min: 45, max: 90 }),
        (ice, grams, half) => {
          const shapes = iceShapes(ice, grams, room(half));
          expect(iceShapes(ice, grams, room(half))).toEqual(shapes);
          for (const [x, y] of shapes.flatMap(points)) {
            expect(Math.abs(x - 100)).toBeLessThanOrEqual(half + 6);
            expect(y).toBeLessThanOrEqual(206);
          }
        },
      ),
    );
  });
});
