<script setup lang="ts">
import { count, useWords } from '../words/use-words';
import { ELEMENTS, attributes, useOneBottleOff } from './use-one-bottle-off';

const emit = defineEmits<{ select: [itemId: string] }>();

const words = useWords();
const { sizeOf, rows } = useOneBottleOff();
</script>

<template>
  <section class="panel" aria-labelledby="off-title">
    <h2 id="off-title">One bottle off <small class="dim">· least money a drink first</small></h2>
    <ul v-if="rows.length > 0" class="plain-list">
      <li v-for="row in rows" :key="row.id">
        <component
          :is="ELEMENTS[row.is]"
          class="row"
          :class="{ 'plain-button': row.is !== 'pack' }"
          v-bind="attributes[row.is]"
          @click="row.is === 'bottle' && emit('select', row.id)"
        >
          <strong
            >{{ row.name }}<template v-if="row.size">, {{ row.size }}</template></strong
          >
          <span class="dim"
            >adds {{ count(row.adds.length, 'drink')
            }}<template v-if="row.best !== undefined"
              >; the best set for {{ words.price(row.more) }} more adds {{ row.best }}</template
            ></span
          >
          <span class="price">{{ words.price(row.price) }}</span>
        </component>
        <button
          v-for="size in row.larger"
          :key="size.id"
          class="plain-button link dim"
          type="button"
          @click="emit('select', size.id)"
        >
          or {{ sizeOf(size.id) }}, {{ words.price(size.price) }}
        </button>
      </li>
    </ul>
    <p v-else class="dim">No single bottle adds another drink from here.</p>
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
