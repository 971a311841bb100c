<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core';
import { computed, ref, watch } from 'vue';
import { drinkFigures, isTopped } from '@uisce/core/drink';
import { iceInMaking } from '@uisce/core/catalogue';
import { amountMl } from '@uisce/core/base';
import { mixedAbv, onIceAfter, stopAfter, trialsLike, type OnIce } from '@uisce/core/pouring';
import { useLog } from '../household/use-log';
import { useRing } from '../ui/use-ring';
import { listed, useWords } from '../words/use-words';
import { useRoundInHand } from './use-round-in-hand';

/** Water against seconds for this method and ice, with the moment to stop, and where the shaking is by now. */
const log = useLog();
const words = useWords();
const { inHand, current, running } = useRoundInHand();

const TICK_MS = 200;
const ROOM = { width: 520, height: 220, left: 46, right: 14, top: 16, bottom: 30 };

const mix = computed<OnIce | undefined>(() => {
  const step = current.value;
  const drink = inHand.value?.orders[step?.order ?? 0]?.drink;
  const glasses = inHand.value?.loads[step?.load ?? 0]?.glasses ?? 1;
  if (!step || !drink) return undefined;
  const { kinds } = log.bar;
  // What joins after the ice is not on it.
  const slots = drink.slots.filter((s) => {
    const kind = kinds.get(s.kind);
    return kind !== undefined && !isTopped(s, kind, drink.method);
  });
  const { mixMl } = drinkFigures({ ...drink, slots }, kinds);
  const ethanol = slots.reduce(
    (sum, s) => sum + (amountMl(s.amount) ?? 0) * (kinds.get(s.kind)?.abv ?? 0),
    0,
  );
  return {
    method: drink.method,
    ice: iceInMaking(drink),
    mixMl: mixMl * glasses,
    abv: mixMl === 0 ? 0 : ethanol / mixMl,
  };
});
const stop = computed(() => (mix.value ? (stopAfter(mix.value) ?? 0) : 0));

const seconds = ref(0);
const begun = () => (log.round?.workFrom ? Date.parse(log.round.workFrom) : undefined);
const tick = () => {
  const from = begun();
  seconds.value = from === undefined ? 0 : Math.max(0, (Date.now() - from) / 1000);
};
const timer = useIntervalFn(tick, TICK_MS, { immediate: false });
watch(
  running,
  (is) => {
    tick();
    if (is) timer.resume();
    else timer.pause();
  },
  { immediate: true },
);

const longest = computed(() => Math.max(stop.value * 2.5, seconds.value * 1.1));
const most = computed(() => (mix.value ? onIceAfter(1e6, mix.value).waterMl : 1));
const x = (s: number) => ROOM.left + (s / longest.value) * (ROOM.width - ROOM.left - ROOM.right);
const y = (ml: number) =>
  ROOM.height - ROOM.bottom - (ml / (most.value * 1.08)) * (ROOM.height - ROOM.top - ROOM.bottom);
const at = (s: number) =>
  mix.value ? onIceAfter(s, mix.value) : { waterMl: 0, volumeMl: 0, abv: 0, share: 0 };
const STEPS = 60;
const curve = computed(() =>
  Array.from({ length: STEPS + 1 }, (_, i) => {
    const s = (i / STEPS) * longest.value;
    return `${i === 0 ? 'M' : 'L'}${x(s).toFixed(1)},${y(at(s).waterMl).toFixed(1)}`;
  }).join(''),
);
// The moment to stop is heard and felt, with wet hands and eyes on the tin.
const { ring } = useRing();
watch(
  () => running.value && stop.value > 0 && seconds.value >= stop.value,
  (isUp) => isUp && ring(),
);
const shownAt = computed(() => (running.value ? seconds.value : stop.value));
const now = computed(() => at(shownAt.value));
const says = computed(() => {
  const n = now.value;
  const base = `${words.volume(Math.round(n.waterMl))} of water, ${words.percent(n.abv)} vol, ${words.volume(Math.round(n.volumeMl))} in all`;
  if (!running.value) return `At ${words.number(stop.value, 0)} s: ${base}.`;
  const over = seconds.value - stop.value;
  return over > 2
    ? `${words.number(over, 0)} s over: ${base}; it grows no colder, only thinner.`
    : `${base}.`;
});
/** Drinks made as this one is, as others measured them. */
const trials = computed(() =>
  mix.value
    ? trialsLike(mix.value.method).map(
        (t) => `a ${t.name} from ${words.percent(mixedAbv(t))} to ${words.percent(t.servedAbv)}`,
      )
    : [],
);
</script>

<template>
  <figure v-if="mix">
    <p v-if="running" class="clock display" :class="{ past: seconds > stop }">
      {{ words.number(seconds, 0) }} s
    </p>
    <svg
      :viewBox="`0 0 ${ROOM.width} ${ROOM.height}`"
      role="img"
      :aria-label="`Water from the ice by seconds; stop at ${stop} s. ${says}`"
    >
      <line class="axis" :x1="ROOM.left" :x2="ROOM.width - ROOM.right" :y1="y(0)" :y2="y(0)" />
      <line class="axis" :x1="ROOM.left" :x2="ROOM.left" :y1="ROOM.top" :y2="y(0)" />
      <line class="all" :x1="ROOM.left" :x2="ROOM.width - ROOM.right" :y1="y(most)" :y2="y(most)" />
      <text :x="ROOM.left + 6" :y="y(most) - 4">
        {{ words.volume(Math.round(most)) }}, all the water it would take
      </text>
      <path class="curve" :d="curve" />
      <line class="stop" :x1="x(stop)" :x2="x(stop)" :y1="y(at(stop).waterMl)" :y2="y(0)" />
      <text class="copper" :x="x(stop)" :y="ROOM.height - 10" text-anchor="middle">
        stop at {{ words.number(stop, 0) }} s
      </text>
      <circle class="here" :cx="x(shownAt)" :cy="y(now.waterMl)" r="8" />
    </svg>
    <figcaption>{{ says }}</figcaption>
    <p v-if="!running && trials.length > 0" class="dim">As read in published trials: {{ listed(trials) }}.</p>
  </figure>
</template>

<style scoped>
figure {
  margin: 0;
}

svg {
  width: 100%;
  max-width: 640px;
  display: block;
}

.clock {
  margin: 0;
  font-size: 4rem;
  line-height: 1;
}

.past {
  color: rgb(var(--v-theme-rust));
}

.axis {
  stroke: rgb(var(--v-theme-line));
  stroke-width: 1.5;
}

.all {
  stroke: rgb(var(--v-theme-dim));
  stroke-dasharray: 4 4;
}

.curve {
  fill: none;
  stroke: rgb(var(--v-theme-sea));
  stroke-width: 2.5;
}

.stop {
  stroke: rgb(var(--v-theme-copper));
  stroke-width: 2;
  stroke-dasharray: 5 3;
}

.here {
  fill: rgb(var(--v-theme-panel));
  stroke: rgb(var(--v-theme-copper));
  stroke-width: 4;
}

text {
  font-size: 15px;
  fill: rgb(var(--v-theme-dim));
}

.copper {
  fill: rgb(var(--v-theme-copper));
}

figcaption {
  font-size: 1.25rem;
}
</style>
