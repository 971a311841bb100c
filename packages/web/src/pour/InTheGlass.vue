<script setup lang="ts">
import { inSentence } from '@uisce/core/base';
import { computed } from 'vue';
import { sayGarnish } from '@uisce/core/drink';
import { RIGHT_FILL, servedDrink, standsIn } from '@uisce/core/glass';
import { glassFor } from '@uisce/core/pouring';
import { useKit } from '../household/use-kit';
import { useLog } from '../household/use-log';
import GlassDrawing from '../ui/drink/GlassDrawing.vue';
import { useWords } from '../words/use-words';
import { useRoundInHand } from './use-round-in-hand';

/** The glass filling in layers, to scale: what is in already, and how full it will stand. */
const kits = useKit();
const log = useLog();
const words = useWords();
const { inHand, current } = useRoundInHand();

/** The drink in hand; before the first, the first. */
const index = computed(
  () => current.value?.order ?? inHand.value?.now.find((s) => s.order !== null)?.order ?? 0,
);
const drink = computed(() => inHand.value?.orders[index.value]?.drink);
const partsIn = computed(
  () =>
    new Set(
      (inHand.value?.now ?? []).flatMap((s) =>
        s.done && s.order === index.value && s.part && s.act !== 'squeeze' ? [s.part.slot] : [],
      ),
    ),
);
const watered = computed(() =>
  (inHand.value?.now ?? []).some(
    (s) => s.done && s.order === index.value && (s.act === 'strain' || s.act === 'ice-glass'),
  ),
);
const garnish = computed(() => sayGarnish(drink.value?.garnish ?? [], log.bar.kinds));
const fills = computed(() => {
  if (!drink.value) return '';
  const glass = glassFor(drink.value, kits.kit, log.bar.kinds);
  if (!glass) return '';
  const { share, verdict } = standsIn(servedDrink(drink.value, log.bar.kinds), glass);
  const short = verdict === 'short' || share < RIGHT_FILL.least ? ', and looks short in it' : '';
  return `fills your ${inSentence(glass)} to ${words.number(share * 100, 0)} %${short}`;
});
</script>

<template>
  <section v-if="drink" aria-labelledby="glass-title">
    <h2 id="glass-title">In the glass</h2>
    <GlassDrawing :recipe="drink" plain :parts-in="partsIn" :watered="watered" />
    <p class="dim">
      {{ drink.name }}<template v-if="fills">: {{ fills }}</template>
    </p>
    <p v-if="garnish" class="dim">Garnish: {{ garnish }}</p>
  </section>
</template>

<style scoped>
p {
  margin: 6px 0 0;
  font-size: 0.9375rem;
}
</style>
