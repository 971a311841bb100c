<script setup lang="ts">
import { lowerFirst } from '@uisce/core/base';
import { computed, ref } from 'vue';
import { MAX_MENU_DRINKS, type GlassPriority } from '@uisce/core/glass';
import { useQuestion } from '../solver/use-question';
import { useAnswer } from '../solver/use-answer';
import { useKit } from '../household/use-kit';
import { useCatalogue } from '../household/use-catalogue';
import { count, listed, oneAndMany, useWords } from '../words/use-words';
import ChoiceRow from '../ui/ChoiceRow.vue';
import NumberField from '../ui/NumberField.vue';
import { useEveningMenu } from './use-evening-menu';
import { useKitReport } from './use-kit-report';

/** How many of which glasses for guests and a menu. */
const answers = useAnswer();
const kits = useKit();
const catalogue = useCatalogue();
const words = useWords();
const { menu, guests } = useEveningMenu();

const first = ref<GlassPriority>('money');
const FIRST: { value: GlassPriority; words: string }[] = [
  { value: 'money', words: 'What is there first' },
  { value: 'kinds', words: 'Fewest kinds' },
];

const { said } = useKitReport();
const { last: kept } = useQuestion('glasses', () => {
  if (menu.value.length === 0 || !said.value || !answers.current) return undefined;
  return { of: { menu: menu.value, guests: guests.value, first: first.value } };
});

const choices = computed(() =>
  catalogue.all.recipes
    .filter((r) => answers.made.some((d) => d.id === r.id))
    .map((r) => ({ value: r.id, title: r.name }))
    .sort((a, b) => a.title.localeCompare(b.title)),
);
const lots = computed(() =>
  (kept.value?.lots ?? []).map((lot) => {
    const own = kits.kit.glasses.find((g) => g.id === lot.source.ownedId);
    const [one, many] = oneAndMany(catalogue.glassInSentence(lot.source.type));
    return {
      ...lot,
      name: own?.name ?? (lot.needed === 1 ? one : many),
      drinkNames: lot.drinks.map((id) => catalogue.recipes.get(id)?.name ?? id),
    };
  }),
);
const without = computed(() =>
  (kept.value?.without ?? []).map((id) => catalogue.recipes.get(id)?.name ?? id),
);
const answer = computed(() => {
  if (menu.value.length === 0) return 'choose a menu';
  if (lots.value.length === 0) return '';
  const cost = kept.value?.costMinor ?? 0;
  return `${lots.value.map((l) => `${l.needed} ${lowerFirst(l.name)}`).join(', ')}${cost > 0 ? ` · ${words.price(cost)} to buy` : ' · all in the cupboard'}`;
});
</script>

<template>
  <section class="panel" aria-labelledby="count-title">
    <h2 id="count-title">
      How many glasses <small class="dim">· {{ answer }}</small>
    </h2>
    <div class="two">
      <NumberField
        label="Guests"
        suffix=""
        :value="guests"
        :least="1"
        :most="100"
        @change="guests = Math.round($event ?? 1)"
      />
      <v-autocomplete
        v-model="menu"
        :items="choices"
        label="On the menu"
        multiple
        chips
        closable-chips
        :counter="MAX_MENU_DRINKS"
        :rules="[(m: string[]) => m.length <= MAX_MENU_DRINKS || `at most ${MAX_MENU_DRINKS} drinks`]"
      />
    </div>
    <ChoiceRow
      class="first"
      name="glasses-first"
      legend="What counts first?"
      :value="first"
      :choices="FIRST"
      @choose="first = $event"
    />
    <ul class="plain-list">
      <li v-for="lot in lots" :key="lot.source.id" class="row">
        <span
          ><strong>{{ lot.needed }} {{ lowerFirst(lot.name) }}</strong>
          <span class="dim"> for {{ listed(lot.drinkNames) }}</span></span
        >
        <span class="dim">{{
          lot.toBuy === 0
            ? 'there'
            : lot.source.owned > 0
              ? `${lot.toBuy} more, ${words.price(lot.costMinor)}`
              : `${count(lot.toBuy, 'piece')}, ${words.price(lot.costMinor)}`
        }}</span>
      </li>
    </ul>
    <p v-if="without.length > 0" class="rust">
      No glass here takes {{ listed(without) }} for so many guests.
    </p>
    <p class="dim">
      Everyone has each drink once;
      {{
        kits.kit.washRounds === 0
          ? 'a fresh glass every time'
          : `glasses washed ${count(kits.kit.washRounds, 'time')} in between`
      }}.
    </p>
  </section>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: 110px minmax(0, 1fr);
  gap: 14px;
  align-items: start;
}

.first {
  margin-top: 10px;
}

.row {
  display: flex;
  justify-content: space-between;
  gap: 12px;
  padding: 6px 0;
  border-bottom: 1px solid rgb(var(--v-theme-line));
}

.row > :last-child {
  white-space: nowrap;
}

p {
  margin: 8px 0 0;
}
</style>
