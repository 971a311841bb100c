<script setup lang="ts">
import { lowerFirst } from '@uisce/core/base';
import { dequal } from 'dequal';
import { computed, ref, watch } from 'vue';
import { judge, WISHES, type Balanced, type ComparedFigure, type Wish } from '@uisce/core/notebook';
import { useCatalogue } from '../../household/use-catalogue';
import DataTable from '../../ui/DataTable.vue';
import { listed, useWords } from '../../words/use-words';
import { useJudgeWords } from './use-judge-words';
import { useWriting } from './use-writing';

/** Its figures among its family; and "less sweet", in steps that can be measured here. */
const catalogue = useCatalogue();
const words = useWords();
const { judged, recipe, wish, take } = useWriting();
const { figure } = useJudgeWords();

const NAMES: Record<ComparedFigure, string> = {
  abv: 'Strength',
  sugar: 'Sugar',
  acid: 'Acid',
  volume: 'In the glass',
};
const WISH_WORDS: Record<Wish, string> = {
  'less-sweet': 'Less sweet',
  sweeter: 'Sweeter',
  'less-sour': 'Less sour',
  sourer: 'Sourer',
  weaker: 'Weaker, same size',
  stronger: 'Stronger',
  longer: 'Longer',
  shorter: 'Shorter',
};
const COLUMNS = [
  { key: 'name', title: 'Figure', names: true },
  { key: 'is', title: 'Here', figures: true },
  { key: 'median', title: 'Its family’s middle', figures: true },
];
const rows = computed(() =>
  (judged.value?.places ?? []).map((p) => ({
    id: p.of,
    name: NAMES[p.of],
    is: figure(p),
    median: figure({ ...p, value: p.median }),
  })),
);
const asked = ref<Wish>();
const found = ref<Balanced | null>();
watch(recipe, (now, before) => {
  // Read again, it says what it said: what was found for it holds.
  if (dequal(now, before)) return;
  asked.value = undefined;
  found.value = undefined;
});
function ask(what: Wish): void {
  asked.value = what;
  found.value = wish(what) ?? null;
}
const changes = computed(() =>
  (found.value?.changes ?? []).map(({ slot, fromMl, toMl }) => {
    const kind = recipe.value?.slots[slot]?.kind ?? '';
    return `${words.volume(toMl)} ${catalogue.kindInSentence(kind)} instead of ${words.volume(fromMl)}`;
  }),
);
/** What else changes with it. */
const then = computed(() => {
  if (!found.value || !judged.value) return '';
  const after = judge(found.value.recipe, catalogue.all).places;
  return listed(
    after.flatMap((p) => {
      const was = judged.value?.places.find((w) => w.of === p.of)?.value ?? 0;
      return Math.abs(p.value - was) < was * 0.01 ? [] : [`${lowerFirst(NAMES[p.of])} ${figure(p)}`];
    }),
  );
});
</script>

<template>
  <section class="panel" aria-labelledby="balance-title">
    <h2 id="balance-title">As it is, and as you would like it</h2>
    <DataTable
      caption="Its figures among its family"
      :columns="COLUMNS"
      :rows="rows"
      :row-key="(r) => r.id"
    />
    <div class="wishes">
      <v-btn v-for="w in WISHES" :key="w" :aria-pressed="asked === w" @click="ask(w)">{{
        WISH_WORDS[w]
      }}</v-btn>
    </div>
    <p v-if="found" role="status">
      {{ listed(changes) }}<template v-if="then">: {{ then }}</template
      >.
      <v-btn color="sea" @click="take(found.recipe)">Write it so</v-btn>
    </p>
    <p v-else-if="found === null" role="status" class="dim">No measurable step comes nearer than it is.</p>
  </section>
</template>

<style scoped>
.wishes {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin: 12px 0;
}
</style>
