<script setup lang="ts">
import { computed, ref } from 'vue';
import { bookletOf } from '@uisce/core/notebook';
import { useNotebook } from '../../household/use-notebook';
import { useSettings } from '../../household/use-settings';
import { useToday } from '../../household/use-today';
import { useCatalogue } from '../../household/use-catalogue';
import { useAtHand } from '../../ui/drink/use-at-hand';
import { saveFile } from '../../ui/save-file';
import SelectField from '../../ui/SelectField.vue';
import { count, useWords } from '../../words/use-words';
import { bookletPdf } from '../paper/booklet-pdf';
import { usePrintedDrink } from '../paper/use-printed-drink';

/** A booklet to print: contents by family, index by ingredient, in the household's measures. */
const atHand = useAtHand();
const settings = useSettings();
const notebook = useNotebook();
const printed = usePrintedDrink();
const today = useToday();
const catalogue = useCatalogue();
const words = useWords();

const which = ref('ours');
const choices = computed(() => [
  { value: 'ours', title: 'What we wrote' },
  { value: 'plan', title: 'What the plan makes' },
  ...notebook.collections.map((c) => ({ value: c.id, title: c.name })),
  { value: 'all', title: 'Every drink' },
]);
const recipes = computed(() => {
  const all = catalogue.all.recipes;
  if (which.value === 'all') return all;
  const wanted =
    which.value === 'ours'
      ? new Set(notebook.drinks.map((d) => d.houseSpecOf ?? d.id))
      : which.value === 'plan'
        ? new Set(atHand.open.value.keys())
        : new Set(notebook.collections.find((c) => c.id === which.value)?.drinks);
  return all.filter((r) => wanted.has(r.id));
});
const working = ref(false);
async function print(): Promise<void> {
  working.value = true;
  const { chapters, index } = bookletOf(recipes.value, catalogue.all);
  const name = settings.current.household || 'Our home bar';
  const pdf = await bookletPdf({
    title: name,
    under: `${count(recipes.value.length, 'drink')} · ${words.day(today.iso())}`,
    chapters: chapters.map((c) => ({ title: c.title, drinks: c.recipes.map(printed) })),
    index: index.map((i) => ({ name: i.name, drinks: i.recipes.map((r) => r.name) })),
  });
  saveFile('booklet.pdf', 'application/pdf', pdf);
  working.value = false;
}
</script>

<template>
  <section class="panel" aria-labelledby="booklet-title">
    <h2 id="booklet-title">A booklet to print <small class="dim">· A5, PDF</small></h2>
    <div class="field-row">
      <SelectField label="Which drinks" :value="which" :choices="choices" @choose="which = $event" />
      <v-btn :disabled="recipes.length === 0 || working" @click="print"
        >Make it: {{ count(recipes.length, 'drink') }}</v-btn
      >
    </div>
    <p class="dim">Contents by family, an index by ingredient, and each pour by your own cups.</p>
  </section>
</template>

<style scoped>
p {
  margin: 0;
}
</style>
