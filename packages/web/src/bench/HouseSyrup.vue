<script setup lang="ts">
import { computed, ref } from 'vue';
import { rescaleSyrup } from '@uisce/core/bench';
import { useSettings } from '../household/use-settings';
import { useWords } from '../words/use-words';
import NumberField from '../ui/NumberField.vue';
import SelectField from '../ui/SelectField.vue';

/** The syrup that is kept: every spec is poured from it, as sweet as it was written. */
const settings = useSettings();
const words = useWords();

const RATIOS: { value: number | null; title: string }[] = [
  { value: null, title: 'each as its spec says' },
  { value: 1, title: '1 to 1' },
  { value: 1.5, title: '1.5 to 1' },
  { value: 1.75, title: '1.75 to 1' },
  { value: 2, title: '2 to 1' },
];
const kept = computed(() => settings.current.houseSyrupRatio);
function keep(ratio: number | null): void {
  settings.change({ houseSyrupRatio: ratio });
}
/** A spec copied from elsewhere, written for another strength. */
const ml = ref(15);
const writtenFor = ref(1);
const mine = computed(() => rescaleSyrup(ml.value, writtenFor.value, kept.value ?? 1));
const waterWords = computed(() => {
  const w = mine.value.waterMl;
  return Math.abs(w) < 0.1
    ? 'and as much water'
    : `with ${words.volume(Math.abs(w))} ${w < 0 ? 'less' : 'more'} water`;
});
</script>

<template>
  <section class="panel" aria-labelledby="house-title">
    <h2 id="house-title">
      House syrup
      <small class="dim"
        >·
        {{ kept === null ? 'each spec as written' : `${words.number(kept, 2)} to 1 in every drink` }}</small
      >
    </h2>
    <SelectField label="We keep" :value="kept" :choices="RATIOS" @choose="keep" />
    <p class="dim">
      Every drink’s plain sugar syrup is then poured as so much of yours, with the same grams of sugar.
    </p>
    <div class="two">
      <NumberField
        label="A spec says"
        suffix="ml"
        :value="ml"
        :least="0.5"
        :most="500"
        @change="ml = $event ?? 15"
      />
      <NumberField
        label="of syrup to water"
        suffix="to 1"
        :value="writtenFor"
        :least="0.5"
        :most="2.5"
        @change="writtenFor = $event ?? 1"
      />
    </div>
    <p aria-live="polite">
      Pour <strong>{{ words.volume(mine.ml) }}</strong> of {{ words.number(kept ?? 1, 2) }} to 1,
      {{ waterWords }}.
    </p>
  </section>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 14px;
}

p {
  margin: 8px 0;
}
</style>
