<script setup lang="ts">
import NumberField from '../ui/NumberField.vue';

/** Grams that a scale of one's own shows, typed; or as the simulated one has them. */
defineProps<{ label: string; g: number | null }>();
const emit = defineEmits<{ change: [g: number | null]; weigh: [] }>();
</script>

<template>
  <div class="buttons">
    <NumberField
      :label="label"
      suffix="g"
      optional
      :value="g"
      :least="1"
      :most="50000"
      @change="emit('change', $event)"
    />
    <v-btn @click="emit('weigh')">Weigh on the simulated scale</v-btn>
  </div>
</template>
