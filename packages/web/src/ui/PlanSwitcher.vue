<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue';
import { mdiRedo, mdiUndo } from '@mdi/js';
import { useKeeper } from '../kept/use-keeper';
import { usePlans } from '../household/use-plans';
import AppDialog from './AppDialog.vue';

const PlanList = defineAsyncComponent(() => import('./PlanList.vue'));

const plans = usePlans();
const keeper = useKeeper();
const shown = ref(false);
const steps = computed(() => {
  const { undo, redo } = keeper.history;
  return [
    { direction: 'undo', icon: mdiUndo, words: undo ? `Undo: ${undo}` : 'Nothing to undo' },
    { direction: 'redo', icon: mdiRedo, words: redo ? `Do again: ${redo}` : 'Nothing to do again' },
  ] as const;
});
</script>

<template>
  <div class="switcher">
    <v-btn
      v-for="step in steps"
      :key="step.direction"
      class="icon"
      :aria-label="step.words"
      :title="step.words"
      :disabled="!keeper.history[step.direction]"
      @click="keeper[step.direction]()"
    >
      <svg viewBox="0 0 24 24" aria-hidden="true"><path :d="step.icon" /></svg>
    </v-btn>
    <v-btn color="bog" variant="flat" class="plans" aria-haspopup="dialog" @click="shown = true">
      {{ plans.plans.length < 2 ? 'Plans' : `${plans.plans.length} plans` }}
    </v-btn>
    <AppDialog v-model="shown" title="Plans" :width="640">
      <PlanList @close="shown = false" />
    </AppDialog>
  </div>
</template>

<style scoped>
.switcher {
  display: flex;
  gap: 8px;
  flex: none;
}

.icon {
  min-width: 44px;
  padding: 0;
}

.icon svg {
  width: 20px;
  fill: currentcolor;
}

.plans {
  color: #f3efe6 !important;
  border: 1px solid rgb(var(--v-theme-line));
}
</style>
