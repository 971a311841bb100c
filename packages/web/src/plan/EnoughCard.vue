<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { useAdvice } from '../solver/use-advice';
import { useAnswer } from '../solver/use-answer';
import { usePlans } from '../household/use-plans';
import { useItemWords } from '../words/use-item-words';
import { count, inSentence, sayDays, useWords } from '../words/use-words';

/** What the set pours: how soon a bottle is out, how many of its drinks it makes, what a glass costs. */
const FEW = 8;
/** The bars run as far as this. */
const WEEKS_DRAWN = 26;

const advice = useAdvice();
const answers = useAnswer();
const plans = usePlans();
const words = useWords();
const { itemName } = useItemWords();

const enough = advice.on('enough');
const all = ref(false);

watch(
  [() => answers.proven, () => answers.result],
  () => {
    const { result } = answers;
    if (!answers.proven || !result) return;
    const { answer, inUse, items } = result;
    void advice.ask('enough', { result: { answer, inUse, items } });
  },
  { immediate: true },
);

const perWeek = computed(() => plans.brief?.drinksPerWeek ?? 0);
const whole = (drinks: number) => Math.max(1, Math.floor(drinks));
/** "14 drinks, about 2 weeks as you drink". */
const sayDrinks = (drinks: number) =>
  `${count(whole(drinks), 'drink')}, about ${sayDays(Math.max(1, Math.round((drinks / perWeek.value) * 7)))}`;
const rows = computed(() => {
  const bottles = enough.value?.bottles ?? [];
  return bottles.map((b) => ({
    ...b,
    name: itemName(b.itemId),
    share: Math.min(1, b.untilEmpty / (perWeek.value * WEEKS_DRAWN)),
  }));
});
const shown = computed(() => (all.value ? rows.value : rows.value.slice(0, FEW)));
const once = computed(() => {
  if (!enough.value) return '';
  const { drinks, onceEach } = enough.value;
  return onceEach === drinks
    ? 'It pours every one of its drinks once'
    : `Of its ${count(drinks, 'drink')} it pours at least ${onceEach} once each`;
});
</script>

<template>
  <section class="card" aria-labelledby="enough-title">
    <h2 id="enough-title">
      Enough?
      <small class="dim"
        >· at {{ count(perWeek, 'drink') }} a week, each as likely as another; the bars are half a year</small
      >
    </h2>
    <p v-if="!enough" class="dim" aria-live="polite">{{ advice.failureOf('enough') || 'Counting.' }}</p>
    <template v-else>
      <p aria-live="polite">
        {{ once
        }}<template v-if="enough.first"
          >; the first bottle to be out is <strong>{{ inSentence(itemName(enough.first.itemId)) }}</strong>,
          after {{ sayDrinks(enough.first.untilEmpty) }}</template
        >. A glass costs {{ words.price(Math.round(enough.glassMinor)) }} on average, of which
        {{ words.price(Math.round(enough.freshMinor)) }} is fresh.
      </p>
      <ul class="plain-list bars">
        <li v-for="row in shown" :key="row.itemId">
          <span>{{ row.name }}</span>
          <span class="share-bar" aria-hidden="true"
            ><span :style="{ width: `${Math.max(1, row.share * 100)}%` }"
          /></span>
          <span class="dim"
            >out after {{ count(whole(row.untilEmpty), 'drink') }} of all, {{ whole(row.drinksIn) }} of its
            own</span
          >
        </li>
      </ul>
      <button v-if="rows.length > FEW" class="plain-button link" type="button" @click="all = !all">
        {{ all ? 'The soonest only' : `All ${rows.length}` }}
      </button>
    </template>
  </section>
</template>

<style scoped>
p {
  margin: 4px 0;
}

.bars li {
  display: grid;
  grid-template-columns: minmax(120px, 1fr) minmax(60px, 1fr) 290px;
  gap: 4px 12px;
  align-items: center;
  min-height: 30px;
  font-size: 0.9375rem;
}

@media (max-width: 560px) {
  .bars li {
    grid-template-columns: minmax(0, 1fr) auto;
  }

  .share-bar {
    display: none;
  }
}
</style>
