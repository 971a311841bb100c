<script setup lang="ts">
import VChart from 'vue-echarts';
import { useAdvice } from '../../solver/use-advice';
import { count, useWords } from '../../words/use-words';
import LadderTable from './LadderTable.vue';
import SelectField from '../../ui/SelectField.vue';
import { MONTHS, useLadder } from './use-ladder';

/** The waterline read by months: what to buy when, each month keeping what is bought. */
defineProps<{ asTable: boolean }>();

const { stopLong } = useAdvice();
const words = useWords();
const { months, perMonth, ladder, failure, isAsking, progress, certainty, behind, skip, option } =
  useLadder();
</script>

<template>
  <div class="ladder">
    <p v-if="perMonth === 0">
      Say on the <RouterLink to="/brief">Brief</RouterLink> what you can spend each month, and this shows what
      to buy when.
    </p>
    <template v-else>
      <p class="lead" aria-live="polite">
        <template v-if="ladder">
          <strong>{{ certainty }}</strong> · after {{ months }} months
          {{ count(ladder.rungs.at(-1)?.drinksMade ?? 0, 'drink') }},
          {{
            behind > 0
              ? `${behind} fewer than the best set at that money`
              : 'as many as the best set at that money'
          }}.
        </template>
        <template v-else-if="failure">{{ failure }}</template>
        <template v-else-if="isAsking">Working out the order.</template>
        <template v-else-if="ladder === null"
          >What you ask for cannot be met with this money month by month.</template
        >
      </p>
      <LadderTable v-if="asTable" :rungs="ladder?.rungs ?? []" />
      <VChart v-else class="chart" :option="option" autoresize aria-hidden="true" />
      <p v-if="!asTable" class="dim foot">
        Line: bought month by month at {{ words.money(perMonth) }} a month. Dashed: the best set that money
        could have bought at once. What to buy is in the table.
      </p>
      <p v-if="skip && !isAsking" class="foot">{{ skip }}</p>
      <p v-if="isAsking" class="dim foot">
        Trying a skipped month: {{ Math.round(100 * progress) }} %.
        <button class="plain-button link" type="button" @click="stopLong">Stop</button>
      </p>
      <SelectField
        class="horizon"
        label="Over"
        :value="months"
        :choices="MONTHS.map((m) => ({ value: m, title: `${m} months` }))"
        @choose="months = $event"
      />
    </template>
  </div>
</template>

<style scoped>
.lead {
  margin: 2px 0 4px;
}

.chart {
  height: 190px;
}

.foot {
  margin: 4px 0 0;
  font-size: 0.875rem;
}

.horizon {
  max-width: 180px;
  margin-top: 12px;
}
</style>
