<script setup lang="ts">
import { computed } from 'vue';
import { useStock } from '../household/use-stock';
import { useToday } from '../household/use-today';
import { useCatalogue } from '../household/use-catalogue';
import { useWords } from '../words/use-words';

/** Fruit, eggs and herbs by count: what turns first stands first. */
const stock = useStock();
const catalogue = useCatalogue();
const today = useToday();
const words = useWords();

const rows = computed(() =>
  stock.fresh.map((f) => {
    const bottle = stock.bottles.find((b) => b.id === f.id);
    return {
      ...f,
      name: catalogue.kindName(f.kind),
      of: bottle?.label ?? '',
      past: f.until !== undefined && f.until < today.iso(),
    };
  }),
);
function change(id: string, kind: string, pieces: number): void {
  const name = catalogue.kindInSentence(kind);
  if (pieces > 0) stock.edit(id, `Pieces for ${name}`, { pieces });
  else stock.edit(id, `Used up ${name}`, { pieces: 0, finishedOn: today.iso() });
}
</script>

<template>
  <section v-if="rows.length > 0" class="panel" aria-labelledby="fresh-title">
    <h2 id="fresh-title">
      Fresh <small class="dim">· by count; fruit keeps about two weeks in the cold</small>
    </h2>
    <ul class="plain-list">
      <li v-for="row in rows" :key="row.id">
        <span
          ><strong>{{ row.pieces }} × {{ row.of || row.name }}</strong>
          <small class="dim"> for {{ catalogue.kindInSentence(row.kind) }}</small></span
        >
        <span class="dim" :class="{ rust: row.past }">{{
          row.until ? `${row.past ? 'past' : 'good until'} ${words.shortDay(row.until)}` : ''
        }}</span>
        <span class="steps">
          <v-btn :aria-label="`One less for ${row.name}`" @click="change(row.id, row.kind, row.pieces - 1)"
            >−</v-btn
          >
          <v-btn :aria-label="`One more for ${row.name}`" @click="change(row.id, row.kind, row.pieces + 1)"
            >+</v-btn
          >
        </span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: minmax(0, 1.3fr) minmax(0, 1fr) auto;
  gap: 4px 12px;
  align-items: center;
  min-height: 48px;
  border-bottom: 1px solid rgb(var(--v-theme-line));
}

.steps {
  display: flex;
  gap: 6px;
}

.steps .v-btn {
  min-width: 44px;
  height: 44px;
}
</style>
