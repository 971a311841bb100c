<script setup lang="ts">
import { computed, ref } from 'vue';
import { useQuestion } from '../solver/use-question';
import { useCatalogue } from '../household/use-catalogue';
import { count, useWords } from '../words/use-words';
import { useKitSentence } from './kit-sentence';
import MoneyField from '../ui/MoneyField.vue';
import CheckField from '../ui/CheckField.vue';

/** A starter list for somebody else's bar at an amount. */
const catalogue = useCatalogue();
const words = useWords();
const { sayOffer } = useKitSentence();

/** About what a present costs, in units of the currency's usual note. */
const moneyMinor = ref(words.currency() === 'INR' ? 400_000 : 5_000);
const usualKitchen = ref(true);
const open = ref(false);
const { last: cover, isAsking } = useQuestion('gift', () => {
  const of = { moneyMinor: moneyMinor.value, usualKitchen: usualKitchen.value };
  return open.value && { of };
});
const opened = computed(() => (cover.value ? cover.value.drinks - cover.value.beyond.length : 0));
const nameOf = (id: string | undefined) => catalogue.toolInSentence(id ?? '');
</script>

<template>
  <section class="panel" aria-labelledby="gift-title">
    <h2 id="gift-title">A starter list for someone else</h2>
    <div class="two">
      <MoneyField label="At most" :minor="moneyMinor" @change="moneyMinor = $event" />
      <CheckField v-model="usualKitchen" label="Their kitchen has the usual things" />
    </div>
    <v-btn v-if="!cover" :loading="isAsking" @click="open = true">Make the list</v-btn>
    <div v-else aria-live="polite">
      <p>
        <strong>{{ words.price(cover.costMinor) }}</strong> of tools and glasses for
        <span class="copper">{{ count(opened, 'drink') }}</span> of {{ cover.drinks }} that count, whichever
        bottles they have; no other set at this price makes more.
      </p>
      <ul class="plain-list">
        <li v-for="b in cover.buy" :key="b.id" class="row">
          <span>{{ b.entry.tool ? nameOf(b.entry.tool) : sayOffer(b) }}</span>
          <span class="dim">{{ count(b.closes.length, 'drink') }}</span>
          <span>{{ words.price(b.priceMinor) }}</span>
        </li>
      </ul>
      <p v-if="cover.buy.length === 0" class="dim">Nothing at this price makes another drink.</p>
    </div>
  </section>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: 1fr 1.3fr;
  gap: 14px;
  align-items: center;
}

.row {
  display: grid;
  grid-template-columns: 1fr auto 84px;
  gap: 12px;
  padding: 6px 0;
  border-bottom: 1px solid rgb(var(--v-theme-line));
}

.row > :last-child {
  text-align: end;
}
</style>
