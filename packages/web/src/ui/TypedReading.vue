<script setup lang="ts">
import { ref } from 'vue';

/** What an instrument of the reader's own shows, typed: kept in the field with a reason while it cannot be. */
const props = defineProps<{ label: string; suffix: string; above: number; most: number; button: string }>();
const emit = defineEmits<{ take: [reading: number] }>();

const typed = ref('');
const fault = ref('');

function take(): void {
  const reading = Number(typed.value.trim().replace(',', '.'));
  if (typed.value.trim() === '' || !(reading > props.above && reading <= props.most)) {
    const above = Math.round(props.above * 10) / 10;
    fault.value = `Type what yours shows: a number above ${above} and up to ${props.most}.`;
    return;
  }
  fault.value = '';
  typed.value = '';
  emit('take', reading);
}
</script>

<template>
  <div class="typed">
    <v-text-field
      v-model="typed"
      :label="label"
      :suffix="suffix"
      inputmode="decimal"
      autocomplete="off"
      :error-messages="fault ? [fault] : []"
      @keydown.enter="take"
    />
    <v-btn @click="take">{{ button }}</v-btn>
  </div>
</template>

<style scoped>
.typed {
  display: grid;
  grid-template-columns: minmax(180px, 300px) auto;
  gap: 10px;
  align-items: start;
  justify-content: start;
}

@media (max-width: 480px) {
  .typed {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
