<script setup lang="ts">
import { computed, defineAsyncComponent, onUnmounted, ref, watch } from 'vue';
import { moneyStepMinor } from '@uisce/core/base';
import { useWords } from '../../words/use-words';
import { useAnswer } from '../../solver/use-answer';
import { useCurve } from '../../solver/use-curve';
import { useSchools } from '../use-schools';
import { SCHOOL_LINES } from './school-lines';
import WaterlineTable from './WaterlineTable.vue';
import TabRow from '../../ui/TabRow.vue';

// Charts are heavy to fetch: what there is to read comes first.
const WaterlineChart = defineAsyncComponent(() => import('./WaterlineChart.vue'));
const LadderReading = defineAsyncComponent(() => import('./LadderReading.vue'));

const answers = useAnswer();
const curve = useCurve();
const words = useWords();
const schools = useSchools();
const asTable = ref(false);
const reading = ref<'money' | 'months'>('money');
// By months another long calculation has the machine.
watch(reading, (by) => (curve.lookedAt = by === 'money'), { immediate: true });
onUnmounted(() => (curve.lookedAt = false));
const share = computed(() =>
  curve.stretches === 0 ? 0 : Math.floor((100 * curve.settledCount) / curve.stretches),
);
const READINGS = [
  { value: 'money', words: 'Money' },
  { value: 'months', words: 'Months' },
] as const;
const dashes = (id: string) => SCHOOL_LINES[id]?.dash.join(' ') ?? '6 4';
const colour = (id: string) => `rgb(var(--v-theme-${SCHOOL_LINES[id]?.colour ?? 'copper'}))`;
</script>

<template>
  <section class="panel" aria-labelledby="waterline-title" @keydown.t="asTable = !asTable">
    <div class="panel-head">
      <h2 id="waterline-title">
        Waterline
        <small class="dim">{{
          reading === 'money'
            ? `· drag it, or ← → by ${words.money(moneyStepMinor(words.currency()))}`
            : '· bought month by month'
        }}</small>
      </h2>
      <div class="switches">
        <TabRow
          v-model="reading"
          boxed
          name="reading"
          legend="What the waterline runs along"
          :choices="READINGS"
        />
        <button class="plain-button link" type="button" :aria-pressed="asTable" @click="asTable = !asTable">
          {{ asTable ? 'Curve' : 'Table' }}
        </button>
      </div>
    </div>
    <LadderReading v-if="reading === 'months'" :as-table="asTable" />
    <template v-else>
      <WaterlineTable v-if="asTable" />
      <div v-else class="chart"><WaterlineChart /></div>
      <ul v-if="!asTable && schools.drawn.length > 0" class="plain-list key" aria-label="Schools drawn">
        <li v-for="s in schools.drawn" :key="s.id">
          <svg width="26" height="8" aria-hidden="true">
            <path d="M0,4H26" :stroke="colour(s.id)" stroke-width="2" :stroke-dasharray="dashes(s.id)" />
          </svg>
          {{ s.name }}
        </li>
      </ul>
      <p class="dim foot">
        Drinks it makes, weighted by taste and match.
        <template v-if="curve.failure">{{ curve.failure }}</template>
        <template v-else-if="curve.drawing">
          {{ curve.stretches === 0 ? 'Drawing.' : `${share} % proven.` }}
          <button class="plain-button link" type="button" @click="curve.stop">Stop</button>
        </template>
        <template v-else-if="curve.whole">
          Proven at every budget: {{ curve.points.length }} best sets.
        </template>
        <template v-else-if="curve.points.length > 0">
          Dashed: good, not proven.
          <button class="plain-button link" type="button" @click="answers.draw">Go on</button>
        </template>
      </p>
    </template>
  </section>
</template>

<style scoped>
.chart {
  min-height: 232px;
}

.panel {
  position: sticky;
  top: 14px;
}

@media (max-width: 820px) {
  .panel {
    position: static;
  }
}

.switches {
  display: flex;
  gap: 12px;
  align-items: center;
}

.link {
  min-height: 28px;
}

.key {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 16px;
  font-size: 0.875rem;
}

.key li {
  display: flex;
  gap: 6px;
  align-items: center;
}

.foot {
  margin: 4px 0 0;
  font-size: 0.875rem;
}
</style>
