<script setup lang="ts">
import { withArticle, inSentence, lowerFirst } from '@uisce/core/base';
import { computed, ref } from 'vue';
import { useQuestion } from '../solver/use-question';
import { useAnswer } from '../solver/use-answer';
import { useKit } from '../household/use-kit';
import { useCatalogue } from '../household/use-catalogue';
import { useWords } from '../words/use-words';
import { useOwnMeasure } from '../words/own-measure';
import { useKitReport } from './use-kit-report';
import CautionLine from '../ui/CautionLine.vue';
import CalibratePanel from './CalibratePanel.vue';
import VesselDrawing from '../ui/drawing/VesselDrawing.vue';
import SelectField from '../ui/SelectField.vue';
import CheckField from '../ui/CheckField.vue';
import DataTable from '../ui/DataTable.vue';

/** Amounts that recipes ask for most (common practice). */
const USUAL_ML = [60, 50, 45, 30, 22.5, 20, 15, 10, 7.5, 5];

const answers = useAnswer();
const kits = useKit();
const catalogue = useCatalogue();
const words = useWords();
const own = useOwnMeasure();

const weighing = ref(false);
// After what the sentence says: until then another thread would only hold it up.
const { said } = useKitReport();
const { last: scores } = useQuestion('jiggers', () => said.value && answers.current && { of: {} });

const share = (part: number) => `${words.number(part * 100, 0)} %`;
const best = computed(() => scores.value?.scores[0]);
const answer = computed(() => {
  if (!scores.value || !best.value) return '';
  const bought = `${withArticle(inSentence(best.value.jigger))} would meet ${share(best.value.met)}`;
  if (kits.kit.vessels.length === 0) return `none yet; ${bought} of what recipes ask for within 5 %`;
  return `yours meet ${share(scores.value.own.met)} of what recipes ask for within 5 %; ${bought}`;
});
const rows = computed(() => USUAL_ML.map((ml) => ({ ml, plan: own.planFor(ml) })));
const onSale = computed(() =>
  catalogue.all.jiggers.filter((j) => !kits.kit.vessels.some((v) => v.id === j.id)),
);

/** Nothing is chosen: whatever is taken from the list becomes a measure of one's own. */
const NOBODY: string | null = null;
function addLike(id: string | null): void {
  const like = catalogue.all.jiggers.find((j) => j.id === id);
  if (!like) return;
  const name = like.name.slice(0, 60);
  kits.edit(`Own ${lowerFirst(name)}`, {
    vessels: [...kits.kit.vessels, { id: like.id, name, cups: like.cups }],
  });
}
function remove(id: string, name: string): void {
  kits.edit(`No ${lowerFirst(name)}`, { vessels: kits.kit.vessels.filter((v) => v.id !== id) });
}

const AMOUNTS = [
  { key: 'ml', title: 'Amount', names: true, narrow: true },
  { key: 'fills', title: 'How' },
  { key: 'error', title: 'Off by' },
];
const JIGGERS = [
  { key: 'name', title: 'With the spoons beside it' },
  { key: 'met', title: 'Within 5 %', figures: true },
  { key: 'fills', title: 'Fills', figures: true },
  { key: 'error', title: 'Off by', figures: true },
];
</script>

<template>
  <section class="panel" aria-labelledby="measures-title">
    <div class="panel-head">
      <h2 id="measures-title">
        Measures <small class="dim">· {{ answer }}</small>
      </h2>
      <v-btn :aria-expanded="weighing" @click="weighing = !weighing">{{
        weighing ? 'Put the scale away' : 'Weigh a vessel'
      }}</v-btn>
    </div>
    <CalibratePanel v-if="weighing" @kept="weighing = false" />
    <div class="drawer">
      <ul class="plain-list vessels">
        <li v-for="vessel in kits.kit.vessels" :key="vessel.id">
          <VesselDrawing :cups="vessel.cups" :name="vessel.name" />
          <strong>{{ vessel.name }}</strong>
          <button class="plain-button link dim" type="button" @click="remove(vessel.id, vessel.name)">
            not mine
          </button>
        </li>
        <li v-if="kits.kit.vessels.length === 0" class="dim empty">
          No measure yet. Weigh the water a shot glass holds, or add a jigger like yours.
        </li>
        <li class="like">
          <SelectField
            label="I have one like this"
            :value="NOBODY"
            :choices="onSale.map((j) => ({ value: j.id, title: j.name }))"
            @choose="addLike"
          />
        </li>
      </ul>
      <DataTable
        v-if="kits.kit.vessels.length > 0"
        bare
        caption="How to measure the usual amounts"
        :columns="AMOUNTS"
        :rows="rows"
        :row-key="(row) => row.ml"
      >
        <template #cell-ml="{ row }">{{ words.volume(row.ml) }}</template>
        <template #cell-fills="{ row }">{{ row.plan ? own.sayFills(row.plan) : '' }}</template>
        <template #cell-error="{ row }"
          ><span v-if="row.plan" :class="row.plan.meets ? 'dim' : 'rust'">{{
            own.sayError(row.plan)
          }}</span></template
        >
      </DataTable>
    </div>
    <CheckField
      :model-value="kits.kit.ownMeasures"
      :disabled="kits.kit.vessels.length === 0"
      label="Read every spec in my measures too"
      @update:model-value="kits.edit('Own measures', { ownMeasures: $event })"
    />
    <details v-if="scores">
      <summary>Which one jigger would measure the whole Notebook best</summary>
      <DataTable
        caption="Jiggers compared"
        :columns="JIGGERS"
        :rows="scores.scores"
        :row-key="(s) => s.jigger.id"
      >
        <template #cell-name="{ row }">{{ row.jigger.name }}</template>
        <template #cell-met="{ row }">{{ share(row.met) }}</template>
        <template #cell-fills="{ row }">{{ words.number(row.fills, 2) }}</template>
        <template #cell-error="{ row }">{{ words.number(row.error * 100) }} %</template>
      </DataTable>
    </details>
    <CautionLine v-if="rows.some((r) => r.plan && !r.plan.meets)">
      In rust: more than 5 % off. A tall narrow cup forgives: the same error in level is a smaller error in
      volume.
    </CautionLine>
  </section>
</template>

<style scoped>
.drawer {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.3fr);
  gap: 20px;
  align-items: start;
}

.vessels {
  display: flex;
  flex-wrap: wrap;
  gap: 14px 22px;
  align-items: flex-end;
}

.vessels li {
  display: grid;
  gap: 2px;
  justify-items: start;
  max-width: 100%;
}

.like,
.empty {
  flex-basis: 100%;
}

.like > * {
  width: min(100%, 320px);
}

.link {
  min-height: 32px;
}

summary {
  min-height: 44px;
  padding: 10px 0;
  cursor: pointer;
}

@media (max-width: 820px) {
  .drawer {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
