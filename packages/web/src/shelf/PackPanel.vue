<script setup lang="ts">
import { computed, ref } from 'vue';
import { upperFirst } from '@uisce/core/base';
import { useCatalogue } from '../household/use-catalogue';
import { usePacks } from '../household/use-packs';
import NumberField from '../ui/NumberField.vue';
import { useBatchWords } from '../words/batch-words';

/** Sugar, honey, nuts and the like by weight: what is made on the bench is taken out of it. */
const packs = usePacks();
const catalogue = useCatalogue();
const { grams } = useBatchWords();

const rows = computed(() =>
  packs.there
    .map((pack) => ({
      pack,
      name: catalogue.pantryName(pack.pantry),
      share: pack.leftG / pack.sizeG,
    }))
    .sort((a, b) => a.name.localeCompare(b.name)),
);
/** What a household makes things of; water comes from the tap. */
const choices = computed(() =>
  catalogue.all.pantry
    .filter((p) => p.water < 1)
    .map((p) => ({ value: p.id, title: upperFirst(p.name) }))
    .sort((a, b) => a.title.localeCompare(b.title)),
);
const pantry = ref<string | null>(null);
const USUAL_G = 500;
const g = ref(USUAL_G);
function add(): void {
  if (pantry.value === null) return;
  packs.add(pantry.value, g.value);
  pantry.value = null;
  g.value = USUAL_G;
}
</script>

<template>
  <section class="panel" aria-labelledby="packs-title">
    <h2 id="packs-title">
      In packs <small class="dim">· by weight; what you make is taken out of them</small>
    </h2>
    <ul v-if="rows.length > 0" class="plain-list">
      <li v-for="{ pack, name, share } in rows" :key="pack.id">
        <span class="what">
          <strong>{{ upperFirst(name) }}</strong>
          <small class="dim">of {{ grams(pack.sizeG) }}</small>
          <span class="level" aria-hidden="true"><span :style="{ width: `${share * 100}%` }" /></span>
        </span>
        <NumberField
          :label="`Left of ${name}`"
          suffix="g"
          :value="pack.leftG"
          :least="0"
          :most="50000"
          @change="packs.weigh(pack, $event ?? pack.leftG)"
        />
      </li>
    </ul>
    <div class="add">
      <v-autocomplete v-model="pantry" :items="choices" label="Something in a pack" clearable />
      <NumberField
        label="Weight"
        suffix="g"
        :value="g"
        :least="1"
        :most="50000"
        @change="g = $event ?? USUAL_G"
      />
      <v-btn :disabled="pantry === null" @click="add">Put it there</v-btn>
    </div>
  </section>
</template>

<style scoped>
li,
.add {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 150px;
  gap: 10px 14px;
  align-items: center;
  padding: 6px 0;
}

li {
  border-bottom: 1px solid rgb(var(--v-theme-line));
}

.add {
  margin-top: 8px;
}

/* What it is may be long. */
.add > :first-child {
  grid-column: 1 / -1;
}

.what {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 2px 8px;
  align-items: baseline;
}

.level {
  grid-column: 1 / -1;
  height: 6px;
  background: rgb(var(--v-theme-line));
  border-radius: var(--radius);
}

.level > span {
  display: block;
  height: 100%;
  background: rgb(var(--v-theme-copper));
  border-radius: var(--radius);
}
</style>
