<script setup lang="ts">
import { later } from '../ui/later';
import TheSentence from '../ui/TheSentence.vue';

const BriefPanels = later(() => import('./BriefPanels.vue'));
</script>

<template>
  <TheSentence />
  <BriefPanels />
</template>
