import type { Fault } from '../base/fault.js';
import { garnishKinds } from '../catalogue/garnish.js';
import { kindIndex, type Catalogue } from '../catalogue/catalogue.js';
import type { Kind } from '../catalogue/kind.js';
import type { PriceList } from '../catalogue/price-list.js';

/** Entries of `ids` that came before. */
function doubled(ids: readonly string[], path: string, what: string): Fault[] {
  const seen = new Set<string>();
  return ids.flatMap((id, i) => {
    if (!seen.has(id)) {
      seen.add(id);
      return [];
    }
    return [
      {
        code: 'twice',
        pointer: `${path}/${i}/id`,
        detail: `${what} "${id}" is listed twice; give one another id`,
      },
    ];
  });
}

/** Checks that ids point at something, and words the fault when they do not. */
class Pointer {
  readonly faults: Fault[] = [];
  private readonly known: ReadonlySet<string>;

  constructor(
    known: Iterable<string>,
    private readonly what: string,
    private readonly where: string,
  ) {
    this.known = new Set(known);
  }

  follow(id: string, path: string): void {
    if (this.known.has(id)) return;
    this.faults.push({
      code: 'unknown',
      pointer: path,
      detail: `"${id}" is not a ${this.what}; correct the id, or add it to ${this.where}`,
    });
  }
}

const idsOf = (list: readonly { id: string }[]) => list.map((entry) => entry.id);

/** What may be pointed at in a catalogue. */
function pointersOf(catalogue: Catalogue) {
  return {
    kind: new Pointer(idsOf(catalogue.kinds), 'kind', 'kinds/'),
    glass: new Pointer(idsOf(catalogue.glasses), 'glass', 'glasses.yaml'),
    source: new Pointer(idsOf(catalogue.sources), 'source', 'sources.yaml'),
    technique: new Pointer(idsOf(catalogue.techniques), 'technique', 'techniques.yaml'),
    tool: new Pointer(idsOf(catalogue.tools), 'tool', 'tools.yaml'),
    kitchen: new Pointer(idsOf(catalogue.kitchen), 'kitchen thing', 'kitchen.yaml'),
    pantry: new Pointer(idsOf(catalogue.pantry), 'pantry thing', 'pantry.yaml'),
  };
}
type Pointers = ReturnType<typeof pointersOf>;

/** What kinds, recipes, stand-ins and ways of making things point at. */
function followDrinks(catalogue: Catalogue, { kind, glass, source, technique, pantry }: Pointers): void {
  catalogue.kinds.forEach((k, i) => {
    if (k.parent !== undefined) kind.follow(k.parent, `/kinds/${i}/parent`);
    if (catalogue.techniques.length > 0)
      k.work.forEach((id, w) => technique.follow(id, `/kinds/${i}/work/${w}`));
  });
  catalogue.recipes.forEach((recipe, i) => {
    const path = `/recipes/${i}`;
    recipe.slots.forEach((slot, s) => {
      kind.follow(slot.kind, `${path}/slots/${s}/kind`);
      slot.or.forEach((id, o) => kind.follow(id, `${path}/slots/${s}/or/${o}`));
    });
    glass.follow(recipe.glass, `${path}/glass`);
    recipe.otherGlasses.forEach((id, g) => glass.follow(id, `${path}/otherGlasses/${g}`));
    if (catalogue.sources.length > 0) source.follow(recipe.source, `${path}/source`);
  });
  catalogue.standIns.forEach((standIn, i) => {
    kind.follow(standIn.for, `/standIns/${i}/for`);
    standIn.with.forEach((id, w) => kind.follow(id, `/standIns/${i}/with/${w}`));
  });
  catalogue.homeMade.forEach((batch, i) => {
    kind.follow(batch.makes, `/homeMade/${i}/makes`);
    batch.from.forEach((part, p) => {
      if (part.kind !== undefined) kind.follow(part.kind, `/homeMade/${i}/from/${p}/kind`);
      if (part.pantry !== undefined) pantry.follow(part.pantry, `/homeMade/${i}/from/${p}/pantry`);
    });
  });
}

/** What tools, techniques and starter sets point at. */
function followTools(catalogue: Catalogue, { technique, tool, kitchen }: Pointers): void {
  catalogue.tools.forEach(({ techniques }, i) =>
    techniques.forEach((id, t) => technique.follow(id, `/tools/${i}/techniques/${t}`)),
  );
  catalogue.techniques.forEach(({ needs }, i) =>
    needs.forEach((need, n) => {
      const path = `/techniques/${i}/needs/${n}`;
      need.tools.forEach((id, t) => tool.follow(id, `${path}/tools/${t}`));
      need.kitchen.forEach((id, k) => kitchen.follow(id, `${path}/kitchen/${k}`));
    }),
  );
  catalogue.starterSets.forEach(({ tools }, i) =>
    tools.forEach((id, t) => tool.follow(id, `/starterSets/${i}/tools/${t}`)),
  );
}

/** Dangling references and doubled ids in a catalogue; an empty list when it is sound. */
export function catalogueFaults(catalogue: Catalogue): Fault[] {
  const pointers = pointersOf(catalogue);
  followDrinks(catalogue, pointers);
  followTools(catalogue, pointers);
  const lists = [
    ['kinds', 'kind'],
    ['recipes', 'recipe'],
    ['glasses', 'glass'],
    ['tools', 'tool'],
    ['techniques', 'technique'],
    ['sources', 'source'],
    ['kitchen', 'kitchen thing'],
    ['pantry', 'pantry thing'],
    ['homeMade', 'batch'],
  ] as const;
  return [
    ...lists.flatMap(([list, what]) => doubled(idsOf(catalogue[list]), `/${list}`, what)),
    ...Object.values(pointers).flatMap((pointer) => pointer.faults),
  ];
}

/** Bottles and fresh things of a price list whose kind cannot be bought so, and doubled ids. */
export function priceListFaults(list: PriceList, kinds: ReadonlyMap<string, Kind>): Fault[] {
  const faults = doubled(
    list.bottles.map((b) => b.id),
    '/bottles',
    'bottle',
  );
  list.bottles.forEach((bottle, i) => {
    const message = kindFault(bottle.kind, kinds);
    if (message !== undefined)
      faults.push({
        code: 'unknown',
        pointer: `/bottles/${i}/kind`,
        detail: `${message} (bottle "${bottle.label}")`,
      });
  });
  list.fresh.forEach((fresh, i) => {
    const message = kindFault(fresh.kind, kinds);
    if (message !== undefined) faults.push({ code: 'unknown', pointer: `/fresh/${i}/kind`, detail: message });
  });
  return faults;
}

/** Tools, glasses, moulds and pantry things of a price list that the catalogue does not know, and doubled ids. */
export function kitPriceFaults(list: PriceList, catalogue: Catalogue): Fault[] {
  const ids = (entries: readonly { id: string }[]) => entries.map((e) => e.id);
  const known = {
    tool: new Pointer(ids(catalogue.tools), 'tool', 'tools.yaml'),
    glass: new Pointer(ids(catalogue.glasses), 'glass', 'glasses.yaml'),
    mould: new Pointer(ids(catalogue.moulds), 'mould', 'moulds.yaml'),
  };
  const pantry = new Pointer(ids(catalogue.pantry), 'pantry thing', 'pantry.yaml');
  list.pantry.forEach((entry, i) => pantry.follow(entry.pantry, `/pantry/${i}/pantry`));
  list.kit.forEach((entry, i) => {
    for (const what of ['tool', 'glass', 'mould'] as const) {
      const id = entry[what];
      if (id !== undefined) known[what].follow(id, `/kit/${i}/${what}`);
    }
  });
  return [
    ...doubled(ids(list.kit), '/kit', 'entry'),
    ...Object.values(known).flatMap((pointer) => pointer.faults),
    ...pantry.faults,
  ];
}

/** Why a thing of this kind cannot be on a price list, in words; undefined when it can. */
export function kindFault(id: string, kinds: ReadonlyMap<string, Kind>): string | undefined {
  const kind = kinds.get(id);
  if (kind === undefined) return `"${id}" is not a kind we know`;
  return kind.abstract ? `"${id}" is too broad to buy; name one of its kinds` : undefined;
}

/** Kinds of a catalogue that no drink asks for and no stand-in pours: they only take up room. */
export function unusedKinds(catalogue: Catalogue): string[] {
  const asked = new Set([
    ...catalogue.recipes.flatMap((r) => r.slots.flatMap((s) => [s.kind, ...s.or])),
    ...catalogue.recipes.flatMap((r) => garnishKinds(r.garnish)),
    ...catalogue.standIns.flatMap((s) => s.with),
  ]);
  const kinds = kindIndex(catalogue.kinds);
  const parents = new Set(catalogue.kinds.map((k) => k.parent));
  return [...kinds.values()].filter((k) => !asked.has(k.id) && !parents.has(k.id)).map((k) => k.id);
}
