<script setup lang="ts">
import { computed, ref } from 'vue';
import { useAnswer } from '../../stores/answer';
import WaterlineChart from './WaterlineChart.vue';
import WaterlineTable from './WaterlineTable.vue';

const answers = useAnswer();
const asTable = ref(false);
const provenCount = computed(() => answers.points.filter((p) => p.proven).length);
</script>

<template>
  <section class="card" aria-labelledby="waterline-title" @keydown.t="asTable = !asTable">
    <div class="card-head">
      <h2 id="waterline-title">Waterline <small class="dim">· drag it, or ← → by 5</small></h2>
      <button class="plain-button switch" type="button" :aria-pressed="asTable" @click="asTable = !asTable">
        {{ asTable ? 'Curve' : 'Table' }}
      </button>
    </div>
    <WaterlineTable v-if="asTable" />
    <WaterlineChart v-else />
    <p class="dim foot">
      Drinks opened, weighed by taste and fit.
      <template v-if="answers.drawing">
        {{
          answers.points.length === 0
            ? 'Drawing.'
            : `${provenCount} of ${answers.points.length} points proven.`
        }}
        <button class="plain-button link" type="button" @click="answers.stopDrawing">Stop</button>
      </template>
      <template v-else-if="provenCount < answers.points.length">
        Dashed: good, not proven.
        <button class="plain-button link" type="button" @click="answers.draw">Go on</button>
      </template>
      <template v-else-if="provenCount > 0">Every point proven.</template>
    </p>
  </section>
</template>

<style scoped>
.switch,
.link {
  min-height: 28px;
  text-decoration: underline;
  text-underline-offset: 3px;
}

.foot {
  margin: 4px 0 0;
  font-size: 0.875rem;
}
</style>
