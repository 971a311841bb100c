<script setup lang="ts">
import { daysBetween } from '@uisce/core/base';
import { insideOfCapacity, heightOfMl } from '@uisce/core/glass';
import type { BatchRecord } from '@uisce/core/bench';
import { computed, nextTick, onMounted, ref } from 'vue';
import { useRoute } from 'vue-router';
import { useBatches } from '../household/use-batches';
import { useBatchWords } from '../words/batch-words';
import { useToday } from '../household/use-today';
import { useWords } from '../words/use-words';
import { glassOutline } from '../ui/drawing/outline';
import BatchPanel from './BatchPanel.vue';
import { useLabels } from './use-labels';
import SelectField from '../ui/SelectField.vue';

/** Bottled batches with what is left in them and their dates. */
const batches = useBatches();
const words = useWords();
const today = useToday();
const route = useRoute();
const { recipeOf, recipeName } = useBatchWords();
const labels = useLabels();
const { sheetId } = labels;

const SOON_DAYS = 4;
const BOTTLE: [number, number][] = [
  [0, 32],
  [4, 35],
  [96, 35],
  [120, 13],
  [160, 12],
];
const HEIGHT_PX = 128;

const chosen = ref<string>();
const shown = computed(() => batches.onShelf.find((b) => b.id === chosen.value));
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
  if (batch.frozen) return days < 0 ? 'frozen, past its day' : 'frozen';
  return days < 0 ? 'past its day' : days === 0 ? 'today' : days === 1 ? '1 day' : `${days} days`;
};
const rows = computed(() =>
  batches.onShelf.map((batch) => ({
    batch,
    name: recipeName(recipeOf(batch)),
    drawing: draw(batch),
  })),
);
const urgent = computed(
  () =>
    rows.value.filter(
      ({ batch }) => !batch.frozen && left(batch) >= 0 && left(batch) <= SOON_DAYS && batch.remainingMl > 0,
    ).length,
);
</script>

<template>
  <section class="panel" aria-labelledby="batches-title">
    <div class="panel-head">
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
        <SelectField
          label="Label sheet"
          :value="sheetId"
          :choices="labels.sheets.map((s) => ({ value: s.id, title: s.name }))"
          @choose="sheetId = $event"
        />
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
    <BatchPanel v-if="shown" :key="shown.id" :batch="shown" />
  </section>
</template>

<style scoped>
.print {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
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
  fill: color-mix(in srgb, rgb(var(--v-theme-gorse)) 55%, rgb(var(--v-theme-panel)));
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
</style>
