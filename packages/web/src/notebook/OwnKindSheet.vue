<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { minorDigits, upperFirst } from '@uisce/core/base';
import { KEEPS_AS, SUPPLIES, type Allergen, type KeepsAs, type Kind } from '@uisce/core/catalogue';
import { ownKindSchema, type OwnKind } from '@uisce/core/notebook';
import { useNotebook } from '../household/use-notebook';
import { useCatalogue } from '../household/use-catalogue';
import AppDialog from '../ui/AppDialog.vue';
import CheckField from '../ui/CheckField.vue';
import CheckGroup from '../ui/CheckGroup.vue';
import NumberField from '../ui/NumberField.vue';
import SelectField from '../ui/SelectField.vue';
import { ALLERGEN_CHOICES } from '../words/trade-words';
import { useKindChoices } from '../ui/use-kind-choices';

/** A kind that the catalogue lacks: enough of it that its drinks are planned, judged, priced and poured like any other. */
const props = defineProps<{
  /** What it was called where it was read. */
  says?: string;
  /** The one that is changed; else it is new. */
  kind?: OwnKind;
}>();
const emit = defineEmits<{ kept: [kind: string] }>();
const shown = defineModel<boolean>({ required: true });

const notebook = useNotebook();
const catalogue = useCatalogue();
const { choices, matches } = useKindChoices();
type Supply = (typeof SUPPLIES)[number];
interface Draft {
  name: string;
  supply: Supply;
  abv: number;
  sugar: number;
  acid: number;
  openDays: number | null;
  keepsAs: KeepsAs | null;
  parent: string | null;
  job: Kind['job'] | undefined;
  tastes: Kind['tastes'];
  allergens: Allergen[];
  /** Whether somebody has read its label for them. */
  stated: boolean;
  soldMl: number | null;
  soldMinor: number | null;
}
const draftOf = (kind: Kind & Pick<OwnKind, 'sold'>): Draft => ({
  name: kind.name,
  supply: kind.supply,
  abv: kind.abv,
  sugar: kind.sugarGPerL,
  acid: kind.acidGPerL,
  openDays: kind.openDays ?? null,
  keepsAs: kind.keepsAs ?? null,
  parent: kind.parent ?? null,
  job: kind.job,
  tastes: kind.tastes,
  allergens: [...kind.allergens],
  stated: false,
  soldMl: kind.sold?.ml ?? null,
  soldMinor: kind.sold?.priceMinor ?? null,
});
const blank = (name: string): Draft => ({
  name,
  supply: 'bottle',
  abv: 0,
  sugar: 0,
  acid: 0,
  openDays: null,
  keepsAs: null,
  parent: null,
  job: undefined,
  tastes: [],
  allergens: [],
  stated: false,
  soldMl: null,
  soldMinor: null,
});
const draft = ref<Draft>(blank(''));
const trouble = ref('');
watch(
  shown,
  () => {
    draft.value = props.kind
      ? { ...draftOf(props.kind), stated: props.kind.allergensStated }
      : blank(upperFirst(props.says ?? ''));
    trouble.value = '';
  },
  { immediate: true },
);
/** What it is much like gives all its figures, and its place in the tree. */
function like(id: string | null): void {
  const near = catalogue.kinds.get(id ?? '');
  if (near)
    draft.value = {
      ...draftOf(near),
      name: draft.value.name,
      parent: near.abstract ? near.id : (near.parent ?? null),
      soldMl: draft.value.soldMl,
      soldMinor: draft.value.soldMinor,
    };
}
const SUPPLY_WORDS: Record<Supply, string> = {
  bottle: 'a bottle with alcohol',
  mixer: 'a mixer',
  'home-made': 'a syrup or cordial',
  fresh: 'fresh',
};
/** How it goes off in a batch that it goes into. */
const KEEPS_WORDS: Record<KeepsAs, string> = {
  plain: 'sugar, salt or acid',
  spirit: 'a spirit',
  wine: 'wine',
  spice: 'dry spice',
  citrus: 'citrus',
  fruit: 'fruit',
  'low-acid': 'something hardly sour',
  herb: 'fresh herbs or roots',
  chilli: 'fresh chilli or garlic',
  nuts: 'nuts or their milk',
  coconut: 'coconut',
  milk: 'milk or cream',
  egg: 'raw egg',
  coffee: 'coffee or tea',
  brine: 'brine',
};
const keepsLike = [
  { value: null, title: 'not known: three days' },
  ...KEEPS_AS.map((value) => ({ value, title: KEEPS_WORDS[value] })),
];
const supplies = SUPPLIES.map((value) => ({ value, title: SUPPLY_WORDS[value] }));
const parents = computed(() => [
  { value: null, title: 'nothing else' },
  ...catalogue.all.kinds
    .filter((k) => k.id !== props.kind?.id && k.parent !== props.kind?.id)
    .map((k) => ({ value: k.id, title: k.name }))
    .sort((a, b) => a.title.localeCompare(b.title)),
]);
const currency = computed(() => catalogue.prices?.currency ?? 'EUR');
const minorOf = computed(() => 10 ** minorDigits(currency.value));

/** What it does in a drink, where nothing near says it. */
function jobOf({ supply, abv }: Draft): Kind['job'] {
  if (supply === 'home-made') return 'sweet';
  if (supply === 'mixer') return 'long';
  if (supply === 'fresh') return 'fresh';
  return abv >= 0.3 ? 'base' : 'sweet';
}
function keep(): void {
  const d = draft.value;
  const { sold: _, ...before } = props.kind ?? { sold: undefined };
  const read = ownKindSchema.safeParse({
    ...before,
    id: props.kind?.id ?? 'own-draft',
    name: d.name.trim(),
    job: d.job ?? jobOf(d),
    supply: d.supply,
    abv: d.abv,
    sugarGPerL: d.sugar,
    acidGPerL: d.acid,
    tastes: d.tastes,
    allergens: d.allergens,
    allergensStated: d.stated,
    openDays: d.openDays ?? undefined,
    keepsAs: d.keepsAs ?? undefined,
    parent: d.parent ?? undefined,
    storage: d.openDays === null ? 'shelf' : 'fridge',
    ...(d.soldMl !== null && d.soldMinor !== null
      ? { sold: { ml: Math.round(d.soldMl), priceMinor: d.soldMinor, currency: currency.value } }
      : {}),
  });
  trouble.value = read.success ? '' : 'Give it a name of at most 60 letters.';
  if (!read.success) return;
  if (props.kind) {
    notebook.keepKind(read.data, `${read.data.name}, a kind of our own`);
    emit('kept', read.data.id);
  } else {
    const { id: _id, ...kind } = read.data;
    emit('kept', notebook.addKind(kind));
  }
  shown.value = false;
}
</script>

<template>
  <AppDialog v-model="shown" title="A kind of our own" :width="560">
    <form class="stack" @submit.prevent="keep">
      <v-text-field
        v-model="draft.name"
        label="Name"
        maxlength="60"
        :error-messages="trouble ? [trouble] : []"
      />
      <v-autocomplete
        v-if="!kind"
        :model-value="null"
        :items="choices"
        :custom-filter="matches"
        label="Much like (its figures are taken over)"
        @update:model-value="like"
      />
      <div class="field-row">
        <SelectField
          label="It is"
          :value="draft.supply"
          :choices="supplies"
          @choose="draft = { ...draft, supply: $event, job: undefined }"
        />
        <v-autocomplete
          :model-value="draft.parent"
          :items="parents"
          label="A kind of"
          @update:model-value="draft = { ...draft, parent: $event as string | null }"
        />
      </div>
      <div class="field-row">
        <NumberField
          label="Strength"
          suffix="% vol"
          :value="Math.round(draft.abv * 1000) / 10"
          :least="0"
          :most="80"
          @change="draft = { ...draft, abv: ($event ?? 0) / 100 }"
        />
        <NumberField
          label="Sugar"
          suffix="g/l"
          :value="draft.sugar"
          :least="0"
          :most="1000"
          @change="draft = { ...draft, sugar: $event ?? 0 }"
        />
        <NumberField
          label="Acid"
          suffix="g/l"
          :value="draft.acid"
          :least="0"
          :most="100"
          @change="draft = { ...draft, acid: $event ?? 0 }"
        />
        <SelectField
          label="In a batch it keeps like"
          :value="draft.keepsAs"
          :choices="keepsLike"
          @choose="draft = { ...draft, keepsAs: $event }"
        />
        <NumberField
          label="Keeps once open"
          suffix="days"
          :value="draft.openDays"
          :least="1"
          :most="3650"
          optional
          nothing="years"
          @change="draft = { ...draft, openDays: $event === null ? null : Math.round($event) }"
        />
      </div>
      <div class="field-row">
        <NumberField
          label="One bottle of it holds"
          suffix="ml"
          :value="draft.soldMl"
          :least="1"
          :most="20000"
          optional
          nothing="not sold"
          @change="draft = { ...draft, soldMl: $event }"
        />
        <NumberField
          label="and costs"
          :suffix="currency"
          :value="draft.soldMinor === null ? null : draft.soldMinor / minorOf"
          :least="0"
          :most="10000"
          optional
          nothing="not sold"
          @change="draft = { ...draft, soldMinor: $event === null ? null : Math.round($event * minorOf) }"
        />
      </div>
      <CheckGroup
        v-model="draft.allergens"
        legend="It contains"
        :choices="ALLERGEN_CHOICES"
        about="this kind"
      />
      <CheckField v-model="draft.stated" label="We have read its label: none of the others is in it" />
      <p v-if="!draft.stated" class="dim">
        Until then whoever cannot have one of them is offered no drink with it: not known is not “none”.
      </p>
      <v-btn color="sea" type="submit">Save</v-btn>
    </form>
  </AppDialog>
</template>
