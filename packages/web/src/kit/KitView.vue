<script setup lang="ts">
import PlanSwitcher from '../ui/PlanSwitcher.vue';
import { later } from '../ui/later';
import { useOwnership } from './use-ownership';
import { useKit } from '../household/use-kit';
import { count } from '../words/use-words';
import { useKitReport } from './use-kit-report';
import { useKitSentence } from './kit-sentence';

const KitPanels = later(() => import('./KitPanels.vue'));

const kits = useKit();
const { ordinaryKitchen } = useOwnership();
const { recalling } = useKitReport();
const { drinks, ready, ofWhat, rest, certainty, inPlan, next, report } = useKitSentence();
</script>

<template>
  <header class="sentence head">
    <div aria-live="polite" aria-atomic="true">
      <h1 v-if="!report">Looking at what your drinks ask of your hands</h1>
      <h1 v-else-if="!kits.kit.said">Tap what you own: half a bar is in the kitchen already</h1>
      <h1 v-else-if="drinks === 0">No drinks to make yet: the Brief says which you want</h1>
      <h1 v-else>
        Your hands can already make <span class="copper">{{ ready }} of {{ count(drinks, 'drink') }}</span>
        {{ ofWhat }}{{ rest }}
      </h1>
      <p class="dim">
        <strong>{{ certainty }}</strong>
        <template v-if="inPlan"> · {{ inPlan }}</template>
        <template v-if="next">
          · most from <strong>{{ next.words }}</strong>: {{ count(next.adds, 'drink') }}</template
        >
      </p>
    </div>
    <PlanSwitcher />
    <div v-if="!kits.kit.said" class="starts">
      <v-btn @click="ordinaryKitchen">An ordinary kitchen</v-btn>
      <v-btn @click="kits.edit('Nothing owned yet', {})">I own nothing yet</v-btn>
    </div>
  </header>
  <KitPanels v-if="!recalling" />
</template>

<style scoped>
.starts {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
</style>
