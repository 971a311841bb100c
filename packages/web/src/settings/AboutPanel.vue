<script setup lang="ts">
import { useFetch } from '@vueuse/core';
import { computed, ref } from 'vue';
import { z } from 'zod';
import DataTable from '../ui/DataTable.vue';
import { count } from '../words/use-words';

/** Which release this is, how its server is, and under which terms everything in it comes. */
const version = __VERSION__;
const licenceSchema = z.array(
  z.object({ name: z.string(), version: z.string(), licence: z.string(), text: z.string() }),
);
const { data } = useFetch('/licences.json').json<unknown>();
const licences = computed(() => licenceSchema.safeParse(data.value).data ?? []);
const { data: health } = useFetch('/api/health').json<{
  version: string;
  database: { migration: string; bytes: number; unreadable: number };
}>();
const MB = 1024 * 1024;
const COLUMNS = [
  { key: 'name', title: 'Package', names: true },
  { key: 'version', title: 'Version' },
  { key: 'licence', title: 'Terms' },
];
const opened = ref<string>();
const text = computed(() => licences.value.find((l) => l.name === opened.value)?.text ?? '');
</script>

<template>
  <section class="panel" aria-labelledby="about-title">
    <h2 id="about-title">About</h2>
    <p>
      Your data is on your own machine; nothing is sent anywhere.<template
        v-if="health && health.version !== version"
      >
        These pages are of release {{ version }}, the server is of {{ health.version }}: take the new pages
        over.</template
      >
    </p>
    <p v-if="health" class="dim">
      Its database has {{ (health.database.bytes / MB).toFixed(1) }} MB<template
        v-if="health.database.unreadable > 0"
        >; {{ count(health.database.unreadable, 'thing') }} in it this release cannot read</template
      >.
    </p>
    <h3>
      Terms of what is in it <small class="dim">· {{ count(licences.length, 'package') }}</small>
    </h3>
    <DataTable
      caption="Packages and their terms"
      :columns="COLUMNS"
      :rows="licences"
      :row-key="(l, i) => `${l.name} ${i}`"
      :most="360"
    >
      <template #cell-name="{ row }">
        <button
          v-if="row.text"
          type="button"
          class="plain-button link"
          :aria-expanded="opened === row.name"
          @click="opened = opened === row.name ? undefined : row.name"
        >
          {{ row.name }}
        </button>
        <template v-else>{{ row.name }}</template>
      </template>
    </DataTable>
    <pre v-if="text" tabindex="0" aria-label="The words of its terms">{{ text }}</pre>
  </section>
</template>

<style scoped>
h3 {
  margin: 16px 0 8px;
  font-size: 1rem;
}

pre {
  max-height: 300px;
  overflow: auto;
  white-space: pre-wrap;
  font-size: 0.875rem;
}
</style>
