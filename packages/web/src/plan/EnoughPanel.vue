<script setup lang="ts">
import { untilOut } from '@uisce/core/plan';
import { computed, ref } from 'vue';
import { useAboutSet } from '../solver/use-about-set';
import { usePlans } from '../household/use-plans';
import { useCatalogue } from '../household/use-catalogue';
import { useItemWords } from '../words/use-item-words';
import { count, listed, sayDays, useWords } from '../words/use-words';

/** How far the set goes: glasses in all, which bottle is out first, what goes off before, what a glass costs; and larger bottles. */
const FEW = 8;
/** The bars run as far as this. */
const WEEKS_DRAWN = 26;

const plans = usePlans();
const catalogue = useCatalogue();
const words = useWords();
const { itemName, itemInSentence } = useItemWords();

const { found: enough, failure } = useAboutSet('enough');
const all = ref(false);

const perWeek = computed(() => plans.brief?.drinksPerWeek ?? 0);
const whole = (glasses: number) => Math.max(1, Math.floor(glasses));
const sayWeeks = (glasses: number) => sayDays(Math.max(1, Math.round((glasses / perWeek.value) * 7)));
/** "14 glasses, about 2 weeks as you drink". */
const sayGlasses = (glasses: number) =>
  `${count(whole(glasses), 'glass', 'glasses')}, about ${sayWeeks(glasses)}`;
const rows = computed(() => {
  const bottles = enough.value?.bottles ?? [];
  return bottles.map((b) => ({
    ...b,
    name: itemName(b.itemId),
    out: untilOut(b),
    share: Math.min(1, untilOut(b) / (perWeek.value * WEEKS_DRAWN)),
  }));
});
const goingOff = computed(() =>
  rows.value.filter((b) => b.untilOff !== undefined).map((b) => itemInSentence(b.itemId)),
);
const { found: larger } = useAboutSet('larger');
const largerWords = computed(() => {
  const found = larger.value;
  if (!found) return '';
  const sizes = found.bottles.map(
    ({ kindId, to }) => `${catalogue.kindInSentence(kindId)} ${words.size(to.ml)}`,
  );
  const { glassesNow, glassesThen } = found;
  const gain =
    glassesThen > glassesNow
      ? `: the first bottle is out after ${whole(glassesThen)} glasses instead of ${whole(glassesNow)}`
      : '';
  return `${words.price(found.moreMinor)} of what is left buys ${listed(sizes)}${gain}.`;
});
/** Keep the larger bottles: the plan's set stays the same, in these sizes. */
function takeLarger(): void {
  const { brief } = plans;
  if (!brief || !larger.value) return;
  const from = new Set(larger.value.bottles.map((b) => b.from.id));
  const others = brief.keepBottles.filter((id) => !from.has(id));
  const keepBottles = [...new Set([...others, ...larger.value.bottles.map((b) => b.to.id)])];
  plans.edit('Larger bottles', { brief: { keepBottles } });
}
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
  <section class="panel" aria-labelledby="enough-title">
    <h2 id="enough-title">
      Enough?
      <small class="dim"
        >· at {{ count(perWeek, 'glass', 'glasses') }} a week, each drink as likely as another; the bars are
        half a year</small
      >
    </h2>
    <p v-if="!enough" class="dim" aria-live="polite">{{ failure || 'Counting.' }}</p>
    <template v-else>
      <p aria-live="polite">
        {{ count(enough.glassesInAll, 'glass', 'glasses') }} in all, about
        {{ sayWeeks(enough.glassesInAll) }} at your pace. {{ once
        }}<template v-if="enough.first"
          >; the first bottle to be out is <strong>{{ itemInSentence(enough.first.itemId) }}</strong>, after
          {{ sayGlasses(untilOut(enough.first)) }}</template
        ><template v-if="goingOff.length > 0">; before they are empty go off: {{ listed(goingOff) }}</template
        >. A glass costs {{ words.price(Math.round(enough.glassMinor)) }} on average, of which
        {{ words.price(Math.round(enough.freshMinor)) }} is bought on the day.
      </p>
      <p v-if="largerWords" class="larger">
        {{ largerWords }}
        <v-btn size="small" height="40" @click="takeLarger">Larger bottles</v-btn>
      </p>
      <ul class="plain-list bars">
        <li v-for="row in shown" :key="row.itemId">
          <span>{{ row.name }}</span>
          <span class="share-bar" aria-hidden="true"
            ><span :style="{ width: `${Math.max(1, row.share * 100)}%` }"
          /></span>
          <span class="dim"
            >{{ row.untilOff === undefined ? 'out' : 'off' }} after
            {{ count(whole(row.out), 'glass', 'glasses') }} of all; holds {{ whole(row.drinksIn) }} of its
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
  grid-template-columns: minmax(120px, 1fr) minmax(60px, 1fr) 350px;
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
