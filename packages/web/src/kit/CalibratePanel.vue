<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { calibrateByPours, calibrateByWater, measuringLines } from '@uisce/core/measure';
import { useKit } from '../household/use-kit';
import { useCatalogue } from '../household/use-catalogue';
import { useWords } from '../words/use-words';
import NumberField from '../ui/NumberField.vue';
import ScaleDrawing from '../ui/drawing/ScaleDrawing.vue';
import { useSimulatedScale } from '../ui/use-simulated-scale';
import KeepVessel from './KeepVessel.vue';
import TypedReading from '../ui/TypedReading.vue';
import { useVesselOnScale } from './use-vessel-on-scale';
import CheckField from '../ui/CheckField.vue';
import ChoiceRow from '../ui/ChoiceRow.vue';
import SelectField from '../ui/SelectField.vue';

/** What a vessel holds, from the water in it: weighed on the scale, or poured from a known line. */
const emit = defineEmits<{ kept: [] }>();

const SPLASH_ML = 5;

const kits = useKit();
const catalogue = useCatalogue();
const words = useWords();
const scale = useSimulatedScale();

const how = ref<'scale' | 'pours'>('scale');
const typeId = ref('shot');
const celsius = ref(20);
const readings = ref<number[]>([]);
const pouredFrom = ref(0);
const fills = ref(1);
const lastShare = ref(0);

const type = computed(() => catalogue.glasses.get(typeId.value));
const { vessel, brimWidthMm, onScale, putOn, takeOff, pour, fill, pourOut } = useVesselOnScale(type, scale);
watch(typeId, () => (readings.value = []));
/** The glass itself is not what it holds: until it is tared away there is nothing to take. */
const tared = ref(false);
watch([onScale, () => scale.fine.value], () => (tared.value = false));
function tare(): void {
  scale.tare();
  tared.value = true;
}
const canTake = computed(() => tared.value && scale.reading.value.stable && (scale.reading.value.g ?? 0) > 0);
function take(): void {
  const { g } = scale.reading.value;
  if (g !== undefined && g > 0) readings.value = [...readings.value, g];
}
const lines = computed(() => measuringLines(kits.kit.vessels));
const result = computed(() => {
  if (how.value === 'scale')
    return readings.value.length > 0
      ? calibrateByWater(readings.value, celsius.value, scale.stepG())
      : undefined;
  const line = lines.value[pouredFrom.value];
  return line && fills.value + lastShare.value > 0
    ? calibrateByPours(line, fills.value, lastShare.value)
    : undefined;
});

const SHARES = [
  { value: 0, title: 'none of another' },
  { value: 0.25, title: 'and a quarter' },
  { value: 0.5, title: 'and a half' },
  { value: 0.75, title: 'and three quarters' },
];
/** Pouring from a known line asks for one. */
const ways = computed(() => [
  { value: 'scale' as const, words: 'Weigh its water' },
  ...(lines.value.length > 0 ? [{ value: 'pours' as const, words: 'Pour from a known line' }] : []),
]);
const known = computed(() =>
  lines.value.map((l, i) => ({ value: i, title: `${l.vessel}, ${l.cup}, ${words.number(l.ml)} ml` })),
);
</script>

<template>
  <div class="bench">
    <div v-if="how === 'scale'" class="device">
      <ScaleDrawing :reading="scale.reading.value" :step-g="scale.stepG()" :vessel="vessel" />
      <p class="dim">The simulated scale that comes with Uisce. With one of your own, type what it shows.</p>
      <CheckField
        :model-value="scale.fine.value"
        label="The fine one: 0.1 g, up to 500 g"
        @update:model-value="scale.setFine($event)"
      />
    </div>
    <div class="steps">
      <ChoiceRow
        name="calibrate-how"
        legend="How to measure it"
        hide-legend
        :value="how"
        :choices="ways"
        @choose="how = $event"
      />
      <SelectField
        label="It looks like a"
        :value="typeId"
        :choices="catalogue.all.glasses.map((g) => ({ value: g.id, title: g.name }))"
        @choose="typeId = $event"
      />
      <template v-if="how === 'scale'">
        <ol>
          <li><v-btn :disabled="onScale" @click="putOn">Put it on, empty</v-btn></li>
          <li><v-btn :disabled="!onScale" @click="tare">Tare</v-btn></li>
          <li>
            <v-btn :disabled="!onScale" @click="pour(SPLASH_ML)">A splash</v-btn>
            <v-btn :disabled="!onScale" @click="fill">Fill to the line</v-btn>
          </li>
          <li>
            <v-btn color="sea" :disabled="!canTake" @click="take">Take the reading</v-btn>
            <v-btn :disabled="!onScale" @click="pourOut">Pour out</v-btn>
            <v-btn :disabled="!onScale" @click="takeOff">Take off</v-btn>
          </li>
        </ol>
        <TypedReading
          label="Or type grams, tared"
          suffix="g"
          :above="0"
          :most="5000"
          button="Add"
          @take="readings = [...readings, $event]"
        />
        <NumberField
          label="Water at"
          suffix="°C"
          :value="celsius"
          :least="0"
          :most="100"
          @change="celsius = $event ?? 20"
        />
        <p v-if="readings.length > 0" class="dim">
          Readings: {{ readings.map((g) => `${words.number(g)} g`).join(', ') }}
          <button class="plain-button link" type="button" @click="readings = []">forget them</button>
        </p>
      </template>
      <template v-else>
        <SelectField label="From" :value="pouredFrom" :choices="known" @choose="pouredFrom = $event" />
        <div class="two">
          <NumberField
            label="Whole fills"
            suffix=""
            :value="fills"
            :least="0"
            :most="60"
            @change="fills = Math.round($event ?? 0)"
          />
          <SelectField
            label="Of the last fill"
            :value="lastShare"
            :choices="SHARES"
            @choose="lastShare = $event"
          />
        </div>
      </template>
      <KeepVessel
        v-if="result"
        :key="typeId"
        :result="result"
        :more="how === 'scale' && readings.length < 3"
        :type="typeId"
        :width-mm="brimWidthMm"
        @kept="emit('kept')"
      />
    </div>
  </div>
</template>

<style scoped>
.bench {
  display: grid;
  grid-template-columns: minmax(0, 300px) minmax(0, 1fr);
  gap: 24px;
  margin: 12px 0 18px;
  padding: 14px;
  border: 1px solid rgb(var(--v-theme-line));
  border-radius: var(--radius);
}

.steps {
  display: grid;
  gap: 12px;
  align-content: start;
}

ol {
  display: grid;
  gap: 8px;
  margin: 0;
  padding-inline-start: 22px;
}

ol li > * + * {
  margin-inline-start: 8px;
}

.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
  align-items: center;
}

p {
  margin: 0;
}

@media (max-width: 700px) {
  .bench {
    grid-template-columns: minmax(0, 1fr);
  }

  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
