<script setup lang="ts">
import { computed, ref } from 'vue';
import { mdiRedo, mdiUndo } from '@mdi/js';
import { useHistory } from '../../stores/history';
import { usePlans } from '../../stores/plans';
import PlanList from './PlanList.vue';

const plans = usePlans();
const history = useHistory();
const shown = ref(false);
const undoWords = computed(() => (history.state.undo ? `Undo: ${history.state.undo}` : 'Nothing to undo'));
const redoWords = computed(() =>
  history.state.redo ? `Do again: ${history.state.redo}` : 'Nothing to do again',
);
</script>

<template>
  <div class="switcher">
    <v-btn
      class="icon"
      :aria-label="undoWords"
      :title="undoWords"
      :disabled="!history.state.undo"
      @click="history.step('undo')"
    >
      <svg viewBox="0 0 24 24" aria-hidden="true"><path :d="mdiUndo" /></svg>
    </v-btn>
    <v-btn
      class="icon"
      :aria-label="redoWords"
      :title="redoWords"
      :disabled="!history.state.redo"
      @click="history.step('redo')"
    >
      <svg viewBox="0 0 24 24" aria-hidden="true"><path :d="mdiRedo" /></svg>
    </v-btn>
    <v-btn color="bog" variant="flat" class="plans" aria-haspopup="dialog" @click="shown = true">
      {{ plans.plans.length === 1 ? 'Plans' : `${plans.plans.length} plans` }}
    </v-btn>
    <v-dialog v-model="shown" max-width="640" aria-labelledby="plans-title">
      <PlanList @close="shown = false" />
    </v-dialog>
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
