import { createSharedComposable } from '@vueuse/core';
import { computed, reactive } from 'vue';
import { kindAndAncestors, type Family, type Recipe, type Region } from '@uisce/core/catalogue';
import { drinkFigures, strengthOf, type Strength } from '@uisce/core/drink';
import { DrinkSearch } from '@uisce/core/find';
import { countDrinks, pouredWith } from '@uisce/core/plan';
import { BASES, basesOf } from '@uisce/core/rules';
import { useNotebook } from '../household/use-notebook';
import { OWN_TAG } from './collection-needs';
import { useCatalogue } from '../household/use-catalogue';
import { REGION_WORDS } from '../words/trade-words';
import { useAtHand } from '../ui/drink/use-at-hand';

export const REACHES = {
  all: 'Every drink',
  have: 'What I have',
  plan: 'What my plan makes',
} as const;

/** What the reader asks the index for. */
export interface IndexFilter {
  text: string;
  base: (typeof BASES)[number] | '';
  family: Family | '';
  strength: Strength | '';
  /** Where it is at home; every region one after another. */
  region: Region | typeof BY_REGION | '';
  kind: string;
  /** A collection of the household's, or what it wrote itself. */
  collection: string;
  reach: keyof typeof REACHES;
}

export interface IndexRow {
  recipe: Recipe;
  abv: number;
  /** Opened by the plan. */
  open: boolean;
}

/** The whole book, region by region. */
export const BY_REGION = 'by-region';

/** What the household wrote itself. */
export const OWN_DRINKS = 'own';

/** More lines than this nobody scrolls through, and a page draws slowly. */
const MAX_SHOWN = 1500;

const alphabet = new Intl.Collator('en');

/** One question for the whole session, so that going to a drink and back finds the same list. */
const wanted = reactive<IndexFilter>({
  text: '',
  base: '',
  family: '',
  strength: '',
  region: '',
  kind: '',
  collection: '',
  reach: 'all',
});

/** Whether a drink is wanted by what the reader asks for. */
function useWants() {
  const catalogue = useCatalogue();
  const atHand = useAtHand();
  const notebook = useNotebook();
  const facts = computed(
    () =>
      new Map(
        catalogue.all.recipes.map((recipe) => [
          recipe.id,
          { bases: basesOf(recipe, catalogue.kinds), abv: drinkFigures(recipe, catalogue.kinds).abv },
        ]),
      ),
  );
  const have = computed(
    () =>
      new Set(
        catalogue.all.recipes
          .filter((r) =>
            pouredWith(r, catalogue.all, atHand.owned.value, atHand.minMatch.value).every(
              (p) => p.match > 0 || p.slot.optional,
            ),
          )
          .map((r) => r.id),
      ),
  );

  /** What is in the collection that is asked for. */
  const members = computed(() => {
    const { collection } = wanted;
    if (collection === '') return undefined;
    if (collection.startsWith(OWN_TAG)) {
      const tag = collection.slice(OWN_TAG.length);
      return new Set(notebook.drinks.filter((d) => d.tags.includes(tag)).map((d) => d.houseSpecOf ?? d.id));
    }
    if (collection === OWN_DRINKS) return new Set(notebook.drinks.map((d) => d.houseSpecOf ?? d.id));
    return new Set(notebook.collections.find((c) => c.id === collection)?.drinks);
  });

  /** Whether some part is of a kind: a drink with dry vermouth is made with vermouth. */
  function madeWith(recipe: Recipe, kind: string): boolean {
    return recipe.slots.some((s) =>
      [s.kind, ...s.or].some((id) => kindAndAncestors(id, catalogue.kinds).includes(kind)),
    );
  }

  const isAtHomeIn = (recipe: Recipe, region: IndexFilter['region']) =>
    region === '' || region === BY_REGION || recipe.region === region;

  function wants(recipe: Recipe): boolean {
    const { base, family, strength, region, kind, collection, reach } = wanted;
    const known = facts.value.get(recipe.id);
    return (
      (base === '' || known?.bases.includes(base) === true) &&
      (family === '' || recipe.family === family) &&
      (strength === '' || strengthOf(known?.abv ?? 0) === strength) &&
      isAtHomeIn(recipe, region) &&
      (kind === '' || madeWith(recipe, kind)) &&
      (collection === '' || (members.value?.has(recipe.id) ?? false)) &&
      (reach === 'all' || (reach === 'have' ? have.value.has(recipe.id) : atHand.open.value.has(recipe.id)))
    );
  }

  return { facts, have, wants };
}

/** The index of the Notebook: every drink, narrowed by what the reader asks for. Computed once for all who use it. */
export const useIndex = createSharedComposable(() => {
  const catalogue = useCatalogue();
  const atHand = useAtHand();

  /** Made when the first word is typed. */
  const search = computed(() => new DrinkSearch(catalogue.all));

  const { facts, have, wants } = useWants();
  const rows = computed<IndexRow[]>(() => {
    const found =
      wanted.text.trim() === ''
        ? [...catalogue.all.recipes].sort((a, b) => alphabet.compare(a.name, b.name))
        : search.value.find(wanted.text).flatMap((id) => catalogue.recipes.get(id) ?? []);
    return found.filter(wants).map((recipe) => ({
      recipe,
      abv: facts.value.get(recipe.id)?.abv ?? 0,
      open: atHand.open.value.has(recipe.id),
    }));
  });

  /** How many drinks the rows are of: written in several ways, one has several rows. */
  const drinks = computed(() =>
    countDrinks(
      rows.value.map((row) => row.recipe.id),
      catalogue.recipes,
    ),
  );

  /** Rows that are drawn: a book of thousands is narrowed before it is read. */
  const shown = computed(() => rows.value.slice(0, MAX_SHOWN));
  /** By family, or by region, while nothing is sought; else one list, best first. */
  const sections = computed(() => {
    if (wanted.text.trim() !== '') return [{ title: '', rows: shown.value }];
    const byRegion = wanted.region === BY_REGION;
    const by = new Map<string, IndexRow[]>();
    for (const row of shown.value) {
      const head = byRegion ? (row.recipe.region ?? '') : row.recipe.family;
      by.set(head, [...(by.get(head) ?? []), row]);
    }
    const heads = byRegion
      ? [...Object.entries(REGION_WORDS), ['', 'Everywhere, or nobody is sure'] as const]
      : catalogue.all.families.map((f) => [f.id, f.name] as const);
    return heads.map(([id, title]) => ({ title, rows: by.get(id) ?? [] })).filter((s) => s.rows.length > 0);
  });

  return { wanted, rows, drinks, shown, sections, have };
});
