import type { Fault } from '../base/fault.js';
import { twins } from '../base/twins.js';
import { notSafe } from '../drink/not-safe.js';
import { collectionSchema } from '../notebook/collection.js';
import { kindIndex } from '../catalogue/catalogue.js';
import { OWN, ownDrinkSchema, ownKindSchema, upgradeOwnDrink } from '../notebook/own-drink.js';
import { tastingSchema } from '../notebook/tasting.js';
import { describeKept, type World } from './descriptor.js';

const inUse = (detail: string): Fault => ({ code: 'in-use', pointer: '', detail });

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
  upgrade: upgradeOwnDrink,
  idOf: (drink) => drink.id,
  noun: 'drink',
  title: ({ versions, current }) => `“${versions[current]?.recipe.name ?? ''}”`,
  gone: (id, { plans, evenings }) => [
    ...plans
      .filter((p) => p.brief.mustDrinks.includes(id))
      .map((p) => inUse(`the plan “${p.name}” must open it; take it out in the same change`)),
    ...evenings
      .filter((e) => e.must.includes(id) || e.never.includes(id))
      .map((e) => inUse(`“${e.name}” names it; take it out in the same change`)),
  ],
  faults: ({ id, houseSpecOf, versions, current, chosen }, world): Fault[] => {
    const isKnown = kindsKnown(world);
    const shipped = new Set(world.catalogue.recipes.map((r) => r.id).filter((r) => !r.startsWith(OWN)));
    return [
      ...isOwn(id, 'drink'),
      ...(houseSpecOf === null || shipped.has(houseSpecOf)
        ? []
        : [
            {
              code: 'unknown' as const,
              pointer: '/houseSpecOf',
              detail: `there is no drink "${houseSpecOf}"`,
            },
          ]),
      ...[current, ...chosen.map((c) => c.version)]
        .filter((v) => v >= versions.length)
        .slice(0, 1)
        .map((): Fault => ({
          code: 'mismatch',
          pointer: '/current',
          detail: `there are ${versions.length} versions`,
        })),
      ...versions.flatMap(({ recipe }, v) =>
        recipe.slots.flatMap((slot, s): Fault[] =>
          [slot.kind, ...slot.or].every(isKnown)
            ? []
            : [
                {
                  code: 'unknown',
                  pointer: `/versions/${v}/recipe/slots/${s}/kind`,
                  detail: 'not a kind we know',
                },
              ],
        ),
      ),
    ];
  },
});

/** What is not taken in a drink at all, by its name. */
function notTaken(name: string): Fault[] {
  const why = notSafe(name);
  return why === undefined
    ? []
    : [{ code: 'caution', pointer: '/name', detail: `“${name}” is not taken in a drink here: ${why}` }];
}

/** Kinds that the catalogue lacks. */
export const keptOwnKind = describeKept({
  name: 'own-kind',
  path: 'kinds',
  schema: ownKindSchema,
  idOf: (kind) => kind.id,
  noun: 'kind',
  title: (kind) => kind.name,
  faults: ({ id, name, parent }, world): Fault[] => [
    ...isOwn(id, 'kind'),
    ...notTaken(name),
    ...(parent === undefined || (parent !== id && kindsKnown(world)(parent))
      ? []
      : [{ code: 'unknown' as const, pointer: '/parent', detail: `there is no kind "${parent}"` }]),
    ...(parent !== undefined && isBelow(parent, id, world)
      ? [{ code: 'mismatch' as const, pointer: '/parent', detail: `"${parent}" is a kind of this one` }]
      : []),
  ],
  gone: (id, { catalogue, ownDrinks, bottles, homeMade }) => {
    const drinks = ownDrinks.filter((d) =>
      d.versions.some((v) => v.recipe.slots.some((s) => s.kind === id || s.or.includes(id))),
    );
    const children = catalogue.kinds.filter((k) => k.parent === id);
    return [
      ...drinks.map((d) => inUse(`“${d.versions[d.current]?.recipe.name ?? d.id}” is made with it`)),
      ...children.map((k) => inUse(`“${k.name}” is a kind of it`)),
      ...(bottles.some((b) => b.kind === id) ? [inUse('there are bottles of it on the shelf')] : []),
      ...homeMade
        .filter((h) => h.makes === id || h.from.some((part) => part.kind === id))
        .map((h) => inUse(`it is made, or made from, in “${h.id}”`)),
    ];
  },
});

/** Whether one kind is somewhere below another in the tree. */
function isBelow(kind: string, ancestor: string, { catalogue }: World): boolean {
  const kinds = kindIndex(catalogue.kinds);
  const seen = new Set<string>();
  for (let at = kinds.get(kind); at !== undefined && !seen.has(at.id); at = kinds.get(at.parent ?? '')) {
    if (at.parent === ancestor) return true;
    seen.add(at.id);
  }
  return false;
}

/** Verdicts and notes on drinks, beside those of the log. */
export const keptTasting = describeKept({
  name: 'tasting',
  path: 'tastings',
  schema: tastingSchema,
  idOf: (tasting) => tasting.id,
  noun: 'verdict',
  withoutPerson: (tasting, name) => (tasting.by === name ? { ...tasting, by: '' } : tasting),
});

/** Drinks kept together. */
export const keptCollection = describeKept({
  name: 'collection',
  path: 'collections',
  schema: collectionSchema,
  idOf: (collection) => collection.id,
  noun: 'collection',
  stated: true,
  title: (collection) => `“${collection.name}”`,
  faults: ({ drinks, pages }): Fault[] => [
    ...twins(drinks, '/drinks', 'drink'),
    ...Object.keys(pages)
      .filter((id) => !drinks.includes(id))
      .map((id): Fault => ({
        code: 'mismatch',
        pointer: `/pages/${id}`,
        detail: 'a page of a drink that is not in it',
      })),
  ],
});
