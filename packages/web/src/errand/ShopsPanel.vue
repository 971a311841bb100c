<script setup lang="ts">
import { computed } from 'vue';
import type { Trip } from '@uisce/core/errand';
import { useErrands } from '../household/use-errands';
import { useCatalogue } from '../household/use-catalogue';
import CheckField from '../ui/CheckField.vue';
import ChoiceRow from '../ui/ChoiceRow.vue';
import MoneyField from '../ui/MoneyField.vue';
import NumberField from '../ui/NumberField.vue';
import { count, listed, useWords } from '../words/use-words';
import { useErrand } from './use-errand';

/** Which shops: what going to another one adds or saves, and whether it is worth the way. */
const errands = useErrands();
const catalogue = useCatalogue();
const words = useWords();
const { otherShops, comparison, comparing, shopsFound, shopName, chosen, lists } = useErrand();

const LONGEST_MINUTES = 600;
const tripOf = (shop: string): Trip =>
  errands.trips.trips.find((t) => t.shop === shop) ?? { shop, tripMinor: 0, minutes: 0 };
function editTrip(shop: string, part: Partial<Trip>): void {
  const others = errands.trips.trips.filter((t) => t.shop !== shop);
  errands.editTrips(`The way to ${shopName(shop)}`, { trips: [...others, { ...tripOf(shop), ...part }] });
}
function go(shop: string, on: boolean): void {
  const others = errands.trips.goesTo.filter((id) => id !== shop);
  if (!on) chosen.value = '';
  errands.editTrips(`${on ? 'Go' : 'Do not go'} to ${shopName(shop)}`, {
    goesTo: on ? [...others, shop] : others,
  });
}
/** Most shops that are compared: 31 sets. */
const MAX_OTHERS = 4;
const full = computed(() => errands.trips.goesTo.length >= MAX_OTHERS);

const home = computed(() => catalogue.prices?.id ?? '');
const choices = computed(() =>
  (shopsFound.value ?? []).map((a) => {
    const name = listed(a.shops.map(shopName));
    const trip = a.tripMinor > 0 ? `, the way ${words.price(a.tripMinor)}` : '';
    const minutes = a.minutes > 0 ? `, ${a.minutes} minutes` : '';
    const value = a.shops.length === 1 && a.shops[0] === home.value ? '' : a.shops.join(' ');
    return {
      value,
      words: name,
      note:
        a.result.answer.status === 'infeasible'
          ? 'cannot meet what you ask for'
          : `${count(a.result.drinksMade, 'drink')} for ${words.price(a.result.answer.spend)}${trip}${minutes}`,
    };
  }),
);
/** The judgement in one sentence: the second shop against the best single one. */
const verdict = computed(() => {
  const told = comparison.value;
  if (!told) return '';
  const [pair] = told.others
    .filter((o) => o.shops.length > 1)
    .sort((a, b) => b.moreValue - a.moreValue || b.savedMinor - a.savedMinor);
  if (!pair) return '';
  const single = shopName(told.single.shops[0] ?? '');
  const more = pair.shops.filter((s) => !told.single.shops.includes(s)).map(shopName);
  const makes =
    pair.moreDrinks > 0
      ? `makes ${count(pair.moreDrinks, 'drink')} more`
      : pair.moreValue > 0
        ? 'suits you better with as many drinks'
        : '';
  const saves = pair.savedMinor > 0 ? `saves ${words.price(pair.savedMinor)} on the same things` : '';
  const gains = [makes, saves].filter((p) => p !== '').join(', or ');
  const way = pair.extraMinutes > 0 ? ` for ${pair.extraMinutes} minutes more` : '';
  return gains === ''
    ? `${single} alone is best: going on to ${listed(more)} neither makes more nor saves anything.`
    : `Going on from ${single} to ${listed(more)} ${gains}${way}${pair.worthIt ? '' : ': not worth the way'}.`;
});
</script>

<template>
  <section class="panel" aria-labelledby="shops-title">
    <h2 id="shops-title">Which shops? <small class="dim">· every set of them, its trips paid</small></h2>
    <p v-if="otherShops.length === 0" class="dim">
      Only one shop asks in this currency. Import another price list on the Brief to compare.
    </p>
    <template v-for="shop in otherShops" :key="shop.id">
      <CheckField
        :model-value="errands.trips.goesTo.includes(shop.id)"
        :disabled="full && !errands.trips.goesTo.includes(shop.id)"
        :label="`${shop.name} is on the way, or worth one`"
        @update:model-value="go(shop.id, $event)"
      />
      <div v-if="errands.trips.goesTo.includes(shop.id)" class="field-row">
        <MoneyField
          :label="`The way to ${shop.name} costs`"
          :minor="tripOf(shop.id).tripMinor"
          @change="editTrip(shop.id, { tripMinor: $event })"
        />
        <NumberField
          label="and takes"
          suffix="minutes"
          :value="tripOf(shop.id).minutes"
          :least="0"
          :most="LONGEST_MINUTES"
          @change="editTrip(shop.id, { minutes: Math.round($event ?? 0) })"
        />
      </div>
    </template>
    <template v-if="lists.length > 1">
      <MoneyField
        label="An hour of yours is worth"
        hint="0 where the time does not matter"
        :minor="errands.trips.hourMinor ?? 0"
        @change="errands.editTrips('What an hour is worth', { hourMinor: $event === 0 ? null : $event })"
      />
      <p role="status">
        <strong v-if="verdict">{{ verdict }}</strong>
        <span v-if="comparing" class="dim"> Comparing.</span>
      </p>
      <ChoiceRow
        v-if="choices.length > 1"
        name="shops"
        legend="Go to"
        :value="chosen"
        :choices="choices"
        @choose="chosen = $event"
      />
    </template>
  </section>
</template>
