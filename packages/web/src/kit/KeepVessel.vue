<script setup lang="ts">
import { lowerFirst } from '@uisce/core/base';
import { computed, ref } from 'vue';
import type { Cup } from '@uisce/core/catalogue';
import type { Calibration } from '@uisce/core/measure';
import { useKit } from '../household/use-kit';
import { useCatalogue } from '../household/use-catalogue';
import { useWords } from '../words/use-words';
import NumberField from '../ui/NumberField.vue';
import { leadsToWrongInput } from '../ui/wrong-input';
import SelectField from '../ui/SelectField.vue';

/** What was measured: kept as a measure, as another line of one, or as a glass. */
const props = defineProps<{
  result: Calibration;
  /** Whether more weighings would make it surer. */
  more: boolean;
  /** The glass type it looks like. */
  type: string;
  widthMm: number;
}>();
const emit = defineEmits<{ kept: [] }>();

const kits = useKit();
const catalogue = useCatalogue();
const words = useWords();

const name = ref(catalogue.glasses.get(props.type)?.name ?? '');
const width = ref(props.widthMm);
const fault = ref('');
const card = ref<HTMLElement>();

/** Another vessel of that name would be hard to tell apart; lines of one vessel must differ. */
const target = ref('');
const targets = computed(() => [
  { value: '', title: 'a vessel of its own' },
  ...kits.kit.vessels.map((v) => ({ value: v.id, title: `another line of ${lowerFirst(v.name)}` })),
]);
const newId = () => `own-${Date.now().toString(36)}`;
const round = (ml: number) => Math.round(ml * 10) / 10;

function keepAsMeasure(): void {
  if (leadsToWrongInput(card.value)) return;
  const line = { ml: round(props.result.ml), diameterMm: width.value };
  const into = kits.kit.vessels.find((v) => v.id === target.value);
  if (into) {
    const [first, ...others] = into.cups as [Cup, ...Cup[]];
    if (first.lines.some((l) => l.ml === line.ml)) {
      fault.value = `${into.name} has a line at ${words.number(line.ml)} ml already.`;
      return;
    }
    const lines = [...first.lines, line].sort((a, b) => a.ml - b.ml);
    const cups = [{ ...first, lines }, ...others];
    kits.edit(`Line on ${lowerFirst(into.name)}`, {
      vessels: kits.kit.vessels.map((v) => (v === into ? { ...v, cups } : v)),
    });
  } else {
    const called = name.value.trim().slice(0, 60) || 'Measure';
    kits.edit(`Calibrated ${lowerFirst(called)}`, {
      vessels: [...kits.kit.vessels, { id: newId(), name: called, cups: [{ name: 'cup', lines: [line] }] }],
    });
  }
  emit('kept');
}
function keepAsGlass(): void {
  if (leadsToWrongInput(card.value)) return;
  const called = name.value.trim().slice(0, 60) || 'Glass';
  kits.edit(`Measured ${lowerFirst(called)}`, {
    glasses: [
      ...kits.kit.glasses,
      { id: newId(), name: called, type: props.type, capacityMl: round(props.result.ml), count: 1 },
    ],
  });
  emit('kept');
}
</script>

<template>
  <div ref="card" class="result" aria-live="polite">
    <p>
      It holds <strong class="copper display">{{ words.number(result.ml) }} ml</strong>
      <span class="dim">
        give or take {{ words.number(result.errorMl, 2) }} ml<template v-if="more">
          · weigh it twice more to be surer</template
        ></span
      >
    </p>
    <div class="two">
      <v-text-field v-model="name" label="Called" maxlength="60" />
      <NumberField
        label="Width at the line"
        suffix="mm"
        :value="width"
        :least="3"
        :most="400"
        @change="width = $event ?? 36"
      />
    </div>
    <SelectField
      v-if="kits.kit.vessels.length > 0"
      label="As"
      :value="target"
      :choices="targets"
      @choose="target = $event"
    />
    <p v-if="fault" role="alert" class="rust">{{ fault }}</p>
    <div class="keep">
      <v-btn color="sea" @click="keepAsMeasure">Save it as a measure</v-btn>
      <v-btn @click="keepAsGlass">Save it as a glass</v-btn>
    </div>
  </div>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
  align-items: center;
}

p {
  margin: 0;
}

.result {
  display: grid;
  gap: 10px;
}

.display {
  font-size: 1.375rem;
}

.keep {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}

@media (max-width: 700px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
