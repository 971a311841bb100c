<script setup lang="ts">
import { ref } from 'vue';
import AsIf from './AsIf.vue';
import ComparePlans from './ComparePlans.vue';
import GrowTo from './GrowTo.vue';
import GuestBottles from './GuestBottles.vue';
import HowSteady from './HowSteady.vue';
import TabRow from '../ui/TabRow.vue';

/** Questions that go beyond the set itself, one at a time. */
const TABS = [
  { value: 'steady', words: 'How steady' },
  { value: 'grow', words: 'I want this drink' },
  { value: 'guests', words: 'Guests bring a bottle' },
  { value: 'as-if', words: 'As if' },
  { value: 'compare', words: 'Compare plans' },
] as const;
const shown = ref<(typeof TABS)[number]['value']>('steady');
</script>

<template>
  <section class="panel" aria-labelledby="beyond-title">
    <h2 id="beyond-title" class="sr-only">Beyond this set</h2>
    <TabRow v-model="shown" name="beyond" legend="What to ask" :choices="TABS" />
    <HowSteady v-if="shown === 'steady'" />
    <GrowTo v-else-if="shown === 'grow'" />
    <GuestBottles v-else-if="shown === 'guests'" />
    <AsIf v-else-if="shown === 'as-if'" />
    <ComparePlans v-else />
  </section>
</template>
