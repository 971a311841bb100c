<script setup lang="ts">
import { computed } from 'vue';
import { formatMoney } from '@uisce/core/base';
import { keptNamed } from '@uisce/core/kept';
import type { Conflict } from '../kept/outbox';
import { useKeeper } from '../kept/use-keeper';
import { useSettings } from '../household/use-settings';
import { fieldDifferences, type SayMoney } from '../words/differences';
import { useWords } from '../words/use-words';
import DataTable from '../ui/DataTable.vue';

/** Somebody else was first: what they made of it, what is here, and the choice. Nothing is overwritten before it is made. */
const keeper = useKeeper();
const settings = useSettings();
const words = useWords();

const MAX_DIFFERENCES = 6;
const say: SayMoney = (minor, currency = words.currency()) =>
  formatMoney(minor, currency, settings.current.locale, { exact: true });

function shownOf(conflict: Conflict) {
  const [first] = conflict.theirs;
  const kept = keptNamed(first?.thing ?? '');
  const mine = conflict.mine.writes.find((w) => w.thing === first?.thing && w.id === first.id)?.value ?? null;
  const theirs = first?.value ?? null;
  const value = mine ?? theirs;
  const name = value === null ? undefined : kept?.title?.(value);
  const rows = fieldDifferences(mine, theirs, say);
  const { by: who = '', change: what = '', at } = first ?? {};
  return {
    conflict,
    id: conflict.mine.id,
    title: name ?? `the ${kept?.noun ?? 'thing'}`,
    gone: theirs === null,
    removed: mine === null,
    who,
    what,
    when: at ? words.time(at) : '',
    rows: rows.slice(0, MAX_DIFFERENCES),
    more: Math.max(0, rows.length - MAX_DIFFERENCES),
  };
}
const shown = computed(() => keeper.conflicts.map(shownOf));

const settle = (conflict: Conflict, choice: 'mine' | 'theirs') => void keeper.settle(conflict, choice);

const COLUMNS = [
  { key: 'what', title: 'what', names: true },
  { key: 'mine', title: 'yours' },
  { key: 'theirs', title: 'theirs, as stored now' },
];
</script>

<template>
  <section
    v-for="c in shown"
    :key="c.id"
    class="panel conflict"
    role="alert"
    :aria-label="`Changed twice: ${c.title}`"
  >
    <h2>
      Changed twice: {{ c.title }}
      <small class="dim">
        · {{ c.gone ? 'removed' : 'changed' }} by {{ c.who || 'somebody' }}
        <template v-if="c.what">(“{{ c.what }}”)</template> {{ c.when }}, while this page made it
        otherwise</small
      >
    </h2>
    <DataTable
      v-if="!c.gone && !c.removed && c.rows.length > 0"
      caption="What differs"
      :columns="COLUMNS"
      :rows="c.rows"
      :row-key="(row) => row.what"
    />
    <p v-if="c.more > 0" class="dim">and {{ c.more }} more</p>
    <p v-if="c.gone">They removed it; yours is still here.</p>
    <p v-if="c.removed">You removed it; they have changed it since.</p>
    <div class="acts">
      <v-btn @click="settle(c.conflict, 'mine')">Keep yours</v-btn>
      <v-btn @click="settle(c.conflict, 'theirs')">Take theirs</v-btn>
      <span class="dim">Keep yours, and undo brings theirs back; take theirs, and yours is gone.</span>
    </div>
  </section>
</template>

<style scoped>
.conflict {
  margin-bottom: 14px;
  border-color: rgb(var(--v-theme-rust));
}

.acts {
  margin-top: 10px;
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
}
</style>
