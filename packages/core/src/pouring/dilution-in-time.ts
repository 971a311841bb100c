import type { Ice, Recipe } from '../catalogue/recipe.js';
import { dilution } from '../drink/figures.js';

/** The time in which the ice has given most of its water, s (assumptions fitted to common practice). */
const TAU_S = { shake: 4, stir: 20, swizzle: 8 } as const;
/** How much faster or slower other ice is than 3 cm cubes. */
const ICE_PACE: Record<Exclude<Ice, 'none'>, number> = { cubes: 1, crushed: 0.5, block: 2 };

type Timed = keyof typeof TAU_S;

/** A mix on ice, as it is shaken or stirred. */
export interface OnIce {
  method: Recipe['method'];
  ice: Ice;
  mixMl: number;
  /** Its strength before any water, a fraction. */
  abv: number;
}

function timedAs(method: Recipe['method']): Timed | undefined {
  if (method === 'shake' || method === 'dry-shake') return 'shake';
  return method === 'stir' || method === 'swizzle' ? method : undefined;
}

/** Its time constant, s; undefined where nothing is worked on ice. */
function tauOf({ method, ice }: Pick<OnIce, 'method' | 'ice'>): number | undefined {
  const timed = timedAs(method);
  return timed === undefined || ice === 'none' ? undefined : TAU_S[timed] * ICE_PACE[ice];
}

/**
 * Water that the ice has given after so many seconds, ml: when hands stop, just what Arnold's curves say, which is the
 * drink's figure everywhere; before and after by 1 − e^(−t/τ). A model; ice, hands and tins differ.
 *
 * @example waterAfter(12, { method: 'shake', ice: 'cubes', mixMl: 100, abv: 0.24 }) // 53.1
 */
export function waterAfter(seconds: number, mix: OnIce): number {
  const tau = tauOf(mix);
  if (tau === undefined) return 0;
  const stop = stopAfter(mix) ?? 0;
  const atStopMl = mix.mixMl * dilution(mix.abv, mix.method, mix.ice);
  const given = (s: number) => 1 - Math.exp(-Math.max(0, s) / tau);
  return stop === 0 ? 0 : (atStopMl * given(seconds)) / given(stop);
}

/** What the drink is after so long on ice: its volume, its strength, and its share of all the water to come. */
export interface OnIceNow {
  waterMl: number;
  volumeMl: number;
  abv: number;
  share: number;
}

/** Strength and volume after so many seconds. */
export function onIceAfter(seconds: number, mix: OnIce): OnIceNow {
  const waterMl = waterAfter(seconds, mix);
  const volumeMl = mix.mixMl + waterMl;
  const finalMl = waterAfter(1e6, mix);
  return {
    waterMl,
    volumeMl,
    abv: volumeMl === 0 ? 0 : (mix.mixMl * mix.abv) / volumeMl,
    share: finalMl === 0 ? 1 : waterMl / finalMl,
  };
}

/** Shares of the final water at which hands stop: shaken where it is flat, stirred a little before (common practice). */
const STOP_SHARE: Record<Timed, number> = { shake: 0.95, stir: 0.83, swizzle: 0.85 };

/**
 * When to stop, s: about 12 shaken and 35 stirred on 3 cm cubes, longer on one block, shorter on cracked ice.
 * Undefined for what is not worked on ice.
 */
export function stopAfter(mix: Pick<OnIce, 'method' | 'ice'>): number | undefined {
  const tau = tauOf(mix);
  const timed = timedAs(mix.method);
  return tau === undefined || timed === undefined
    ? undefined
    : Math.round(-tau * Math.log(1 - STOP_SHARE[timed]));
}
