<script setup lang="ts">
import { useWords } from '../words/use-words';
import CautionLine from '../ui/CautionLine.vue';
import { useBatchPlan } from './use-batch-plan';

const words = useWords();
const { keeps, useBy } = useBatchPlan();
</script>

<template>
  <section v-if="keeps" class="panel" aria-labelledby="keeps-title">
    <h2 id="keeps-title">
      How long it keeps <small class="dim">· {{ keeps.days }} days cold: use by {{ words.day(useBy) }}</small>
    </h2>
    <p>{{ keeps.why }}</p>
    <ul v-if="keeps.opinions.length > 0">
      <li v-for="s in keeps.opinions" :key="s.says">
        {{ s.says }}
        <span class="dim">{{
          s.holds ? 'Holds here; keep it cold all the same.' : 'Not here: the safe answer is the fridge.'
        }}</span>
      </li>
    </ul>
    <p class="dim">
      <template v-if="keeps.frozenDays !== null"
        >Frozen in a tub, while it is good and only once, it keeps {{ keeps.frozenDays }} days.</template
      >
      <template v-else>It is not frozen: it splits, or nobody knows how it keeps.</template>
      Clean bottle, boiled or rinsed with strong spirit.
    </p>
    <CautionLine
      >Keep every syrup cold and dated; look before use, and throw away anything cloudy or
      growing.</CautionLine
    >
    <CautionLine>
      No garlic, fresh chilli or herbs left warm in oil or in anything low in acid: such infusions can poison,
      and are not made here.
    </CautionLine>
  </section>
</template>

<style scoped>
p {
  margin: 4px 0;
}

ul {
  margin: 6px 0;
  padding-inline-start: 20px;
}
</style>
