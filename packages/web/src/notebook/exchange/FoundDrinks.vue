<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { useCatalogue } from '../../household/use-catalogue';
import CheckField from '../../ui/CheckField.vue';
import SelectField from '../../ui/SelectField.vue';
import { count } from '../../words/use-words';
import OwnKindSheet from '../OwnKindSheet.vue';
import { useDifferenceWords } from '../use-difference-words';
import { useKindChoices } from '../../ui/use-kind-choices';
import type { FoundDrink } from './reading';
import type { OfChanged, useImport } from './use-import';

/** Drinks that were read of a file: what is new, the same, or otherwise; what is not understood is asked once, not line by line. */
const props = defineProps<{ bringing: ReturnType<typeof useImport> }>();
const catalogue = useCatalogue();
const { sayAll } = useDifferenceWords();
const { matches, nearFirst } = useKindChoices();

const groups = computed(() => props.bringing.groups.value);
const found = computed(() => props.bringing.found.value);
const open = computed(() => (found.value?.is === 'drinks' ? found.value.open : []));
/** So many questions at a time. */
const ASKED = 8;

/** Those that are not to be kept. */
const without = ref(new Set<FoundDrink>());
watch(found, () => (without.value = new Set()));
function put(drink: FoundDrink, on: boolean): void {
  const next = new Set(without.value);
  if (on) next.delete(drink);
  else next.add(drink);
  without.value = next;
}
const as = ref<OfChanged | null>(null);
const AS = [
  { value: 'leave' as const, title: 'leave them as they are here' },
  { value: 'version' as const, title: 'keep each as another version' },
  { value: 'beside' as const, title: 'keep each as a drink beside' },
];
const wanted = (of: readonly FoundDrink[]) => of.filter((d) => !without.value.has(d));
const fresh = computed(() => wanted(groups.value.fresh));
const changed = computed(() => wanted(groups.value.changed));
const isBusy = computed(() => props.bringing.progress.value !== undefined);
const asks = computed(() => changed.value.length > 0 && as.value === null);
const number = computed(
  () => fresh.value.length + (as.value === null || as.value === 'leave' ? 0 : changed.value.length),
);
const take = () => props.bringing.takeDrinks(fresh.value, changed.value, as.value ?? 'leave');
const says = (d: FoundDrink) =>
  d.standing?.is === 'changed' ? sayAll(d.standing.differences.filter((x) => x.of !== 'name')) : '';

const adding = ref(false);
const added = ref('');
function ownKind(word: string): void {
  added.value = word;
  adding.value = true;
}
</script>

<template>
  <p role="status">
    <strong>{{ count(groups.fresh.length, 'new drink') }}</strong>, {{ groups.same.length }} the same as here,
    {{ groups.changed.length }} made otherwise here<template v-if="groups.open.length > 0"
      >, <span class="rust">{{ groups.open.length }} not wholly understood</span></template
    >.
  </p>

  <template v-if="open.length > 0">
    <h3>
      What is this?
      <small v-if="open.length > ASKED" class="dim">· the first {{ ASKED }} of {{ open.length }}</small>
    </h3>
    <ul class="plain-list">
      <li v-for="word in open.slice(0, ASKED)" :key="word.says" class="ask">
        <span
          >“{{ word.says }}” <span class="dim">in {{ count(word.times, 'line') }}</span></span
        >
        <v-autocomplete
          :model-value="null"
          :items="nearFirst(word.near)"
          :custom-filter="matches"
          density="compact"
          persistent-placeholder
          :placeholder="word.near[0] ? `Perhaps ${catalogue.kindInSentence(word.near[0])}` : 'Not known here'"
          :aria-label="`What is “${word.says}”?`"
          @update:model-value="$event && bringing.say(word.says, $event)"
        />
        <button type="button" class="plain-button link" @click="ownKind(word.says)">A kind of our own</button>
      </li>
    </ul>
    <OwnKindSheet v-model="adding" :says="added" @kept="bringing.say(added, $event)" />
  </template>

  <template v-if="groups.fresh.length > 0">
    <h3>New</h3>
    <v-virtual-scroll
      :items="groups.fresh"
      :height="Math.min(264, groups.fresh.length * 44)"
      :item-height="44"
    >
      <template #default="{ item }">
        <CheckField
          :model-value="!without.has(item)"
          :label="item.name"
          @update:model-value="put(item, $event)"
        />
      </template>
    </v-virtual-scroll>
  </template>
  <template v-if="groups.changed.length > 0">
    <h3>Made otherwise here</h3>
    <SelectField
      label="What is to become of these?"
      :value="as as OfChanged"
      :choices="AS"
      @choose="as = $event"
    />
    <v-virtual-scroll
      :items="groups.changed"
      :height="Math.min(264, groups.changed.length * 66)"
      :item-height="66"
    >
      <template #default="{ item }">
        <div class="changed">
          <CheckField
            :model-value="!without.has(item)"
            :label="item.name"
            @update:model-value="put(item, $event)"
          />
          <span class="dim" :title="says(item)">{{ says(item) }}</span>
        </div>
      </template>
    </v-virtual-scroll>
  </template>

  <p v-if="groups.open.length > 0" class="dim">
    What is not wholly understood stays out until its words are settled.
  </p>
  <div class="buttons">
    <v-btn color="sea" :disabled="number === 0 || asks || isBusy" @click="take">Save {{ number }}</v-btn>
    <v-btn @click="bringing.forget()">Cancel</v-btn>
    <span v-if="asks" class="rust">Say what becomes of those made otherwise.</span>
  </div>
</template>

<style scoped>
h3 {
  margin: 12px 0 4px;
  font-size: 1rem;
}

h3 small {
  font-weight: 400;
}

.ask {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.2fr) auto;
  gap: 4px 10px;
  align-items: center;
  padding: 4px 0;
}

.changed {
  height: 66px;
  overflow: hidden;
}

.changed .dim {
  display: block;
  overflow: hidden;
  white-space: nowrap;
  text-overflow: ellipsis;
}

.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
  margin-top: 12px;
}

@media (max-width: 600px) {
  .ask {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
