<script setup lang="ts">
import { computed } from 'vue';
import type { OwnedGlass } from '@uisce/core/kit';
import { useKit } from '../household/use-kit';
import NumberField from '../ui/NumberField.vue';

/** Name, capacity and number of glasses that are owned. */
const props = defineProps<{ id: string }>();
const emit = defineEmits<{ gone: [] }>();

const kits = useKit();
const glass = computed(() => kits.kit.glasses.find((g) => g.id === props.id));

function change(words: string, part: Partial<OwnedGlass>): void {
  kits.edit(words, { glasses: kits.kit.glasses.map((g) => (g.id === props.id ? { ...g, ...part } : g)) });
}
function rename(event: Event): void {
  const name = (event.target as HTMLInputElement).value.trim().slice(0, 60);
  if (name !== '' && name !== glass.value?.name) change('Name of a glass', { name });
}
function letGo(): void {
  kits.edit(`No ${glass.value?.name ?? 'glass'}`, {
    glasses: kits.kit.glasses.filter((g) => g.id !== props.id),
  });
  emit('gone');
}
</script>

<template>
  <div v-if="glass" class="own">
    <v-text-field label="Called" :model-value="glass.name" maxlength="60" @change="rename" />
    <NumberField
      label="To the brim"
      suffix="ml"
      :value="Math.round(glass.capacityMl * 10) / 10"
      :least="10"
      :most="2000"
      @change="change('Capacity of a glass', { capacityMl: $event ?? glass.capacityMl })"
    />
    <NumberField
      label="How many"
      suffix=""
      :value="glass.count"
      :least="1"
      :most="500"
      @change="change('Number of glasses', { count: Math.round($event ?? 1) })"
    />
    <v-btn @click="letGo">Not mine</v-btn>
    <p class="dim hint">Not sure what it holds? Weigh its water below, under Measures.</p>
  </div>
</template>

<style scoped>
.own {
  display: grid;
  grid-template-columns: 1.4fr 1fr 1fr auto;
  gap: 12px;
  align-items: center;
}

.name {
  display: flex;
  gap: 8px;
  align-items: center;
}

.hint {
  grid-column: 1 / -1;
  margin: 0;
}

@media (max-width: 700px) {
  .own {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
