<script setup lang="ts">
import { computed } from 'vue';
import { useRoute } from 'vue-router';
import AnswerHead from '../ui/AnswerHead.vue';
import PartLinks from '../ui/PartLinks.vue';
import { later } from '../ui/later';
import { useEvenings } from '../household/use-evenings';
import { usePouring } from '../household/use-pouring';
import { useCatalogue } from '../household/use-catalogue';
import { peopleOf } from '@uisce/core/evening';
import { count, useWords } from '../words/use-words';
import { sayGuests, useEveningSentence } from './use-evening-sentence';
import { useNightSentence } from './use-night-sentence';

const EveningPanels = later(() => import('./EveningPanels.vue'));
const NightPanels = later(() => import('./NightPanels.vue'));
const PastPanels = later(() => import('./PastPanels.vue'));

const evenings = useEvenings();
const route = useRoute();
const catalogue = useCatalogue();
const words = useWords();
usePouring().begin();
const planning = useEveningSentence();
const night = useNightSentence();

const part = computed(() => (typeof route.params.part === 'string' ? route.params.part : ''));
const PARTS = [
  { to: '/evening', words: 'Before', part: '' },
  { to: '/evening/night', words: 'The night', part: 'night' },
  { to: '/evening/past', words: 'Past', part: 'past' },
];
const past = computed(() => {
  const [last] = evenings.past;
  if (!last) return { before: 'No evening is over yet', figure: '', after: '' };
  const { minor, eachMinor } = last.cost ?? { minor: null, eachMinor: null };
  return {
    before: `${sayGuests(peopleOf(last))} on ${words.day(last.on)}: `,
    figure: minor === null ? 'not closed yet' : `${words.price(minor)}, ${words.price(eachMinor ?? 0)} each`,
    after: '',
  };
});
const head = computed(() =>
  part.value === 'night'
    ? { ...night.headline.value, underline: night.underline.value }
    : part.value === 'past'
      ? {
          ...past.value,
          underline: `${count(evenings.past.length, 'evening')} in the book; from what the bottles cost, fruit and ice not counted`,
        }
      : { ...planning.headline.value, underline: planning.underline.value },
);
</script>

<template>
  <AnswerHead v-bind="head" :waiting="catalogue.loaded ? '' : 'Laying the table'">
    <PartLinks :parts="PARTS" :part="part" label="Parts of Evening" />
  </AnswerHead>
  <template v-if="catalogue.loaded">
    <NightPanels v-if="part === 'night'" />
    <PastPanels v-else-if="part === 'past'" />
    <EveningPanels v-else />
  </template>
</template>
