<script setup lang="ts">
import { computed } from 'vue';
import { useWords } from '../words/use-words';
import { useOwnership } from './use-ownership';
import { useWall } from './use-wall';
import DataTable from '../ui/DataTable.vue';
import CheckField from '../ui/CheckField.vue';

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
      adds: closes > 0 ? String(closes) : '',
      kitchen: false,
    })),
    ...rail.things.map(({ thing, owned, serves }) => ({
      id: thing.id,
      name: thing.name,
      rail: rail.name,
      owned,
      state: owned ? (serves ? 'kitchen’s, stands in' : 'kitchen’s') : 'from a kitchen',
      price: '',
      adds: '',
      kitchen: true,
    })),
  ]),
);

const COLUMNS = [
  { key: 'owned', title: 'Yours' },
  { key: 'name', title: 'Thing' },
  { key: 'rail', title: 'For' },
  { key: 'state', title: 'State' },
  { key: 'price', title: 'Price', figures: true },
  { key: 'adds', title: 'Adds', figures: true },
];
</script>

<template>
  <DataTable
    caption="Tools and the kitchen’s things"
    :columns="COLUMNS"
    :rows="rows"
    :row-key="(row) => row.id"
  >
    <template #cell-owned="{ row }">
      <CheckField
        hide-label
        :model-value="row.owned"
        :label="`${row.name} is yours`"
        @update:model-value="row.kitchen ? toggleThing(row.id) : toggleTool(row.id)"
      />
    </template>
    <template #cell-rail="{ row }"
      ><span class="dim">{{ row.rail }}</span></template
    >
    <template #cell-state="{ row }"
      ><span :class="{ copper: row.state === 'worth buying' }">{{ row.state }}</span></template
    >
  </DataTable>
</template>
