<script setup lang="ts">
import { computed } from 'vue';
import type { Recipe } from '@uisce/core/catalogue';
import { comparedFigures, likedVersion, COMPARED_FIGURES, type OwnDrink } from '@uisce/core/notebook';
import { useCatalogue } from '../household/use-catalogue';
import { useVerdicts } from '../household/use-verdicts';
import DataTable, { type Column } from '../ui/DataTable.vue';
import { METHOD_WORDS } from '../words/trade-words';
import { useWords } from '../words/use-words';

/** Versions side by side: every part and figure in a row, what differs from the column before it marked. */
const props = defineProps<{ drink: OwnDrink }>();
const catalogue = useCatalogue();
const verdicts = useVerdicts();
const words = useWords();

interface Version {
  key: string;
  title: string;
  recipe: Recipe;
  liked: string;
}
const versions = computed<Version[]>(() => {
  const { drink } = props;
  const printed = catalogue.printed.get(drink.houseSpecOf ?? '');
  return [
    ...(printed ? [{ key: 'printed', title: 'As printed', recipe: printed, liked: '' }] : []),
    ...drink.versions.map((v, i): Version => {
      const liked = likedVersion(verdicts.verdicts, drink, i);
      return {
        key: `v${i}`,
        title: i === drink.current ? `${i + 1}, poured now` : String(i + 1),
        recipe: v.recipe,
        liked: liked ? `${words.number(liked.mean)} of 5` : '',
      };
    }),
  ];
});
const columns = computed<Column[]>(() => [
  { key: 'what', title: 'Version', names: true },
  ...versions.value.map((v) => ({ key: v.key, title: v.title, figures: true })),
]);

type Row = Record<string, string>;
const rowOf = (what: string, of: (v: Version) => string): Row =>
  Object.fromEntries([['what', what], ...versions.value.map((v) => [v.key, of(v)] as const)]);
const rows = computed<Row[]>(() => {
  const kinds = [...new Set(versions.value.flatMap((v) => v.recipe.slots.map((s) => s.kind)))];
  const figures = new Map(versions.value.map((v) => [v.key, comparedFigures(v.recipe, catalogue.kinds)]));
  const figure = (v: Version, of: (typeof COMPARED_FIGURES)[number]) => {
    const value = figures.get(v.key)?.[of] ?? 0;
    if (of === 'abv') return words.percent(value);
    return of === 'volume' ? words.volume(Math.round(value)) : `${words.fixed(value, 1)} g`;
  };
  return [
    ...kinds.map((kind) =>
      rowOf(
        catalogue.kindName(kind),
        (v) =>
          v.recipe.slots
            .filter((s) => s.kind === kind)
            .map((s) => words.amount(s.amount))
            .join(' + ') || '–',
      ),
    ),
    rowOf('Made', (v) => METHOD_WORDS[v.recipe.method]),
    rowOf('Glass', (v) => catalogue.glassInSentence(v.recipe.glass)),
    rowOf('Strength, vol', (v) => figure(v, 'abv')),
    rowOf('Sugar in 100 ml', (v) => figure(v, 'sugar')),
    rowOf('Acid in 100 ml', (v) => figure(v, 'acid')),
    rowOf('In the glass', (v) => figure(v, 'volume')),
    rowOf('Liked', (v) => v.liked || '–'),
  ];
});
/** Whether a cell says otherwise than the one before it. */
const differs = (row: Row, i: number) =>
  i > 0 && row[versions.value[i]?.key ?? ''] !== row[versions.value[i - 1]?.key ?? ''];
</script>

<template>
  <DataTable caption="Versions side by side" :columns="columns" :rows="rows" :row-key="(r) => r.what ?? ''">
    <template v-for="(v, i) in versions" :key="v.key" #[`cell-${v.key}`]="{ row }">
      <strong v-if="differs(row, i)">{{ row[v.key] }}</strong>
      <template v-else>{{ row[v.key] }}</template>
    </template>
  </DataTable>
</template>
