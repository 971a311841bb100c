<script setup lang="ts">
import { computed } from 'vue';
import { RouterLink } from 'vue-router';
import { useLog } from '../household/use-log';
import { usePouring } from '../household/use-pouring';
import { useCatalogue } from '../household/use-catalogue';
import AnswerHead from '../ui/AnswerHead.vue';
import PartLinks from '../ui/PartLinks.vue';
import { later } from '../ui/later';
import { usePourSentence } from './use-pour-sentence';

const ChoosePour = later(() => import('./ChoosePour.vue'));
const MakeRound = later(() => import('./MakeRound.vue'));
const PourLog = later(() => import('./PourLog.vue'));
const ServedRound = later(() => import('./ServedRound.vue'));

const log = useLog();
const catalogue = useCatalogue();
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
    <PartLinks :parts="shown" :part="part" label="Parts of Pour" />
  </AnswerHead>
  <template v-if="catalogue.loaded">
    <MakeRound v-if="part === 'round'" />
    <PourLog v-else-if="part === 'log'" />
    <ServedRound v-else-if="part === 'served'" />
    <ChoosePour v-else />
  </template>
</template>

<style scoped>
a {
  color: inherit;
}

strong {
  color: rgb(var(--v-theme-ink));
}
</style>
