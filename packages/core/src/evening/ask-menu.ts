import { z } from 'zod';
import type { Fault } from '../base/fault.js';
import { idSchema } from '../base/ids.js';
import { eveningSchema, type Evening } from './evening.js';
import { findMenu, type FindMenuOptions } from './find-menu.js';
import { lacksOf, type Lack } from './lacks.js';
import { needsOfSeats, type MenuScore } from './menu.js';
import { swapsOf, type Swap } from './good-menu.js';
import { guestSchema } from './guest.js';
import { menuQuestionOf, servedMenu, type EveningHouse } from './plan-evening.js';
import type { MissingItem } from './ware.js';

const { thirst, must, never, order } = eveningSchema.shape;

/** A menu asked for: who comes, and from what it is chosen. */
export const menuAskedSchema = z.strictObject({
  guests: z
    .array(
      guestSchema.omit({ id: true }).extend({
        count: guestSchema.shape.count.default(1),
        likes: guestSchema.shape.likes.default([]),
        dislikes: guestSchema.shape.dislikes.default([]),
        allergens: guestSchema.shape.allergens.default([]),
        noAlcohol: z.boolean().default(false),
        drives: z.boolean().default(false),
      }),
    )
    .min(1)
    .max(40),
  hours: eveningSchema.shape.hours.default(4),
  thirst,
  size: eveningSchema.shape.size.default(4),
  must: must.default([]),
  never: never.default([]),
  order,
  /** Drinks to choose from; the whole library where it is left out. */
  candidates: z.array(idSchema).min(1).max(2000).optional(),
  /** What is there; what the household has where it is left out. */
  there: z
    .array(z.strictObject({ kind: idSchema, ml: z.number().min(0).max(1_000_000) }))
    .max(500)
    .optional(),
});
export type MenuAsked = z.infer<typeof menuAskedSchema>;

/** A menu, who finds what on it, and whether there is no better one. */
export interface MenuTold {
  proven: boolean;
  score: MenuScore;
  drinks: { drink: string; name: string; glasses: number; missing: MissingItem[] }[];
  /** `exists`: drinks here that they find at all; `needs`: as many as they are to find, at most so many. */
  coverage: { guest: string; people: number; needs: number; exists: number; finds: string[] }[];
  lacks: Lack[];
  missingMinor: number;
  swaps: Swap[];
  candidates: number;
}

/** What is asked for and cannot be: a drink that must stand on it and never, or that cannot be made here. */
export function mustFaults(
  { must, never }: { must: readonly string[]; never: readonly string[] },
  canBeMade: (drink: string) => boolean = () => true,
): Fault[] {
  return must.flatMap((id, i): Fault[] => {
    const pointer = `/must/${i}`;
    if (never.includes(id))
      return [{ code: 'mismatch', pointer, detail: `"${id}" must stand on it, and never: take one back` }];
    return canBeMade(id)
      ? []
      : [
          {
            code: 'mismatch',
            pointer,
            detail: `"${id}" cannot be made here: something for it is neither here nor sold`,
          },
        ];
  });
}

/**
 * The best menu for who comes, as it is asked over the API.
 *
 * @returns undefined where there are fewer drinks than the menu is to have; the faults of what must stand on it and
 * cannot.
 */
export function askMenu(
  { candidates, there, guests, ...asked }: MenuAsked,
  house: Omit<EveningHouse, 'horizon' | 'weekday'>,
  options: FindMenuOptions = {},
): MenuTold | Fault[] | undefined {
  const of = candidates === undefined ? undefined : new Set(candidates);
  const evening: Evening = {
    id: '',
    name: 'Asked',
    on: '2026-01-01',
    from: '20:00',
    atWork: false,
    freezerLitres: null,
    done: [],
    off: [],
    endedOn: null,
    cost: null,
    guestCard: null,
    ...asked,
    guests: guests.map((g) => ({ ...g, id: '' })),
  };
  const here = {
    ...house,
    ready: of === undefined ? house.ready : house.ready.filter((p) => of.has(p.recipe.id)),
    ...(there === undefined
      ? {}
      : {
          there: new Map(there.map(({ kind, ml }) => [kind, { ...NONE, kind, ml }])),
          freshPieces: new Map(),
        }),
  };
  const question = menuQuestionOf(evening, here);
  const faults = mustFaults(evening, (id) => question.poured.has(id));
  if (faults.length > 0) return faults;
  const menu = findMenu(question, options);
  if (menu === undefined) return undefined;
  const { drinks, missing } = servedMenu(evening, here, question, menu);
  const needs = needsOfSeats(question);
  return {
    proven: menu.proven,
    score: menu.score,
    candidates: question.candidates.length,
    drinks: drinks.map(({ id, name, glasses, missing: lacks }) => ({
      drink: id,
      name,
      glasses,
      missing: lacks,
    })),
    coverage: guests.map(({ name, count }, g) => ({
      guest: name,
      people: count,
      needs: needs[g] ?? 0,
      exists: question.candidates.filter((c) => c.finds[g]).length,
      finds: drinks.filter((d) => d.seats[g] === 'finds').map((d) => d.id),
    })),
    lacks: lacksOf(evening.guests, question, menu.drinks),
    missingMinor: missing.reduce((sum, m) => sum + m.priceMinor, 0),
    swaps: swapsOf(question, menu.drinks),
  };
}

const NONE = { unmeasured: false, sealed: false, until: undefined, bottleIds: [] };
