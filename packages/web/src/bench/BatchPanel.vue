<script setup lang="ts">
import { computed } from 'vue';
import { batchAsMade, freezeOrThaw, notFrozen, type BatchRecord } from '@uisce/core/bench';
import { useBatches } from '../household/use-batches';
import { useCatalogue } from '../household/use-catalogue';
import { useBatchWords } from '../words/batch-words';
import { useToday } from '../household/use-today';
import { useWords } from '../words/use-words';
import NumberField from '../ui/NumberField.vue';
import CautionLine from '../ui/CautionLine.vue';
import { useBatchPlan } from './use-batch-plan';
import { useLabels } from './use-labels';

/** One bottled batch: what is left, what it yielded, its label, and what may be done with it. */
const props = defineProps<{ batch: BatchRecord }>();

const batches = useBatches();
const catalogue = useCatalogue();
const words = useWords();
const today = useToday();
const { recipeOf, recipeName } = useBatchWords();
const { recipeId, sizedBy, bottleMl } = useBatchPlan();
const labels = useLabels();
const { strip, tapeLeftMm } = labels;

const made = computed(() => {
  const recipe = recipeOf(props.batch);
  return recipe && batchAsMade(recipe, props.batch, catalogue.all, catalogue.kinds);
});
/** What the sums said it would fill. */
const predictedMl = computed(() => made.value?.volumeMl ?? 0);

/** Why it does not go into the freezer. */
const notIn = computed(() =>
  made.value ? notFrozen(props.batch, made.value, today.iso(), catalogue.all) : undefined,
);
const isPast = computed(() => props.batch.useBy !== null && props.batch.useBy < today.iso());
function toFreezerOrBack(batch: BatchRecord): void {
  if (!made.value) return;
  const next = freezeOrThaw(batch, made.value, today.iso(), catalogue.all);
  batches.keep(next, batch.frozen ? 'Out of the freezer' : 'Frozen');
}

function makeAgain(batch: BatchRecord): void {
  recipeId.value = batch.recipeId;
  sizedBy.value = 'bottle';
  bottleMl.value = batch.bottleMl;
  document.getElementById('make-title')?.scrollIntoView();
}
</script>

<template>
  <div class="detail" aria-live="polite">
    <p>
      <strong>{{ recipeName(recipeOf(batch)) }}</strong>
      <span class="dim">
        · made {{ words.day(batch.madeOn ?? '') }}, use by {{ words.day(batch.useBy ?? '') }} ·
        {{ words.number(batch.yieldMl ?? 0, 0) }} ml bottled of
        {{ words.number(predictedMl, 0) }} predicted<template v-if="batch.measuredBrix !== null"
          >, read {{ words.number(batch.measuredBrix) }} °Brix</template
        ></span
      >
    </p>
    <div class="fields">
      <NumberField
        label="Left in it"
        suffix="ml"
        :value="batch.remainingMl"
        :least="0"
        :most="20000"
        @change="batches.edit(batch.id, 'Left in a batch', { remainingMl: $event ?? 0 })"
      />
      <NumberField
        label="It really filled"
        suffix="ml"
        optional
        :value="batch.yieldMl"
        :least="0"
        :most="20000"
        @change="batches.edit(batch.id, 'Yield of a batch', { yieldMl: $event })"
      />
      <v-text-field
        class="notes"
        label="Notes"
        maxlength="2000"
        :model-value="batch.notes"
        @change="
          batches.edit(batch.id, 'Notes on a batch', { notes: ($event.target as HTMLInputElement).value })
        "
      />
    </div>
    <div class="buttons">
      <v-btn @click="labels.download([batch])">Its label (PDF)</v-btn>
      <v-btn @click="labels.printStrip(batch)">Strip for tonight</v-btn>
      <v-btn v-if="catalogue.all.homeMade.some((h) => h.id === batch.recipeId)" @click="makeAgain(batch)"
        >Make it again</v-btn
      >
      <v-btn v-if="!notIn" @click="toFreezerOrBack(batch)">{{
        batch.frozen ? 'Out of the freezer' : 'Freeze it'
      }}</v-btn>
      <v-btn @click="batches.remove(batch.id)">Throw it away</v-btn>
    </div>
    <div v-if="strip" class="strip" role="status">
      <span v-for="l in strip.lines" :key="l">{{ l }}</span>
      <small>{{ strip.lengthMm }} mm from the simulated printer, {{ tapeLeftMm }} mm of tape left</small>
    </div>
    <CautionLine v-if="isPast && !notIn">It is past its day: pour it away.</CautionLine>
    <p v-if="notIn" class="dim">{{ notIn }}</p>
    <CautionLine>Cloudy, growing, or smelling of yeast: pour it away, bottle and all.</CautionLine>
  </div>
</template>

<style scoped>
.detail {
  margin-top: 12px;
  padding: 12px 14px;
  border: 1px solid rgb(var(--v-theme-line));
  border-radius: var(--radius);
  background: rgb(var(--v-theme-wall));
}

.detail p {
  margin: 0 0 10px;
}

.fields {
  display: grid;
  grid-template-columns: 1fr 1fr 2fr;
  gap: 12px;
  align-items: center;
  margin-bottom: 10px;
}

.strip {
  display: inline-grid;
  margin-top: 12px;
  padding: 8px 16px;
  color: #1c2a2b;
  background: #fbf4e4;
  border: 1px dashed rgb(var(--v-theme-dim));
}

@media (max-width: 700px) {
  .fields {
    grid-template-columns: 1fr 1fr;
  }

  .notes {
    grid-column: 1 / -1;
  }
}
</style>
