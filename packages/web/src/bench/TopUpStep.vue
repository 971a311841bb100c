<script setup lang="ts">
import { computed, ref } from 'vue';
import { giveBack, waterLostG, type BatchRecord } from '@uisce/core/bench';
import { useBatches } from '../household/use-batches';
import { useBatchWords } from '../words/batch-words';
import CautionLine from '../ui/CautionLine.vue';
import WeighedGrams from './WeighedGrams.vue';

/** A heated batch is weighed again, and given back the water that went off. */
const props = defineProps<{ record: BatchRecord; massG: number }>();

const batches = useBatches();
const { grams } = useBatchWords();

/** What a pan loses over the heat (common practice: a few in a hundred). */
const PAN_LOSS = 0.03;

/** The pot after the heat, as weighed: typed, or as the simulated scale has it. */
const weighedG = ref<number | null>(null);
const topUp = computed(() => (weighedG.value === null ? undefined : waterLostG(props.massG, weighedG.value)));
const weighPan = () =>
  (weighedG.value = Math.round(props.massG * (1 - PAN_LOSS * (0.6 + 0.8 * Math.random()))));
const isBack = () => batches.keep(giveBack(props.record, topUp.value ?? 0), 'Water given back');
</script>

<template>
  <div class="bench-step">
    <p class="big display">Weigh it without the pan: it should be {{ grams(massG) }}</p>
    <WeighedGrams label="It weighs" :g="weighedG" @change="weighedG = $event" @weigh="weighPan" />
    <p v-if="topUp !== undefined" aria-live="polite">
      {{
        topUp > 0
          ? `${grams(topUp)} of water went off: give it back, and the ratio is right again.`
          : 'Nothing was lost.'
      }}
    </p>
    <div class="buttons">
      <v-btn color="sea" :disabled="topUp === undefined" @click="isBack">It is back</v-btn>
    </div>
    <CautionLine>Hot sugar burns and sticks: no hurry, and nobody small nearby.</CautionLine>
  </div>
</template>
