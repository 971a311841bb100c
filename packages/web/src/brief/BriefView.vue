<script setup lang="ts">
import { later } from '../ui/later';
import TheSentence from '../ui/TheSentence.vue';

const BriefCards = later(() => import('./BriefCards.vue'));
</script>

<template>
  <TheSentence />
  <BriefCards />
</template>
