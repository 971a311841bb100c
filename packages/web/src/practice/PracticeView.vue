<script setup lang="ts">
import { computed } from 'vue';
import { useRoute } from 'vue-router';
import { useCatalogue } from '../household/use-catalogue';
import AnswerHead from '../ui/AnswerHead.vue';
import { later } from '../ui/later';
import PartLinks from '../ui/PartLinks.vue';
import { usePracticeSentence } from './use-practice-sentence';

const FreePour = later(() => import('./FreePour.vue'));
const FlashcardDeck = later(() => import('./FlashcardDeck.vue'));
const WordList = later(() => import('./WordList.vue'));
const CounterSums = later(() => import('./CounterSums.vue'));
const BlindBalance = later(() => import('./BlindBalance.vue'));
const FirstWeek = later(() => import('./FirstWeek.vue'));

const route = useRoute();
const catalogue = useCatalogue();
const part = computed(() => (typeof route.params.part === 'string' ? route.params.part : ''));
const { headline, underline } = usePracticeSentence(part);

const PARTS = [
  { to: '/practice', words: 'Pour', part: '' },
  { to: '/practice/cards', words: 'Cards', part: 'cards' },
  { to: '/practice/words', words: 'Words', part: 'words' },
  { to: '/practice/sums', words: 'Sums', part: 'sums' },
  { to: '/practice/balance', words: 'Balance', part: 'balance' },
  { to: '/practice/week', words: 'Begin', part: 'week' },
];
</script>

<template>
  <AnswerHead
    v-bind="headline"
    :waiting="catalogue.loaded ? '' : 'Setting the stage'"
    :underline="underline"
    bare
  >
    <PartLinks :parts="PARTS" :part="part" label="Parts of Practice" />
  </AnswerHead>
  <template v-if="catalogue.loaded">
    <FlashcardDeck v-if="part === 'cards'" />
    <WordList v-else-if="part === 'words'" />
    <CounterSums v-else-if="part === 'sums'" />
    <BlindBalance v-else-if="part === 'balance'" />
    <FirstWeek v-else-if="part === 'week'" />
    <FreePour v-else />
  </template>
</template>
