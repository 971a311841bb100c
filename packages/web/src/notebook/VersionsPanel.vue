<script setup lang="ts">
import { computed, ref } from 'vue';
import { RouterLink, useRouter } from 'vue-router';
import type { Recipe } from '@uisce/core/catalogue';
import CollectionRow from './CollectionRow.vue';
import VersionList from './VersionList.vue';
import VersionsTable from './VersionsTable.vue';
import { useNotebook } from '../household/use-notebook';
import CheckField from '../ui/CheckField.vue';
import { count } from '../words/use-words';

/** What the household made of a drink: its versions, where it comes from, its tags, the collections it is in. */
const props = defineProps<{ recipe: Recipe }>();
const notebook = useNotebook();
const router = useRouter();

const own = computed(() => notebook.ownOf(props.recipe.id));
const beside = ref(false);
/** A house spec has the printed one to stand beside. */
const comparable = computed(
  () => (own.value?.versions.length ?? 0) + (own.value?.houseSpecOf === null ? 0 : 1) > 1,
);
const typed = (event: Event) => (event.target as HTMLInputElement).value;
function tag(text: string): void {
  const tags = text
    .split(',')
    .map((t) => t.trim().slice(0, 40))
    .filter(Boolean);
  if (own.value) notebook.edit(own.value, 'Tags', { tags: [...new Set(tags)].slice(0, 20) });
}
async function crossOut(): Promise<void> {
  const drink = own.value;
  if (!drink) return;
  notebook.remove(drink);
  await router.push(drink.houseSpecOf ? `/notebook/${drink.houseSpecOf}` : '/notebook');
}
</script>

<template>
  <section class="versions no-print" aria-labelledby="versions-title">
    <template v-if="own">
      <div class="panel-head">
        <h2 id="versions-title">
          {{ own.houseSpecOf ? 'The house’s own spec' : 'Written here' }}
          <small class="dim">· {{ count(own.versions.length, 'version') }}</small>
        </h2>
        <CheckField v-if="comparable" v-model="beside" label="Side by side" />
      </div>
      <VersionsTable v-if="beside && comparable" :drink="own" />
      <VersionList v-slot="{ row }" :drink="own">
        <span v-if="row.isCurrent" class="sea">poured now</span>
        <v-btn
          v-else
          :aria-label="`Pour version ${row.i + 1} again`"
          @click="own && notebook.choose(own, row.i)"
          >Pour this one</v-btn
        >
      </VersionList>
    </template>
    <h2 v-else id="versions-title">As you make it</h2>
    <div v-if="own" class="field-row about">
      <v-text-field
        label="Where it comes from"
        maxlength="200"
        :model-value="own.from"
        @change="own && notebook.edit(own, 'Where it comes from', { from: typed($event) })"
      />
      <v-text-field
        label="Tags, with commas between"
        maxlength="400"
        :model-value="own.tags.join(', ')"
        @change="tag(typed($event))"
      />
      <v-text-field
        class="wide"
        label="Notes"
        maxlength="2000"
        :model-value="own.notes"
        @change="own && notebook.edit(own, 'Notes on a drink', { notes: typed($event) })"
      />
    </div>
    <CollectionRow :drink="recipe.id" :name="recipe.name" />
    <p class="buttons">
      <RouterLink :to="`/notebook/write/${recipe.id}`">{{
        own ? 'Write another version' : 'Write the house’s own spec'
      }}</RouterLink>
      <button v-if="own" class="plain-button link" type="button" @click="crossOut">
        {{ own.houseSpecOf ? 'Back to the spec as it was printed' : 'Cross it out' }}
      </button>
    </p>
  </section>
</template>

<style scoped>
.sea {
  flex: none;
  color: rgb(var(--v-theme-sea));
}

.about {
  margin-top: 12px;
}

.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 20px;
  align-items: center;
}

.buttons a {
  color: inherit;
}
</style>
