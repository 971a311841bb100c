<script setup lang="ts">
import { inSentence } from '@uisce/core/base';
import { computed, nextTick, onMounted, ref, watch } from 'vue';
import { useRouter } from 'vue-router';
import { BASES } from '@uisce/core/rules';
import { useCatalogue } from '../household/use-catalogue';
import { REGION_WORDS } from '../words/trade-words';
import { STRENGTH_WORDS } from '../words/strength-words';
import { count, useWords } from '../words/use-words';
import { useNotebook } from '../household/use-notebook';
import CollectionPanel from './CollectionPanel.vue';
import MeantWords from './MeantWords.vue';
import { OWN_TAG } from './collection-needs';
import { BY_REGION, OWN_DRINKS, REACHES, useIndex } from './use-index';
import { useKindChoices } from '../ui/use-kind-choices';
import SelectField from '../ui/SelectField.vue';

const props = defineProps<{ current: string | undefined }>();
const emit = defineEmits<{ first: [] }>();

const notebook = useNotebook();
const catalogue = useCatalogue();
const words = useWords();
const router = useRouter();
const { wanted, rows, drinks, shown, sections } = useIndex();

/** Plain links with one listener: hundreds of router links would be slow to draw. */
function follow(event: MouseEvent): void {
  const link = (event.target as HTMLElement).closest('a');
  if (!link || event.ctrlKey || event.metaKey || event.shiftKey || event.altKey) return;
  event.preventDefault();
  void router.push(link.pathname);
}

const lines = ref<HTMLElement>();
/** Bring the drink that is open into sight, within the list and without moving the page. */
async function show(): Promise<void> {
  await nextTick();
  const box = lines.value;
  const line = box?.querySelector<HTMLElement>('.here');
  if (!box || !line) return;
  const above = line.offsetTop - box.offsetTop;
  if (above < box.scrollTop + 40 || above > box.scrollTop + box.clientHeight - 40)
    box.scrollTop = above - box.clientHeight / 3;
}
onMounted(show);
watch(() => props.current, show);

interface Choice {
  value: string;
  title: string;
}
const ANY: Choice = { value: '', title: 'Any' };
const entriesOf = <T,>(of: Record<string, T>, title: (one: T) => string): Choice[] =>
  Object.entries(of).map(([value, one]) => ({ value, title: title(one) }));
const bases = computed(() => BASES.map((id): Choice => ({ value: id, title: catalogue.kindName(id) })));
const { choices: kinds, matches } = useKindChoices((k) => (k.abstract ? `Any ${inSentence(k)}` : k.name));
const tags = computed(() => [...new Set(notebook.drinks.flatMap((d) => d.tags))].sort());
const fields = computed(() => [
  { key: 'reach' as const, label: 'In reach', choices: entriesOf(REACHES, (title) => title) },
  { key: 'base' as const, label: 'Base', choices: [ANY, ...bases.value] },
  {
    key: 'family' as const,
    label: 'Family',
    choices: [ANY, ...catalogue.all.families.map((f) => ({ value: f.id, title: f.name }))],
  },
  {
    key: 'strength' as const,
    label: 'Strength',
    choices: [ANY, ...entriesOf(STRENGTH_WORDS, (words) => words)],
  },
  {
    key: 'region' as const,
    label: 'At home in',
    choices: [
      ANY,
      { value: BY_REGION, title: 'Every region in turn' },
      ...entriesOf(REGION_WORDS, (words) => words),
    ],
  },
  {
    key: 'collection' as const,
    label: 'Collection',
    choices: [
      ANY,
      { value: OWN_DRINKS, title: 'Written here' },
      ...notebook.collections.map((c) => ({ value: c.id, title: c.name })),
      ...tags.value.map((tag) => ({ value: OWN_TAG + tag, title: `Tagged ${tag}` })),
    ],
  },
]);
const narrowed = computed(
  () =>
    wanted.base !== '' ||
    wanted.family !== '' ||
    wanted.strength !== '' ||
    wanted.region !== '' ||
    wanted.kind !== '' ||
    wanted.collection !== '' ||
    wanted.reach !== 'all',
);
function everything(): void {
  Object.assign(wanted, {
    text: '',
    base: '',
    family: '',
    strength: '',
    region: '',
    kind: '',
    collection: '',
    reach: 'all',
  });
}
</script>

<template>
  <section class="index" aria-label="Index of drinks">
    <v-text-field
      id="find"
      v-model="wanted.text"
      class="find"
      type="search"
      label="Find a drink   /"
      autocomplete="off"
      @keydown.enter="emit('first')"
    />
    <div class="narrow">
      <SelectField
        v-for="field in fields"
        :key="field.key"
        density="compact"
        :label="field.label"
        :value="wanted[field.key] as string"
        :choices="field.choices"
        @choose="Object.assign(wanted, { [field.key]: $event })"
      />
      <v-autocomplete
        :model-value="wanted.kind || null"
        :items="kinds"
        :custom-filter="matches"
        label="Made with"
        density="compact"
        clearable
        class="with"
        @update:model-value="wanted.kind = ($event as string | null) ?? ''"
      />
    </div>
    <CollectionPanel />
    <p class="dim found" role="status">
      {{ rows.length }} {{ rows.length === 1 ? 'entry' : 'entries'
      }}<template v-if="drinks < rows.length"> of {{ count(drinks, 'drink') }}</template
      ><template v-if="shown.length < rows.length">, the first {{ shown.length }} here: narrow them</template>
      <button v-if="narrowed || wanted.text" class="plain-button link" type="button" @click="everything">
        Show every drink
      </button>
    </p>
    <MeantWords :text="wanted.text" />
    <div ref="lines" class="lines" tabindex="0" role="group" aria-label="Drinks found" @click="follow">
      <section v-for="section in sections" :key="section.title">
        <h2 v-if="section.title">{{ section.title }}</h2>
        <ul class="plain-list">
          <li v-for="row in section.rows" :key="row.recipe.id">
            <a :href="`/notebook/${row.recipe.id}`" class="line" :class="{ here: row.recipe.id === current }">
              <span class="mark" :class="{ open: row.open }" aria-hidden="true"></span>
              <span class="name"
                >{{ row.recipe.name }}<span v-if="row.open" class="sr-only">, your plan makes it</span></span
              >
              <span class="leader" aria-hidden="true"></span>
              <span class="dim">{{ words.percent(row.abv) }}</span>
            </a>
          </li>
        </ul>
      </section>
      <p v-if="rows.length === 0" class="dim">
        No drink here answers to that. Try one word less, or show every drink.
      </p>
    </div>
    <p class="dim key">
      <span class="mark open" aria-hidden="true"></span> your plan makes it · % vol as served
    </p>
  </section>
</template>

<style scoped>
.find {
  flex: none;
}

.index {
  display: flex;
  flex-direction: column;
  min-height: 0;
}

.field {
  background: rgb(var(--v-theme-panel));
}

.narrow {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px;
  margin-top: 6px;
}

/* Six in pairs, and what it is made with below. */
.with {
  grid-column: 1 / -1;
}

.with {
  background: rgb(var(--v-theme-panel));
}

.found {
  margin: 8px 0 4px;
  font-size: 0.9375rem;
}

.link {
  margin-inline-start: 8px;
  min-height: 24px;
}

.lines {
  flex: 1;
  min-height: 0;
  overflow-y: auto;
}

h2 {
  position: sticky;
  z-index: 1;
  inset-block-start: 0;
  margin: 0;
  padding: 8px 0 3px;
  font-size: 1rem;
  background: rgb(var(--v-theme-wall));
  border-bottom: 1px solid rgb(var(--v-theme-line));
}

.line {
  position: relative;
  display: flex;
  align-items: baseline;
  gap: 8px;
  min-height: 36px;
  padding: 6px 8px 6px 4px;
  color: inherit;
  text-decoration: none;
}

.line:hover .name {
  text-decoration: underline;
}

.here {
  background: rgb(var(--v-theme-panel));
  box-shadow: inset 3px 0 0 rgb(var(--v-theme-gorse));
  font-weight: 700;
}

.mark {
  flex: none;
  display: inline-block;
  width: 8px;
  height: 8px;
  border: 1px solid transparent;
  border-radius: 50%;
}

.mark.open {
  background: rgb(var(--v-theme-sea));
}

.leader {
  flex: 1;
  min-width: 12px;
  border-bottom: 1px dotted rgb(var(--v-theme-dim));
}

.key {
  margin: 6px 0 0;
  font-size: 0.875rem;
}

@media (max-width: 820px) {
  .lines {
    overflow: visible;
  }

  .line {
    min-height: 44px;
    padding-block: 10px;
  }
}
</style>
