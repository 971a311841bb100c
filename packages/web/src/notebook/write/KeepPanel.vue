<script setup lang="ts">
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import { useNotebook } from '../../household/use-notebook';
import { useCatalogue } from '../../household/use-catalogue';
import { count } from '../../words/use-words';
import { OWN_DRINKS, useIndex } from '../use-index';
import { useWriting } from './use-writing';

/** What was written is kept: as a drink of one's own, as the house's spec of a shipped one, or as another version. */
const notebook = useNotebook();
const router = useRouter();
const { wanted } = useIndex();
const catalogue = useCatalogue();
const { recipe, recipes, open, of, chosen, clear, judged, allSettled, readNow } = useWriting();

const why = ref('');
const own = computed(() => (of.value === undefined ? undefined : notebook.ownOf(of.value)));
/** A shipped drink that is written on becomes the house's spec of it. */
const shipped = computed(() =>
  of.value !== undefined && own.value === undefined ? catalogue.recipes.get(of.value) : undefined,
);
const twin = computed(() => catalogue.recipes.get(judged.value?.twins[0]?.id ?? ''));
const name = computed({
  get: () => recipe.value?.name ?? '',
  set: (text: string) => (chosen.value = { ...chosen.value, name: text.slice(0, 80) || 'Without a name' }),
});
async function keep(houseSpecOf: string | null): Promise<void> {
  readNow();
  if (open.value.length > 0) return;
  const written = recipe.value;
  if (!written) return;
  let id: string;
  if (own.value) {
    notebook.rewrite(own.value, written, why.value);
    id = own.value.houseSpecOf ?? own.value.id;
  } else id = notebook.write(written, why.value, houseSpecOf);
  clear();
  why.value = '';
  await router.push(`/notebook/${id}`);
}
/** A page of recipes, each a drink of its own. */
async function keepAll(): Promise<void> {
  readNow();
  notebook.writeAll(allSettled.value ?? [], why.value);
  clear();
  why.value = '';
  wanted.collection = OWN_DRINKS;
  await router.push('/notebook');
}
</script>

<template>
  <section class="panel" aria-labelledby="keep-title">
    <h2 id="keep-title">Save it</h2>
    <div class="field-row">
      <v-text-field v-model="name" label="Name" maxlength="80" />
      <v-text-field v-model="why" label="Why so? (for the versions)" maxlength="300" />
    </div>
    <p v-if="open.length > 0" class="rust">Settle {{ count(open.length, 'line') }} first.</p>
    <div class="buttons">
      <v-btn v-if="own" color="sea" :disabled="open.length > 0" @click="keep(null)"
        >Save as another version</v-btn
      >
      <v-btn v-else-if="shipped" color="sea" :disabled="open.length > 0" @click="keep(shipped.id)"
        >Save as our {{ shipped.name }}</v-btn
      >
      <template v-else>
        <v-btn v-if="recipes.length > 1" :disabled="!allSettled" @click="keepAll"
          >Save all {{ recipes.length }}</v-btn
        >
        <v-btn color="sea" :disabled="open.length > 0" @click="keep(null)">Save as our own drink</v-btn>
        <v-btn v-if="twin" :disabled="open.length > 0" @click="keep(twin.id)"
          >Save as our {{ twin.name }}</v-btn
        >
      </template>
    </div>
  </section>
</template>

<style scoped></style>
