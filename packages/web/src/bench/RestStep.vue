<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core';
import { computed, ref } from 'vue';
import { beginRest, endRest, type BatchRecord, type BenchStep } from '@uisce/core/bench';
import { useBatches } from '../household/use-batches';
import { useBatchWords } from '../words/batch-words';

/** A wait at the bench, with its time left; it goes on while the page is closed. */
const props = defineProps<{ record: BatchRecord; rest: Extract<BenchStep, { do: 'rest' }> }>();

const batches = useBatches();
const { minutes } = useBatchWords();
const clock = ref(Date.now());
useIntervalFn(() => (clock.value = Date.now()), 1000);

const restLeft = computed(() => {
  const began = props.record.restStartedAt;
  if (began === null) return undefined;
  return Math.max(0, Math.ceil(props.rest.minutes - (clock.value - Date.parse(began)) / 60_000));
});
const begin = () => batches.keep(beginRest(props.record, new Date().toISOString()), 'A rest begun');
const end = () => batches.keep(endRest(props.record), 'A rest over');
</script>

<template>
  <div class="bench-step">
    <p class="big display">{{ rest.say }}</p>
    <p class="dim" role="timer">
      {{
        restLeft === undefined
          ? `${minutes(rest.minutes)}`
          : restLeft > 0
            ? `${minutes(restLeft)} left`
            : 'the time is up'
      }}
    </p>
    <div class="buttons">
      <v-btn v-if="restLeft === undefined" @click="begin">Start the wait</v-btn>
      <v-btn color="sea" @click="end">It is done</v-btn>
    </div>
  </div>
</template>
