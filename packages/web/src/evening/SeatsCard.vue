<script setup lang="ts">
import { computed } from 'vue';
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
</script>

<template>
  <section class="card" aria-labelledby="seats-title">
    <h2 id="seats-title">Seats <small class="dim">· who finds what: ● likes it, · may have it, ✕ cannot</small></h2>
    <DataTable caption="Who finds what" :columns="columns" :rows="rows" :row-key="(r) => r.id">
      <template v-for="d in plan?.drinks ?? []" :key="d.id" #[`cell-${d.id}`]="{ row }">
        <span :class="(row as Record<string, string>)[d.id]"
          ><span aria-hidden="true">{{ SAYS[(row as Record<string, keyof typeof SAYS>)[d.id] ?? 'may'] }}</span
          ><span class="sr-only">{{ READ[(row as Record<string, keyof typeof READ>)[d.id] ?? 'may'] }}</span></span
        >
      </template>
    </DataTable>
    <p v-if="plan && plan.pours.without.length > 0" class="rust">Nothing on it for {{ plan.pours.without.join(', ') }}.</p>
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
