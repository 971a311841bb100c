<script setup lang="ts">
import { SimulatedRefractometer } from '@uisce/core/devices';
import { bottleBatch, type Batch, type BatchRecord } from '@uisce/core/making';
import { useBatches } from '../household/use-batches';
import { useTrade } from '../household/use-trade';
import { useToday } from '../household/use-today';
import { useWords } from '../words/use-words';
import TypedReading from '../ui/TypedReading.vue';

/** The last step: a drop on the refractometer if you like, and into the bottle with its dates. */
const props = defineProps<{ record: BatchRecord; batch: Batch }>();

const batches = useBatches();
const trade = useTrade();
const words = useWords();
const today = useToday();
const refractometer = new SimulatedRefractometer(() => Math.random());
const ROOM_C = 20;

function keepBrix(measuredBrix: number): void {
  batches.edit(props.record.id, 'Brix read', { measuredBrix });
}
function readBrix(): void {
  const read = refractometer.read(props.batch.brix, ROOM_C);
  if (read !== undefined) keepBrix(read);
}
function bottle(): void {
  batches.keep(bottleBatch(props.record, props.batch, today.iso(), trade.catalogue), 'Bottled');
}
</script>

<template>
  <div class="bench-step">
    <p class="big display">
      Bottle it: {{ words.number(batch.volumeMl, 0) }} ml at {{ words.number(batch.brix) }} °Brix
    </p>
    <p v-if="record.measuredBrix !== null" class="dim">
      The refractometer reads {{ words.number(record.measuredBrix) }} °Brix.
    </p>
    <div class="buttons">
      <v-btn @click="readBrix">Read a drop on the refractometer</v-btn>
      <TypedReading
        label="Or what your own reads"
        suffix="°Brix"
        :above="0"
        :most="90"
        button="Mine reads this"
        @take="keepBrix"
      />
      <v-btn color="sea" @click="bottle">Into the bottle, with today’s date</v-btn>
    </div>
  </div>
</template>
