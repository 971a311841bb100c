<script setup lang="ts">
import { computed, ref } from 'vue';
import CheckField from '../../ui/CheckField.vue';
import DataTable from '../../ui/DataTable.vue';
import type { useImport } from './use-import';

/** A notebook that comes in whole: what of it is new, the same, or otherwise than here. */
const props = defineProps<{ bringing: ReturnType<typeof useImport> }>();

const COLUMNS = [
  { key: 'name', title: 'In it', names: true },
  { key: 'fresh', title: 'New', figures: true },
  { key: 'same', title: 'The same', figures: true },
  { key: 'changed', title: 'Otherwise', figures: true },
];
const NAMES = { drinks: 'Drinks', kinds: 'Kinds', collections: 'Collections', tastings: 'Verdicts' } as const;
const rows = computed(() => {
  const file = props.bringing.file.value;
  if (!file) return [];
  return (Object.keys(NAMES) as (keyof typeof NAMES)[]).map((part) => ({
    name: NAMES[part],
    fresh: file[part].fresh.length,
    same: file[part].same.length,
    changed: file[part].changed.length,
  }));
});
const sum = (key: 'fresh' | 'changed') => rows.value.reduce((all, row) => all + row[key], 0);
const withChanged = ref(false);
const isBusy = computed(() => props.bringing.progress.value !== undefined);
const number = computed(() => sum('fresh') + (withChanged.value ? sum('changed') : 0));
</script>

<template>
  <DataTable caption="What stands in the notebook" :columns="COLUMNS" :rows="rows" :row-key="(r) => r.name" />
  <CheckField
    v-if="sum('changed') > 0"
    v-model="withChanged"
    label="What is otherwise here is to be as it is in the file"
  />
  <div class="buttons">
    <v-btn color="sea" :disabled="number === 0 || isBusy" @click="bringing.takeFile(withChanged)"
      >Save {{ number }}</v-btn
    >
    <v-btn @click="bringing.forget()">Cancel</v-btn>
    <span v-if="number === 0" class="dim">There is nothing in it that is not here already.</span>
  </div>
</template>

<style scoped>
.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
  margin-top: 12px;
}
</style>
