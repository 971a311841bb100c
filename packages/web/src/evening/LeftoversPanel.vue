<script setup lang="ts">
import type { Evening } from '@uisce/core/evening';
import CautionLine from '../ui/CautionLine.vue';
import NumberField from '../ui/NumberField.vue';
import { useLeftovers, useToUseSoon } from './use-leftovers';

/** What is left: juice onto the shelf with its new date, and all that must be used within days. */
const props = defineProps<{ evening: Evening }>();

const { typed, isNew, rows, shelve, kept } = useLeftovers(props);
const { soon } = useToUseSoon();
</script>

<template>
  <div>
    <template v-if="isNew && rows.length > 0">
      <h3>What is left in the jugs?</h3>
      <div v-for="row in rows" :key="row.kind" class="left">
        <NumberField
          :label="row.name"
          suffix="ml left"
          :value="row.ml"
          :least="0"
          :most="5000"
          @change="typed[row.kind] = $event ?? 0"
        />
        <v-btn
          :disabled="row.ml < 10 || kept(row.kind)"
          :aria-label="`${row.name} to the shelf`"
          @click="shelve(row.kind, row.ml)"
          >{{ kept(row.kind) ? 'On the shelf' : 'To the shelf' }}</v-btn
        >
      </div>
    </template>
    <h3>To be used within days</h3>
    <ul v-if="soon.length > 0" class="plain-list">
      <li v-for="s in soon" :key="s.id">
        <span>{{ s.text }}</span><span class="dim">by {{ s.until }}</span>
      </li>
    </ul>
    <p v-else class="dim">Nothing presses.</p>
    <CautionLine>What stood warm all evening, or smells of yeast, goes down the sink.</CautionLine>
  </div>
</template>

<style scoped>
h3 {
  margin: 0 0 6px;
  font-size: 1rem;
}

.left {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 10px;
  align-items: center;
  margin-bottom: 8px;
}

li {
  display: flex;
  justify-content: space-between;
  gap: 12px;
  padding: 4px 0;
}
</style>
