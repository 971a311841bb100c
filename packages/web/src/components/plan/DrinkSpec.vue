<script setup lang="ts">
import { computed } from 'vue';
import { ATTITUDE_MIN_FIT, drinkProfile, pouredWith, type Recipe } from '@uisce/core';
import { useAnswer } from '../../stores/answer';
import { usePlans } from '../../stores/plans';
import { useTrade } from '../../stores/trade';
import { inSentence, listed, useWords } from '../../words/use-words';
import CautionLine from './CautionLine.vue';

const props = defineProps<{ recipe: Recipe }>();

const answers = useAnswer();
const plans = usePlans();
const trade = useTrade();
const words = useWords();

/** Kinds at hand with all they are a kind of. */
const have = computed(() => {
  const all = new Set<string>();
  for (const id of answers.result?.answer.items ?? []) {
    let kindId = answers.itemById.get(id)?.kindId;
    while (kindId !== undefined) {
      all.add(kindId);
      kindId = trade.kinds.get(kindId)?.parent;
    }
  }
  return all;
});
const minFit = computed(() => ATTITUDE_MIN_FIT[plans.brief?.attitude ?? 'house']);
const slots = computed(() => pouredWith(props.recipe, trade.catalogue, have.value, minFit.value));
const profile = computed(() => drinkProfile(props.recipe, trade.kinds));
const glass = computed(() => trade.glasses.get(props.recipe.glass)?.name ?? props.recipe.glass);
const cautions = computed(() => [
  ...new Set(props.recipe.slots.flatMap((s) => trade.kinds.get(s.kind)?.caution ?? [])),
]);

const METHOD: Record<Recipe['method'], string> = {
  build: 'Build in the glass',
  stir: 'Stir on ice',
  shake: 'Shake on ice',
  'dry-shake': 'Shake without ice, then with',
  blend: 'Blend with ice',
  swizzle: 'Swizzle with crushed ice',
  layer: 'Layer',
  hot: 'Build hot, in a warmed mug',
};
const STRAIN = { none: '', once: ', strain', twice: ', strain twice' } as const;
const ICE = {
  none: '',
  cubes: ' over ice',
  block: ' over one large piece of ice',
  crushed: ' over crushed ice',
} as const;

const names = (kinds: readonly string[]) => listed(kinds.map((k) => inSentence(trade.kindName(k))));
</script>

<template>
  <div class="spec">
    <table>
      <tbody>
        <tr v-for="(poured, i) in slots" :key="i">
          <td class="amount">{{ words.amount(poured.slot.amount) }}</td>
          <td>
            {{ trade.kindName(poured.slot.kind)
            }}<span v-if="poured.slot.optional" class="dim"> (if you like)</span
            ><span v-if="poured.slot.muddle" class="dim">, muddled</span>
            <span v-if="poured.fit === 0 && !poured.slot.optional" class="lack"> · lacking</span>
            <span v-else-if="poured.kinds.length > 0 && poured.kinds[0] !== poured.slot.kind" class="dim">
              · here {{ names(poured.kinds)
              }}<template v-if="poured.changes">. {{ poured.changes }}</template>
            </span>
          </td>
        </tr>
      </tbody>
    </table>
    <p class="dim">
      {{ METHOD[recipe.method] }}{{ STRAIN[recipe.strain] }}; {{ inSentence(glass) }}{{ ICE[recipe.ice]
      }}<template v-if="recipe.garnish !== 'none'">; {{ recipe.garnish }}</template
      >. About {{ words.number(profile.servedMl, 0) }} ml at {{ words.percent(profile.abv) }} vol.
    </p>
    <CautionLine v-for="caution in cautions" :key="caution">{{ caution }}</CautionLine>
  </div>
</template>

<style scoped>
.spec {
  padding: 2px 0 12px;
}

td {
  padding: 3px 0;
  vertical-align: top;
}

.amount {
  width: 96px;
  white-space: nowrap;
  font-weight: 700;
}

.lack {
  color: rgb(var(--v-theme-rust));
  font-weight: 700;
}

p {
  margin: 6px 0 0;
  font-size: 0.9375rem;
}
</style>
