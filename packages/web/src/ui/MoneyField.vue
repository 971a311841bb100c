<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { MAX_MINOR, moneyStepMinor, parseMoney } from '@uisce/core/base';
import { useWords } from '../words/use-words';

const props = defineProps<{ label: string; hint?: string; minor: number }>();
const emit = defineEmits<{ change: [minor: number] }>();
const words = useWords();

const text = ref(words.money(props.minor));
const fault = ref('');
const editing = ref(false);
watch(
  () => [props.minor, words.currency()],
  () => {
    if (!editing.value) text.value = words.money(props.minor);
  },
);
const id = computed(() => `money-${props.label.replace(/\W+/g, '-').toLowerCase()}`);

/** Every keystroke that reads as money counts at once; what does not stays in the field with a reason. */
function read(): void {
  const reading = parseMoney(text.value, words.currency());
  fault.value = reading.ok ? '' : reading.reason;
  if (reading.ok && reading.minor !== props.minor) emit('change', reading.minor);
}

/** Arrow keys move it by a sensible amount of the currency. */
function step(direction: 1 | -1, event: KeyboardEvent): void {
  event.preventDefault();
  const size = moneyStepMinor(words.currency()) * (event.shiftKey ? 5 : 1);
  const next = Math.min(MAX_MINOR, Math.max(0, props.minor + direction * size));
  fault.value = '';
  text.value = words.money(next);
  if (next !== props.minor) emit('change', next);
}

function leave(): void {
  editing.value = false;
  if (fault.value === '') text.value = words.money(props.minor);
}
</script>

<template>
  <v-text-field
    :id="id"
    v-model="text"
    :label="label"
    :hint="hint ?? ''"
    persistent-hint
    inputmode="decimal"
    autocomplete="off"
    :error-messages="fault ? [fault] : []"
    class="money"
    @focus="editing = true"
    @blur="leave"
    @keydown.up="step(1, $event)"
    @keydown.down="step(-1, $event)"
    @update:model-value="read"
  />
</template>

<style scoped>
.money :deep(input) {
  font-family: var(--display);
  font-size: 1.5rem;
  font-weight: 600;
}
</style>
