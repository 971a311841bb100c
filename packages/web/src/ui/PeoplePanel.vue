<script setup lang="ts">
import { computed, ref } from 'vue';
import { standardDrink } from '@uisce/core/drink';
import type { Person } from '@uisce/core/household';
import { eveningSoFar } from '@uisce/core/pouring';
import { useCatalogue } from '../household/use-catalogue';
import { useLog } from '../household/use-log';
import { useSettings } from '../household/use-settings';
import AppDialog from './AppDialog.vue';
import CannotFields from './CannotFields.vue';
import NumberField from './NumberField.vue';
import { ALLERGEN_WORDS } from '../words/trade-words';
import { count, listed, useWords } from '../words/use-words';

/** Who drinks here, what they cannot have, and their evening so far. */
const settings = useSettings();
const log = useLog();
const catalogue = useCatalogue();
const words = useWords();

const standard = computed(() => standardDrink(settings.current.locale));
const soFar = computed(() =>
  eveningSoFar(
    log.pours,
    log.evening(),
    standard.value,
    (name) => log.people.find((p) => p.name === name)?.limit ?? null,
  ),
);
const calm = computed(() =>
  soFar.value.map((s) => {
    const had = `${words.number(s.standard)} ${s.standard === 1 ? standard.value.word[0] : standard.value.word[1]}`;
    const of = s.limit === null ? '' : ` of the ${words.number(s.limit)} set for an evening`;
    const water = s.past
      ? '; that is the limit they set: water now'
      : s.glasses >= 1
        ? '; water between'
        : '';
    return {
      name: s.name,
      text: `${count(Math.round(s.glasses * 10) / 10, 'glass', 'glasses')}, ${had}${of}${water}.`,
    };
  }),
);

const open = ref(false);
const draft = ref<Person>();
const trouble = ref('');
function add(): void {
  draft.value = {
    id: crypto.randomUUID(),
    name: '',
    limit: null,
    noAlcohol: false,
    drives: false,
    allergens: [],
    without: [],
    likes: [],
    dislikes: [],
  };
  trouble.value = '';
  open.value = true;
}
function edit(person: Person): void {
  draft.value = { ...person };
  trouble.value = '';
  open.value = true;
}
function keep(): void {
  const person = draft.value;
  if (!person) return;
  const name = person.name.trim();
  const taken = log.people.some((p) => p.id !== person.id && p.name.toLowerCase() === name.toLowerCase());
  trouble.value = name === '' ? 'Give a name.' : taken ? 'There is somebody of that name.' : '';
  if (trouble.value) return;
  log.keepPerson({ ...person, name }, `${name} drinks here`);
  open.value = false;
}
function remove(): void {
  if (draft.value) log.removePerson(draft.value);
  open.value = false;
}
const isKept = computed(() => log.people.some((p) => p.id === draft.value?.id));
</script>

<template>
  <section class="panel" aria-labelledby="people-title">
    <div class="panel-head">
      <h2 id="people-title">Who drinks</h2>
      <v-btn @click="add">Add somebody</v-btn>
    </div>
    <p v-if="log.people.length === 0" class="dim">
      Name who is here: then nothing is offered that they cannot have, and the log knows whose it was.
    </p>
    <ul class="plain-list">
      <li v-for="p in log.people" :key="p.id">
        <button type="button" class="plain-button link" @click="edit(p)">{{ p.name }}</button>
        <span class="dim">{{
          [
            p.noAlcohol ? 'no alcohol' : '',
            p.allergens.length > 0 ? `no ${p.allergens.map((a) => ALLERGEN_WORDS[a]).join(', ')}` : '',
            p.without.length > 0 ? `no ${listed(p.without.map((k) => catalogue.kindInSentence(k)))}` : '',
            p.dislikes.length > 0 ? `nothing ${p.dislikes.join(', ')}` : '',
          ]
            .filter(Boolean)
            .join('; ')
        }}</span>
      </li>
    </ul>
    <p v-for="line in calm" :key="line.name" class="calm">
      <strong>{{ line.name }}</strong> tonight: {{ line.text }}
    </p>
    <AppDialog v-model="open" :title="draft?.name || 'Who drinks'" :width="520">
      <form v-if="draft" class="form" @submit.prevent="keep">
        <v-text-field
          v-model="draft.name"
          label="Name"
          maxlength="60"
          :error-messages="trouble ? [trouble] : []"
        />
        <NumberField
          :label="`Their own limit of an evening`"
          :suffix="standard.word[1]"
          :value="draft.limit"
          :least="0"
          :most="20"
          optional
          @change="draft = { ...draft, limit: $event }"
        />
        <CannotFields v-model="draft" />
        <div class="buttons">
          <v-btn color="sea" type="submit">Save</v-btn>
          <v-btn v-if="isKept" @click="remove">They no longer drink here</v-btn>
        </div>
      </form>
    </AppDialog>
  </section>
</template>

<style scoped>
li {
  display: flex;
  gap: 10px;
  align-items: baseline;
}

.dim {
  font-size: 0.9375rem;
}

.calm {
  margin: 8px 0 0;
}

.form,
.buttons {
  display: grid;
  gap: 10px;
}

.buttons {
  grid-auto-flow: column;
  justify-content: start;
}
</style>
