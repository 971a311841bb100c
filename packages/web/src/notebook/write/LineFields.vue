<script setup lang="ts">
import { computed } from 'vue';
import {
  amountMl,
  COUNT_MEASURES,
  fromMl,
  ML_PER_MEASURE,
  type Amount,
  type ReaderMeasure,
} from '@uisce/core/base';
import { SURE, type LineNote, type ReadLine } from '@uisce/core/notebook';
import { mdiClose } from '@mdi/js';
import { useSettings } from '../../household/use-settings';
import { useCatalogue } from '../../household/use-catalogue';
import CheckField from '../../ui/CheckField.vue';
import NumberField from '../../ui/NumberField.vue';
import SelectField from '../../ui/SelectField.vue';
import { MEASURE_WORDS } from '../../words/trade-words';
import { useKindChoices } from '../../ui/use-kind-choices';

/** One ingredient beside what was understood of it, in fields: how much, of what measure, which kind. */
const props = defineProps<{ line: ReadLine }>();
const emit = defineEmits<{
  edit: [part: { amount?: Amount; kind?: string; optional?: boolean }];
  out: [];
  ownKind: [];
}>();
const settings = useSettings();
const catalogue = useCatalogue();
const { matches, nearFirst } = useKindChoices();

const isSure = computed(() => props.line.confidence >= SURE);
const kinds = computed(() =>
  nearFirst(isSure.value ? [] : [...(props.line.kind ? [props.line.kind] : []), ...props.line.near]),
);

type Measure = Amount['measure'];
const SPOONED: readonly Measure[] = ['teaspoon', 'tablespoon', 'bar-spoon', 'dash', 'drop'];
const WORDS: Partial<Record<Measure, string>> = { whole: 'pieces', 'bar-spoon': 'bar spoon' };
const poured = computed<ReaderMeasure>(() => settings.current.measure);
const measures = computed(() =>
  [poured.value as Measure, ...SPOONED, ...COUNT_MEASURES].map((value) => ({
    value,
    title: WORDS[value] ?? MEASURE_WORDS[value as ReaderMeasure]?.short ?? value,
  })),
);
/** What is poured is read in the household's measure; what is dashed or counted keeps its own. */
const shown = computed(() => {
  const { amount } = props.line;
  if (!amount) return { value: null, measure: poured.value as Measure };
  const ml = amountMl(amount);
  if (ml === undefined || SPOONED.includes(amount.measure)) return amount;
  return { value: Math.round(fromMl(ml, poured.value) * 100) / 100, measure: poured.value as Measure };
});
function amountOf(value: number, measure: Measure): Amount {
  const perMl = ML_PER_MEASURE[measure as keyof typeof ML_PER_MEASURE];
  if (perMl === undefined || SPOONED.includes(measure)) return { value, measure };
  return { value: Math.round(value * perMl * 100) / 100, measure: 'ml' };
}
function measureAs(measure: Measure): void {
  emit('edit', { amount: amountOf(shown.value.value ?? 1, measure) });
}

const NOTES: Partial<Record<LineNote, string>> = {
  range: 'the middle of what it says',
  loose: 'as much as is usual',
  'juice-of-fruit': 'the juice of a usual fruit',
  both: 'in ml, as it says',
  'no-amount': 'no amount is said',
  top: 'to the top',
};
const extras = computed(() => {
  const { line } = props;
  return [
    ...line.notes.map((n) => NOTES[n] ?? ''),
    line.float ? 'floated' : '',
    line.muddle ? 'pressed' : '',
    line.rinse ? 'to rinse' : '',
    line.or.length > 0 ? `or ${line.or.map((k) => catalogue.kindInSentence(k)).join(' or ')}` : '',
  ].filter(Boolean);
});
const name = computed(() => props.line.says || 'this line');
</script>

<template>
  <div class="line">
    <p class="said" :class="isSure ? 'dim' : 'rust'">
      {{ line.text }}<template v-for="e in extras" :key="e"> · {{ e }}</template>
    </p>
    <NumberField
      bare
      :label="`How much ${name}`"
      suffix=""
      :value="shown.value"
      :least="0.01"
      :most="2000"
      optional
      nothing="?"
      @change="$event !== null && emit('edit', { amount: amountOf($event, shown.measure) })"
    />
    <SelectField
      :label="`Measure of ${name}`"
      bare
      :value="shown.measure"
      :choices="measures"
      @choose="measureAs"
    />
    <v-autocomplete
      class="kind"
      density="compact"
      :model-value="isSure ? (line.kind ?? null) : null"
      :items="kinds"
      :custom-filter="matches"
      :aria-label="isSure ? `Kind of ${name}` : `What is “${line.says}”?`"
      :placeholder="isSure ? '' : `What is “${line.says}”?`"
      persistent-placeholder
      @update:model-value="$event && emit('edit', { kind: $event })"
    />
    <v-btn class="out" :aria-label="`Take ${name} out`" @click="emit('out')">
      <svg viewBox="0 0 24 24" aria-hidden="true"><path :d="mdiClose" /></svg>
    </v-btn>
    <div v-if="!isSure" class="ask">
      <v-btn
        v-if="line.kind"
        :aria-label="`Yes, ${catalogue.kindName(line.kind)}`"
        @click="emit('edit', { kind: line.kind })"
        >Yes, {{ catalogue.kindInSentence(line.kind) }}</v-btn
      >
      <v-btn :aria-label="`“${line.says}” is a kind of our own`" @click="emit('ownKind')"
        >A kind of our own</v-btn
      >
    </div>
    <CheckField
      v-else-if="line.optional"
      class="ask"
      :model-value="line.optional"
      label="if you like"
      :about="name"
      @update:model-value="emit('edit', { optional: $event })"
    />
  </div>
</template>

<style scoped>
.line {
  display: grid;
  grid-template-columns: 84px 112px minmax(0, 1fr) 44px;
  gap: 4px 8px;
  align-items: start;
  padding: 6px 0 8px;
  border-bottom: 1px solid rgb(var(--v-theme-line));
}

.said,
.ask {
  grid-column: 1 / -1;
  margin: 0;
  font-size: 0.9375rem;
}

.ask {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}

.out {
  min-width: 40px;
  height: 40px !important;
  padding: 0;
  border-color: transparent;
}

.out svg {
  width: 18px;
  fill: currentcolor;
}

@media (max-width: 600px) {
  .line {
    grid-template-columns: 76px minmax(0, 1fr) 44px;
  }

  .kind {
    grid-column: 1 / -1;
    grid-row: 3;
  }
}
</style>
