<script setup lang="ts">
import { computed } from 'vue';
import { useWords } from '../words/use-words';
import { useOwnership } from './use-ownership';
import { useWall } from './use-wall';

/** The wall as a table. */
const words = useWords();
const { rails } = useWall();
const { toggleTool, toggleThing } = useOwnership();

const STATE = { owned: 'yours', buy: 'worth buying', spare: 'not needed' } as const;

const rows = computed(() =>
  rails.value.flatMap((rail) => [
    ...rail.tools.map(({ tool, state, priceMinor, closes }) => ({
      id: tool.id,
      name: tool.name,
      rail: rail.name,
      owned: state === 'owned',
      state: STATE[state],
      price: priceMinor === undefined ? '' : words.price(priceMinor),
      opens: closes > 0 ? String(closes) : '',
      kitchen: false,
    })),
    ...rail.things.map(({ thing, owned, serves }) => ({
      id: thing.id,
      name: thing.name,
      rail: rail.name,
      owned,
      state: owned ? (serves ? 'kitchen’s, stands in' : 'kitchen’s') : 'from a kitchen',
      price: '',
      opens: '',
      kitchen: true,
    })),
  ]),
);
</script>

<template>
  <div class="scroll">
    <table>
      <caption class="sr-only">
        Tools and the kitchen’s things
      </caption>
      <thead>
        <tr>
          <th scope="col">Yours</th>
          <th scope="col">Thing</th>
          <th scope="col">For</th>
          <th scope="col">State</th>
          <th scope="col" class="number">Price</th>
          <th scope="col" class="number">Opens</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.id">
          <td>
            <label class="tick"
              ><input
                type="checkbox"
                :checked="row.owned"
                :aria-label="`${row.name} is yours`"
                @change="row.kitchen ? toggleThing(row.id) : toggleTool(row.id)"
            /></label>
          </td>
          <td>{{ row.name }}</td>
          <td class="dim">{{ row.rail }}</td>
          <td :class="{ copper: row.state === 'worth buying' }">{{ row.state }}</td>
          <td class="number">{{ row.price }}</td>
          <td class="number">{{ row.opens }}</td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.scroll {
  overflow-x: auto;
}

table {
  width: 100%;
  border-collapse: collapse;
}

th,
td {
  padding: 2px 8px 2px 0;
  text-align: start;
  border-bottom: 1px solid rgb(var(--v-theme-line));
}

.number {
  text-align: end;
  white-space: nowrap;
}

.tick {
  display: inline-flex;
  align-items: center;
  min-width: 44px;
  min-height: 40px;
}

.tick input {
  width: 20px;
  height: 20px;
  accent-color: rgb(var(--v-theme-sea));
}
</style>
