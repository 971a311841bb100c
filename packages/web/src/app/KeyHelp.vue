<script setup lang="ts">
import { KEYS } from './use-shortcuts';

const shown = defineModel<boolean>({ required: true });
</script>

<template>
  <v-dialog v-model="shown" max-width="460" aria-labelledby="keys-title">
    <div class="card">
      <h2 id="keys-title">Keys</h2>
      <dl>
        <template v-for="key in KEYS" :key="key.keys">
          <dt>
            <kbd>{{ key.keys }}</kbd>
          </dt>
          <dd>{{ key.does }}</dd>
        </template>
      </dl>
      <v-btn autofocus @click="shown = false">Close</v-btn>
    </div>
  </v-dialog>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: max-content 1fr;
  gap: 10px 16px;
  margin: 12px 0 20px;
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
