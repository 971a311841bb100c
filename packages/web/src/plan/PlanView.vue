<script setup lang="ts">
import { later } from '../ui/later';
import TheSentence from '../ui/TheSentence.vue';

const PlanCards = later(() => import('./PlanCards.vue'));
const PrintSheet = later(() => import('./PrintSheet.vue'));
</script>

<template>
  <div class="no-print">
    <TheSentence />
    <PlanCards />
  </div>
  <PrintSheet class="below" />
</template>

<style scoped>
.below {
  margin-top: 14px;
}
</style>
