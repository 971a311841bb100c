<script setup lang="ts">
import { computed } from 'vue';
import { drinkFigures, standardDrink } from '@uisce/core/drink';
import { drinkInHand } from '@uisce/core/pouring';
import { useLog } from '../household/use-log';
import { useSettings } from '../household/use-settings';
import { useRoundInHand } from './use-round-in-hand';
import { useStepWords } from './use-step-words';
import { useWords } from '../words/use-words';

/** What an overshoot has made of the drink in hand: the rest grows with it, or what it is now and the way out. */
const words = useWords();
const log = useLog();
const settings = useSettings();
const { nameOf } = useStepWords();
const { inHand, current, loadNow, pourSomeOff, mend } = useRoundInHand();

/** Nearer than this nobody sees. */
const SEEN_SHARE = 0.005;
const grows = computed(() => {
  const factor = loadNow.value?.grown.factor ?? 1;
  return factor > 1 + SEEN_SHARE && loadNow.value?.offShare === 0
    ? `${words.number((factor - 1) * 100, 0)} % more: everything grows with it, and it still fits. The ratio stays exact.`
    : '';
});
const drink = computed(() => inHand.value?.orders[current.value?.order ?? 0]?.drink);
const off = computed(() => loadNow.value?.overshot?.off ?? []);
const SAYS = {
  strength: ['stronger', 'weaker'],
  sugar: ['sweeter', 'less sweet'],
  acid: ['sourer', 'less sour'],
} as const;
const isNow = computed(() =>
  off.value
    .map((d) => `${words.number(Math.abs(d.share) * 100, 0)} % ${SAYS[d.what][d.share > 0 ? 0 : 1]}`)
    .join(', '),
);
/** Standard drinks in a glass as it stands, where it grew stronger: what matters to whoever drinks it. */
const drinks = computed(() => {
  const { round, bar } = log;
  const strength = off.value.find((d) => d.what === 'strength');
  const step = current.value;
  if (!round || !inHand.value || !step || step.order === null || !strength) return '';
  const now = drinkInHand(round, inHand.value, step.order);
  if (!now) return '';
  const standard = standardDrink(settings.current.locale);
  const n = drinkFigures(now, bar.kinds).ethanolG / standard.g;
  return `${words.number(n)} ${n === 1 ? standard.word[0] : standard.word[1]} a glass`;
});
const smallest = computed(() => {
  const m = loadNow.value?.overshot?.mend;
  const kind = m && drink.value?.slots[m.slot]?.kind;
  return m && kind ? { ...m, words: `${words.volume(m.ml)} more ${nameOf(kind)} a glass` } : undefined;
});
const tooMuch = computed(() => (loadNow.value?.offShare ?? 0) > SEEN_SHARE);
</script>

<template>
  <p v-if="grows" class="over" role="status">{{ grows }}</p>
  <div v-else-if="tooMuch" class="over keeps-taps" role="status">
    <p>
      More than glass and tin take in ratio.
      <template v-if="isNow">Left so, it is {{ isNow }}{{ drinks ? `: ${drinks}` : '' }}.</template>
    </p>
    <div class="ways">
      <v-btn @click="pourSomeOff"
        >Pour off {{ words.volume(Math.round(loadNow?.offMl ?? 0)) }} of it, and it is in ratio</v-btn
      >
      <v-btn v-if="smallest" @click="mend(smallest.slot, smallest.ml)"
        >Or mend it: {{ smallest.words }}</v-btn
      >
    </div>
  </div>
</template>

<style scoped>
.over {
  margin: 0;
  padding: 8px 12px;
  border-inline-start: 4px solid rgb(var(--v-theme-copper));
  font-size: 1.125rem;
}

p {
  margin: 0;
}

.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-top: 8px;
}
</style>
