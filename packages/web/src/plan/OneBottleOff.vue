<script setup lang="ts">
import { upperFirst } from '@uisce/core/base';
import type { Lift } from '@uisce/core/plan';
import { computed } from 'vue';
import { RouterLink } from 'vue-router';
import { useAnswer } from '../solver/use-answer';
import { useCurve } from '../solver/use-curve';
import { usePlans } from '../household/use-plans';
import { useItemWords } from '../words/use-item-words';
import { count, useWords } from '../words/use-words';

const MAX_SHOWN = 7;

const emit = defineEmits<{ select: [itemId: string] }>();
const answers = useAnswer();
const { itemName } = useItemWords();
const words = useWords();
const curve = useCurve();
const plans = usePlans();

const money = computed(() => plans.brief?.moneyNowMinor ?? 0);
const leftOver = computed(() => answers.bottleMoney - (answers.result?.answer.spend ?? 0));

/** What the best set of so much more money makes beyond this one; undefined until the curve is proven there. */
function bestGain(more: number): number | undefined {
  const best = curve.at(money.value + more);
  return best?.proven && answers.result ? best.point.drinksMade - answers.result.drinksMade : undefined;
}

/** One row for each ingredient, tool or pack: its cheapest size, and the others it is sold in. */
const offers = computed(() => {
  const rows = new Map<string, Lift[]>();
  for (const lift of answers.result?.explanation.lifts ?? []) {
    if (lift.adds.length === 0) continue;
    const of = answers.itemById.get(lift.id)?.kindId ?? lift.id;
    rows.set(of, [...(rows.get(of) ?? []), lift]);
  }
  return [...rows.values()].map((lifts) =>
    [...lifts].sort((a, b) => a.price - b.price || (a.id < b.id ? -1 : 1)),
  );
});
const sizeOf = (id: string) => {
  const ml = answers.itemById.get(id)?.bottle?.ml;
  return ml === undefined ? '' : words.size(ml);
};
const rows = computed(() =>
  offers.value
    .flatMap(([cheapest, ...larger]) => (cheapest ? [{ ...cheapest, larger }] : []))
    .sort((a, b) => a.price / a.adds.length - b.price / b.adds.length || (a.id < b.id ? -1 : 1))
    .slice(0, MAX_SHOWN)
    .map((lift) => ({
      ...lift,
      more: Math.max(0, lift.price - leftOver.value),
      best: bestGain(Math.max(0, lift.price - leftOver.value)),
      name: upperFirst(itemName(lift.id)),
      size: sizeOf(lift.id),
      is: answers.kitById.has(lift.id)
        ? ('kit' as const)
        : answers.packById.has(lift.id)
          ? ('pack' as const)
          : ('bottle' as const),
    })),
);
/** A bottle is looked at here, a tool in the Kit; of sugar there is nothing more to say. */
const ELEMENTS = { kit: RouterLink, pack: 'div', bottle: 'button' } as const;
const attributes = { kit: { to: '/kit' }, pack: {}, bottle: { type: 'button' } } as const;
</script>

<template>
  <section class="panel" aria-labelledby="off-title">
    <h2 id="off-title">One bottle off <small class="dim">· least money a drink first</small></h2>
    <ul v-if="rows.length > 0" class="plain-list">
      <li v-for="row in rows" :key="row.id">
        <component
          :is="ELEMENTS[row.is]"
          class="row"
          :class="{ 'plain-button': row.is !== 'pack' }"
          v-bind="attributes[row.is]"
          @click="row.is === 'bottle' && emit('select', row.id)"
        >
          <strong
            >{{ row.name }}<template v-if="row.size">, {{ row.size }}</template></strong
          >
          <span class="dim"
            >adds {{ count(row.adds.length, 'drink')
            }}<template v-if="row.best !== undefined"
              >; the best set for {{ words.price(row.more) }} more adds {{ row.best }}</template
            ></span
          >
          <span class="price">{{ words.price(row.price) }}</span>
        </component>
        <button
          v-for="size in row.larger"
          :key="size.id"
          class="plain-button link dim"
          type="button"
          @click="emit('select', size.id)"
        >
          or {{ sizeOf(size.id) }}, {{ words.price(size.price) }}
        </button>
      </li>
    </ul>
    <p v-else class="dim">No single bottle adds another drink from here.</p>
  </section>
</template>

<style scoped>
li {
  border-bottom: 1px solid rgb(var(--v-theme-line));
}

a.row {
  text-decoration: none;
}

.row {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 10px;
  align-items: baseline;
  width: 100%;
  min-height: 38px;
  padding: 7px 0;
}

.price {
  margin-inline-start: auto;
}
</style>
