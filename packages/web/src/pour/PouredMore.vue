<script setup lang="ts">
import { ref, watch } from 'vue';
import { useLog } from '../household/use-log';
import NumberField from '../ui/NumberField.vue';
import { useRoundInHand } from './use-round-in-hand';

/** It came to something else: by the scale's reading, or in ml. */
const emit = defineEmits<{ poured: [ml: number] }>();

const log = useLog();
const { current, targetG, mlOfShown } = useRoundInHand();
const open = ref(false);
const value = ref<number | null>(null);
watch(
  () => current.value?.id,
  () => {
    open.value = false;
    value.value = null;
  },
);
const byScale = () => log.round?.way === 'scale' && targetG.value !== undefined;
function take(): void {
  if (value.value === null) return;
  emit('poured', byScale() ? mlOfShown(value.value) : value.value);
  open.value = false;
}
</script>

<template>
  <v-btn v-if="!open" @click="open = true">Poured more, or less</v-btn>
  <form v-else class="poured" @submit.prevent="take">
    <NumberField
      :label="byScale() ? 'The scale shows' : 'It came to'"
      :suffix="byScale() ? 'g' : 'ml'"
      :value="value"
      :least="0"
      :most="5000"
      @change="value = $event"
    />
    <v-btn type="submit" :disabled="value === null">Save</v-btn>
  </form>
</template>

<style scoped>
.poured {
  display: grid;
  grid-template-columns: 150px auto;
  gap: 8px;
  align-items: center;
}
</style>
