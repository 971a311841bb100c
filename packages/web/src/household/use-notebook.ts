import { defineStore } from 'pinia';
import { computed, type Ref } from 'vue';
import type { Kind, Recipe } from '@uisce/core/catalogue';
import {
  goneWithDrink,
  keptCollection,
  keptEvening,
  keptOwnDrink,
  keptOwnKind,
  keptPlan,
  type ChangeWrite,
} from '@uisce/core/kept';
import {
  goneBack,
  OWN,
  withVersion,
  type Collection,
  type OwnDrink,
  type OwnKind,
} from '@uisce/core/notebook';
import { useKeeper } from '../kept/use-keeper';

/** The id that a name gives, without what the household's own begin with. */
const slug = (name: string) =>
  name
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')
    .slice(0, 40) || 'drink';

/** An id of one's own that is free. */
function freeId(name: string, taken: ReadonlySet<string>): string {
  const base = OWN + slug(name);
  for (let n = 1; ; n++) {
    const id = n === 1 ? base : `${base}-${n}`;
    if (!taken.has(id)) return id;
  }
}
const at = () => new Date().toISOString();

/** A drink of one's own as it begins. */
function newDrink(id: string, recipe: Recipe, why: string, houseSpecOf: string | null): OwnDrink {
  return {
    id,
    houseSpecOf,
    current: 0,
    from: '',
    tags: [],
    notes: '',
    chosen: [],
    versions: [{ at: at(), why, recipe: { ...recipe, id: houseSpecOf ?? id } }],
  };
}
const nameOf = (drink: OwnDrink) => drink.versions[drink.current]?.recipe.name ?? '';

/** Kinds that the household keeps beside the shipped ones. */
function useOwnKinds(takenIds: () => Set<string>) {
  const keeper = useKeeper();
  function addKind(kind: Omit<OwnKind, 'id'>): string {
    const id = freeId(kind.name, takenIds());
    keepKind({ ...kind, id }, `${kind.name}, a kind of our own`);
    return id;
  }
  function keepKind(kind: OwnKind, change: string): void {
    keeper.keep(keptOwnKind, kind, change.slice(0, 120));
  }
  function removeKind({ id, name }: Kind): void {
    keeper.remove(keptOwnKind, id, `${name} goes`);
  }

  return { addKind, keepKind, removeKind };
}

/** Drinks that are kept together. */
function useCollections() {
  const keeper = useKeeper();
  function collect(collection: Collection, change: string): void {
    keeper.keep(keptCollection, collection, change.slice(0, 120));
  }
  function dissolve({ id, name }: Collection): void {
    keeper.remove(keptCollection, id, `Dissolved ${name}`);
  }
  /** A collection with nothing in it but a drink, to begin with. */
  function beginCollection(name: string, drinksOf: string[]): void {
    collect(
      { id: crypto.randomUUID(), name, note: '', book: '', pages: {}, drinks: drinksOf },
      `${name} begins`,
    );
  }

  return { collect, dissolve, beginCollection };
}

/** Drinks that are written anew. */
function useNewDrinks(takenIds: () => Set<string>) {
  const keeper = useKeeper();
  /** A new drink, or a house spec of a shipped one. */
  function write(recipe: Recipe, why: string, houseSpecOf: string | null): string {
    const id = freeId(recipe.name, takenIds());
    keeper.keep(keptOwnDrink, newDrink(id, recipe, why, houseSpecOf), `Wrote ${recipe.name}`.slice(0, 120));
    return houseSpecOf ?? id;
  }
  /** Many drinks at once, ready to be written in one change or several. */
  function newDrinks(recipes: readonly Recipe[], why: string, from = ''): OwnDrink[] {
    const taken = takenIds();
    return recipes.map((recipe) => {
      const id = freeId(recipe.name, taken);
      taken.add(id);
      return { ...newDrink(id, recipe, why, null), from };
    });
  }
  /** Many drinks at once, in one change. */
  function writeAll(recipes: readonly Recipe[], why: string): void {
    const written = newDrinks(recipes, why);
    keeper.keepAll(
      `Wrote ${recipes.map((r) => r.name).join(', ')}`.slice(0, 120),
      ...written.map((d) => keeper.write(keptOwnDrink, d)),
    );
  }

  return { write, newDrinks, writeAll };
}

/** A drink goes, and with it what names it: in plans, evenings and collections; undone as one. */
function useRemoval(collections: Readonly<Ref<readonly Collection[]>>) {
  const keeper = useKeeper();
  function namedWrites(id: string): ChangeWrite['writes'] {
    const there = {
      plans: keeper.all(keptPlan),
      evenings: keeper.all(keptEvening),
      collections: collections.value,
    };
    const gone = goneWithDrink(id, there);
    return [
      ...gone.plans.map((p) => keeper.write(keptPlan, p)),
      ...gone.evenings.map((e) => keeper.write(keptEvening, e)),
      ...gone.collections.map((c) => keeper.write(keptCollection, c)),
    ];
  }
  function remove(drink: OwnDrink): void {
    const { id } = drink;
    // A house spec gone, the shipped drink stands there again: nothing that names it is left in the air.
    const named: ChangeWrite['writes'] = drink.houseSpecOf === null ? namedWrites(id) : [];
    keeper.keepAll(
      `Crossed out ${nameOf(drink)}`.slice(0, 120),
      keeper.writeGone(keptOwnDrink, id),
      ...named,
    );
  }

  return { remove };
}

/** What the household wrote: its own drinks and house specs, its own kinds, its collections. */
export const useNotebook = defineStore('notebook', () => {
  const keeper = useKeeper();
  const drinks = computed<OwnDrink[]>((before) => keeper.all(keptOwnDrink, before));
  const kinds = computed<OwnKind[]>((before) => keeper.all(keptOwnKind, before));
  const collections = computed<Collection[]>((before) => keeper.all(keptCollection, before));

  /** The own drink that is poured under an id: by itself, or as the house spec of a shipped one. */
  const ownOf = (id: string) => drinks.value.find((d) => d.id === id || d.houseSpecOf === id);
  const takenIds = () => new Set([...drinks.value, ...kinds.value].map((one) => one.id));

  const { write, newDrinks, writeAll } = useNewDrinks(takenIds);
  /** A drink with another version: its own as it stands or is about to, or the first spec of the house of a printed one. */
  function rewritten(of: string, recipe: Recipe, why: string, own = ownOf(of)): OwnDrink {
    if (own === undefined) return newDrink(freeId(recipe.name, takenIds()), recipe, why, of);
    return withVersion(own, { at: at(), why, recipe: { ...recipe, id: own.houseSpecOf ?? own.id } });
  }
  /** The same drink, otherwise: what it was stays. */
  function rewrite(drink: OwnDrink, recipe: Recipe, why: string): void {
    keeper.keep(
      keptOwnDrink,
      rewritten(drink.id, recipe, why),
      `${recipe.name}, another version`.slice(0, 120),
    );
  }
  function choose(drink: OwnDrink, version: number): void {
    keeper.keep(
      keptOwnDrink,
      goneBack(drink, version, at()),
      `Version ${version + 1} of ${nameOf(drink)}`.slice(0, 120),
    );
  }
  function edit(drink: OwnDrink, change: string, part: Partial<OwnDrink>): void {
    keeper.keep(keptOwnDrink, { ...drink, ...part }, change);
  }
  const { remove } = useRemoval(collections);
  const { addKind, keepKind, removeKind } = useOwnKinds(takenIds);
  /** Names of own drinks that are made with a kind, in any of their versions. */
  const madeWith = (kind: string) =>
    drinks.value
      .filter((d) =>
        d.versions.some((v) => v.recipe.slots.some((s) => s.kind === kind || s.or.includes(kind))),
      )
      .map(nameOf);

  const { collect, dissolve, beginCollection } = useCollections();
  return {
    drinks,
    kinds,
    collections,
    ownOf,
    write,
    newDrinks,
    writeAll,
    rewritten,
    rewrite,
    choose,
    edit,
    remove,
    addKind,
    keepKind,
    removeKind,
    madeWith,
    collect,
    dissolve,
    beginCollection,
  };
});
