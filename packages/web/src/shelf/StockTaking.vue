<script setup lang="ts">
import { computed, ref } from 'vue';
import { homeSizes } from '@uisce/core/plan';
import { asTold, bottleThere, StockReader, type Bottle, type StockLine } from '@uisce/core/stock';
import { useStock } from '../household/use-stock';
import { useCatalogue } from '../household/use-catalogue';
import { useToday } from '../household/use-today';
import { count, useWords } from '../words/use-words';
import SelectField from '../ui/SelectField.vue';

/** Stock-taking in a minute: typed in a row, each reading beside its words, all of it one change. */
const stock = useStock();
const catalogue = useCatalogue();
const today = useToday();
const words = useWords();

const USUAL_ML = 700;
const text = ref('');
/** What was chosen where the words were not clear, by their place. */
const chosen = ref<Record<number, string>>({});
const reader = computed(() => new StockReader(catalogue.all.kinds));
const lines = computed(() =>
  (text.value.trim() === '' ? [] : reader.value.read(text.value, today.iso())).map((line, i) => ({
    ...line,
    kind: line.kind ?? chosen.value[i],
  })),
);
const ready = computed(() => lines.value.filter((l) => l.kind !== undefined));

/** A usual size of a kind: as the shop sells it. */
function usualMl(kindId: string): number {
  const kind = catalogue.kinds.get(kindId);
  if (!kind) return USUAL_ML;
  const sold = homeSizes(catalogue.prices?.bottles ?? [], kind).sort((a, b) => b.ml - a.ml)[0];
  return sold?.ml ?? kind.sizes[0]?.ml ?? USUAL_ML;
}

/** The bottle that a line is about, as it says: the open one of that kind, or one that was not known of. */
function bottleOf(line: StockLine, kindId: string, taken: ReadonlySet<string>): Bottle {
  const known = stock.standing
    .filter((b) => b.kind === kindId && !b.sipping && !taken.has(b.id))
    .sort((a, b) => ((a.openedOn ?? '9') < (b.openedOn ?? '9') ? -1 : 1))[0];
  const place = catalogue.kinds.get(kindId)?.storage ?? 'shelf';
  const bottle = known ?? bottleThere(crypto.randomUUID(), kindId, place);
  return asTold(bottle, line, usualMl(kindId), today.iso());
}
function apply(): void {
  const taken = new Set<string>();
  const bottles = ready.value.flatMap((line) => {
    if (line.kind === undefined) return [];
    const bottle = bottleOf(line, line.kind, taken);
    taken.add(bottle.id);
    return [bottle];
  });
  if (bottles.length === 0) return;
  stock.keep('Stock-taking', ...bottles);
  text.value = '';
  chosen.value = {};
}
function sayLeft({ left, sizeMl }: StockLine): string {
  const size = sizeMl === undefined ? '' : ` of ${words.size(sizeMl)}`;
  if (left === undefined) return size === '' ? 'there' : size.trim();
  if ('pieces' in left) return count(left.pieces, 'piece');
  return 'ml' in left ? `${words.volume(left.ml)}${size}` : `${words.number(left.share * 100, 0)} %${size}`;
}
</script>

<template>
  <section class="panel" aria-labelledby="taking-title">
    <h2 id="taking-title">
      Take stock <small class="dim">· type along the shelf, one after the other</small>
    </h2>
    <v-textarea
      v-model="text"
      label="What stands there"
      placeholder="dry gin 2/3, triple sec 0.4, sweet vermouth half opened 3 May"
      variant="outlined"
      rows="2"
      auto-grow
      maxlength="4000"
      persistent-placeholder
    />
    <ul v-if="lines.length > 0" class="plain-list lines" aria-label="As it was read">
      <li v-for="(line, i) in lines" :key="i">
        <span class="dim">{{ line.text }}</span>
        <SelectField
          v-if="line.confidence < 0.8 && line.near.length > 0"
          label="Which is it?"
          :value="chosen[i] ?? ''"
          :choices="[
            { value: '', title: 'not clear' },
            ...line.near.map((k) => ({ value: k, title: catalogue.kindName(k) })),
          ]"
          @choose="chosen = { ...chosen, [i]: $event }"
        />
        <strong v-else-if="line.kind">{{ catalogue.kindName(line.kind) }}</strong>
        <span v-else class="rust">nothing we know</span>
        <span
          >{{ sayLeft(line)
          }}<template v-if="line.openedOn">, opened {{ words.shortDay(line.openedOn) }}</template></span
        >
      </li>
    </ul>
    <v-btn color="sea" :disabled="ready.length === 0" @click="apply">
      {{ ready.length === 0 ? 'Write it down' : `Write ${count(ready.length, 'thing')} down` }}
    </v-btn>
  </section>
</template>

<style scoped>
.lines {
  margin: 8px 0;
}

.lines li {
  display: grid;
  grid-template-columns: minmax(120px, 1.2fr) minmax(140px, 1fr) minmax(90px, 1fr);
  gap: 4px 12px;
  align-items: center;
  min-height: 36px;
  border-bottom: 1px solid rgb(var(--v-theme-line));
}

@media (max-width: 560px) {
  .lines li {
    grid-template-columns: minmax(0, 1fr);
    padding: 6px 0;
  }
}
</style>
