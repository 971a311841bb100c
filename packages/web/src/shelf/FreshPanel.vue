<script setup lang="ts">
import { computed } from 'vue';
import { useStock } from '../household/use-stock';
import { useToday } from '../household/use-today';
import { useCatalogue } from '../household/use-catalogue';
import { count, countPieces, oneAndMany, useWords } from '../words/use-words';

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
      ...sayFresh(f.kind, f.pieces, bottle?.label ?? ''),
      past: f.until !== undefined && f.until < today.iso(),
    };
  }),
);
/** What is counted, and what it gives: limes their juice or wedges, mint its leaves. */
function sayFresh(kindId: string, pieces: number, label: string) {
  const kind = catalogue.kinds.get(kindId);
  const name = kind?.one ?? catalogue.kindInSentence(kindId);
  const cut = catalogue.all.kinds.filter((k) => k.whole?.kind === kindId);
  const gives = [
    ...(kind?.juiceMl === undefined ? [] : [`${words.volume(Math.round(pieces * kind.juiceMl))} of juice`]),
    ...cut.map((k) => {
      const n = Math.floor(pieces * (k.whole?.pieces ?? 1));
      return (k.whole?.pieces ?? 1) > 1 ? count(n, 'wedge') : count(n, catalogue.kindInSentence(k.id));
    }),
  ];
  const isLeaves = kind?.herb === true;
  return {
    name,
    there: isLeaves
      ? `${name}, ${count(Math.floor(pieces), 'leaf', 'leaves')}`
      : countPieces(pieces, oneAndMany(name)),
    gives: gives.length > 0 ? `for ${gives.join(' or ')}` : label,
  };
}
function change(id: string, name: string, pieces: number): void {
  if (pieces > 0) stock.edit(id, `Count of ${name}`, { pieces });
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
          ><strong>{{ row.there }}</strong> <small v-if="row.gives" class="dim"> {{ row.gives }}</small></span
        >
        <span class="dim" :class="{ rust: row.past }">{{
          row.until ? `${row.past ? 'past' : 'good until'} ${words.shortDay(row.until)}` : ''
        }}</span>
        <span class="steps">
          <v-btn
            :aria-label="`One ${row.name} fewer`"
            @click="change(row.id, row.name, Math.max(0, row.pieces - 1))"
            >−</v-btn
          >
          <v-btn :aria-label="`One ${row.name} more`" @click="change(row.id, row.name, row.pieces + 1)"
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
