<script setup lang="ts">
import { computed, ref, watchEffect } from 'vue';
import { homeLiqueur } from '@uisce/core/bench';
import { useWords } from '../words/use-words';
import NumberField from '../ui/NumberField.vue';
import CautionLine from '../ui/CautionLine.vue';
import { PLAIN_PART, useMakeable, type OwnIdea } from './own-idea';

/** A liqueur from a syrup and a spirit, to the strength that is wanted. */
const emit = defineEmits<{ idea: [idea: OwnIdea | undefined] }>();

const words = useWords();
const makeable = useMakeable();
const makes = ref('coffee-liqueur');

/** Grams of syrup in the batch as kept; it is scaled to any bottle. */
const SYRUP_G = 300;

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

watchEffect(() => {
  const made = liqueur.value;
  const sugarG = (syrupBrix.value / 100) * SYRUP_G;
  emit(
    'idea',
    typeof made === 'string'
      ? undefined
      : {
          makes: makes.value,
          from: [
            { ...PLAIN_PART, pantry: 'white-sugar', g: sugarG },
            { ...PLAIN_PART, pantry: 'water', g: SYRUP_G - sugarG, hot: true },
            {
              ...PLAIN_PART,
              pantry: 'neutral-spirit',
              g: SYRUP_G * made.spiritToSyrup,
              spiritAbv: spiritAbv.value / 100,
              cold: true,
            },
          ],
          how: 'Stir the syrup clear, let it cool, add the spirit, bottle.',
        },
  );
});
</script>

<template>
  <div class="field-row">
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
        <strong>{{ words.percent(liqueur.abv) }} vol</strong>, {{ words.number(liqueur.sugarGPerL, 0) }} g of
        sugar a litre. Kept with neutral spirit of that strength.</template
      >
    </p>
    <CautionLine class="wide"
      >High proof near no flame. Distilling at home is against the law in most places and dangerous: Uisce
      does not help with it.</CautionLine
    >
  </div>
</template>

<style scoped>
p {
  margin: 0;
}
</style>
