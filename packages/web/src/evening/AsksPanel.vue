<script setup lang="ts">
import type { GuestAsk } from '@uisce/core/evening';
import { useAsks } from '../household/use-asks';
import { useCatalogue } from '../household/use-catalogue';
import { useOrder } from '../household/use-order';
import { ALLERGEN_WORDS } from '../words/trade-words';
import { useWords } from '../words/use-words';
import { useNight } from './use-night';

/** What guests ask for from their telephones: onto the round, or not now. */
const asks = useAsks();
const order = useOrder();
const words = useWords();
const night = useNight();
const isOut = (ask: GuestAsk) => night.drinks.value.some((d) => d.id === ask.drink && d.isOut);

const catalogue = useCatalogue();
const cannot = ({ cannot: held, without, noAlcohol }: GuestAsk) =>
  [
    ...(noAlcohol ? ['alcohol'] : []),
    ...held.map((a) => ALLERGEN_WORDS[a]),
    ...without.map((k) => catalogue.kindInSentence(k)),
  ]
    .map((w) => `no ${w}`)
    .join(', ');
/** Bottles may have changed since it was asked for: it is looked at again. */
const against = (ask: GuestAsk) =>
  order.against(ask.drink, ask.name, {
    allergens: ask.cannot,
    without: ask.without,
    noAlcohol: ask.noAlcohol,
  });
function take(ask: GuestAsk): void {
  if (against(ask) !== '') return;
  const before = order.lines.value.find((l) => l.drink === ask.drink);
  order.add(ask.drink);
  const who = before?.for ?? [];
  if (!who.includes(ask.name)) order.setFor(ask.drink, [...who, ask.name]);
  asks.settle(ask, 'taken');
}
</script>

<template>
  <section v-if="asks.waiting.length > 0" class="panel" aria-labelledby="asks-title">
    <h2 id="asks-title">Asked from their telephones</h2>
    <ul class="plain-list">
      <li v-for="ask in asks.waiting" :key="ask.id">
        <span class="words"
          ><strong>{{ ask.name }}: {{ asks.nameOf(ask) }}</strong
          ><span class="dim">{{ words.time(ask.at) }}</span
          ><span v-if="cannot(ask)" class="rust">{{ cannot(ask) }}</span
          ><span v-if="isOut(ask)" class="rust">none left</span
          ><span v-else-if="against(ask)" class="rust">not for {{ ask.name }}: {{ against(ask) }}</span></span
        >
        <v-btn
          color="sea"
          :disabled="order.isFull.value || isOut(ask) || against(ask) !== ''"
          :aria-label="`Put ${asks.nameOf(ask)} for ${ask.name} on the round`"
          @click="take(ask)"
          >On the round</v-btn
        >
        <v-btn
          :aria-label="`Not now: ${asks.nameOf(ask)} for ${ask.name}`"
          @click="asks.settle(ask, 'declined')"
          >Not now</v-btn
        >
      </li>
    </ul>
  </section>
</template>

<style scoped>
li {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 10px;
  align-items: center;
  min-height: 52px;
}

.words {
  display: flex;
  flex: 1 1 220px;
  flex-wrap: wrap;
  gap: 0 10px;
}
</style>
