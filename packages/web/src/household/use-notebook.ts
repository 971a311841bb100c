import { defineStore } from 'pinia';
import { computed } from 'vue';
import type { Kind, Recipe } from '@uisce/core/catalogue';
import { keptCollection, keptOwnDrink, keptOwnKind } from '@uisce/core/kept';
import { OWN, withVersion, type Collection, type OwnDrink } from '@uisce/core/notebook';
import { useKeeper } from '../kept/use-keeper';

/** What the household wrote: its own drinks and house specs, its own kinds, its collections. */
export const useNotebook = defineStore('notebook', () => {
  const keeper = useKeeper();
  const drinks = computed<OwnDrink[]>((before) => keeper.all(keptOwnDrink, before));
  const kinds = computed<Kind[]>((before) => keeper.all(keptOwnKind, before));
  const collections = computed<Collection[]>((before) => keeper.all(keptCollection, before));

  /** The own drink that is poured under an id: by itself, or as the house spec of a shipped one. */
  const ownOf = (id: string) => drinks.value.find((d) => d.id === id || d.houseSpecOf === id);

  const slug = (name: string) =>
    name
      .normalize('NFD')
      .replace(/\p{M}/gu, '')
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '')
      .slice(0, 40) || 'drink';
  /** An id of one's own that is free. */
  function freeId(name: string, taken: readonly string[]): string {
    const base = OWN + slug(name);
    for (let n = 1; ; n++) {
      const id = n === 1 ? base : `${base}-${n}`;
      if (!taken.includes(id)) return id;
    }
  }
  const at = () => new Date().toISOString();

  /** A new drink, or a house spec of a shipped one. */
  function write(recipe: Recipe, why: string, houseSpecOf: string | null): string {
    const taken = drinks.value.map((d) => d.id);
    const id = freeId(recipe.name, taken);
    const drink: OwnDrink = {
      ...{ id, houseSpecOf, current: 0, from: '', tags: [], notes: '' },
      versions: [{ at: at(), why, recipe: { ...recipe, id: houseSpecOf ?? id } }],
    };
    keeper.keep(keptOwnDrink, drink, `Wrote ${recipe.name}`.slice(0, 120));
    return houseSpecOf ?? id;
  }
  /** Many drinks at once, in one change. */
  function writeAll(recipes: readonly Recipe[], why: string): void {
    const taken = drinks.value.map((d) => d.id);
    const written = recipes.map((recipe): OwnDrink => {
      const id = freeId(recipe.name, taken);
      taken.push(id);
      return {
        ...{ id, houseSpecOf: null, current: 0, from: '', tags: [], notes: '' },
        versions: [{ at: at(), why, recipe: { ...recipe, id } }],
      };
    });
    keeper.keepAll(`Wrote ${recipes.map((r) => r.name).join(', ')}`.slice(0, 120), ...written.map((d) => keeper.write(keptOwnDrink, d))); // prettier-ignore
  }
  /** The same drink, otherwise: what it was stays. */
  function rewrite(drink: OwnDrink, recipe: Recipe, why: string): void {
    const next = withVersion(drink, {
      at: at(),
      why,
      recipe: { ...recipe, id: drink.houseSpecOf ?? drink.id },
    });
    keeper.keep(keptOwnDrink, next, `${recipe.name}, another version`.slice(0, 120));
  }
  function choose(drink: OwnDrink, current: number): void {
    keeper.keep(keptOwnDrink, { ...drink, current }, `Version ${current + 1} of ${drink.versions[current]?.recipe.name ?? ''}`); // prettier-ignore
  }
  function edit(drink: OwnDrink, change: string, part: Partial<OwnDrink>): void {
    keeper.keep(keptOwnDrink, { ...drink, ...part }, change);
  }
  function remove(drink: OwnDrink): void {
    const name = drink.versions[drink.current]?.recipe.name ?? '';
    keeper.remove(keptOwnDrink, drink.id, `Crossed out ${name}`.slice(0, 120));
  }
  function addKind(kind: Omit<Kind, 'id'>): string {
    const id = freeId(kind.name, kinds.value.map((k) => k.id)); // prettier-ignore
    keeper.keep(keptOwnKind, { ...kind, id }, `${kind.name}, a kind of our own`.slice(0, 120));
    return id;
  }
  function collect(collection: Collection, change: string): void {
    keeper.keep(keptCollection, collection, change);
  }
  function dissolve({ id, name }: Collection): void {
    keeper.remove(keptCollection, id, `Dissolved ${name}`);
  }

  return {
    drinks,
    kinds,
    collections,
    ownOf,
    write,
    writeAll,
    rewrite,
    choose,
    edit,
    remove,
    addKind,
    collect,
    dissolve,
  };
});
