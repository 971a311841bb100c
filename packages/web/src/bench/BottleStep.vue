<script setup lang="ts">
import { computed } from 'vue';
import { SimulatedRefractometer } from '@uisce/core/devices';
import { batchedGlassMl, drinkOfMixed } from '@uisce/core/mixed';
import { bottleBatch, type Batch, type BatchRecord } from '@uisce/core/bench';
import { useBatches } from '../household/use-batches';
import { useLog } from '../household/use-log';
import { useCatalogue } from '../household/use-catalogue';
import { useToday } from '../household/use-today';
import { count, useWords } from '../words/use-words';
import TypedReading from '../ui/TypedReading.vue';

/** The last step: a drop on the refractometer if you like, and into the bottle with its dates. */
const props = defineProps<{ record: BatchRecord; batch: Batch }>();

const batches = useBatches();
const log = useLog();
const catalogue = useCatalogue();
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
/** What was mixed for an evening is poured by the glass. */
const mixed = computed(() => {
  const drink = catalogue.recipes.get(drinkOfMixed(props.batch.recipe.makes) ?? '');
  if (!drink) return undefined;
  const glassMl = Math.round(batchedGlassMl(drink, catalogue.kinds));
  return `${count(Math.floor(props.batch.volumeMl / glassMl + 0.05), 'glass', 'glasses')} of ${words.number(glassMl, 0)} ml`;
});
function bottle(): void {
  const bottled = bottleBatch(props.record, props.batch, today.iso(), catalogue.all);
  log.bottleBatch(bottled, 'Bottled');
}
</script>

<template>
  <div class="bench-step">
    <p class="big display">
      Bottle it: {{ words.number(batch.volumeMl, 0) }} ml{{
        mixed ? `, ${mixed}` : ` at ${words.number(batch.brix)} °Brix`
      }}
    </p>
    <p v-if="record.measuredBrix !== null" class="dim">
      The refractometer reads {{ words.number(record.measuredBrix) }} °Brix.
    </p>
    <div class="buttons">
      <v-btn v-if="!mixed" @click="readBrix">Read a drop on the refractometer</v-btn>
      <TypedReading
        v-if="!mixed"
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
