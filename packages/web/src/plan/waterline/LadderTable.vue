<script setup lang="ts">
import { useWords } from '../../words/use-words';
import type { MonthRung } from '@uisce/core/plan';
import DrinkNames from '../../ui/DrinkNames.vue';
import ItemNames from '../ItemNames.vue';

defineProps<{ rungs: readonly MonthRung[] }>();
const words = useWords();
</script>

<template>
  <div class="scroll" tabindex="0" role="region" aria-label="What to buy each month">
    <table>
      <thead>
        <tr>
          <th scope="col">Month</th>
          <th scope="col">Money so far</th>
          <th scope="col" class="buy">Buy</th>
          <th scope="col">Opens</th>
          <th scope="col">In reach</th>
          <th scope="col">Best at once</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(rung, t) in rungs" :key="t">
          <td>{{ t === 0 ? 'now' : t }}</td>
          <td>{{ words.price(rung.budget) }}</td>
          <td class="buy">
            <ItemNames v-if="rung.bought.length > 0" :ids="rung.bought" /><template v-else
              >nothing: save</template
            >
          </td>
          <td><DrinkNames :ids="rung.opened" /></td>
          <td>{{ rung.open }}</td>
          <td>{{ rung.bestOpen }}</td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.scroll {
  max-height: 320px;
  overflow: auto;
}

table {
  width: 100%;
  border-collapse: collapse;
  font-size: 0.9375rem;
}

th,
td {
  padding: 5px 8px;
  text-align: end;
  vertical-align: top;
  border-bottom: 1px solid rgb(var(--v-theme-line));
}

th.buy,
td.buy {
  text-align: start;
}

th {
  position: sticky;
  top: 0;
  background: rgb(var(--v-theme-card));
}
</style>
