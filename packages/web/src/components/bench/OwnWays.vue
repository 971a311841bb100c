<script setup lang="ts">
import { computed, ref } from 'vue';
import {
  extendedCitrus,
  extendedCitrusParts,
  homeLiqueur,
  homeMadeSchema,
  refusedBecause,
  scaledBatch,
  type ExtendedCitrus,
  type HomeMade,
  type HomeMadePart,
} from '@uisce/core';
import { useTrade } from '../../stores/trade';
import { useBatchWords } from '../../words/batch-words';
import { inSentence, useWords } from '../../words/use-words';
import ChoiceRow from '../brief/ChoiceRow.vue';
import NumberField from '../brief/NumberField.vue';
import CautionLine from '../plan/CautionLine.vue';
import { useBatchPlan } from './use-batch-plan';

/** A recipe of one's own: extended citrus by its schools, a liqueur from a syrup, or anything at all. */
type Way = 'citrus' | 'liqueur' | 'own';

const trade = useTrade();
const words = useWords();
const { recipeName, partName, grams } = useBatchWords();
const { recipeId } = useBatchPlan();

const way = ref<Way>('citrus');
const WAYS: { value: Way; words: string }[] = [
  { value: 'citrus', words: 'Extended citrus' },
  { value: 'liqueur', words: 'A liqueur' },
  { value: 'own', words: 'Something else' },
];
const called = ref('my way');
const keepsDays = ref(14);
const fault = ref('');
const plain = { hot: false, cold: false, strained: false };

const FRUIT = [
  { id: 'lime-juice', citricToMalic: 2 },
  { id: 'lemon-juice', citricToMalic: 99 },
  { id: 'orange-juice', citricToMalic: 3 },
  { id: 'grapefruit-juice', citricToMalic: 6 },
];
const fruit = ref('lime-juice');
const citrus = ref<Omit<ExtendedCitrus, 'juice'>>({
  peelG: 29,
  juiceG: 110,
  acidToPeel: 1,
  citricToMalic: 2,
  waterToPeel: 15,
});
function pick(event: Event): void {
  fruit.value = (event.target as HTMLSelectElement).value;
  citrus.value.citricToMalic = FRUIT.find((f) => f.id === fruit.value)?.citricToMalic ?? 2;
}
const juice = computed(() => trade.kinds.get(fruit.value));
const sour = computed(() =>
  juice.value ? extendedCitrus({ ...citrus.value, juice: juice.value }) : undefined,
);
const verdict = computed(() => {
  const s = sour.value;
  if (!s) return '';
  const ratio = s.acidity / s.freshAcidity;
  return ratio > 1.15 ? 'sharper than fresh' : ratio < 0.85 ? 'softer than fresh' : 'as sour as fresh';
});

const syrupBrix = ref(60);
const spiritAbv = ref(50);
const wantedAbv = ref(20);
const liqueur = computed(() => {
  try {
    return homeLiqueur(syrupBrix.value, spiritAbv.value / 100, wantedAbv.value / 100);
  } catch (error) {
    return (error as Error).message;
  }
});

const makes = ref('simple-syrup');
const makeable = computed(() =>
  trade.catalogue.kinds
    .filter(
      (k) =>
        !k.abstract && (k.supply === 'home-made' || trade.catalogue.homeMade.some((h) => h.makes === k.id)),
    )
    .map((k) => ({ value: k.id, title: k.name }))
    .sort((a, b) => a.title.localeCompare(b.title)),
);
const things = computed(() => [
  ...trade.catalogue.pantry.map((p) => ({ value: `pantry ${p.id}`, title: p.name })),
  ...trade.catalogue.kinds
    .filter((k) => !k.abstract)
    .map((k) => ({ value: `kind ${k.id}`, title: inSentence(k.name) })),
]);
const rows = ref([{ thing: 'pantry white-sugar', g: 200 }, { thing: 'pantry water', g: 200 }]); // prettier-ignore
const partOf = ({ thing, g }: { thing: string; g: number }): HomeMadePart => {
  const [from, id = ''] = thing.split(' ');
  return { ...plain, ...(from === 'kind' ? { kind: id } : { pantry: id }), g };
};

/** What is being thought of, as parts and what they make. */
const thought = computed<{ makes: string; from: HomeMadePart[]; how: string } | undefined>(() => {
  if (way.value === 'citrus') {
    if (!juice.value) return undefined;
    const how =
      'Rub the acids into the peel, leave it 2 to 3 h, blend briefly with water and juice, strain, bottle.';
    return { makes: fruit.value, from: extendedCitrusParts({ ...citrus.value, juice: juice.value }), how };
  }
  if (way.value === 'liqueur') {
    if (typeof liqueur.value === 'string') return undefined;
    const sugar = syrupBrix.value * 3;
    const parts = [
      { ...plain, pantry: 'white-sugar', g: sugar },
      { ...plain, pantry: 'water', g: 300 - sugar, hot: true },
      { ...plain, pantry: 'neutral-spirit', g: 300 * liqueur.value.spiritToSyrup, cold: true },
    ];
    return {
      makes: makes.value,
      from: parts,
      how: 'Stir the syrup clear, let it cool, add the spirit, bottle.',
    };
  }
  return {
    makes: makes.value,
    from: rows.value.map(partOf),
    how: 'Stir together until clear, and bottle clean.',
  };
});

async function keep(): Promise<void> {
  const idea = thought.value;
  if (!idea) return;
  const recipe = homeMadeSchema.safeParse({
    id: `own-${Date.now().toString(36)}`,
    way: called.value.trim(),
    effort: way.value === 'citrus' ? 3 : 2,
    keepsDays: keepsDays.value,
    ...idea,
  });
  if (!recipe.success) {
    fault.value =
      recipe.error.issues[0]?.path[0] === 'way'
        ? 'Give it a name.'
        : (recipe.error.issues[0]?.message ?? 'Something is missing.');
    return;
  }
  fault.value =
    refusedBecause(scaledBatch(recipe.data, 1, trade.catalogue, trade.kinds), trade.catalogue) ?? '';
  if (fault.value !== '') return;
  await trade.keepOwnRecipes([...trade.ownRecipes, recipe.data], `Own recipe ${recipeName(recipe.data)}`);
  recipeId.value = recipe.data.id;
  document.getElementById('make-title')?.scrollIntoView();
}
const drop = (recipe: HomeMade) =>
  trade.keepOwnRecipes(
    trade.ownRecipes.filter((r) => r.id !== recipe.id),
    `No more ${recipeName(recipe)}`,
  );
</script>

<template>
  <section class="card" aria-labelledby="own-title">
    <h2 id="own-title">
      Your own way
      <small class="dim"
        >·
        {{
          trade.ownRecipes.length === 0
            ? 'kept beside the others'
            : trade.ownRecipes.map(recipeName).join('; ')
        }}</small
      >
    </h2>
    <ChoiceRow name="own-way" legend="What is it?" :value="way" :choices="WAYS" @choose="way = $event" />
    <div v-if="way === 'citrus'" class="fields">
      <label class="line"
        ><span>Of</span>
        <select class="field" :value="fruit" @change="pick">
          <option v-for="f in FRUIT" :key="f.id" :value="f.id">{{ trade.kindName(f.id) }}</option>
        </select></label
      >
      <NumberField
        label="Peel"
        suffix="g"
        :value="citrus.peelG"
        :least="1"
        :most="2000"
        @change="citrus.peelG = $event ?? 29"
      />
      <NumberField
        label="Juice"
        suffix="g"
        :value="citrus.juiceG"
        :least="0"
        :most="5000"
        @change="citrus.juiceG = $event ?? 0"
      />
      <NumberField
        label="Acid to peel"
        suffix="to 1"
        :value="citrus.acidToPeel"
        :least="0.1"
        :most="3"
        @change="citrus.acidToPeel = $event ?? 1"
      />
      <NumberField
        label="Citric to malic"
        suffix="to 1"
        :value="citrus.citricToMalic"
        :least="0.2"
        :most="99"
        @change="citrus.citricToMalic = $event ?? 2"
      />
      <NumberField
        label="Water to peel"
        suffix="to 1"
        :value="citrus.waterToPeel"
        :least="4"
        :most="25"
        @change="citrus.waterToPeel = $event ?? 15"
      />
      <p v-if="sour" class="wide" aria-live="polite">
        <strong>{{ words.percent(sour.acidity) }}</strong> acid against
        {{ words.percent(sour.freshAcidity) }} in fresh juice: {{ verdict }}. Makes
        {{ words.number(sour.massG, 0) }} g.
        <span class="dim"
          >Schools: lime 2 to 1 (most) or about 6 to 1 (less tart), lemon all citric; water 15 to 16.7 times
          the peel.</span
        >
      </p>
    </div>
    <div v-else-if="way === 'liqueur'" class="fields">
      <v-select v-model="makes" :items="makeable" label="It is" />
      <NumberField
        label="The syrup"
        suffix="°Brix"
        :value="syrupBrix"
        :least="10"
        :most="70"
        @change="syrupBrix = $event ?? 60"
      />
      <NumberField
        label="The spirit"
        suffix="% vol"
        :value="spiritAbv"
        :least="5"
        :most="96"
        @change="spiritAbv = $event ?? 50"
      />
      <NumberField
        label="To come to"
        suffix="% vol"
        :value="wantedAbv"
        :least="1"
        :most="60"
        @change="wantedAbv = $event ?? 20"
      />
      <p class="wide" aria-live="polite" :class="{ rust: typeof liqueur === 'string' }">
        <template v-if="typeof liqueur === 'string'">{{ liqueur }}.</template>
        <template v-else
          >{{ words.number(liqueur.spiritToSyrup, 2) }} g of spirit to a gram of syrup:
          <strong>{{ words.percent(liqueur.abv) }} vol</strong>, {{ words.number(liqueur.sugarGPerL, 0) }} g
          of sugar a litre. Kept with neutral spirit of 50 %.</template
        >
      </p>
      <CautionLine class="wide"
        >High proof near no flame. Distilling at home is against the law in most places and dangerous: Uisce
        does not help with it.</CautionLine
      >
    </div>
    <div v-else class="rows">
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
      </div>
      <div class="buttons">
        <v-btn @click="rows.push({ thing: 'pantry citric-acid', g: 5 })">Another part</v-btn>
        <v-btn :disabled="rows.length <= 1" @click="rows.pop()">One fewer</v-btn>
      </div>
    </div>
    <ul v-if="thought" class="plain-list parts">
      <li v-for="(p, i) in thought.from" :key="i">{{ grams(p.g) }} {{ partName(p) }}</li>
    </ul>
    <div class="fields">
      <label class="line"><span>Called</span><input v-model="called" class="field" maxlength="40" /></label>
      <NumberField
        label="Keeps at most"
        suffix="days"
        :value="keepsDays"
        :least="1"
        :most="400"
        @change="keepsDays = Math.round($event ?? 14)"
      />
      <v-btn color="sea" :disabled="!thought" @click="keep">Keep it</v-btn>
    </div>
    <p role="alert" class="rust">{{ fault }}</p>
    <ul v-if="trade.ownRecipes.length > 0" class="plain-list">
      <li v-for="r in trade.ownRecipes" :key="r.id">
        {{ recipeName(r) }}
        <button class="plain-button link dim" type="button" @click="drop(r)">take it off the list</button>
      </li>
    </ul>
    <CautionLine v-if="way === 'citrus'"
      >Acid powders sting eyes and teeth: weigh, never taste neat.</CautionLine
    >
  </section>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(150px, 1fr));
  gap: 12px;
  align-items: center;
  margin-bottom: 10px;
}

.wide {
  grid-column: 1 / -1;
}

.line {
  display: flex;
  gap: 10px;
  align-items: center;
}

.rows,
.row {
  display: grid;
  gap: 12px;
}

.row {
  grid-template-columns: 2fr 1fr;
}

.buttons {
  display: flex;
  gap: 10px;
}

.parts {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
  margin: 8px 0 12px;
  font-weight: 700;
}

.link {
  min-height: 32px;
  text-decoration: underline;
  text-underline-offset: 3px;
}

p {
  margin: 0;
}

.rust {
  color: rgb(var(--v-theme-rust));
}
</style>
