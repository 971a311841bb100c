<script setup lang="ts">
import { computed } from 'vue';
import { RouterLink } from 'vue-router';
import { useLog } from '../household/use-log';
import { usePouring } from '../household/use-pouring';
import { useTrade } from '../household/use-trade';
import AnswerHead from '../ui/AnswerHead.vue';
import { later } from '../ui/later';
import { usePourSentence } from './use-pour-sentence';

const ChoosePour = later(() => import('./ChoosePour.vue'));
const MakeRound = later(() => import('./MakeRound.vue'));
const PourLog = later(() => import('./PourLog.vue'));
const ServedRound = later(() => import('./ServedRound.vue'));

const log = useLog();
const trade = useTrade();
usePouring().begin();
const { part, headline, underline, names } = usePourSentence();

const WAYS = [
  { to: '/pour', words: 'Choose', part: '' },
  { to: '/pour/round', words: 'Make', part: 'round' },
  { to: '/pour/log', words: 'The log', part: 'log' },
];
const shown = computed(() => WAYS.filter((w) => w.part !== 'round' || log.round !== null));
</script>

<template>
  <AnswerHead v-bind="headline" :underline="underline" :bare="part === 'round'">
    <template v-if="part === '' && log.round" #underline>
      ·
      <RouterLink to="/pour/round"
        ><strong>Half made: {{ names }}. Go on</strong></RouterLink
      >
    </template>
    <nav class="ways" aria-label="Parts of Pour">
      <RouterLink
        v-for="way in shown"
        :key="way.to"
        :to="way.to"
        :class="{ on: way.part === part }"
        :aria-current="way.part === part ? 'page' : undefined"
        >{{ way.words }}</RouterLink
      >
    </nav>
  </AnswerHead>
  <template v-if="trade.loaded">
    <MakeRound v-if="part === 'round'" />
    <PourLog v-else-if="part === 'log'" />
    <ServedRound v-else-if="part === 'served'" />
    <ChoosePour v-else />
  </template>
</template>

<style scoped>
.ways {
  display: flex;
  gap: 4px;
  align-self: flex-start;
}

.ways a {
  display: inline-flex;
  align-items: center;
  min-height: 44px;
  padding: 0 12px;
  color: inherit;
  text-decoration: none;
  border-block-end: 2px solid transparent;
}

.ways a.on {
  border-block-end-color: rgb(var(--v-theme-copper));
  font-weight: 700;
}

a {
  color: inherit;
}

strong {
  color: rgb(var(--v-theme-ink));
}
</style>
