<script setup lang="ts">
import { computed, nextTick, onMounted, ref, watch } from 'vue';
import { RouterLink, useRoute } from 'vue-router';
import { findWords, type Word } from '@uisce/core/practice';
import { useGlossary } from '../household/use-glossary';
import { useSettings } from '../household/use-settings';
import DataTable from '../ui/DataTable.vue';
import { useWords } from '../words/use-words';

/** Every word with its meaning, where it means something else, and what shots and spoons hold by country. */
const settings = useSettings();
const route = useRoute();
const words = useWords();
const { glossary, words: all, load } = useGlossary();
onMounted(load);

const sought = ref('');
const shown = computed<readonly Word[]>(() =>
  glossary.value && sought.value.trim() !== '' ? findWords(glossary.value, sought.value) : all.value,
);
const byId = computed(() => new Map(all.value.map((w) => [w.id, w])));
const here = computed(() => (typeof route.query.word === 'string' ? route.query.word : ''));
watch(
  [here, all],
  async () => {
    if (here.value === '' || all.value.length === 0) return;
    sought.value = '';
    await nextTick();
    document.getElementById(`word-${here.value}`)?.scrollIntoView({ block: 'center' });
  },
  { immediate: true },
);
const countries = computed(() => new Intl.DisplayNames([settings.current.locale], { type: 'region' }));
const country = (code: string) => countries.value.of(code) ?? code;

const COLUMNS = [
  { key: 'what', title: 'Measure', names: true },
  { key: 'where', title: 'Where' },
  { key: 'ml', title: 'Holds', figures: true },
  { key: 'note', title: 'How it is' },
];
const measures = computed(() =>
  (glossary.value?.measures ?? []).map((m) => ({
    what: m.what,
    where: country(m.in),
    note: m.note,
    ml: m.ml.map((ml) => words.volume(ml)).join(' or '),
  })),
);
</script>

<template>
  <div class="two-columns">
    <section class="panel" aria-labelledby="words-title">
      <h2 id="words-title">Words</h2>
      <v-text-field v-model="sought" type="search" label="Find a word" autocomplete="off" />
      <p class="dim" role="status">{{ shown.length }} {{ shown.length === 1 ? 'word' : 'words' }}</p>
      <dl>
        <div v-for="w in shown" :id="`word-${w.id}`" :key="w.id" :class="{ here: w.id === here }">
          <dt>
            {{ w.word }}<small v-if="w.also.length > 0" class="dim"> · also {{ w.also.join(', ') }}</small>
          </dt>
          <dd>
            {{ w.says }}
            <span v-for="o in w.where" :key="o.in + o.says" class="where"
              ><strong>{{ country(o.in) }}</strong> {{ o.says }}</span
            >
            <span v-if="w.see.length > 0" class="dim"
              >See
              <template v-for="(id, i) in w.see" :key="id"
                ><template v-if="i > 0">, </template
                ><RouterLink :to="{ path: '/practice/words', query: { word: id } }">{{
                  byId.get(id)?.word ?? id
                }}</RouterLink></template
              >.</span
            >
          </dd>
        </div>
      </dl>
      <p v-if="glossary && shown.length === 0" class="dim">No word here answers to that.</p>
    </section>
    <section class="panel abroad" aria-labelledby="abroad-title">
      <h2 id="abroad-title">Shots and spoons abroad</h2>
      <DataTable
        caption="What shots and spoons hold by country"
        :columns="COLUMNS"
        :rows="measures"
        :row-key="(_, i) => i"
      />
    </section>
  </div>
</template>

<style scoped>
.abroad {
  position: sticky;
  inset-block-start: 12px;
}

@media (max-width: 900px) {
  .abroad {
    position: static;
  }
}

dl {
  margin: 0;
}

dl > div {
  padding: 8px 4px;
  border-bottom: 1px solid rgb(var(--v-theme-line));
}

dt {
  font-weight: 700;
}

dd {
  margin: 0;
}

.where {
  display: block;
  padding-inline-start: 14px;
}

.here {
  box-shadow: inset 3px 0 0 rgb(var(--v-theme-gorse));
  padding-inline-start: 12px;
}

a {
  color: inherit;
}

small {
  font-weight: 400;
}
</style>
