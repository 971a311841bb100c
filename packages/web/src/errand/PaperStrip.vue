<script setup lang="ts">
import { computed } from 'vue';
import { AISLES, aisleOf, lineMinor, type Aisle } from '@uisce/core/errand';
import { useErrands } from '../household/use-errands';
import { useCatalogue } from '../household/use-catalogue';
import MoneyField from '../ui/MoneyField.vue';
import { useWords } from '../words/use-words';
import LineRow from './LineRow.vue';
import { useErrand } from './use-errand';

/** One shop's part of the list, as a strip of paper: by aisle, with its total, and its receipt at the foot. */
const props = defineProps<{ shop: string; onWay: boolean }>();

const AISLE_WORDS: Record<Aisle, string> = {
  tools: 'Tools and glasses',
  spirits: 'Spirits and liqueurs',
  wine: 'Wines and vermouths',
  pantry: 'For the syrups',
  mixers: 'Mixers and sauces',
  fruit: 'Fruit and fresh',
};

const errands = useErrands();
const catalogue = useCatalogue();
const words = useWords();
const { lines, baskets, shopName } = useErrand();

const mine = computed(() => lines.value.filter((l) => l.shop === props.shop));
const aisles = computed(() =>
  AISLES.map((aisle) => ({
    aisle,
    lines: mine.value.filter((l) => aisleOf(l.ware, catalogue.kinds) === aisle),
  })).filter((a) => a.lines.length > 0),
);
const basket = computed(() => baskets.value?.byShop.get(props.shop));
const totalMinor = computed(() => mine.value.reduce((sum, l) => sum + lineMinor(l), 0));
const receipt = computed(() => errands.open?.receipts.find((r) => r.shop === props.shop)?.totalMinor);
const difference = computed(() =>
  receipt.value === undefined || !basket.value ? 0 : receipt.value - basket.value.basketMinor,
);
</script>

<template>
  <section class="strip" :aria-labelledby="`strip-${shop}`">
    <header>
      <h2 :id="`strip-${shop}`" class="display">{{ shopName(shop) }}</h2>
      <strong class="sum">{{
        basket ? `${words.price(basket.basketMinor)} in the basket` : words.price(totalMinor)
      }}</strong>
    </header>
    <template v-for="a in aisles" :key="a.aisle">
      <h3 class="dim">{{ AISLE_WORDS[a.aisle] }}</h3>
      <ul class="plain-list">
        <LineRow v-for="line in a.lines" :key="line.id" :line="line" :on-way="onWay" />
      </ul>
    </template>
    <footer v-if="onWay && basket && basket.things > 0">
      <MoneyField
        :label="`Receipt of ${shopName(shop)}`"
        :minor="receipt ?? basket.basketMinor"
        @change="errands.typeReceipt(shop, $event)"
      />
      <p role="status">
        <template v-if="difference === 0">It says what was ticked.</template>
        <template v-else
          >{{ words.price(Math.abs(difference)) }} {{ difference > 0 ? 'more' : 'less' }} than what was
          ticked: look for a price that was not as it stands here. It is kept as a difference.</template
        >
      </p>
    </footer>
    <svg class="edge" viewBox="0 0 400 8" preserveAspectRatio="none" aria-hidden="true">
      <path
        :d="`M0,0H400V2${Array.from({ length: 40 }, (_, i) => `L${395 - 10 * i},${i % 2 ? 2 : 7}`).join('')}Z`"
      />
    </svg>
  </section>
</template>

<style scoped>
.strip {
  position: relative;
  padding: 14px 16px 10px;
  background: rgb(var(--v-theme-panel));
  border: 1px solid rgb(var(--v-theme-line));
  border-bottom: 0;
}

header {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  justify-content: space-between;
  align-items: baseline;
  padding-bottom: 6px;
  border-bottom: 1px dashed rgb(var(--v-theme-dim));
}

h2 {
  font-family: var(--display);
  font-size: 1.25rem;
  margin: 0;
}

h3 {
  margin: 12px 0 0;
  font-size: 0.9375rem;
  font-weight: 400;
}

footer {
  display: grid;
  grid-template-columns: minmax(150px, 200px) 1fr;
  gap: 12px;
  align-items: start;
  margin-top: 12px;
  padding-top: 12px;
  border-top: 1px dashed rgb(var(--v-theme-dim));
}

footer p {
  margin: 4px 0;
}

.edge {
  position: absolute;
  inset: 100% -1px auto;
  display: block;
  width: calc(100% + 2px);
  height: 8px;
  fill: rgb(var(--v-theme-panel));
  stroke: rgb(var(--v-theme-line));
}

@media (max-width: 420px) {
  footer {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
