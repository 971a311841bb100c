import type { Recipe } from '../catalogue/recipe.js';
import type { InGlass } from '../drink/in-glass.js';
import type { Kit } from '../kit/kit.js';
import type { AtHand } from '../stock/at-hand.js';
import type { Filling } from './poured-drink.js';
import type { Pourable } from './pourable.js';

/** What is in the house, to pour from. */
export interface InHouse {
  there: ReadonlyMap<string, AtHand>;
  /** Pieces of fresh things, by kind, of those that are counted. A fresh kind that nobody counts is taken as there. */
  freshPieces: ReadonlyMap<string, number>;
  kit: Kit;
  /** Sugar to water of the one plain syrup that is kept; null where each is. */
  houseSyrupRatio: number | null;
  /** How often each drink was poured here, by id: what was poured before needs no tool and no glass that is not there. */
  poured?: ReadonlyMap<string, number>;
}

/** A stand-in that a drink would be poured with. */
export interface PouredStandIn {
  /** What the recipe asks for, and what is poured. */
  asked: string;
  kinds: readonly string[];
  changes: string;
}

/** A drink that can be poured now. */
export interface PourNow {
  pourable: Pourable;
  /** 1 as it is written. */
  match: number;
  /** Glasses of it before something runs out; Infinity where nothing was measured. */
  glasses: number;
  /** What runs out first. */
  runsOut: string | undefined;
  standIns: PouredStandIn[];
  /** Fresh things that nobody counts, and that have to be there. */
  ifThere: string[];
  /** What is poured for each slot, by its place. */
  fillings: readonly (Filling | undefined)[];
  /** The drink as it is poured here, and what is in a glass of it. */
  readonly drink: Recipe;
  readonly glass: InGlass;
}

/** A drink that lacks exactly one thing: a kind, a tool's need, or a glass. */
export interface OneShort {
  pourable: Pourable;
  lacks: { is: 'kind' | 'need' | 'glass'; id: string };
  /** As it would be poured all the same: by hand, or into another glass; undefined where something to pour is short. */
  anyway: PourNow | undefined;
  /** How often it was poured here before. */
  poured: number;
}

/** What the house pours now. */
export interface PouringNow {
  /** One of each drink, variants counted once. */
  drinks: PourNow[];
  /** Other ways of drinks that pour, by what tells variants of one drink together. */
  variants: ReadonlyMap<string, readonly PourNow[]>;
  short: OneShort[];
}
