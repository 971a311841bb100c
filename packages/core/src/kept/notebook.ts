import type { Fault } from '../base/fault.js';
import { twins } from '../base/twins.js';
import { collectionSchema } from '../notebook/collection.js';
import { OWN, ownDrinkSchema, ownKindSchema } from '../notebook/own-drink.js';
import { describeKept, type World } from './descriptor.js';

const isOwn = (id: string, noun: string): Fault[] =>
  id.startsWith(OWN)
    ? []
    : [
        {
          code: 'mismatch',
          pointer: '/id',
          detail: `the id of a ${noun} of one’s own begins with "${OWN}", so that no release takes it`,
        },
      ];

function kindsKnown({ catalogue }: World): (kind: string) => boolean {
  const known = new Set(catalogue.kinds.map((k) => k.id));
  return (kind) => known.has(kind);
}

/** Drinks of one's own, and own specs of shipped ones, with their versions. */
export const keptOwnDrink = describeKept({
  name: 'drink',
  path: 'recipes',
  schema: ownDrinkSchema,
  idOf: (drink) => drink.id,
  noun: 'drink',
  title: ({ versions, current }) => `“${versions[current]?.recipe.name ?? ''}”`,
  faults: ({ id, houseSpecOf, versions, current }, world): Fault[] => {
    const isKnown = kindsKnown(world);
    const shipped = new Set(world.catalogue.recipes.map((r) => r.id).filter((r) => !r.startsWith(OWN)));
    return [
      ...isOwn(id, 'drink'),
      ...(houseSpecOf === null || shipped.has(houseSpecOf)
        ? []
        : [{ code: 'unknown' as const, pointer: '/houseSpecOf', detail: `there is no drink "${houseSpecOf}"` }]),
      ...(current < versions.length
        ? []
        : [{ code: 'mismatch' as const, pointer: '/current', detail: `there are ${versions.length} versions` }]),
      ...versions.flatMap(({ recipe }, v) =>
        recipe.slots.flatMap((slot, s): Fault[] =>
          [slot.kind, ...slot.or].every(isKnown)
            ? []
            : [{ code: 'unknown', pointer: `/versions/${v}/recipe/slots/${s}/kind`, detail: 'not a kind we know' }],
        ),
      ),
    ];
  }, // prettier-ignore
});

/** Kinds that the catalogue lacks. */
export const keptOwnKind = describeKept({
  name: 'own-kind',
  path: 'kinds',
  schema: ownKindSchema,
  idOf: (kind) => kind.id,
  noun: 'kind',
  title: (kind) => kind.name,
  faults: ({ id, parent }, world): Fault[] => [
    ...isOwn(id, 'kind'),
    ...(parent === undefined || (parent !== id && kindsKnown(world)(parent))
      ? []
      : [{ code: 'unknown' as const, pointer: '/parent', detail: `there is no kind "${parent}"` }]),
  ],
});

/** Drinks kept together. */
export const keptCollection = describeKept({
  name: 'collection',
  path: 'collections',
  schema: collectionSchema,
  idOf: (collection) => collection.id,
  noun: 'collection',
  title: (collection) => `“${collection.name}”`,
  faults: ({ drinks }): Fault[] => twins(drinks, '/drinks', 'drink'),
});
