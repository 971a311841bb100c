<script setup lang="ts">
import { computed, ref } from 'vue';
import { brixOfRatio } from '@uisce/core/bench';
import { liquidGPerMl } from '@uisce/core/stock';
import { useCatalogue } from '../household/use-catalogue';
import { usePacks } from '../household/use-packs';
import { useBatchWords } from '../words/batch-words';
import { oneAndMany, useWords } from '../words/use-words';
import ChoiceRow from '../ui/ChoiceRow.vue';
import NumberField from '../ui/NumberField.vue';
import { leadsToWrongInput } from '../ui/wrong-input';
import CautionLine from '../ui/CautionLine.vue';
import { useBatchPlan, type SizedBy } from './use-batch-plan';
import DataTable from '../ui/DataTable.vue';
import SelectField from '../ui/SelectField.vue';

/** What to make and how much of it; the grams follow as you type. */
const emit = defineEmits<{ begin: [] }>();
const card = ref<HTMLElement>();
const begin = () => !leadsToWrongInput(card.value) && emit('begin');

const catalogue = useCatalogue();
const packs = usePacks();
const words = useWords();
const { recipeName, partName, grams } = useBatchWords();
const plan = useBatchPlan();
const { recipeId, sizedBy, bottleMl, part, partG, recipe, batch, cost, neededMl } = plan;

const choices = computed(() =>
  catalogue.all.homeMade
    .map((h) => ({ value: h.id, title: recipeName(h) }))
    .sort((a, b) => a.title.localeCompare(b.title)),
);
const SIZES: { value: SizedBy; words: string }[] = [
  { value: 'bottle', words: 'Fill a bottle' },
  { value: 'need', words: 'What we will pour' },
  { value: 'use-up', words: 'Use something up' },
];
const parts = computed(() => recipe.value?.from.map((p, i) => ({ value: i, title: partName(p) })) ?? []);
/** What is pressed from fruit is counted in fruit, too. */
const fruit = computed(() => {
  const kind = catalogue.kinds.get(recipe.value?.from[part.value]?.kind ?? '');
  if (kind?.juiceMl === undefined || kind.one === undefined) return undefined;
  const eachG = kind.juiceMl * liquidGPerMl(kind);
  return { many: oneAndMany(kind.one)[1], eachG, count: Math.round((partG.value / eachG) * 10) / 10 };
});
const cheaper = computed(() => {
  const c = cost.value;
  return c?.boughtPerMlMinor === undefined || c.perMlMinor === 0
    ? undefined
    : c.boughtPerMlMinor / c.perMlMinor;
});
const isCrystallising = computed(() => (batch.value?.saturation.kitchen ?? 0) > 1.02);
const atFridge = computed(() => (batch.value?.saturation.fridge ?? 0) > 1.02);
const ratioWords = computed(() => {
  const brix = batch.value?.brix ?? 0;
  return brix > brixOfRatio(0.4) ? `${words.number(brix / (100 - brix), 2)} to 1 by weight` : '';
});
/** Whether the packs that are counted hold less than a part takes. */
const isShort = ({ pantry }: { pantry?: string | undefined }, g: number) =>
  (packs.grams.get(pantry ?? '') ?? Infinity) < g;
const COLUMNS = [
  { key: 'g', title: 'Grams', narrow: true },
  { key: 'part', title: 'Part' },
];
</script>

<template>
  <section ref="card" class="panel" aria-labelledby="make-title">
    <h2 id="make-title">What to make</h2>
    <v-autocomplete v-model="recipeId" :items="choices" label="Syrup or cordial" class="mb-3" />
    <ChoiceRow
      name="sized-by"
      legend="How much?"
      :value="sizedBy"
      :choices="SIZES"
      @choose="sizedBy = $event"
    />
    <NumberField
      v-if="sizedBy === 'bottle'"
      label="The bottle holds"
      suffix="ml"
      :value="bottleMl"
      :least="20"
      :most="20000"
      @change="bottleMl = $event ?? 500"
    />
    <p v-else-if="sizedBy === 'need'" class="dim">
      Your plan’s drinks pour about {{ words.volume(Math.round(neededMl)) }} of it before it is past its day.
    </p>
    <div v-else class="two">
      <SelectField label="Of" :value="part" :choices="parts" @choose="part = $event" />
      <NumberField
        v-if="fruit"
        label="As many as"
        :suffix="fruit.many"
        optional
        :value="fruit.count"
        :least="0.5"
        :most="500"
        @change="$event && (partG = $event * fruit.eachG)"
      />
      <NumberField
        label="There are"
        suffix="g"
        :value="partG"
        :least="0.1"
        :most="20000"
        @change="partG = $event ?? 1"
      />
    </div>
    <DataTable
      v-if="batch && recipe"
      class="parts"
      bare
      caption="What goes in"
      :columns="COLUMNS"
      :rows="recipe.from.map((p, i) => ({ part: p, g: batch?.partsG[i] ?? 0 }))"
      :row-key="(_, i) => i"
    >
      <template #cell-g="{ row }"
        ><span class="grams">{{ grams(row.g) }}</span></template
      >
      <template #cell-part="{ row: { part: p, g } }">
        {{ partName(p) }}<span v-if="p.strained" class="dim">, strained out again</span
        ><span v-if="p.cold" class="dim">, off the heat</span
        ><span v-if="isShort(p, g)" class="rust"
          >, only {{ grams(packs.grams.get(p.pantry ?? '') ?? 0) }} in the cupboard</span
        >
      </template>
    </DataTable>
    <dl v-if="batch" class="figures">
      <div>
        <dt>Fills</dt>
        <dd>{{ words.number(batch.volumeMl, 0) }} ml</dd>
      </div>
      <div>
        <dt>Strength</dt>
        <dd>
          {{ words.number(batch.brix) }} °Brix<small v-if="ratioWords" class="dim"> {{ ratioWords }}</small>
        </dd>
      </div>
      <div>
        <dt>Water activity</dt>
        <dd>{{ words.number(batch.activity, 2) }}</dd>
      </div>
      <div v-if="batch.abv > 0">
        <dt>Alcohol</dt>
        <dd>{{ words.percent(batch.abv) }} vol</dd>
      </div>
      <div v-if="batch.composition.acidG > 0.5">
        <dt>Acid</dt>
        <dd>{{ words.percent(batch.composition.acidG / batch.massG) }}</dd>
      </div>
      <div v-if="cost">
        <dt>Costs</dt>
        <dd>
          {{ words.price(Math.round(cost.minor))
          }}<small v-if="cheaper && cheaper > 1" class="dim">
            bottled {{ words.number(cheaper, 0) }} times as much</small
          >
        </dd>
      </div>
    </dl>
    <p class="dim">{{ recipe?.how }}</p>
    <p v-if="isCrystallising" class="rust">
      So strong that sugar comes out again in the kitchen: warm the bottle, or make it weaker.
    </p>
    <p v-else-if="atFridge" class="dim">
      In the fridge a little sugar may come out; warm the bottle to bring it back.
    </p>
    <CautionLine v-if="recipe?.caution">{{ recipe.caution }}</CautionLine>
    <CautionLine v-if="recipe?.heated"
      >Hot sugar burns: keep children and pets away from the stove.</CautionLine
    >
    <v-btn class="mt-3" color="sea" @click="begin">Begin at the scale</v-btn>
  </section>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 14px;
}

.parts {
  margin: 12px 0;
}

.grams {
  white-space: nowrap;
  font-family: var(--display);
  font-size: 1.25rem;
  font-weight: 600;
}

.figures {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(130px, 1fr));
  gap: 8px 16px;
  margin: 0 0 8px;
}

dt {
  font-size: 0.875rem;
  color: rgb(var(--v-theme-dim));
}

dd {
  margin: 0;
  font-weight: 700;
}

dd small {
  display: block;
  font-weight: 400;
}

p {
  margin: 4px 0;
}
</style>
