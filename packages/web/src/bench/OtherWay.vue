<script setup lang="ts">
import { inSentence } from '@uisce/core/base';
import { computed, ref, watchEffect } from 'vue';
import { ACTS, type BenchAct, type HomeMadePart } from '@uisce/core/catalogue';
import { useCatalogue } from '../household/use-catalogue';
import CheckField from '../ui/CheckField.vue';
import NumberField from '../ui/NumberField.vue';
import SelectField from '../ui/SelectField.vue';
import { useBatchWords } from '../words/batch-words';
import { ACT_WORDS, PLAIN_PART, useMakeable, type OwnIdea } from './own-idea';

/** Anything at all, from any parts, by any steps. */
const emit = defineEmits<{ idea: [idea: OwnIdea | undefined] }>();

const catalogue = useCatalogue();
const { partName } = useBatchWords();
const makeable = useMakeable();
const makes = ref('simple-syrup');
const things = computed(() => [
  ...catalogue.all.pantry.map((p) => ({ value: `pantry ${p.id}`, title: p.name })),
  ...catalogue.all.kinds
    .filter((k) => !k.abstract)
    .map((k) => ({ value: `kind ${k.id}`, title: inSentence(k) })),
]);
interface Row {
  thing: string;
  g: number;
  hot: boolean;
  strained: boolean;
}
const rows = ref<Row[]>([
  { thing: 'pantry white-sugar', g: 200, hot: false, strained: false },
  { thing: 'pantry water', g: 200, hot: true, strained: false },
]);
const partOf = ({ thing, g, hot, strained }: Row): HomeMadePart => {
  const [from, id = ''] = thing.split(' ');
  return { ...PLAIN_PART, ...(from === 'kind' ? { kind: id } : { pantry: id }), g, hot, strained };
};
const parts = computed(() => rows.value.map(partOf));

const ACT_CHOICES = ACTS.map((value) => ({ value, title: ACT_WORDS[value] }));
/** What is said of an act where nobody wrote anything. */
const SAYS: Record<BenchAct['do'], string> = {
  toast: 'Toast it dry.',
  heat: 'Warm it gently until it is clear.',
  blend: 'Blend it.',
  steep: 'Leave it.',
  strain: 'Strain it, and weigh what came through.',
  cool: 'Let it cool, covered.',
};
const acts = ref<{ do: BenchAct['do']; after: number; minutes: number | null; say: string }[]>([]);
const afters = computed(() => [
  { value: 0, title: 'before anything' },
  ...parts.value.map((p, i) => ({ value: i + 1, title: `after ${partName(p)}` })),
]);
const how = ref('');

watchEffect(() => {
  const most = parts.value.length;
  const done = acts.value.map(({ minutes, ...act }): BenchAct => ({
    ...act,
    after: Math.min(act.after, most),
    say: act.say.trim().length < 5 ? SAYS[act.do] : act.say.trim(),
    ...(minutes === null ? {} : { minutes }),
  }));
  emit('idea', {
    makes: makes.value,
    from: parts.value,
    heated: done.some((a) => a.do === 'heat'),
    acts: done.sort((a, b) => a.after - b.after),
    how: how.value.trim().length < 10 ? 'Stir together until clear, and bottle clean.' : how.value.trim(),
  });
});
</script>

<template>
  <div class="rows">
    <v-select v-model="makes" :items="makeable" label="It serves as" />
    <div v-for="(row, i) in rows" :key="i" class="row">
      <v-autocomplete v-model="row.thing" :items="things" :label="`Part ${i + 1}`" />
      <NumberField
        label="Grams"
        suffix="g"
        :value="row.g"
        :least="0.1"
        :most="5000"
        @change="row.g = $event ?? 1"
      />
      <CheckField v-model="row.hot" label="Goes in hot" />
      <CheckField v-model="row.strained" label="Strained out again" />
    </div>
    <div class="buttons">
      <v-btn @click="rows.push({ thing: 'pantry citric-acid', g: 5, hot: false, strained: false })"
        >Another part</v-btn
      >
      <v-btn :disabled="rows.length <= 1" @click="rows.pop()">One fewer</v-btn>
    </div>
    <div v-for="(act, i) in acts" :key="i" class="row">
      <SelectField
        :label="`Step ${i + 1}`"
        :value="act.do"
        :choices="ACT_CHOICES"
        @choose="act.do = $event"
      />
      <SelectField label="When" :value="act.after" :choices="afters" @choose="act.after = $event" />
      <NumberField
        label="Takes"
        suffix="min"
        optional
        :value="act.minutes"
        :least="1"
        :most="20000"
        @change="act.minutes = $event"
      />
      <v-text-field v-model="act.say" :label="SAYS[act.do]" maxlength="200" />
    </div>
    <div class="buttons">
      <v-btn
        :disabled="acts.length >= 10"
        @click="acts.push({ do: 'steep', after: rows.length, minutes: 60, say: '' })"
        >Add a step: heat, wait, strain …</v-btn
      >
      <v-btn v-if="acts.length > 0" @click="acts.pop()">One step fewer</v-btn>
    </div>
    <v-textarea v-model="how" label="How it is made" rows="2" auto-grow maxlength="400" counter />
  </div>
</template>

<style scoped>
.rows,
.row {
  display: grid;
  gap: 12px;
}

.row {
  grid-template-columns: repeat(auto-fit, minmax(150px, 1fr));
  align-items: center;
}

.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
</style>
