<script setup lang="ts">
import { computed } from 'vue';
import { shopsOf } from '@uisce/core/errand';
import { useErrands } from '../household/use-errands';
import { usePlans } from '../household/use-plans';
import { useStock } from '../household/use-stock';
import { useCatalogue } from '../household/use-catalogue';
import CautionLine from '../ui/CautionLine.vue';
import { useWords } from '../words/use-words';
import BeforeErrand from './BeforeErrand.vue';
import PaperStrip from './PaperStrip.vue';
import PastErrands from './PastErrands.vue';
import KittyPanel from './KittyPanel.vue';
import ShopsPanel from './ShopsPanel.vue';
import SwapPanel from './SwapPanel.vue';
import { useErrand } from './use-errand';

const errands = useErrands();
const plans = usePlans();
const stock = useStock();
const catalogue = useCatalogue();
const words = useWords();
const { lines, baskets } = useErrand();

const shops = computed(() => shopsOf({ lines: lines.value }));
/** Litres of liquor at home, now and once all of this stands there. */
const litres = computed(() => {
  const strong = (kind: string) => (catalogue.kinds.get(kind)?.abv ?? 0) > 0;
  const now = stock.standing.reduce((sum, b) => sum + (strong(b.kind) ? (b.leftMl ?? 0) : 0), 0);
  const more = lines.value.reduce(
    (sum, { ware, count, state }) =>
      sum +
      (ware.is === 'bottle' && strong(ware.kind) && (state === 'wanted' || state === 'basket')
        ? count * ware.ml
        : 0),
    0,
  );
  return { now: now / 1000, after: (now + more) / 1000 };
});
const limit = computed(() => plans.brief?.limits.liquorMl ?? null);
</script>

<template>
  <div class="stack">
    <BeforeErrand v-if="!errands.open" />
    <SwapPanel v-else />
    <div class="two-columns">
      <div class="strips">
        <PaperStrip v-for="shop in shops" :key="shop" :shop="shop" :on-way="errands.open !== undefined" />
      </div>
      <div class="stack">
        <section v-if="errands.open" class="panel" aria-labelledby="away-title">
          <h2 id="away-title">
            Home again
            <small class="dim"
              >· bottles on the Shelf, tools in the Kit, what was paid out of the kitty</small
            >
          </h2>
          <div class="buttons">
            <v-btn
              color="sea"
              variant="flat"
              size="large"
              :disabled="(baskets?.whole.things ?? 0) === 0"
              @click="errands.finish()"
              >Put it away</v-btn
            >
            <v-btn @click="errands.giveUp()">Cancel it</v-btn>
            <span class="dim">One undo takes it all back.</span>
          </div>
        </section>
        <ShopsPanel v-if="!errands.open" />
        <KittyPanel />
        <PastErrands />
      </div>
    </div>
    <CautionLine>
      {{ words.number(litres.now) }} litres of liquor at home now, {{ words.number(litres.after) }} after this
      errand<template v-if="limit !== null">; you allow {{ words.number(limit / 1000) }}</template
      >. What one may buy, carry and keep differs by place and age: ask your local authority.
    </CautionLine>
  </div>
</template>

<style scoped>
.strips {
  display: grid;
  gap: 22px;
}

.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 16px;
  align-items: center;
}
</style>
