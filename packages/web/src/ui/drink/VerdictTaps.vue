<script setup lang="ts">
/** How a drink was, in one tap: 0 to 5, each with its word; the same tap again takes it back. */
defineProps<{ label: string }>();
const verdict = defineModel<number | null>({ required: true });

const VERDICTS = [0, 1, 2, 3, 4, 5] as const;
const VERDICT_WORDS = ['not again', 'poor', 'so-so', 'good', 'very good', 'the one'];
</script>

<template>
  <div class="taps" role="group" :aria-label="label">
    <button
      v-for="v in VERDICTS"
      :key="v"
      type="button"
      class="plain-button tap"
      :class="{ on: verdict === v }"
      :aria-pressed="verdict === v"
      :aria-label="`${v} of 5, ${VERDICT_WORDS[v]}`"
      @click="verdict = verdict === v ? null : v"
    >
      <span class="display">{{ v }}</span>
      <span class="word">{{ VERDICT_WORDS[v] }}</span>
    </button>
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

@media (max-width: 600px) {
  .word {
    display: none;
  }
}
</style>
