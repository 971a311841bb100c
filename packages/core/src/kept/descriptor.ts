import type { z } from 'zod';
import type { Fault } from '../base/fault.js';
import type { Catalogue } from '../catalogue/catalogue.js';
import type { HomeMade } from '../catalogue/home-made.js';
import type { PriceList } from '../catalogue/price-list.js';
import type { Evening } from '../evening/evening.js';
import type { GuestAsk } from '../evening/guest-page.js';
import type { Person } from '../household/person.js';
import type { BatchRecord } from '../bench/batch-record.js';
import type { OwnDrink } from '../notebook/own-drink.js';
import type { Plan } from '../plan/plan.js';
import type { Round } from '../pouring/round.js';
import type { Bottle } from '../stock/bottle.js';

/** What a stored thing is held against, beside its own schema. */
export interface World {
  /** With the household's own kinds and drinks. */
  catalogue: Catalogue;
  /** Ways of making things: shipped, and the household's own. */
  homeMade: readonly HomeMade[];
  /** The shops that came with the program, and own prices. */
  shops: readonly PriceList[];
  ownPrices: readonly PriceList[];
  /** Batches on the bench and on the shelf. */
  batches: readonly BatchRecord[];
  plans: readonly Plan[];
  evenings: readonly Evening[];
  /** Bottles that stand there, and finished ones. */
  bottles: readonly Bottle[];
  /** Who drinks here, and what guests said of themselves. */
  people: readonly Person[];
  asks: readonly GuestAsk[];
  /** The round under way, as it is kept now. */
  round: Round | null;
  /** What the household wrote, with all its versions. */
  ownDrinks: readonly OwnDrink[];
}

/** The id of the only one, where there is one of a thing. */
export const ONLY_ID = 'household';

/**
 * A stored thing, described once. From this come its table, its routes, undo and redo, and how a page
 * loads, edits, drafts and queues it.
 */
export interface Kept<T = unknown> {
  /** One word for it: its table, and its name in a change. */
  name: string;
  /** Where it lives under the API. */
  path: string;
  schema: z.ZodType<T>;
  /** What stands where nothing is stored; a thing that has this is the only one of its kind. */
  empty?: () => T;
  /** The id of one of many, which is a field of it. */
  idOf?: (value: T) => string;
  /** Whether a change of it can be undone; a place on screen (which plan is open) is no change. */
  undoable: boolean;
  /**
   * Whether it is written only by who has seen what is there. Else whoever writes last is right: always, or as long as
   * nothing else goes with it.
   */
  versioned: boolean | 'with-others';
  /** It only states what somebody says: two who say the same agree. Of what is computed from what was there, none may. */
  stated?: boolean;
  /** An older shape brought up to date, before the schema reads it. */
  upgrade?: (stored: unknown) => unknown;
  /** What must hold beside the schema; pointers start at the value. */
  faults?: (value: T, world: World) => Fault[];
  /**
   * What two made of the same one at once, where both can stand; undefined where somebody has to choose. Where absent, it
   * is merged field by field.
   *
   * @param isTold mine says how it is now; else it says what happened to it, such as a pour.
   */
  merge?: (base: T, mine: T, theirs: T, isTold: boolean) => T | undefined;
  /** What still needs one that is to go, in the world without it. */
  gone?: (id: string, world: World) => Fault[];
  /** The value with somebody forgotten in it, by name; null where nothing of it is left. */
  withoutPerson?: (value: T, name: string) => T | null;
  /** A page is given only so many of it at first, the latest by a field of theirs; all where absent. */
  recent?: { by: string; most: number };
  /** What it is called in words: "plan"; and by itself: "“First winter”". */
  noun: string;
  title?: (value: T) => string;
}

/** Whether there is only one of a thing. */
export function isOnly(kept: Pick<Kept, 'empty'>): boolean {
  return kept.empty !== undefined;
}

/** A descriptor, its type checked and then forgotten: what handles every thing alike takes any. */
export function describeKept<T>(
  kept: Omit<Kept<T>, 'undoable' | 'versioned'> & Partial<Pick<Kept<T>, 'undoable' | 'versioned'>>,
): Kept<T> {
  return { undoable: true, versioned: kept.undoable ?? true, ...kept };
}

/** What was stored, read: the value, or why it cannot be. */
export type KeptReading<T> = { ok: true; value: T } | { ok: false; faults: Fault[] };
