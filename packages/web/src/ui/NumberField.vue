<script setup lang="ts">
import { ref, watch } from 'vue';

const props = defineProps<{
  label: string;
  value: number | null;
  least: number;
  most: number;
  suffix: string;
  /** Whether nothing at all is an answer. */
  optional?: boolean;
  /** What nothing at all means, written where it stands. */
  nothing?: string;
  /** In a table: its label is only read out. */
  bare?: boolean;
}>();
const emit = defineEmits<{ change: [value: number | null] }>();

const shownAs = () => (props.value === null ? '' : String(props.value));
const text = ref(shownAs());
const fault = ref('');
watch(
  () => props.value,
  (value) => {
    if (Number(text.value.replace(',', '.')) !== value || fault.value !== '') text.value = shownAs();
    fault.value = '';
  },
);

function read(): void {
  const typed = text.value.trim().replace(',', '.');
  if (typed === '' && props.optional) {
    fault.value = '';
    emit('change', null);
    return;
  }
  const value = Number(typed);
  const good = typed !== '' && Number.isFinite(value) && value >= props.least && value <= props.most;
  fault.value = good
    ? ''
    : `Type a number from ${props.least} to ${props.most}${props.optional ? ', or nothing' : ''}.`;
  if (good && value !== props.value) emit('change', value);
}
</script>

<template>
  <v-text-field
    v-model="text"
    :label="bare ? undefined : label"
    :aria-label="bare ? label : undefined"
    :density="bare ? 'compact' : 'comfortable'"
    :suffix="suffix"
    inputmode="decimal"
    autocomplete="off"
    persistent-placeholder
    :placeholder="optional ? (nothing ?? 'no limit') : ''"
    :error-messages="fault ? [fault] : []"
    @update:model-value="read"
  />
</template>
