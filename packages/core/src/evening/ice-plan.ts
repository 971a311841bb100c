import type { Mould } from '../catalogue/tool.js';
import { pieceG } from '../ice/ice-kit.js';
import { FREEZER_C } from '../mixed/freezing.js';

/** Water, J/kg: to freeze, and a degree to cool. */
const LATENT_J_PER_KG = 334_000;
const COOLING_J_PER_KG_C = 4186;
const WATER_KG_PER_M3 = 1000;
/** Ice carries heat so well, W/mK; still freezer air takes it so fast, W/m²K. */
const ICE_W_PER_M_K = 2.22;
const AIR_W_PER_M2_K = 10;
/** Plank's shape factors of a cube. */
const CUBE = { p: 1 / 6, r: 1 / 24 };
/** A crowded freezer takes longer (common practice: say 4 to 8 h where the sum says 3). */
const CROWDED = 1.5;

/**
 * Hours until a cube is frozen through, by Plank's equation with the cooling of the water added.
 *
 * @example freezingHours(30) // 3.2 from 15 °C at −18 °C
 */
export function freezingHours(edgeMm: number, waterC = 15, freezerC = FREEZER_C): number {
  const a = edgeMm / 1000;
  const heat = WATER_KG_PER_M3 * (LATENT_J_PER_KG + COOLING_J_PER_KG_C * waterC);
  const seconds = (heat / -freezerC) * ((CUBE.p * a) / AIR_W_PER_M2_K + (CUBE.r * a * a) / ICE_W_PER_M_K);
  return seconds / 3600;
}

/** Trays of one kind, and how often they are turned. */
interface TrayPlan {
  mould: Mould;
  count: number;
  hours: number;
  /** Times they are filled. */
  cycles: number;
  pieces: number;
  g: number;
}

/** How the ice of an evening is made. */
export interface IcePlan {
  neededG: number;
  /** What of it lies in the freezer already. */
  thereG: number;
  blocks: number;
  trays: TrayPlan[];
  madeG: number;
  /** What the trays do not make in time is bought, in whole bags. */
  bags: number;
  boughtG: number;
  /** Litres of the freezer that the ice takes at the end, heaped. */
  litres: number;
}

/** Heaped cubes hold so much of their room (common practice). */
const HEAPED_G_PER_L = 550;

/**
 * Ice beyond what lies in the freezer: from the trays in so many turns of them, the rest in bags. Blocks are made before
 * cubes.
 *
 * @param turns how often somebody is there to empty and refill the trays, each long enough for the slowest.
 */
export function icePlan(
  need: { neededG: number; blocks: number; thereG?: number },
  trays: readonly { mould: Mould; count: number }[],
  turnsOf: (hours: number, mould: Mould) => number,
  bagG = 2000,
): IcePlan {
  const thereG = Math.min(need.thereG ?? 0, need.neededG);
  const lacksG = need.neededG - thereG;
  const plans = trays.map(({ mould, count }): TrayPlan => {
    const hours = freezingHours(mould.edgeMm) * CROWDED;
    const most = turnsOf(hours, mould);
    const each = mould.pieces * count;
    const wanted =
      mould.makes === 'block' ? Math.ceil(need.blocks / each) : Math.ceil(lacksG / (each * pieceG(mould)));
    const cycles = Math.max(0, Math.min(most, wanted));
    return { mould, count, hours, cycles, pieces: cycles * each, g: cycles * each * pieceG(mould) };
  });
  // Of several trays of cubes the first ones make all they can; a later one only what is still wanted.
  let rest = lacksG - plans.filter((p) => p.mould.makes === 'block').reduce((sum, p) => sum + p.g, 0);
  for (const plan of plans) {
    if (plan.mould.makes === 'block') continue;
    const one = plan.cycles === 0 ? 0 : plan.g / plan.cycles;
    plan.cycles = one === 0 ? 0 : Math.max(0, Math.min(plan.cycles, Math.ceil(rest / one)));
    plan.g = plan.cycles * one;
    plan.pieces = plan.cycles * plan.mould.pieces * plan.count;
    rest -= plan.g;
  }
  const madeG = plans.reduce((sum, p) => sum + p.g, 0);
  const bags = Math.max(0, Math.ceil((lacksG - madeG) / bagG));
  return {
    neededG: need.neededG,
    blocks: need.blocks,
    thereG,
    trays: plans,
    madeG,
    bags,
    boughtG: bags * bagG,
    litres: (thereG + madeG + bags * bagG) / HEAPED_G_PER_L,
  };
}
