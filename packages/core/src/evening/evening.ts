import { z } from 'zod';
import { idSchema } from '../base/ids.js';
import { MAX_MINOR } from '../base/money.js';
import { MENU_ORDER } from './menu.js';
import { guestSchema } from './guest.js';
import { guestPageSchema } from './guest-page.js';

const ids = z.array(idSchema).max(200);

/** Letters of an evening's name. */
export const MAX_EVENING_NAME = 60;

/** An evening: who comes and when, what is to stand on the menu, and what is done already. */
export const eveningSchema = z.strictObject({
  id: z.uuid(),
  name: z
    .string()
    .trim()
    .min(1, 'give it a name')
    .max(MAX_EVENING_NAME, `at most ${MAX_EVENING_NAME} letters fit`),
  /** The day, and when the first glass is wanted. */
  on: z.iso.date(),
  from: z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'a time such as 20:00'),
  hours: z.int().min(1).max(12),
  guests: z.array(guestSchema).max(40),
  /** Pours of a guest in each hour; null for the usual. */
  thirst: z.array(z.number().min(0).max(5)).max(12).nullable().default(null),
  /** Drinks on the menu. */
  size: z.int().min(1).max(6),
  must: ids,
  never: ids,
  /** What decides first between two menus. */
  order: z
    .array(z.enum(MENU_ORDER))
    .length(MENU_ORDER.length)
    .refine((order) => new Set(order).size === order.length, 'each once')
    .default([...MENU_ORDER]),
  /** Somebody is out from nine to five on weekdays. */
  atWork: z.boolean(),
  /** Room in the freezer, litres; null where it does not matter. */
  freezerLitres: z.number().min(1).max(500).nullable(),
  /** Tasks that are done. */
  done: z.array(z.string().min(1).max(60)).max(100),
  /** Drinks taken off the menu on the night. */
  off: ids.default([]),
  /** The menu for guests' own telephones; null while there is none. */
  guestCard: guestPageSchema.nullable().default(null),
  endedOn: z.iso.date().nullable(),
  /** What it came to, once it is over. */
  cost: z
    .strictObject({
      glasses: z.int().min(0).max(9999),
      minor: z.int().min(0).max(MAX_MINOR).nullable(),
      eachMinor: z.int().min(0).max(MAX_MINOR).nullable(),
      currency: z.string().length(3).nullable(),
    })
    .nullable()
    .default(null),
});
export type Evening = z.infer<typeof eveningSchema>;

/** People who come. */
export function peopleOf({ guests }: Pick<Evening, 'guests'>): number {
  return guests.reduce((sum, g) => sum + g.count, 0);
}

/** Minutes after midnight of a time such as 20:00. */
export function minutesOf(time: string): number {
  const [hours = 0, minutes = 0] = time.split(':').map(Number);
  return hours * 60 + minutes;
}

/** An evening as it begins: a name and a day, nobody asked yet. */
export function newEvening(id: string, on: string): Evening {
  return eveningSchema.parse({
    id,
    name: 'An evening',
    on,
    from: '20:00',
    hours: 4,
    guestCard: null,
    guests: [],
    size: 4,
    must: [],
    never: [],
    atWork: true,
    freezerLitres: null,
    done: [],
    endedOn: null,
  });
}
