<script setup lang="ts">
import { computed, ref } from 'vue';
import { RouterLink } from 'vue-router';
import { measuringLines } from '@uisce/core/measure';
import { blindBalance, type BlindMend, type Wrong } from '@uisce/core/practice';
import { useKit } from '../household/use-kit';
import { useCatalogue } from '../household/use-catalogue';
import { useVerdicts } from '../household/use-verdicts';
import DataTable from '../ui/DataTable.vue';
import { listed, useWords } from '../words/use-words';

/** Four glasses of one drink by their figures: which is wrong, and what mends it. */
const kits = useKit();
const catalogue = useCatalogue();
const verdicts = useVerdicts();
const words = useWords();

const steps = computed(() => {
  const lines = measuringLines(kits.kit.vessels).map((l) => l.ml);
  return [...new Set([...lines, ...Array.from({ length: 48 }, (_, i) => (i + 1) * 2.5)])];
});
/** Drinks liked here first, then any that is sour and sweet at once. */
const drinks = computed(() => {
  const liked = verdicts.liked.flatMap((l) => catalogue.recipes.get(l.drink) ?? []);
  return [...new Set([...liked, ...catalogue.all.recipes])];
});
const turn = ref(Math.floor(Math.random() * 1000));
/** The first from here on that makes a question. */
const asked = computed(() => {
  const able = drinks.value.filter((r) => r.family === 'sour' || r.family === 'daisy').slice(0, 60);
  for (let i = 0; i < able.length; i++) {
    const recipe = able[(turn.value + i) % able.length];
    const found = recipe && blindBalance(recipe, catalogue.kinds, steps.value, turn.value);
    if (found) return found;
  }
  return undefined;
});
const recipe = computed(() => catalogue.recipes.get(asked.value?.drink ?? ''));
const WRONG_WORDS: Record<Wrong, string> = {
  'too-sour': 'too sour',
  'too-sweet': 'too sweet',
  'too-strong': 'too strong',
  'too-weak': 'too weak',
};
const LETTERS = ['A', 'B', 'C', 'D'];
const COLUMNS = [
  { key: 'letter', title: 'Glass', names: true },
  { key: 'abv', title: 'Strength', figures: true },
  { key: 'sugar', title: 'Sugar, g in 100 ml', figures: true },
  { key: 'acid', title: 'Acid, g in 100 ml', figures: true },
  { key: 'volume', title: 'In the glass', figures: true },
];
const rows = computed(() =>
  (asked.value?.glasses ?? []).map((g, i) => ({
    letter: LETTERS[i] ?? '',
    abv: words.percent(g.figures.abv),
    sugar: words.fixed(g.figures.sugar, 1),
    acid: words.fixed(g.figures.acid, 2),
    volume: words.volume(Math.round(g.figures.volume)),
  })),
);
const glass = ref<number>();
const mend = ref<number>();
const sayMend = (m: BlindMend) =>
  listed(
    m.map(({ slot, fromMl, toMl }) => {
      const kind = recipe.value?.slots[slot]?.kind ?? '';
      return `${words.volume(toMl)} ${catalogue.kindInSentence(kind)} instead of ${words.volume(fromMl)}`;
    }),
  );
const what = (i: number) => {
  const wrong = asked.value?.glasses[i]?.wrong;
  return wrong ? WRONG_WORDS[wrong] : 'as it should be';
};
function next(): void {
  turn.value += 1;
  [glass.value, mend.value] = [undefined, undefined];
}
</script>

<template>
  <section v-if="asked && recipe" class="panel" data-takes-digits aria-labelledby="blind-title">
    <h2 id="blind-title" class="display question">
      Four glasses of {{ recipe.name }}: which is {{ WRONG_WORDS[asked.asked] }}?
    </h2>
    <DataTable
      caption="Four glasses by their figures"
      :columns="COLUMNS"
      :rows="rows"
      :row-key="(r) => r.letter"
    />
    <div class="buttons">
      <v-btn
        v-for="(row, i) in rows"
        :key="row.letter"
        :disabled="glass !== undefined"
        :aria-pressed="glass === i"
        @click="glass = i"
        >Glass {{ row.letter }}</v-btn
      >
    </div>
    <template v-if="glass !== undefined">
      <p role="status">
        <strong :class="glass === asked.right ? 'sea' : 'rust'">{{
          glass === asked.right ? 'Right' : 'Not so'
        }}</strong>:
        {{
          LETTERS.slice(0, rows.length)
            .map((l, i) => `${l} is ${what(i)}`)
            .join(', ')
        }}.
      </p>
      <h3>Glass {{ LETTERS[asked.right] }}: what mends it?</h3>
      <ol class="plain-list">
        <li v-for="(m, i) in asked.mends" :key="i">
          <v-btn :disabled="mend !== undefined" :aria-pressed="mend === i" @click="mend = i">{{
            sayMend(m)
          }}</v-btn>
        </li>
      </ol>
      <p v-if="mend !== undefined" role="status">
        <strong :class="mend === asked.rightMend ? 'sea' : 'rust'">{{
          mend === asked.rightMend ? 'Right' : 'Not so'
        }}</strong>: {{ sayMend(asked.mends[asked.rightMend] ?? []) }} comes nearest in steps that you can
        measure.
      </p>
      <div class="buttons">
        <v-btn color="sea" @click="next">Another four</v-btn>
        <RouterLink :to="`/notebook/${asked.drink}`">{{ recipe.name }} in the Notebook</RouterLink>
      </div>
    </template>
  </section>
</template>

<style scoped>
.question {
  font-family: var(--display) !important;
  font-size: 1.5rem !important;
}

.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: center;
  margin-top: 12px;
}

li {
  margin-bottom: 8px;
}

li .v-btn {
  height: auto !important;
  min-height: 44px;
  white-space: normal;
  text-align: start;
}

h3 {
  margin: 12px 0 8px;
  font-size: 1rem;
}

.sea {
  color: rgb(var(--v-theme-sea));
}

a {
  color: inherit;
}
</style>
