<script setup lang="ts">
import { upperFirst } from '@uisce/core/base';
import { computed } from 'vue';
import { saveFile } from '../ui/save-file';
import DataTable from '../ui/DataTable.vue';
import FileField from '../ui/FileField.vue';
import SelectField from '../ui/SelectField.vue';
import { listed } from '../words/use-words';
import { useWhole, type ImportChoice } from './use-whole';

/** All that is kept, out as open files and in again. */
const whole = useWhole();
const COLUMNS = [
  { key: 'noun', title: 'What', names: true },
  { key: 'isNew', title: 'New', figures: true },
  { key: 'same', title: 'Same', figures: true },
  { key: 'different', title: 'Otherwise', figures: true },
  { key: 'choice', title: 'Take' },
];
const CHOICES: { value: ImportChoice; title: string }[] = [
  { value: 'new', title: 'What is new' },
  { value: 'all', title: 'New, and theirs' },
  { value: 'leave', title: 'Nothing' },
];
const rows = computed(() => (whole.compared.value ?? []).map((c) => ({ ...c, noun: upperFirst(c.noun) })));
async function take(path: string, name: string, type: string): Promise<void> {
  const answer = await fetch(path).catch(() => undefined);
  if (answer?.ok) saveFile(name, type, new Uint8Array(await answer.arrayBuffer()));
  else whole.trouble.value = 'The server does not answer.';
}
</script>

<template>
  <section class="panel" aria-labelledby="whole-title">
    <h2 id="whole-title">Everything, out and in</h2>
    <p class="dim">
      All you keep as one open file, which comes in again as it was, here or in another household; or as
      tables for a spreadsheet. Its <a href="/api/household.schema.json">schema</a> is published.
    </p>
    <div class="buttons">
      <v-btn @click="take('/api/household.json', 'uisce-household.json', 'application/json')"
        >Everything (JSON)</v-btn
      >
      <v-btn @click="take('/api/household.zip', 'uisce-tables.zip', 'application/zip')">Tables (CSV)</v-btn>
    </div>
    <FileField label="A household’s file, to bring in" accept=".json" @choose="whole.look($event)" />
    <p v-if="whole.trouble.value" class="rust" role="alert">{{ whole.trouble.value }} Nothing was touched.</p>
    <p v-if="whole.said.value" role="status">
      {{ whole.said.value }}
      <v-btn v-if="whole.before.value" :disabled="whole.busy.value" @click="whole.takeBack()"
        >Undo that</v-btn
      >
    </p>
    <template v-if="whole.compared.value">
      <DataTable
        caption="How the file stands to what is here"
        :columns="COLUMNS"
        :rows="rows"
        :row-key="(r) => r.thing"
      >
        <template #cell-noun="{ row }"
          >{{ row.noun
          }}<span v-if="row.names.length > 0" class="dim names">{{ listed(row.names) }}</span></template
        >
        <template #cell-choice="{ row }">
          <SelectField
            :label="`Of ${row.noun} take`"
            :value="whole.choices.value[row.thing] ?? 'new'"
            :choices="CHOICES"
            bare
            @choose="whole.choices.value = { ...whole.choices.value, [row.thing]: $event }"
          />
        </template>
      </DataTable>
      <div class="buttons">
        <v-btn color="sea" :disabled="whole.busy.value" @click="whole.bring()">Bring it in</v-btn>
        <v-btn @click="whole.leave()">Cancel</v-btn>
      </div>
    </template>
  </section>
</template>

<style scoped>
.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  margin-bottom: 12px;
}

a {
  color: inherit;
}

.names {
  display: block;
  font-size: 0.875rem;
}
</style>
