<script setup lang="ts">
import { computed } from 'vue';
import { RouterLink } from 'vue-router';
import { useAnswer } from '../solver/use-answer';
import { useItemWords } from '../words/use-item-words';
import { count, useWords } from '../words/use-words';

const MOST_SHOWN = 7;

const emit = defineEmits<{ select: [itemId: string] }>();
const answers = useAnswer();
const { itemName } = useItemWords();
const words = useWords();

const rows = computed(() =>
  (answers.result?.explanation.lifts ?? [])
    .filter((l) => l.opens.length > 0)
    .slice(0, MOST_SHOWN)
    .map((lift) => ({ ...lift, name: itemName(lift.id), isKit: answers.kitById.has(lift.id) })),
);
</script>

<template>
  <section class="card" aria-labelledby="off-title">
    <h2 id="off-title">One bottle off <small class="dim">· least money a drink first</small></h2>
    <ul v-if="rows.length > 0" class="plain-list">
      <li v-for="row in rows" :key="row.id">
        <component
          :is="row.isKit ? RouterLink : 'button'"
          class="plain-button row"
          v-bind="row.isKit ? { to: '/kit' } : { type: 'button' }"
          @click="row.isKit || emit('select', row.id)"
        >
          <strong>{{ row.name }}</strong>
          <span class="dim">opens {{ count(row.opens.length, 'drink') }}</span>
          <span class="price">{{ words.price(row.price) }}</span>
        </component>
      </li>
    </ul>
    <p v-else class="dim">No single bottle opens another drink from here.</p>
  </section>
</template>

<style scoped>
li {
  border-bottom: 1px solid rgb(var(--v-theme-line));
}

a.row {
  text-decoration: none;
}

.row {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 10px;
  align-items: baseline;
  width: 100%;
  min-height: 38px;
  padding: 7px 0;
}

.price {
  margin-inline-start: auto;
}
</style>
