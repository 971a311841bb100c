<script setup lang="ts">
import { useCurve } from '../../solver/use-curve';
import { useWords } from '../../words/use-words';

const curve = useCurve();
const words = useWords();
</script>

<template>
  <div class="scroll" tabindex="0" role="region" aria-label="The waterline as a table">
    <table>
      <thead>
        <tr>
          <th scope="col">From</th>
          <th scope="col">Drinks</th>
          <th scope="col">Worth</th>
          <th scope="col">How sure</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="point in curve.points" :key="point.spend">
          <td>{{ words.price(point.spend) }}</td>
          <td>{{ point.open }}</td>
          <td>{{ words.number(point.value, 2) }}</td>
          <td>{{ point.proven ? 'proven best' : 'a good set' }}</td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.scroll {
  height: 232px;
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
  border-bottom: 1px solid rgb(var(--v-theme-line));
}

th {
  position: sticky;
  top: 0;
  background: rgb(var(--v-theme-card));
}
</style>
