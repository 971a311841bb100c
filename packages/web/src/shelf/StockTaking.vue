<script setup lang="ts">
import { computed, ref } from 'vue';
import { writesMonthFirst } from '@uisce/core/base';
import { homeSizes } from '@uisce/core/plan';
import { isThere, StockReader, takeStock, type StockLine } from '@uisce/core/stock';
import { useSettings } from '../household/use-settings';
import { useStock } from '../household/use-stock';
import { useCatalogue } from '../household/use-catalogue';
import { useToday } from '../household/use-today';
import { count, countPieces, oneAndMany, useWords } from '../words/use-words';
import SelectField from '../ui/SelectField.vue';

/** Stock-taking in a minute: typed in a row, each reading beside its words, all of it one change. */
const stock = useStock();
const catalogue = useCatalogue();
const settings = useSettings();
const today = useToday();
const words = useWords();

const USUAL_ML = 700;
const text = ref('');
/** What was chosen where the words were not clear, by those words. */
const chosen = ref<Record<string, string>>({});
/** Whether 3/5 is the fifth of March here. */
const monthFirst = computed(() => writesMonthFirst(settings.current.locale));
/** All that stands there, what is counted too. */
const here = computed(() => stock.bottles.filter(isThere));
const reader = computed(
  () => new StockReader(catalogue.all.kinds, { standing: here.value, monthFirst: monthFirst.value }),
);
const lines = computed(() =>
  (text.value.trim() === '' ? [] : reader.value.read(text.value, today.iso())).map((line) => ({
    ...line,
    isAsked: line.kind === undefined,
    kind: line.kind ?? (chosen.value[line.text] || undefined),
  })),
);
type Line = (typeof lines.value)[number];

/** A usual size of a kind: as the shop sells it. */
function usualMl(kindId: string): number {
  const kind = catalogue.kinds.get(kindId);
  if (!kind) return USUAL_ML;
  const sold = homeSizes(catalogue.prices?.bottles ?? [], kind).sort((a, b) => b.ml - a.ml)[0];
  return sold?.ml ?? kind.sizes[0]?.ml ?? USUAL_ML;
}

/** What a line writes down; nothing while it is not clear, or its day is none. */
function writesOf(line: Line) {
  const kind = catalogue.kinds.get(line.kind ?? '');
  if (kind === undefined || line.wrongDay !== undefined) return [];
  const known = here.value.filter((b) => b.kind === kind.id);
  const into = {
    kind,
    known,
    usualMl: usualMl(kind.id),
    today: today.iso(),
    newId: () => crypto.randomUUID(),
  };
  return takeStock(line, into);
}
/** Lines in order; of several that tell of one bottle the first holds, and the others wait. */
const written = computed(() => {
  const taken = new Set<string>();
  return lines.value.map((line) => {
    const bottles = writesOf(line);
    const isTwice = bottles.some((b) => taken.has(b.id));
    for (const { id } of bottles) taken.add(id);
    return isTwice ? [] : bottles;
  });
});
const ready = computed(() => written.value.filter((bottles) => bottles.length > 0));

function apply(): void {
  const bottles = ready.value.flat();
  if (bottles.length === 0) return;
  const left = lines.value.filter((_, i) => written.value[i]?.length === 0);
  stock.keep('Stock-taking', ...bottles);
  // What could not be written down stays, in the words it was typed in.
  text.value = left.map((l) => l.text).join('\n');
}

/** Why a line is not written down; empty where it is. */
function waits(line: Line, i: number): string {
  if (line.wrongDay !== undefined) return `“${line.wrongDay}” is no day that has been: put it right`;
  if (line.kind === undefined || written.value[i]?.length !== 0) return '';
  return catalogue.kinds.get(line.kind)?.supply === 'fresh' ? 'how many?' : 'that bottle is told of already';
}
function sayLeft({ left, sizeMl, count: many, kind: id }: StockLine): string {
  const kind = catalogue.kinds.get(id ?? '');
  const size = sizeMl === undefined ? '' : words.size(sizeMl);
  const several =
    many === undefined || many < 2 ? '' : `${count(many, 'bottle')}${size ? ` of ${size}` : ''}`;
  const of = size === '' ? '' : ` of ${size}`;
  if (left === undefined) return several || size || 'there';
  if ('bunches' in left) return count(left.bunches, 'bunch', 'bunches');
  if ('pieces' in left)
    return countPieces(
      left.pieces,
      oneAndMany(kind?.one ?? (kind ? catalogue.kindInSentence(kind.id) : 'piece')),
    );
  if ('g' in left) return `${words.number(left.g, 0)} g`;
  if ('share' in left && left.share === 0) return 'finished';
  const level =
    'ml' in left ? `${words.volume(left.ml)}${of}` : `${words.number(left.share * 100, 0)} %${of}`;
  return several ? `${several}, the open one ${level}` : level;
}
/** What else was read: strength and days. */
function sayMore({ abv, openedOn, opened, boughtOn }: StockLine): string {
  return [
    abv === undefined ? '' : `${words.percent(abv)} vol`,
    openedOn ? `opened ${words.shortDay(openedOn)}` : opened ? 'open' : '',
    boughtOn ? `bought ${words.shortDay(boughtOn)}` : '',
  ]
    .filter((t) => t !== '')
    .map((t) => `, ${t}`)
    .join('');
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
      placeholder="gin 2/3, bourbon 57% half, vermouth opened 3 May, 6 limes, two bottles of tonic"
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
          v-if="line.isAsked && line.near.length > 0"
          label="Which is it?"
          :value="chosen[line.text] ?? ''"
          :choices="[
            { value: '', title: 'not clear' },
            ...line.near.map((k) => ({ value: k, title: catalogue.kindName(k) })),
          ]"
          @choose="chosen = { ...chosen, [line.text]: $event }"
        />
        <strong v-else-if="line.kind">{{ catalogue.kindName(line.kind) }}</strong>
        <span v-else class="rust">nothing we know</span>
        <span>{{ sayLeft(line) }}{{ sayMore(line) }}</span>
        <span v-if="waits(line, i)" class="rust why">{{ waits(line, i) }}</span>
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

.why {
  grid-column: 1 / -1;
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
