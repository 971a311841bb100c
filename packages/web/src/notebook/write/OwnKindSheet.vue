<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { kindSchema, SUPPLIES } from '@uisce/core/catalogue';
import { useNotebook } from '../../household/use-notebook';
import { useTrade } from '../../household/use-trade';
import AppDialog from '../../ui/AppDialog.vue';
import NumberField from '../../ui/NumberField.vue';
import SelectField from '../../ui/SelectField.vue';

/** A kind that the catalogue lacks: enough of it that its drinks are planned, judged and poured like any other. */
const props = defineProps<{ says: string }>();
const emit = defineEmits<{ kept: [kind: string] }>();
const shown = defineModel<boolean>({ required: true });

const notebook = useNotebook();
const trade = useTrade();
type Supply = (typeof SUPPLIES)[number];
const blank = () => ({ name: '', supply: 'bottle' as Supply, abv: 0, sugar: 0, acid: 0, openDays: null as number | null, parent: null as string | null }); // prettier-ignore
const draft = ref(blank());
const trouble = ref('');
watch(
  shown,
  (is) => {
    if (is) draft.value = { ...blank(), name: props.says.replace(/^./, (c) => c.toUpperCase()) };
    trouble.value = '';
  },
  { immediate: true },
);
const SUPPLY_WORDS: Record<Supply, string> = {
  bottle: 'a bottle with alcohol',
  mixer: 'a mixer',
  'home-made': 'a syrup or cordial',
  fresh: 'fresh',
};
const supplies = SUPPLIES.map((value) => ({ value, title: SUPPLY_WORDS[value] }));
const parents = computed(() => [
  { value: null, title: 'nothing else' },
  ...trade.catalogue.kinds.filter((k) => k.abstract).map((k) => ({ value: k.id, title: k.name })),
]);
function keep(): void {
  const { name, supply, abv, sugar, acid, openDays, parent } = draft.value;
  const job = supply === 'home-made' ? 'sweet' : supply === 'mixer' ? 'long' : supply === 'fresh' ? 'fresh' : abv >= 0.3 ? 'base' : 'sweet'; // prettier-ignore
  const read = kindSchema.safeParse({
    ...{ id: 'own-draft', name: name.trim(), job, supply, abv, sugarGPerL: sugar, acidGPerL: acid },
    ...(openDays === null ? {} : { openDays }),
    ...(parent === null ? {} : { parent }),
    storage: openDays === null ? 'shelf' : 'fridge',
  });
  trouble.value = read.success ? '' : 'Give it a name of at most 60 letters.';
  if (!read.success) return;
  const { id: _, ...kind } = read.data;
  emit('kept', notebook.addKind(kind));
  shown.value = false;
}
</script>

<template>
  <AppDialog v-model="shown" title="A kind of our own" :width="520">
    <form class="stack" @submit.prevent="keep">
      <v-text-field
        v-model="draft.name"
        label="Name"
        maxlength="60"
        :error-messages="trouble ? [trouble] : []"
      />
      <SelectField
        label="It is"
        :value="draft.supply"
        :choices="supplies"
        @choose="draft = { ...draft, supply: $event }"
      />
      <SelectField
        label="A kind of"
        :value="draft.parent"
        :choices="parents"
        @choose="draft = { ...draft, parent: $event }"
      />
      <div class="field-row">
        <NumberField
          label="Strength"
          suffix="% vol"
          :value="draft.abv * 100"
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
        <NumberField
          label="Keeps once open"
          suffix="days"
          :value="draft.openDays"
          :least="1"
          :most="3650"
          optional
          @change="draft = { ...draft, openDays: $event === null ? null : Math.round($event) }"
        />
      </div>
      <v-btn color="sea" type="submit">Keep it</v-btn>
    </form>
  </AppDialog>
</template>
