import type { Fault } from '../base/fault.js';
import { twins } from '../base/twins.js';
import { mustFaults } from '../evening/ask-menu.js';
import { eveningSchema } from '../evening/evening.js';
import { kindIndex } from '../catalogue/catalogue.js';
import { servingById } from '../pouring/serving.js';
import { describeKept } from './descriptor.js';

/** What is left of a guest who is forgotten: that somebody came. */
const NOBODY = {
  name: 'somebody',
  likes: [],
  dislikes: [],
  allergens: [],
  without: [],
  noAlcohol: false,
  drives: false,
};

/** Evenings with guests: those to come, and those that were. */
export const keptEvening = describeKept({
  name: 'evening',
  path: 'evenings',
  schema: eveningSchema,
  idOf: (evening) => evening.id,
  noun: 'evening',
  title: (evening) => `“${evening.name}”`,
  withoutPerson: (evening, name) => ({
    ...evening,
    guests: evening.guests.map((g) => (g.name === name ? { ...g, ...NOBODY } : g)),
  }),
  faults: ({ guests, must, never }, { catalogue }): Fault[] => {
    const known = new Set(catalogue.recipes.map((r) => r.id));
    const kinds = kindIndex(catalogue.kinds);
    const strange = (ids: readonly string[], pointer: string) =>
      ids.flatMap((id, i): Fault[] =>
        known.has(id) || servingById(id, kinds) !== undefined
          ? []
          : [{ code: 'unknown', pointer: `${pointer}/${i}`, detail: `there is no drink "${id}"` }],
      );
    return [
      ...twins(
        guests.map((g) => g.id),
        '/guests',
        'guest',
      ),
      ...strange(must, '/must'),
      ...strange(never, '/never'),
      ...mustFaults({ must, never }),
    ];
  },
});
