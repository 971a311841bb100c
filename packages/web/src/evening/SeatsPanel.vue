<script setup lang="ts">
import { computed } from 'vue';
import type { Seat } from '@uisce/core/evening';
import DataTable from '../ui/DataTable.vue';
import { useEvening } from './use-evening';

/** Who finds what. */
const { evening, plan } = useEvening();
const SAYS = { finds: '●', may: '·', not: '✕' } as const;
const READ = { finds: 'finds it', may: 'may have it', not: 'cannot have it' } as const;
const columns = computed(() => [
  { key: 'name', title: 'Seat', names: true },
  ...(plan.value?.drinks ?? []).map((d) => ({ key: d.id, title: d.name })),
]);
const rows = computed(() =>
  (evening.value?.guests ?? []).map((g, i) => ({
    id: g.id,
    name: `${g.name}${g.drives ? ', driving' : g.noAlcohol ? ', no alcohol' : ''}`,
    ...Object.fromEntries((plan.value?.drinks ?? []).map((d) => [d.id, d.seats[i] ?? 'may'])),
  })),
);
const seatOf = (row: object, drink: string) => ((row as Record<string, unknown>)[drink] ?? 'may') as Seat;
</script>

<template>
  <section class="panel" aria-labelledby="seats-title">
    <h2 id="seats-title">
      Seats <small class="dim">· who finds what: ● likes it, · may have it, ✕ cannot</small>
    </h2>
    <DataTable caption="Who finds what" :columns="columns" :rows="rows" :row-key="(r) => r.id">
      <template v-for="d in plan?.drinks ?? []" :key="d.id" #[`cell-${d.id}`]="{ row }">
        <span :class="seatOf(row, d.id)">
          <span aria-hidden="true">{{ SAYS[seatOf(row, d.id)] }}</span>
          <span class="sr-only">{{ READ[seatOf(row, d.id)] }}</span>
        </span>
      </template>
    </DataTable>
    <p v-if="plan && plan.pours.without.length > 0" class="rust">
      Nothing on it for {{ plan.pours.without.join(', ') }}.
    </p>
  </section>
</template>

<style scoped>
.finds {
  color: rgb(var(--v-theme-sea));
}

.not {
  color: rgb(var(--v-theme-rust));
}
</style>
