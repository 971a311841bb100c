<script setup lang="ts">
import {
  addDays,
  batchOf,
  daysBetween,
  keeping,
  insideOfCapacity,
  heightOfMl,
  type BatchRecord,
} from '@uisce/core';
import { computed, nextTick, onMounted, ref } from 'vue';
import { useRoute } from 'vue-router';
import { useBatches } from '../../stores/batches';
import { useTrade } from '../../stores/trade';
import { useBatchWords } from '../../words/batch-words';
import { useToday } from '../../words/use-today';
import { useWords } from '../../words/use-words';
import NumberField from '../brief/NumberField.vue';
import { glassOutline } from '../glass/outline';
import CautionLine from '../plan/CautionLine.vue';
import { useBatchPlan } from './use-batch-plan';
import { useLabels } from './use-labels';

/** Bottled batches with what is left in them and their dates. */
const batches = useBatches();
const trade = useTrade();
const words = useWords();
const today = useToday();
const route = useRoute();
const { recipeOf, recipeName } = useBatchWords();
const { recipeId, sizedBy, bottleMl } = useBatchPlan();
const labels = useLabels();
const { sheetId, strip, tapeLeftMm } = labels;

const SOON_DAYS = 4;
/** Once thawed, syrup is poured within the week (common practice). */
const THAWED_DAYS = 7;
const BOTTLE: [number, number][] = [[0, 32], [4, 35], [96, 35], [120, 13], [160, 12]]; // prettier-ignore
const HEIGHT_PX = 128;

const chosen = ref<string>();
const shown = computed(() => batches.batches.find((b) => b.id === chosen.value && b.madeOn !== null));
onMounted(async () => {
  // The code on a label leads here.
  if (typeof route.params.batch !== 'string' || route.params.batch === '') return;
  chosen.value = route.params.batch;
  await nextTick();
  document.getElementById('batches-title')?.scrollIntoView();
});

function draw(batch: BatchRecord) {
  const inside = insideOfCapacity(BOTTLE, Math.max(60, (batch.yieldMl ?? 0) * 1.03));
  const scale = 0.62;
  const width = Math.max(...inside.map(([, r]) => r)) * 2 * scale + 8;
  const outline = glassOutline(
    inside,
    { footMm: 2, stem: false, handle: false },
    { centre: width / 2, bottom: HEIGHT_PX - 2, scale },
  );
  return {
    width,
    wall: outline.wall,
    foot: outline.foot,
    fill: outline.band(0, heightOfMl(inside, batch.remainingMl)),
  };
}
const left = (batch: BatchRecord) => (batch.useBy === null ? 0 : daysBetween(today.iso(), batch.useBy));
const sayLeft = (batch: BatchRecord) => {
  const days = left(batch);
  if (batch.frozen) return 'frozen';
  return days < 0 ? 'past its day' : days === 0 ? 'today' : days === 1 ? '1 day' : `${days} days`;
};
const rows = computed(() =>
  batches.onShelf.map((batch) => ({
    batch,
    name: recipeName(recipeOf(batch.recipeId)),
    drawing: draw(batch),
  })),
);
const urgent = computed(
  () =>
    rows.value.filter(({ batch }) => !batch.frozen && left(batch) <= SOON_DAYS && batch.remainingMl > 0)
      .length,
);
/** What the sums said it would fill. */
const predictedMl = computed(() => {
  const recipe = recipeOf(shown.value?.recipeId ?? '');
  return shown.value && recipe ? batchOf(recipe, shown.value.inG, trade.catalogue, trade.kinds).volumeMl : 0;
});

/** Frozen it keeps its months; thawed it is used within the week. */
function freezeOrThaw(batch: BatchRecord): void {
  const recipe = recipeOf(batch.recipeId);
  if (!recipe) return;
  const { days, frozenDays } = keeping(
    batchOf(recipe, batch.inG, trade.catalogue, trade.kinds),
    trade.catalogue,
  );
  const useBy = addDays(today.iso(), batch.frozen ? Math.min(days, THAWED_DAYS) : frozenDays);
  batches.edit(batch.id, batch.frozen ? 'Out of the freezer' : 'Frozen', { frozen: !batch.frozen, useBy });
}

function makeAgain(batch: BatchRecord): void {
  recipeId.value = batch.recipeId;
  sizedBy.value = 'bottle';
  bottleMl.value = batch.bottleMl;
  document.getElementById('make-title')?.scrollIntoView();
}
</script>

<template>
  <section class="card" aria-labelledby="batches-title">
    <div class="card-head">
      <h2 id="batches-title">
        Batches
        <small class="dim"
          >·
          {{
            rows.length === 0 ? 'none yet' : urgent > 0 ? `${urgent} to use soon` : 'nothing is pressing'
          }}</small
        >
      </h2>
      <div v-if="rows.length > 0" class="print">
        <select v-model="sheetId" class="field" aria-label="Label sheet">
          <option v-for="s in labels.sheets" :key="s.id" :value="s.id">{{ s.name }}</option>
        </select>
        <v-btn @click="labels.download(batches.onShelf)">Labels for all (PDF)</v-btn>
      </div>
    </div>
    <p v-if="rows.length === 0" class="dim">
      What you bottle stands here with its date. Choose a syrup above and begin at the scale.
    </p>
    <ul class="plain-list shelf">
      <li v-for="{ batch, name, drawing } in rows" :key="batch.id">
        <button
          class="plain-button bottle"
          type="button"
          :class="{ chosen: chosen === batch.id }"
          :aria-pressed="chosen === batch.id"
          :aria-label="`${name}, ${words.number(batch.remainingMl, 0)} ml left, ${sayLeft(batch)}`"
          @click="chosen = chosen === batch.id ? undefined : batch.id"
        >
          <svg
            :width="drawing.width"
            :height="HEIGHT_PX"
            :viewBox="`0 0 ${drawing.width} ${HEIGHT_PX}`"
            aria-hidden="true"
          >
            <path class="fill" :d="drawing.fill" />
            <path class="wall" :d="drawing.wall" />
            <path class="wall" :d="drawing.foot" />
          </svg>
          <span class="name">{{ name }}</span>
          <span class="dim note">{{ words.number(batch.remainingMl, 0) }} ml</span>
          <span class="note" :class="{ rust: !batch.frozen && left(batch) <= SOON_DAYS }">{{
            sayLeft(batch)
          }}</span>
        </button>
      </li>
    </ul>
    <div v-if="shown" class="panel" aria-live="polite">
      <p>
        <strong>{{ recipeName(recipeOf(shown.recipeId)) }}</strong>
        <span class="dim">
          · made {{ words.day(shown.madeOn ?? '') }}, use by {{ words.day(shown.useBy ?? '') }} ·
          {{ words.number(shown.yieldMl ?? 0, 0) }} ml bottled of
          {{ words.number(predictedMl, 0) }} predicted<template v-if="shown.measuredBrix !== null"
            >, read {{ words.number(shown.measuredBrix) }} °Brix</template
          ></span
        >
      </p>
      <div class="fields">
        <NumberField
          label="Left in it"
          suffix="ml"
          :value="shown.remainingMl"
          :least="0"
          :most="20000"
          @change="batches.edit(shown.id, 'Left in a batch', { remainingMl: $event ?? 0 })"
        />
        <NumberField
          label="It really filled"
          suffix="ml"
          optional
          :value="shown.yieldMl"
          :least="0"
          :most="20000"
          @change="batches.edit(shown.id, 'Yield of a batch', { yieldMl: $event })"
        />
        <label class="notes"
          ><span class="dim">Notes</span>
          <input
            class="field"
            :value="shown.notes"
            maxlength="2000"
            @change="
              batches.edit(shown.id, 'Notes on a batch', { notes: ($event.target as HTMLInputElement).value })
            "
        /></label>
      </div>
      <div class="buttons">
        <v-btn @click="labels.download([shown])">Its label (PDF)</v-btn>
        <v-btn @click="labels.printStrip(shown)">Strip for tonight</v-btn>
        <v-btn @click="makeAgain(shown)">Make it again</v-btn>
        <v-btn @click="freezeOrThaw(shown)">{{ shown.frozen ? 'Out of the freezer' : 'Freeze it' }}</v-btn>
        <v-btn @click="batches.remove(shown.id)">Throw it away</v-btn>
      </div>
      <div v-if="strip" class="strip" role="status">
        <span v-for="l in strip.lines" :key="l">{{ l }}</span>
        <small>{{ strip.lengthMm }} mm from the stand-in printer, {{ tapeLeftMm }} mm of tape left</small>
      </div>
      <CautionLine>Cloudy, growing, or smelling of yeast: pour it away, bottle and all.</CautionLine>
    </div>
  </section>
</template>

<style scoped>
.print,
.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}

.print .field {
  width: auto;
  max-width: 100%;
}

.shelf {
  display: flex;
  flex-wrap: wrap;
  gap: 0 10px;
  align-items: flex-end;
  border-bottom: 6px solid rgb(var(--v-theme-wood));
}

.bottle {
  display: flex;
  flex-direction: column;
  align-items: center;
  width: 104px;
  padding: 6px 4px;
}

.chosen {
  background: rgb(var(--v-theme-wall));
}

.fill {
  fill: color-mix(in srgb, rgb(var(--v-theme-gorse)) 55%, rgb(var(--v-theme-card)));
}

.wall {
  fill: none;
  stroke: rgb(var(--v-theme-ink));
  stroke-width: 1.5;
}

.name {
  font-size: 0.875rem;
  font-weight: 650;
  line-height: 1.15;
  text-align: center;
}

.note {
  font-size: 0.8125rem;
}

.rust {
  color: rgb(var(--v-theme-rust));
  font-weight: 700;
}

.panel {
  margin-top: 12px;
  padding: 12px 14px;
  border: 1px solid rgb(var(--v-theme-line));
  border-radius: var(--radius);
  background: rgb(var(--v-theme-wall));
}

.panel p {
  margin: 0 0 10px;
}

.fields {
  display: grid;
  grid-template-columns: 1fr 1fr 2fr;
  gap: 12px;
  align-items: center;
  margin-bottom: 10px;
}

.notes {
  display: flex;
  gap: 8px;
  align-items: center;
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
