<script setup lang="ts">
import { untilOut } from '@uisce/core/plan';
import { useItemWords } from '../words/use-item-words';
import { count, listed, useWords } from '../words/use-words';
import { FEW, whole, useEnough } from './use-enough';

/** How far the set goes: glasses in all, which bottle is out first, what goes off before, what a glass costs; and larger bottles. */
const words = useWords();
const { itemInSentence } = useItemWords();
const {
  enough,
  failure,
  all,
  perWeek,
  sayWeeks,
  sayGlasses,
  rows,
  goingOff,
  largerWords,
  takeLarger,
  shown,
  once,
} = useEnough();
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
