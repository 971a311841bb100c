<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core';
import { computed, ref } from 'vue';
import { beginAct, endAct, type BatchRecord, type BenchStep } from '@uisce/core/bench';
import { useBatches } from '../household/use-batches';
import CautionLine from '../ui/CautionLine.vue';
import CheckField from '../ui/CheckField.vue';
import { useRing } from '../ui/use-ring';
import { useBatchWords } from '../words/batch-words';

/** Something done to a batch beside adding, with its time left where it is waited for; that goes on while the page is closed. */
const props = defineProps<{
  record: BatchRecord;
  step: Extract<BenchStep, { do: 'act' }>;
  /** Whether something hot is in it by now. */
  isHot: boolean;
}>();

const batches = useBatches();
const { minutes } = useBatchWords();
const { isOn } = useRing();
const clock = ref(Date.now());
useIntervalFn(() => (clock.value = Date.now()), 1000);

const what = computed(() => props.step.what);
/** Milliseconds that are left; undefined before it begins, or where nothing is waited for. */
const leftMs = computed(() => {
  const began = props.record.actStartedAt;
  if (began === null || what.value.minutes === undefined) return undefined;
  return what.value.minutes * 60_000 - (clock.value - Date.parse(began));
});
const twoDigits = (n: number) => String(n).padStart(2, '0');
const time = computed(() => {
  const ms = leftMs.value;
  if (ms === undefined) return what.value.minutes === undefined ? '' : minutes(what.value.minutes);
  if (ms < -60_000) return `the time was up ${minutes(Math.floor(-ms / 60_000))} ago`;
  if (ms <= 0) return 'the time is up';
  const seconds = Math.ceil(ms / 1000);
  return seconds >= 3600
    ? `${minutes(Math.ceil(seconds / 60))} left`
    : `${Math.floor(seconds / 60)}:${twoDigits(seconds % 60)} left`;
});
const caution = computed(() => {
  if (what.value.do === 'heat')
    return 'Hot sugar burns and sticks: no hurry, and nobody small nearby. Keep spirits away from the flame.';
  if (what.value.do === 'blend' && props.isHot)
    return 'Never blend anything hot in a closed jug: steam throws the lid off. Let it cool first, lid ajar.';
  return what.value.do === 'toast' ? 'Hot tray: cloth or gloves.' : '';
});
const begin = () => batches.keep(beginAct(props.record, new Date().toISOString()), 'Timer started');
const end = () => batches.keep(endAct(props.record), what.value.say.slice(0, 100));
</script>

<template>
  <div class="bench-step">
    <p class="big display">{{ what.say }}</p>
    <p v-if="time" class="time" :class="{ up: (leftMs ?? 1) <= 0 }" role="timer">{{ time }}</p>
    <div class="buttons">
      <v-btn v-if="leftMs === undefined && what.minutes !== undefined" @click="begin">Start the timer</v-btn>
      <v-btn color="sea" @click="end">It is done</v-btn>
    </div>
    <CheckField v-if="what.minutes !== undefined" v-model="isOn" label="Sound when the time is up" />
    <CautionLine v-if="caution">{{ caution }}</CautionLine>
  </div>
</template>

<style scoped>
.time {
  font-family: var(--display);
  font-size: 1.6rem;
  font-variant-numeric: tabular-nums;
}

.up {
  color: rgb(var(--v-theme-copper));
  font-weight: 700;
}
</style>
