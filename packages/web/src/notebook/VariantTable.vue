<script setup lang="ts">
import { computed } from 'vue';
import type { Recipe } from '@uisce/core/catalogue';
import { drinkProfile } from '@uisce/core/drink';
import { useTrade } from '../household/use-trade';
import { useWords } from '../words/use-words';

const props = defineProps<{ recipe: Recipe; variants: Recipe[] }>();

const trade = useTrade();
const words = useWords();

/** Every kind some variant pours, in the order of the drink that is open. */
const kinds = computed(() => [
  ...new Set([props.recipe, ...props.variants].flatMap((r) => r.slots.map((s) => s.kind))),
]);
const amount = (recipe: Recipe, kindId: string) => {
  const slot = recipe.slots.find((s) => s.kind === kindId);
  return slot ? words.amount(slot.amount) || '1' : '';
};
const strength = (recipe: Recipe) => words.percent(drinkProfile(recipe, trade.kinds).abv);
</script>

<template>
  <section aria-labelledby="variants-title">
    <h2 id="variants-title">
      Its schools side by side <small class="dim">· a plan counts them as one drink</small>
    </h2>
    <div class="scroll" tabindex="0" role="group" aria-label="Variants">
      <table>
        <thead>
          <tr>
            <td></td>
            <th v-for="v in variants" :key="v.id" scope="col" :class="{ mine: v.id === recipe.id }">
              <RouterLink :to="`/notebook/${v.id}`">{{ v.school ?? v.name }}</RouterLink>
            </th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="k in kinds" :key="k">
            <th scope="row">{{ trade.kindName(k) }}</th>
            <td v-for="v in variants" :key="v.id" :class="{ mine: v.id === recipe.id }">
              {{ amount(v, k) || '–' }}
            </td>
          </tr>
          <tr>
            <th scope="row">Strength</th>
            <td v-for="v in variants" :key="v.id" :class="{ mine: v.id === recipe.id }">{{ strength(v) }}</td>
          </tr>
        </tbody>
      </table>
    </div>
  </section>
</template>

<style scoped>
.scroll {
  overflow-x: auto;
}

table {
  border-collapse: collapse;
  min-width: 100%;
}

th,
td {
  padding: 6px 14px 6px 0;
  text-align: start;
  font-weight: 400;
  vertical-align: top;
  border-bottom: 1px solid rgb(var(--v-theme-line));
}

.mine {
  font-weight: 700;
}

a {
  color: inherit;
}
</style>
