<script setup lang="ts">
import { computed } from 'vue';
import { amountMl } from '@uisce/core/base';
import type { Recipe } from '@uisce/core/catalogue';
import { pouredWith } from '@uisce/core/plan';
import { useKit } from '../../household/use-kit';
import { useCatalogue } from '../../household/use-catalogue';
import { useHouseSyrup } from '../../words/house-syrup';
import { useOwnMeasure } from '../../words/own-measure';
import { listed, useWords } from '../../words/use-words';
import { useAtHand } from './use-at-hand';
import { useGlassCost } from './use-glass-cost';

const props = withDefaults(
  defineProps<{
    recipe: Recipe;
    servings?: number;
    /** Show what each part costs. */
    costs?: boolean;
    large?: boolean;
  }>(),
  { servings: 1, costs: false, large: false },
);

const catalogue = useCatalogue();
const words = useWords();
const atHand = useAtHand();
const glassCost = useGlassCost();
const kits = useKit();
const own = useOwnMeasure();
const house = useHouseSyrup();

const slots = computed(() =>
  pouredWith(props.recipe, catalogue.all, atHand.planned.value, atHand.minMatch.value),
);
const costs = computed(() => {
  const cost = glassCost.costOf(props.recipe);
  return new Map(cost?.slots.map((s) => [s.slot, s.minor]));
});
const names = (kinds: readonly string[]) => listed(kinds.map((k) => catalogue.kindInSentence(k)));
const scaled = (amount: Recipe['slots'][number]['amount']) =>
  words.amount({ ...amount, value: amount.value * props.servings });
/** How to measure a slot in the household's own vessels; undefined when it is dashed or not asked for. */
const ownPlan = (slot: Recipe['slots'][number]) => {
  const { amount } = slot;
  const ml = house.of(slot)?.ml ?? amountMl(amount);
  if (!kits.kit.ownMeasures || !own.isMeasured(ml) || amount.measure === 'dash') return undefined;
  return own.planFor(ml * props.servings);
};
const rows = computed(() =>
  slots.value.map((poured) => ({
    poured,
    mine: ownPlan(poured.slot),
    house: house.of(poured.slot),
  })),
);
const roundMl = (ml: number) => Math.round(ml * 10) / 10;
const costOf = (slot: Recipe['slots'][number]) => {
  const minor = costs.value.get(slot);
  return minor === undefined ? '' : words.price(Math.round(minor * props.servings));
};
</script>

<template>
  <table :class="{ large }">
    <caption class="sr-only">
      What goes in
    </caption>
    <tbody>
      <tr v-for="({ poured, mine, house: syrup }, i) in rows" :key="i">
        <td class="amount">
          {{ syrup ? words.volume(roundMl(syrup.ml * props.servings)) : scaled(poured.slot.amount) }}
        </td>
        <td>
          {{ catalogue.kindName(poured.slot.kind)
          }}<template v-if="poured.slot.or.length > 0"> or {{ names(poured.slot.or) }}</template
          ><span v-if="poured.slot.optional" class="dim"> (if you like)</span
          ><span v-if="poured.slot.muddle" class="dim">, muddled</span
          ><span v-if="poured.slot.float" class="dim">, floated</span
          ><span v-if="poured.slot.sink" class="dim">, last, sinking</span
          ><span v-if="poured.slot.beside" class="dim">, beside it</span
          ><span v-if="poured.slot.role === 'rinse'" class="dim">, as a rinse</span>
          <span v-if="syrup" class="dim swap"
            >from the house syrup, {{ words.number(syrup.ratio, 2) }} to 1; written as
            {{ scaled(poured.slot.amount) }}, {{ house.sayWater(syrup, props.servings) }}</span
          >
          <span v-if="poured.match === 0 && !poured.slot.optional && atHand.known.value" class="lack"
            >lacking</span
          >
          <span v-else-if="poured.match > 0 && poured.match < 1" class="dim swap">
            here {{ names(poured.kinds) }}<template v-if="poured.changes">. {{ poured.changes }}</template>
          </span>
          <span v-if="mine" class="own" :class="{ far: !mine.meets }"
            >{{ own.sayFills(mine) }} <span class="dim">({{ own.sayError(mine) }})</span></span
          >
        </td>
        <td v-if="props.costs" class="cost dim">{{ costOf(poured.slot) }}</td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
table {
  width: 100%;
  border-collapse: collapse;
}

td {
  padding: 3px 0;
  vertical-align: baseline;
}

.amount {
  width: 96px;
  white-space: nowrap;
  font-weight: 700;
}

.lack {
  display: block;
  font-size: 0.9375rem;
  color: rgb(var(--v-theme-rust));
  font-weight: 700;
}

.swap {
  display: block;
  font-size: 0.9375rem;
}

.own {
  display: block;
  font-size: 0.9375rem;
  color: rgb(var(--v-theme-sea));
}

.far {
  color: rgb(var(--v-theme-rust));
}

.cost {
  padding-inline-start: 12px;
  text-align: end;
  white-space: nowrap;
  font-size: 0.9375rem;
}

.large td {
  padding: 7px 0;
  font-size: 1.1875rem;
  border-bottom: 1px solid rgb(var(--v-theme-line));
}

.large .amount {
  width: 118px;
  font-family: var(--display);
  font-size: 1.375rem;
  font-weight: 600;
}

.large .cost {
  padding-inline-start: 12px;
  font-size: 1rem;
}
</style>
