<script setup lang="ts">
import AppDialog from '../ui/AppDialog.vue';
import { KEYS } from './use-shortcuts';

const shown = defineModel<boolean>({ required: true });
</script>

<template>
  <AppDialog v-model="shown" title="Keys">
    <dl>
      <template v-for="key in KEYS" :key="key.keys">
        <dt>
          <kbd>{{ key.keys }}</kbd>
        </dt>
        <dd>{{ key.does }}</dd>
      </template>
    </dl>
  </AppDialog>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: max-content 1fr;
  gap: 10px 16px;
  margin: 12px 0 4px;
}

dd {
  margin: 0;
}

kbd {
  font: inherit;
  font-weight: 700;
  border: 1px solid rgb(var(--v-theme-line));
  border-radius: 3px;
  padding: 1px 7px;
}
</style>
