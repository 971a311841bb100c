<script setup lang="ts">
import { computed, ref } from 'vue';
import { METHODS } from '@uisce/core/catalogue';
import { SURE, type LineNote, type ReadLine } from '@uisce/core/notebook';
import { useTrade } from '../../household/use-trade';
import SelectField from '../../ui/SelectField.vue';
import { inSentence, useWords } from '../../words/use-words';
import OwnKindSheet from './OwnKindSheet.vue';
import { useWriting } from './use-writing';

/** Each line beside what was understood of it; what is not sure is asked. */
const trade = useTrade();
const words = useWords();
const { current, said, chosen, recipe } = useWriting();

const NOTES: Partial<Record<LineNote, string>> = {
  range: 'the middle of what it says',
  loose: 'as much as is usual',
  'juice-of-fruit': 'the juice of a usual fruit',
  both: 'in ml, as it says',
  'no-amount': 'no amount is said',
  top: 'to the top',
};
const kinds = computed(() =>
  trade.catalogue.kinds
    .map((k) => ({ value: k.id, title: k.name }))
    .sort((a, b) => a.title.localeCompare(b.title)),
);
/** The likeliest first, then all of them. */
function choicesOf(line: ReadLine) {
  const near = [...(line.kind ? [line.kind] : []), ...line.near];
  const first = near.map((id) => ({ value: id, title: trade.kindName(id) }));
  return [...first, ...kinds.value.filter((k) => !near.includes(k.value))];
}
const settle = (line: ReadLine, kind: string | null) => {
  if (kind) said.value = { ...said.value, [line.says]: kind };
};
const sayAmount = (line: ReadLine) =>
  line.amount ? words.amount(line.amount) : line.top ? 'to the top' : 'as much as is liked';
const extras = (line: ReadLine) =>
  [
    ...line.notes.map((n) => NOTES[n] ?? ''),
    line.optional ? 'optional' : '',
    line.float ? 'floated' : '',
    line.muddle ? 'pressed' : '',
    line.rinse ? 'to rinse' : '',
    line.or.length > 0 ? `or ${line.or.map((k) => inSentence(trade.kindName(k))).join(' or ')}` : '',
  ].filter(Boolean);

const METHOD_WORDS: Record<(typeof METHODS)[number], string> = {
  ...{ build: 'built', stir: 'stirred', shake: 'shaken', 'dry-shake': 'dry-shaken, then shaken' },
  ...{ blend: 'blended', swizzle: 'swizzled', layer: 'layered', hot: 'hot' },
};
const methods = METHODS.map((value) => ({ value, title: METHOD_WORDS[value] }));
const glasses = computed(() => trade.catalogue.glasses.map((g) => ({ value: g.id, title: g.name })));
const families = computed(() => trade.catalogue.families.map((f) => ({ value: f.id, title: f.name })));

const asking = ref(false);
const asked = ref<ReadLine>();
function ownKind(line: ReadLine): void {
  asked.value = line;
  asking.value = true;
}
</script>

<template>
  <ul v-if="current" class="plain-list lines">
    <li
      v-for="(line, i) in current.lines"
      :key="i"
      :class="{ open: line.confidence < SURE && !line.garnish }"
    >
      <span class="dim said">{{ line.text }}</span>
      <template v-if="!line.garnish">
        <strong class="amount">{{ sayAmount(line) }}</strong>
        <span v-if="line.confidence >= SURE"
          >{{ trade.kindName(line.kind ?? '')
          }}<small v-for="e in extras(line)" :key="e" class="dim"> · {{ e }}</small></span
        >
        <span v-else class="ask">
          <v-autocomplete
            :model-value="null"
            :items="choicesOf(line)"
            :label="`What is “${line.says}”?`"
            :hint="line.kind ? `Perhaps ${inSentence(trade.kindName(line.kind))}` : 'Not known here'"
            persistent-hint
            @update:model-value="settle(line, $event)"
          />
          <v-btn
            v-if="line.kind"
            :aria-label="`Yes, ${trade.kindName(line.kind)}`"
            @click="settle(line, line.kind)"
            >Yes, {{ inSentence(trade.kindName(line.kind)) }}</v-btn
          >
          <v-btn :aria-label="`“${line.says}” is a kind of our own`" @click="ownKind(line)"
            >A kind of our own</v-btn
          >
        </span>
      </template>
      <span v-else class="dim">garnish</span>
    </li>
  </ul>
  <div v-if="recipe" class="field-row">
    <SelectField
      label="Made"
      :value="recipe.method"
      :choices="methods"
      @choose="chosen = { ...chosen, method: $event }"
    />
    <SelectField
      label="Glass"
      :value="recipe.glass"
      :choices="glasses"
      @choose="chosen = { ...chosen, glass: $event }"
    />
    <SelectField
      label="Family"
      :value="recipe.family"
      :choices="families"
      @choose="chosen = { ...chosen, family: $event }"
    />
  </div>
  <OwnKindSheet v-if="asked" v-model="asking" :says="asked.says" @kept="settle(asked, $event)" />
</template>

<style scoped>
.lines > li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 92px minmax(0, 1.4fr);
  gap: 2px 12px;
  align-items: center;
  padding: 6px 0;
  border-bottom: 1px solid rgb(var(--v-theme-line));
}

.open .said {
  color: rgb(var(--v-theme-rust));
}

.amount {
  text-align: end;
}

.ask {
  display: grid;
  gap: 6px;
}

small {
  font-size: 0.9375rem;
}

.field-row {
  margin-top: 12px;
}

@media (max-width: 700px) {
  .lines > li {
    grid-template-columns: 92px minmax(0, 1fr);
  }

  .said {
    grid-column: 1 / -1;
  }
}
</style>
