import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ALLERGENS } from '../catalogue/kind.js';
import { personSchema } from '../household/person.js';
import { defaultSettings } from '../household/settings.js';
import { tastingSchema } from '../notebook/tasting.js';
import { compareWhole, takenOf } from './compare.js';
import { keptTable } from './kept-table.js';
import { readWhole, wholeFile, type WholeThing } from './whole.js';

const text = fc
  .string({ unit: 'grapheme', minLength: 1, maxLength: 30 })
  .map((t) => t.trim())
  .filter((t) => /[^\p{C}\p{Z}\p{M}]/u.test(t));
const at = fc
  .date({ min: new Date('2020-01-01'), max: new Date('2030-01-01'), noInvalidDate: true })
  .map((d) => d.toISOString());
/** As JSON gives them. */
const PLAIN = { noNullPrototype: true };
const person = fc.record(
  {
    id: fc.uuid({ version: 4 }),
    name: text,
    noAlcohol: fc.boolean(),
    drives: fc.boolean(),
    limit: fc.option(fc.integer({ min: 0, max: 20 }), { nil: null }),
    allergens: fc.subarray([...ALLERGENS]),
    dislikes: fc.constant([]),
    likes: fc.constant([]),
  },
  PLAIN,
);
const tasting = fc.record(
  {
    id: fc.uuid({ version: 4 }),
    drink: fc.constantFrom('negroni', 'own-slip'),
    version: fc.constant(null),
    at,
    by: text,
    verdict: fc.integer({ min: 0, max: 5 }),
    note: fc.string({ maxLength: 60 }).map((n) => n.trim()),
  },
  PLAIN,
);
/** Households of people and verdicts, with settings or without. */
const household = fc
  .tuple(
    fc.uniqueArray(person, { selector: (p) => p.id, maxLength: 6 }),
    fc.uniqueArray(tasting, { selector: (t) => t.id, maxLength: 6 }),
    fc.option(text),
  )
  .map(([people, tastings, name]): WholeThing[] => [
    ...(name === null
      ? []
      : [{ thing: 'settings', id: 'household', value: { ...defaultSettings(), household: name } }]),
    // As they are stored: read by their schemas.
    ...people.map((value) => ({ thing: 'person', id: value.id, value: personSchema.parse(value) })),
    ...tastings.map((value) => ({ thing: 'tasting', id: value.id, value: tastingSchema.parse(value) })),
  ]);

describe('a household as one file', () => {
  it('is read back as it was, and written again byte for byte', () => {
    fc.assert(
      fc.property(household, (things) => {
        const file = wholeFile(things);
        const read = readWhole(JSON.parse(file));
        if (!read.ok) throw new Error(JSON.stringify(read.faults));
        expect(wholeFile(read.things)).toBe(file);
        expect(read.things.map((t) => t.id)).toEqual(things.map((t) => t.id));
        // Beside itself nothing of it is new or otherwise; beside nothing all of it is new.
        expect(compareWhole(read.things, things).every((c) => c.isNew + c.different === 0)).toBe(true);
        expect(
          takenOf(read.things, things, { leave: [], replace: ['person', 'tasting', 'settings'] }),
        ).toEqual([]);
        expect(takenOf(read.things, [], { leave: [], replace: [] })).toHaveLength(things.length);
      }),
    );
  });

  it('says of each kind what is new, the same and otherwise, and takes what is chosen', () => {
    fc.assert(
      fc.property(
        household,
        fc.infiniteStream(fc.constantFrom('here', 'otherwise', 'not')),
        (things, fates) => {
          const fate = things.map(() => String(fates.next().value));
          const here = things.flatMap((t, i) =>
            fate[i] === 'not'
              ? []
              : [fate[i] === 'here' ? t : { ...t, value: { ...(t.value as object), marked: true } }],
          );
          const counts = compareWhole(things, here);
          const sum = (of: 'isNew' | 'same' | 'different') => counts.reduce((n, c) => n + c[of], 0);
          const of = (what: string) => fate.filter((f) => f === what).length;
          expect([sum('isNew'), sum('same'), sum('different')]).toEqual([
            of('not'),
            of('here'),
            of('otherwise'),
          ]);
          expect(takenOf(things, here, { leave: [], replace: [] })).toHaveLength(of('not'));
          const all = ['person', 'tasting', 'settings'];
          expect(takenOf(things, here, { leave: [], replace: all })).toHaveLength(
            of('not') + of('otherwise'),
          );
          expect(takenOf(things, here, { leave: all, replace: all })).toEqual([]);
        },
      ),
    );
  });
});

it('a table has a row a thing and a column for every field of any', () => {
  expect(
    keptTable([
      { id: 'a', brief: { money: 1 } },
      { id: 'b', tags: ['x'], none: null },
    ]),
  ).toEqual({
    columns: ['id', 'brief.money', 'tags', 'none'],
    rows: [
      { id: 'a', 'brief.money': 1 },
      { id: 'b', tags: '["x"]', none: '' },
    ],
  });
});
