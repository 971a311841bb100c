<script setup lang="ts" generic="Row">
import { computed, ref, useTemplateRef } from 'vue';
import { useResizeObserver } from '@vueuse/core';

/** A column: its heading, and how its cells stand. Figures stand under each other at the end. */
export interface Column {
  key: string;
  title: string;
  figures?: boolean;
  /** The cell that names its row. */
  names?: boolean;
  /** As narrow as what stands in it. */
  narrow?: boolean;
}

/** Figures in rows. A cell is its row's field of that name, or the slot `cell-<key>`; a heading may be the slot `head-<key>`. */
const props = defineProps<{
  caption: string;
  columns: readonly Column[];
  rows: readonly Row[];
  rowKey: (row: Row, index: number) => string | number;
  rowClass?: (row: Row) => string;
  /** Whether the headings are only read out. */
  bare?: boolean;
  /** Past so many pixels it scrolls by itself, under headings that stay. */
  most?: number;
}>();

const box = useTemplateRef<HTMLElement>('box');
const table = useTemplateRef<HTMLElement>('table');
const wider = ref(false);
useResizeObserver([box, table], () => {
  wider.value = !!box.value && box.value.scrollWidth > box.value.clientWidth;
});
/** What scrolls is reached by the keys too. */
const scrolls = computed(() => props.most !== undefined || wider.value);

const cell = (row: Row, key: string) => (row as Record<string, unknown>)[key];
const ofRow = (row: Row) => props.rowClass?.(row) ?? '';
</script>

<template>
  <div
    ref="box"
    class="scroll"
    :class="{ tall: most }"
    :style="most ? { maxHeight: `${most}px` } : {}"
    :tabindex="scrolls ? 0 : undefined"
    :role="scrolls ? 'region' : undefined"
    :aria-label="scrolls ? caption : undefined"
  >
    <table ref="table">
      <caption class="sr-only">
        {{
          caption
        }}
      </caption>
      <thead :class="{ 'sr-only': bare }">
        <tr>
          <th v-for="c in columns" :key="c.key" scope="col" :class="{ figures: c.figures, narrow: c.narrow }">
            <slot :name="`head-${c.key}`">{{ c.title }}</slot>
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(row, i) in rows" :key="rowKey(row, i)" :class="ofRow(row)">
          <component
            :is="c.names ? 'th' : 'td'"
            v-for="c in columns"
            :key="c.key"
            :scope="c.names ? 'row' : undefined"
            :class="{ figures: c.figures, narrow: c.narrow }"
          >
            <slot :name="`cell-${c.key}`" :row="row">{{ cell(row, c.key) }}</slot>
          </component>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.scroll {
  max-width: 100%;
  overflow-x: auto;
}

.tall {
  overflow: auto;
}

.tall thead th {
  position: sticky;
  top: 0;
  background: rgb(var(--v-theme-panel));
}

table {
  width: 100%;
  border-collapse: collapse;
  font-size: 0.9375rem;
}

th,
td {
  padding: 5px 12px 5px 0;
  text-align: start;
  font-weight: inherit;
  vertical-align: baseline;
  border-bottom: 1px solid rgb(var(--v-theme-line));
}

thead th {
  font-weight: 700;
}

.figures {
  text-align: end;
}

td.figures {
  white-space: nowrap;
}

.narrow {
  width: 1%;
  white-space: nowrap;
}

th:last-child,
td:last-child {
  padding-inline-end: 0;
}

.best {
  font-weight: 700;
}

.past {
  color: rgb(var(--v-theme-dim));
}
</style>
