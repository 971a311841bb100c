<script setup lang="ts">
import { computed, onMounted, ref } from 'vue';
import DataTable from '../ui/DataTable.vue';
import FileField from '../ui/FileField.vue';
import { useWords } from '../words/use-words';
import { useBackups, WHY_WORDS } from './use-backups';

/** The household's data as files: made every day, kept a week of days and a year of months; any of them restored, and that undone. */
const words = useWords();
const { backups, notMade, busy, trouble, before, said, load, make, restore, takeBack, restoreFile, sealed } =
  useBackups();
onMounted(load);

const passphrase = ref('');
const LEAST = 8;
const COLUMNS = [
  { key: 'at', title: 'Made', names: true },
  { key: 'why', title: 'Why' },
  { key: 'size', title: 'Size', figures: true },
  { key: 'do', title: 'Take along, restore' },
];
const KB = 1024;
const rows = computed(() =>
  backups.value.map((b) => ({
    name: b.name,
    why: WHY_WORDS[b.why],
    at: words.moment(b.at),
    size: b.bytes < KB * KB ? `${Math.ceil(b.bytes / KB)} KB` : `${words.number(b.bytes / KB / KB)} MB`,
  })),
);
</script>

<template>
  <section class="panel" aria-labelledby="backups-title">
    <div class="panel-head">
      <h2 id="backups-title">
        Your data, kept safe <small class="dim">· a week of days, a year of months</small>
      </h2>
      <v-btn :disabled="busy" @click="make()">Make one now</v-btn>
    </div>
    <p v-if="trouble" class="rust" role="alert">{{ trouble }} Nothing was touched.</p>
    <p v-if="notMade" class="rust" role="alert">{{ notMade }}</p>
    <p v-if="said" role="status">
      {{ said }}
      <v-btn v-if="before" :disabled="busy" @click="takeBack()">Undo that</v-btn>
    </p>
    <DataTable caption="Backups" :columns="COLUMNS" :rows="rows" :row-key="(r) => r.name">
      <template #cell-do="{ row }">
        <span class="do">
          <a :href="`/api/backups/${row.name}`" download :aria-label="`Take along the one of ${row.at}`"
            >Take along</a
          >
          <button
            v-if="passphrase.length >= LEAST"
            type="button"
            class="plain-button link"
            :aria-label="`Take along sealed, the one of ${row.at}`"
            @click="sealed(row.name, passphrase)"
          >
            sealed
          </button>
          <v-btn :disabled="busy" :aria-label="`Restore the one of ${row.at}`" @click="restore(row.name)"
            >Restore</v-btn
          >
        </span>
      </template>
    </DataTable>
    <h3>From a file, or sealed</h3>
    <div class="field-row">
      <v-text-field
        v-model="passphrase"
        type="password"
        label="Passphrase, if sealed"
        autocomplete="off"
        maxlength="200"
      />
      <FileField
        label="A backup of Uisce"
        accept=".sqlite,.sealed"
        @choose="restoreFile($event, passphrase)"
      />
    </div>
    <p class="dim">
      A restore looks at the file whole first; what is there now is backed up, so that it can be taken back.
      Sealed files open with the passphrase alone: nobody can help whoever forgets it.
    </p>
  </section>
</template>

<style scoped>
.do {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: center;
}

a {
  display: inline-flex;
  align-items: center;
  min-height: 44px;
  color: inherit;
}

@media (max-width: 560px) {
  .field-row {
    grid-template-columns: minmax(0, 1fr);
  }
}

h3 {
  margin: 16px 0 8px;
  font-size: 1rem;
}
</style>
