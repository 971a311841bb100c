<script setup lang="ts">
import { useAnswer } from '../solver/use-answer';
import { later } from '../ui/later';
import TheSentence from '../ui/TheSentence.vue';

const PlanPanels = later(() => import('./PlanPanels.vue'));
const PrintSheet = later(() => import('./PrintSheet.vue'));

const answers = useAnswer();
</script>

<template>
  <div class="no-print">
    <TheSentence />
    <!-- All below is about the answer; to fetch its charts earlier would only hold the answer up. -->
    <PlanPanels v-if="answers.result || answers.failure" />
  </div>
  <PrintSheet class="below" />
</template>

<style scoped>
.below {
  margin-top: 14px;
}
</style>
