import type { Tint } from '../catalogue/kind.js';

/** Red, green and blue, in linear light, 0 to 1. */
export type Light = readonly [red: number, green: number, blue: number];

/** How much of each band a centimetre swallows (K, per cm), and throws back of all (S, per cm). */
export interface Absorbance {
  k: Light;
  s: number;
}

/** Depth, in cm, through which a kind's colour is seen. */
const SEEN_CM = 3;
/** Darker is black: no band is swallowed whole. */
const LEAST = 1e-4;

/** One band of sRGB, 0 to 255, in linear light (IEC 61966-2-1, from memory). */
const linear = (value: number): number => {
  const v = value / 255;
  return v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4;
};

const encoded = (light: number): number => {
  const v = Math.min(1, Math.max(0, light));
  return Math.round((v <= 0.0031308 ? 12.92 * v : 1.055 * v ** (1 / 2.4) - 0.055) * 255);
};

/** A colour "#rrggbb" in linear light. */
export function lightOf(colour: string): Light {
  const band = (at: number) => linear(Number.parseInt(colour.slice(at, at + 2), 16));
  return [band(1), band(3), band(5)];
}

/** Linear light as "#rrggbb". */
export function colourOf(light: Light): string {
  return `#${light.map((band) => encoded(band).toString(16).padStart(2, '0')).join('')}`;
}

const each = (of: (band: 0 | 1 | 2) => number): Light => [of(0), of(1), of(2)];

/**
 * What is seen through a depth before a ground (Kubelka and Munk 1931, a layer of finite depth; without cloud, Beer and
 * Lambert, there and back).
 *
 * @param cm the way through, one way.
 * @example seenThrough(absorbanceOf(tint), 0, lightOf('#ffffff')) // [1, 1, 1]
 */
export function seenThrough({ k, s }: Absorbance, cm: number, ground: Light): Light {
  return each((band) => {
    const [absorbed, under] = [k[band], ground[band]];
    if (s * cm < 1e-6) return under * Math.exp(-2 * absorbed * cm);
    const a = (s + absorbed) / s;
    const b = Math.sqrt(Math.max(1e-12, a * a - 1));
    const coth = 1 / Math.tanh(b * s * cm);
    return (1 - under * (a - b * coth)) / (a - under + b * coth);
  });
}

/**
 * How a tint swallows and throws back light: what is seen through 3 cm before white, turned round. Where it is cloudy
 * the K is sought that is seen as the colour; what its cloud alone throws back more than that is white.
 */
export function absorbanceOf({ seen, cloud }: Pick<Tint, 'seen' | 'cloud'>): Absorbance {
  const light = lightOf(seen);
  const white: Light = [1, 1, 1];
  if (cloud === 0)
    return { k: each((band) => -Math.log(Math.max(LEAST, light[band])) / (2 * SEEN_CM)), s: 0 };
  const k = each((band) => {
    let [low, high] = [0, 50];
    for (let i = 0; i < 60; i++) {
      const middle = (low + high) / 2;
      const of = seenThrough({ k: [middle, middle, middle], s: cloud }, SEEN_CM, white)[band];
      if (of > Math.max(LEAST, light[band])) low = middle;
      else high = middle;
    }
    return (low + high) / 2;
  });
  return { k, s: cloud };
}

/**
 * A mixture swallows and throws back in proportion to volume (Kubelka and Munk's additivity).
 *
 * @param parts each with its ml; water is a part that does neither.
 */
export function mixedAbsorbance(parts: readonly { of: Absorbance; ml: number }[]): Absorbance {
  const ml = parts.reduce((sum, p) => sum + p.ml, 0);
  if (ml <= 0) return { k: [0, 0, 0], s: 0 };
  return {
    k: each((band) => parts.reduce((sum, p) => sum + p.of.k[band] * p.ml, 0) / ml),
    s: parts.reduce((sum, p) => sum + p.of.s * p.ml, 0) / ml,
  };
}

/** What nobody has said the colour of is straw. */
export const UNKNOWN_TINT: Pick<Tint, 'seen' | 'cloud'> = { seen: '#efe3b0', cloud: 0 };
/** What thins and colours nothing: the water of the ice. */
export const CLEAR: Absorbance = { k: [0, 0, 0], s: 0 };
