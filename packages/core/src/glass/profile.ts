import { bisect } from '../base/numbers.js';
import type { Glass } from '../catalogue/glass.js';

type Inside = Glass['inside'];

/** Volume of a frustum in ml, from mm: πh(r₁² + r₁r₂ + r₂²)/3. */
function frustumMl(heightMm: number, r1: number, r2: number): number {
  return (Math.PI * heightMm * (r1 * r1 + r1 * r2 + r2 * r2)) / 3 / 1000;
}

/** Radius in mm of a glass's inside at a height, on straight lines between the given points. */
export function radiusAt(inside: Inside, heightMm: number): number {
  const above = inside.findIndex(([h]) => h >= heightMm);
  if (above === -1) return inside.at(-1)?.[1] ?? 0;
  const [h2, r2] = inside[above] as [number, number];
  const [h1, r1] = inside[Math.max(0, above - 1)] as [number, number];
  return h2 === h1 ? r2 : r1 + ((r2 - r1) * (heightMm - h1)) / (h2 - h1);
}

/** ml the inside of a glass holds up to a height in mm. */
export function volumeToMl(inside: Inside, heightMm: number): number {
  let ml = 0;
  for (let i = 1; i < inside.length; i++) {
    const [h1, r1] = inside[i - 1] as [number, number];
    const [h2, r2] = inside[i] as [number, number];
    if (heightMm <= h1) break;
    const top = Math.min(h2, heightMm);
    ml += frustumMl(top - h1, r1, top === h2 ? r2 : radiusAt(inside, top));
  }
  return ml;
}

/**
 * ml to the brim.
 *
 * @example capacityMl(coupe.inside) // 179.7
 */
export function capacityMl(inside: Inside): number {
  return volumeToMl(inside, inside.at(-1)?.[0] ?? 0);
}

/** The same shape holding another volume to the brim: every length grows by the cube root. */
export function insideOfCapacity(inside: Inside, brimMl: number): Inside {
  const scale = Math.cbrt(brimMl / capacityMl(inside));
  return inside.map(([h, r]) => [h * scale, r * scale]);
}

/**
 * How high `ml` stand in a glass, in mm; the brim when they do not fit.
 *
 * @example heightOfMl(coupe.inside, 100) // mm from the bottom
 */
export function heightOfMl(inside: Inside, ml: number): number {
  const brim = inside.at(-1)?.[0] ?? 0;
  if (ml >= capacityMl(inside)) return brim;
  // The volume rises with the height.
  return bisect((height) => volumeToMl(inside, height), ml, 0, brim);
}
