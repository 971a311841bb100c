import type { Cup } from '../catalogue/jigger.js';
import type { Glass } from '../catalogue/glass.js';

/** A cup's floor is about so wide against its lowest line. */
const FLOOR_SHARE = 0.8;

/**
 * The inside of a cup as half an outline, from its lines: between two lines it is taken as a
 * frustum (V = πh(r₁² + r₁r₂ + r₂²)/3), so that each line lies at its volume.
 */
export function cupInside(cup: Cup): Glass['inside'] {
  const first = cup.lines[0]?.diameterMm ?? 0;
  let radius = (first / 2) * FLOOR_SHARE;
  let height = 0;
  let ml = 0;
  const inside: Glass['inside'] = [[0, radius]];
  for (const line of cup.lines) {
    const next = line.diameterMm / 2;
    height += (3 * (line.ml - ml) * 1000) / (Math.PI * (radius ** 2 + radius * next + next ** 2));
    inside.push([height, next]);
    radius = next;
    ml = line.ml;
  }
  return inside;
}
