import type { Glass } from '@uisce/core/catalogue';
import { radiusAt } from '@uisce/core/glass';

type Inside = Glass['inside'];
type Point = readonly [number, number];

/** Thickness of a drawn wall, and of a drawn foot. */
const WALL_MM = 1.6;
export const FOOT_MM = 3;

/** Where a glass stands in a drawing. */
export interface GlassPlace {
  /** px of the middle, and of the ground it stands on. */
  centre: number;
  bottom: number;
  /** px a mm. */
  scale: number;
}

function path(points: readonly Point[]): string {
  return points.map(([x, y], i) => `${i === 0 ? 'M' : 'L'}${x.toFixed(1)},${y.toFixed(1)}`).join('');
}

/** A glass as lines to draw: its wall, foot or stem, handle, and the bands its drink fills. */
export function glassOutline(
  inside: Inside,
  { footMm, stem, handle }: Pick<Glass, 'footMm' | 'stem' | 'handle'>,
  { centre, bottom, scale }: GlassPlace,
) {
  const brimMm = inside.at(-1)?.[0] ?? 0;
  const widest = Math.max(...inside.map(([, r]) => r));
  const base = bottom - footMm * scale;
  const y = (mm: number) => base - mm * scale;
  const radius = (mm: number) => radiusAt(inside, mm) * scale;
  const side = (from: number, to: number, sign: 1 | -1, growMm = 0): Point[] => {
    const heights = [from, ...inside.map(([h]) => h).filter((h) => h > from && h < to), to];
    return heights.map((h) => [centre + sign * (radius(h) + growMm * scale), y(h)] as const);
  };
  const foot = (stem ? widest * 0.78 : (inside[0]?.[1] ?? 20) + WALL_MM) * scale;
  return {
    brimMm,
    base,
    y,
    radius,
    /** The room between two heights, closed. */
    band: (from: number, to: number) => `${path([...side(from, to, 1), ...side(from, to, -1).reverse()])}Z`,
    wall: path([...side(0, brimMm, -1, WALL_MM).reverse(), ...side(0, brimMm, 1, WALL_MM)]),
    foot: stem
      ? `M${centre},${base}V${bottom - 2}M${centre - foot},${bottom}H${centre + foot}`
      : `M${centre - foot},${base}L${centre - foot},${bottom}H${centre + foot}V${base}`,
    handle: handle
      ? `M${centre - radius(brimMm * 0.8) - WALL_MM * scale},${y(brimMm * 0.82)}c-30,0 -30,${(brimMm * 0.6 * scale).toFixed(1)} 2,${(brimMm * 0.6 * scale).toFixed(1)}`
      : '',
    /** Half the width of the whole drawing, handle included. */
    halfWidth: widest * scale + (handle ? 24 : WALL_MM * scale),
    heightPx: (brimMm + footMm + FOOT_MM) * scale,
  };
}
