<script setup lang="ts">
import { computed, ref } from 'vue';
import { strainThrough, type BatchRecord, type BenchStep } from '@uisce/core/bench';
import { useBatches } from '../household/use-batches';
import { useBatchWords } from '../words/batch-words';
import CautionLine from '../ui/CautionLine.vue';
import WeighedGrams from './WeighedGrams.vue';

/** What was strained is weighed: what follows goes by what came through. */
const props = defineProps<{
  record: BatchRecord;
  step: Extract<BenchStep, { do: 'act' }>;
  /** Grams that should come through where nothing is lost. */
  meantG: number;
  isHot: boolean;
}>();

const batches = useBatches();
const { grams } = useBatchWords();

/** A cloth and what is in it keep so much back (common practice: up to a tenth). */
const KEPT_BACK = 0.06;

const throughG = ref<number | null>(null);
const weigh = () => (throughG.value = Math.round(props.meantG * (1 - KEPT_BACK * (0.4 + Math.random()))));
const lost = computed(() => (throughG.value === null ? undefined : props.meantG - throughG.value));
const take = (g: number) => batches.keep(strainThrough(props.record, g), `${grams(g)} came through`);
</script>

<template>
  <div class="bench-step">
    <p class="big display">{{ step.what.say }}</p>
    <p class="dim">
      Put an empty bowl on the scale, tare it, and strain into it. If nothing is lost,
      {{ grams(meantG) }} come through.
    </p>
    <WeighedGrams label="Came through" :g="throughG" @change="throughG = $event" @weigh="weigh" />
    <p v-if="lost !== undefined" aria-live="polite">
      {{
        lost > 0.5
          ? `${grams(lost)} stayed behind: whatever goes in now is less by as much, and the ratio stays right.`
          : lost < -0.5
            ? `${grams(-lost)} more than meant: whatever goes in now grows with it.`
            : 'Nothing was lost.'
      }}
    </p>
    <div class="buttons">
      <v-btn color="sea" :disabled="throughG === null" @click="throughG !== null && take(throughG)"
        >That came through</v-btn
      >
      <button class="plain-button link dim" type="button" @click="take(meantG)">
        I did not weigh it: as if nothing was lost
      </button>
    </div>
    <CautionLine v-if="isHot">Hot syrup burns: let it cool a little before you press the bag.</CautionLine>
  </div>
</template>
