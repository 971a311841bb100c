<script setup lang="ts">
import { computed } from 'vue';
import {
  FADING_LEVEL,
  emptyFromGross,
  goodUntil,
  leftFromGross,
  levelOf,
  liquidGPerMl,
  moved,
  PLACES,
  withLeft,
  type Place,
  type Bottle,
} from '@uisce/core/stock';
import { useStock } from '../household/use-stock';
import { useCatalogue } from '../household/use-catalogue';
import { useToday } from '../household/use-today';
import { useWords } from '../words/use-words';
import CautionLine from '../ui/CautionLine.vue';
import CheckField from '../ui/CheckField.vue';
import NumberField from '../ui/NumberField.vue';
import SelectField from '../ui/SelectField.vue';
import PricesPerLitre from '../ui/PricesPerLitre.vue';
import BottleMoves from './BottleMoves.vue';
import PourByItself from './PourByItself.vue';
import { useMoves } from './use-moves';
import TypedReading from '../ui/TypedReading.vue';

/** One bottle: what is left by eye, by number or by weight, its days, and what may be done with it. */
const props = defineProps<{ bottle: Bottle }>();
const emit = defineEmits<{ close: [] }>();

const stock = useStock();
const catalogue = useCatalogue();
const today = useToday();
const words = useWords();

const HEAVIEST_G = 5000;
const PLACE_WORDS = {
  shelf: 'On the shelf',
  fridge: 'In the fridge',
  freezer: 'In the freezer',
  cupboard: 'In the cupboard',
};

/** Its kind, as strong and as sweet as its label says. */
const kind = computed(() => {
  const usual = catalogue.kinds.get(props.bottle.kind);
  const { abv, sugarGPerL } = props.bottle;
  return usual && { ...usual, abv: abv ?? usual.abv, sugarGPerL: sugarGPerL ?? usual.sugarGPerL };
});
const name = computed(() => catalogue.kindInSentence(props.bottle.kind));
const until = computed(() => kind.value && goodUntil(props.bottle, kind.value));
/** What is known of it, in a row. */
const facts = computed(() => {
  const { label, sizeMl, priceMinor, shop } = props.bottle;
  const paid = priceMinor === null ? '' : `${words.price(priceMinor)}${shop ? ` at ${shop}` : ''}`;
  const parts = [
    label ?? '',
    sizeMl === null ? '' : words.size(sizeMl),
    paid,
    until.value ? `good until ${words.day(until.value)}` : '',
  ];
  return parts.flatMap((p) => (p === '' ? [] : [`· ${p}`])).join(' ');
});
const { fault, move } = useMoves();
const edit = (change: string, part: Partial<Bottle>) => stock.edit(props.bottle.id, change, part);

const left = (leftMl: number) => edit(`Level of ${name.value}`, withLeft(props.bottle, leftMl, today.iso()));
function size(sizeMl: number): void {
  const leftMl = Math.min(props.bottle.leftMl ?? sizeMl, sizeMl);
  edit(`Size of ${name.value}`, { sizeMl, leftMl });
}
/** Weighed while what is in it is known: then empty is known for ever. */
function weighKnown(grossG: number): void {
  if (!kind.value || props.bottle.leftMl === null) return;
  const emptyG = Math.round(emptyFromGross(grossG, props.bottle.leftMl, kind.value));
  fault.value =
    emptyG < 1 ? 'So much in it would weigh more than that: look at what is left, or weigh again.' : '';
  if (fault.value === '') edit(`Weighed ${name.value}`, { emptyG });
}
function weigh(grossG: number): void {
  const { emptyG, sizeMl } = props.bottle;
  if (!kind.value || emptyG === null || sizeMl === null) return;
  const ml = Math.round(leftFromGross(grossG, emptyG, kind.value));
  fault.value = ml > sizeMl * 1.02 ? `That would be ${ml} ml, more than it holds: weigh it empty anew.` : '';
  if (fault.value === '') left(Math.min(ml, sizeMl));
}
/** Into the freezer and out of it, its life stands still; what is past its day does not go in. */
const place = (where: Place) => {
  const { bottle } = props;
  const of = kind.value;
  if (of) move(() => [`Place of ${name.value}`, moved(bottle, where, today.iso(), of)]);
};
const isFading = computed(() => {
  const { openedOn, sipping, place: at } = props.bottle;
  const level = levelOf(props.bottle);
  return (
    level !== undefined &&
    level > 0 &&
    level < FADING_LEVEL &&
    openedOn !== null &&
    !sipping &&
    at !== 'freezer' &&
    (kind.value?.abv ?? 0) > 0
  );
});
</script>

<template>
  <section class="panel sheet" aria-labelledby="one-bottle" @keydown.esc.stop="emit('close')">
    <header class="panel-head">
      <h2 id="one-bottle" tabindex="-1">
        {{ catalogue.kindName(bottle.kind) }}
        <small class="dim">{{ facts }}</small>
      </h2>
      <v-btn size="small" height="36" @click="emit('close')">Close</v-btn>
    </header>
    <div class="fields">
      <NumberField
        label="It holds"
        suffix="ml"
        optional
        :value="bottle.sizeMl"
        :least="10"
        :most="20000"
        @change="$event !== null && size($event)"
      />
      <NumberField
        v-if="bottle.sizeMl !== null"
        :key="bottle.id"
        label="Left in it"
        suffix="ml"
        :value="bottle.leftMl ?? bottle.sizeMl"
        :least="0"
        :most="bottle.sizeMl"
        @change="left(Math.round($event ?? 0))"
      />
      <SelectField
        label="Where"
        :value="bottle.place"
        :choices="PLACES.map((p) => ({ value: p, title: PLACE_WORDS[p] }))"
        @choose="place($event)"
      />
      <NumberField
        v-if="kind && kind.supply === 'bottle'"
        :key="`abv ${bottle.id}`"
        label="Strength on its label"
        suffix="% vol"
        :value="bottle.abv === null ? null : Math.round(bottle.abv * 1000) / 10"
        :least="0"
        :most="96"
        optional
        :nothing="`usual ${words.number((catalogue.kinds.get(bottle.kind)?.abv ?? 0) * 100)}`"
        @change="edit(`Strength of ${name}`, { abv: $event === null ? null : $event / 100 })"
      />
      <NumberField
        v-if="kind && kind.sugarGPerL > 0"
        :key="`sugar ${bottle.id}`"
        label="Sugar on its label"
        suffix="g/l"
        :value="bottle.sugarGPerL"
        :least="0"
        :most="1000"
        optional
        :nothing="`usual ${words.number(catalogue.kinds.get(bottle.kind)?.sugarGPerL ?? 0, 0)}`"
        @change="edit(`Sugar of ${name}`, { sugarGPerL: $event })"
      />
      <v-text-field
        type="date"
        label="Opened"
        :model-value="bottle.openedOn ?? ''"
        :min="bottle.boughtOn ?? undefined"
        :max="today.iso()"
        @change="edit(`Opened ${name}`, { openedOn: ($event.target as HTMLInputElement).value || null })"
      />
      <CheckField
        :model-value="bottle.sipping"
        label="Kept for sipping: no recipe pours it"
        @update:model-value="edit(`Sipping ${name}`, { sipping: $event })"
      />
    </div>
    <template v-if="bottle.sizeMl !== null && kind">
      <p class="dim">
        A ml of it weighs {{ words.number(liquidGPerMl(kind), 3) }} g.
        <template v-if="bottle.emptyG === null">
          Weigh it once while you know what is in it ({{ words.volume(bottle.leftMl ?? bottle.sizeMl) }} now):
          from then on its weight says what is left.
        </template>
        <template v-else>
          Empty it weighs {{ words.number(bottle.emptyG, 0) }} g; at
          {{ words.number(100 * (levelOf(bottle) ?? 0), 0) }} % the scale would show
          {{ words.number(bottle.emptyG + (bottle.leftMl ?? 0) * liquidGPerMl(kind), 0) }} g.
        </template>
      </p>
      <TypedReading
        label="The scale shows"
        suffix="g"
        :above="bottle.emptyG ?? 0"
        :most="HEAVIEST_G"
        :button="bottle.emptyG === null ? 'With that in it' : 'Read what is left'"
        @take="bottle.emptyG === null ? weighKnown($event) : weigh($event)"
      />
    </template>
    <PricesPerLitre :kind="bottle.kind" />
    <p v-if="isFading" class="dim">
      Below a third, the air in it dulls it within months: pour from it first, or pour it over into a smaller
      bottle.
    </p>
    <p v-if="fault" role="alert" class="rust">{{ fault }}</p>
    <BottleMoves :bottle="bottle" @close="emit('close')" />
    <PourByItself :bottle="bottle" />
    <CautionLine v-if="kind?.caution">{{ kind.caution }}</CautionLine>
    <CautionLine v-if="kind?.storage === 'fridge'"
      >Look and smell before use; what is cloudy or sour goes down the sink.</CautionLine
    >
  </section>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(170px, 1fr));
  gap: 10px;
  align-items: center;
}

h2 {
  outline: none;
}
</style>
