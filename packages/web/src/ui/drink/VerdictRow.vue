<script setup lang="ts">
import { FAULTS_TASTED, type FaultTasted, type Pour } from '@uisce/core/pouring';
import { useLog } from '../../household/use-log';
import CheckField from '../CheckField.vue';
import VerdictTaps from './VerdictTaps.vue';

/** How a drink was, in one tap; what was wrong with it, and a note, for who wants to say more. */
const props = defineProps<{ pour: Pour }>();

const log = useLog();

function rate(verdict: number | null): void {
  log.edit(props.pour.id, `${props.pour.name}: ${verdict ?? 'nothing'} of 5`, { verdict });
}
function taste(fault: FaultTasted, on: boolean): void {
  const tasted = on ? [...props.pour.tasted, fault] : props.pour.tasted.filter((t) => t !== fault);
  log.edit(props.pour.id, `${props.pour.name} was ${fault.replace('-', ' ')}`, { tasted });
}
</script>

<template>
  <div class="verdict">
    <VerdictTaps
      :label="`How was the ${pour.name}?`"
      :model-value="pour.verdict"
      @update:model-value="rate"
    />
    <div class="tasted">
      <CheckField
        v-for="fault in FAULTS_TASTED"
        :key="fault"
        :model-value="pour.tasted.includes(fault)"
        :label="fault.replace('-', ' ')"
        :about="`the ${pour.name}`"
        @update:model-value="taste(fault, $event)"
      />
    </div>
    <v-text-field
      label="A note, or what to change"
      maxlength="500"
      :model-value="pour.note"
      @change="log.edit(pour.id, `Note on ${pour.name}`, { note: ($event.target as HTMLInputElement).value })"
    />
  </div>
</template>

<style scoped>
.tasted {
  display: flex;
  flex-wrap: wrap;
  gap: 0 16px;
}
</style>
