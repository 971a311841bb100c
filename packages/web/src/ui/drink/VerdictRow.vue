<script setup lang="ts">
import { FAULTS_TASTED, type FaultTasted, type Pour } from '@uisce/core/pouring';
import { useLog } from '../../household/use-log';
import CheckField from '../CheckField.vue';

/** How a drink was, in one tap; what was wrong with it, and a note, for who wants to say more. */
const props = defineProps<{ pour: Pour }>();

const log = useLog();
const VERDICTS = [0, 1, 2, 3, 4, 5] as const;
const VERDICT_WORDS = ['not again', 'poor', 'so-so', 'good', 'very good', 'the one'];

function rate(verdict: number): void {
  log.edit(props.pour.id, `${props.pour.name}: ${verdict} of 5`, {
    verdict: props.pour.verdict === verdict ? null : verdict,
  });
}
function taste(fault: FaultTasted, on: boolean): void {
  const tasted = on ? [...props.pour.tasted, fault] : props.pour.tasted.filter((t) => t !== fault);
  log.edit(props.pour.id, `${props.pour.name} was ${fault.replace('-', ' ')}`, { tasted });
}
</script>

<template>
  <div class="verdict">
    <div class="taps" role="group" :aria-label="`How was the ${pour.name}?`">
      <button
        v-for="v in VERDICTS"
        :key="v"
        type="button"
        class="plain-button tap"
        :class="{ on: pour.verdict === v }"
        :aria-pressed="pour.verdict === v"
        :aria-label="`${v} of 5, ${VERDICT_WORDS[v]}`"
        @click="rate(v)"
      >
        <span class="display">{{ v }}</span>
        <span class="word">{{ VERDICT_WORDS[v] }}</span>
      </button>
    </div>
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
.taps {
  display: grid;
  grid-template-columns: repeat(6, minmax(0, 1fr));
  gap: 6px;
}

.tap {
  display: grid;
  justify-items: center;
  min-height: 64px;
  align-content: center;
  border: 1px solid rgb(var(--v-theme-line));
  border-radius: var(--radius);
}

.tap.on {
  border-color: rgb(var(--v-theme-copper));
  box-shadow: inset 0 0 0 1.5px rgb(var(--v-theme-copper));
}

.tap .display {
  font-size: 1.6rem;
}

.word {
  font-size: 0.8125rem;
  color: rgb(var(--v-theme-dim));
}

.tasted {
  display: flex;
  flex-wrap: wrap;
  gap: 0 16px;
}

@media (max-width: 600px) {
  .word {
    display: none;
  }
}
</style>
