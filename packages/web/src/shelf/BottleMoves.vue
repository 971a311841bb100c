<script setup lang="ts">
import { computed, ref } from 'vue';
import { decant, marry, type Bottle } from '@uisce/core/stock';
import { useStock } from '../household/use-stock';
import { useCatalogue } from '../household/use-catalogue';
import { useToday } from '../household/use-today';
import { useWords } from '../words/use-words';
import NumberField from '../ui/NumberField.vue';
import { useBottleLabel } from './use-bottle-label';
import { useMoves } from './use-moves';

/** What may be done with a bottle: poured over or into another of its kind, labelled, finished, taken off the shelf. */
const props = defineProps<{ bottle: Bottle }>();
const emit = defineEmits<{ close: [] }>();

const stock = useStock();
const catalogue = useCatalogue();
const today = useToday();
const words = useWords();
const label = useBottleLabel();
const { fault, move } = useMoves();

const name = computed(() => catalogue.kindInSentence(props.bottle.kind));
/** Others of its kind, those for mixing first. */
const others = computed(() =>
  stock.standing
    .filter((b) => b.kind === props.bottle.kind && b.id !== props.bottle.id)
    .sort((a, b) => Number(a.sipping) - Number(b.sipping)),
);
const intoMl = ref(350);
const pourOver = () =>
  move(() => {
    const { from, into } = decant(props.bottle, crypto.randomUUID(), intoMl.value, today.iso());
    return [`Poured ${name.value} over`, from, into];
  });
const intoOther = (other: Bottle) =>
  move(() => {
    const { from, into } = marry(props.bottle, other, today.iso());
    return [`Married ${name.value}`, from, into];
  });
/** Another bottle of it by name: one kept for sipping is said to be. */
function sayOther({ label: called, leftMl, sipping }: Bottle): string {
  const which = called === null ? 'the other' : `“${called}”`;
  const holds = leftMl === null ? 'not measured' : words.volume(leftMl);
  return `${which} (${holds}${sipping ? ', kept for sipping' : ''})`;
}
function finish(): void {
  stock.edit(props.bottle.id, `Finished ${name.value}`, {
    leftMl: props.bottle.sizeMl === null ? null : 0,
    finishedOn: today.iso(),
  });
  emit('close');
}
function throwAway(): void {
  stock.remove(props.bottle.id);
  emit('close');
}
</script>

<template>
  <p v-if="fault" role="alert" class="rust">{{ fault }}</p>
  <div class="buttons">
    <NumberField
      label="Pour over into"
      suffix="ml"
      :value="intoMl"
      :least="10"
      :most="2000"
      @change="intoMl = $event ?? 350"
    />
    <v-btn @click="pourOver">Pour it over</v-btn>
    <v-btn v-for="other in others" :key="other.id" @click="intoOther(other)"
      >Into {{ sayOther(other) }}</v-btn
    >
    <v-btn @click="label.download(bottle)">Its label (PDF)</v-btn>
    <v-btn @click="finish">It is finished</v-btn>
    <v-btn @click="throwAway">Never was there</v-btn>
  </div>
</template>

<style scoped>
.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
  margin: 8px 0;
}

.buttons > :first-child {
  flex: 0 1 170px;
}
</style>
