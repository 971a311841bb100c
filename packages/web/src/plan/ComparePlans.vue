<script setup lang="ts">
import { useElementSize } from '@vueuse/core';
import { changeBetween, countDrinks, standsOnShelf } from '@uisce/core/plan';
import { computed, ref } from 'vue';
import { useQuestion } from '../solver/use-question';
import { useAnswer } from '../solver/use-answer';
import { usePlans } from '../household/use-plans';
import { useCatalogue } from '../household/use-catalogue';
import { count, listed, useWords } from '../words/use-words';
import type { PlanResult } from '@uisce/core/plan';
import ShelfDrawing from '../ui/shelf/ShelfDrawing.vue';
import type { ShelfEntry } from '../ui/shelf/shelf-layout';
import DrinkNames from '../ui/DrinkNames.vue';
import { useShelfEntries } from './use-shelf-entries';
import SelectField from '../ui/SelectField.vue';

/** This plan beside another, as two shelves with their differences marked. */
const SHELF_MM = 1100;

const answers = useAnswer();
const plans = usePlans();
const catalogue = useCatalogue();
const words = useWords();
const { entryOf, inTheCold } = useShelfEntries();

const box = ref<HTMLElement>();
const { width } = useElementSize(box);
const scale = computed(() => Math.min(0.72, Math.max(0.5, width.value / SHELF_MM)));
const others = computed(() => plans.plans.filter((p) => p.id !== plans.current?.id));
const chosenId = ref<string>();
const other = computed(() => others.value.find((p) => p.id === chosenId.value) ?? others.value[0]);

const { found: theirs, failure } = useQuestion(
  'best',
  () => other.value && answers.proven && { of: {}, brief: other.value.brief },
);

const change = computed(() =>
  answers.result && theirs.value ? changeBetween(answers.result.answer, theirs.value.answer) : undefined,
);
/** Kinds, not item ids: what is owned in one plan may be bought in the other. */
const kindsOf = (result: PlanResult | undefined) => {
  const kindOf = new Map(result?.items.map((i) => [i.id, i.kindId]));
  return new Set(result?.inUse.flatMap((id) => kindOf.get(id) ?? []));
};

function shelfOf(result: PlanResult | undefined, than: PlanResult | undefined): ShelfEntry[] {
  const items = new Map(result?.items.map((i) => [i.id, i]));
  const elsewhere = kindsOf(than);
  return (result?.explanation.reasons ?? [])
    .flatMap((r) => entryOf(r.id, r.leaning.length, false, items.get(r.id)) ?? [])
    .filter((entry) => !inTheCold(entry))
    .map((entry) => ({ entry, isOnlyHere: !elsewhere.has(entry.kindId) }))
    .sort((a, b) => Number(b.isOnlyHere) - Number(a.isOnlyHere) || b.entry.drinks - a.entry.drinks)
    .map(({ entry, isOnlyHere }) => (isOnlyHere ? { ...entry, note: `only here · ${entry.note}` } : entry));
}

/** What does not stand on the shelf, and only one of the two has. */
const coldOnly = computed(() => {
  const only = (result: PlanResult | undefined, than: PlanResult | undefined) => {
    const theirKinds = kindsOf(than);
    return [...kindsOf(result)].filter((kindId) => {
      const kind = catalogue.kinds.get(kindId ?? '');
      return kind !== undefined && !standsOnShelf(kind) && !theirKinds.has(kindId);
    });
  };
  const say = (kinds: readonly (string | undefined)[]) =>
    kinds.length === 0 ? 'nothing' : listed(kinds.map((k) => catalogue.kindInSentence(k ?? '')));
  return {
    here: say(only(answers.result, theirs.value)),
    there: say(only(theirs.value, answers.result)),
  };
});

const shelves = computed(() => [
  { name: plans.current?.name ?? '', result: answers.result, entries: shelfOf(answers.result, theirs.value) },
  { name: other.value?.name ?? '', result: theirs.value, entries: shelfOf(theirs.value, answers.result) },
]);
const judgement = computed(() => {
  if (!change.value || !theirs.value || !answers.result) return '';
  const more = theirs.value.drinksMade - answers.result.drinksMade;
  const money = words.price(Math.abs(change.value.spend));
  const than =
    more === 0 ? 'as many drinks' : `${count(Math.abs(more), 'drink')} ${more > 0 ? 'more' : 'fewer'}`;
  const cost =
    change.value.spend === 0
      ? 'at the same price'
      : `for ${money} ${change.value.spend > 0 ? 'more' : 'less'}`;
  return `“${other.value?.name ?? ''}” makes ${than} ${cost}.`;
});
const open = (ids: readonly string[]) => countDrinks(ids, catalogue.recipes);
</script>

<template>
  <div ref="box">
    <p v-if="others.length === 0">
      Duplicate this plan under “Plans”, change the copy, and compare the two here.
    </p>
    <template v-else>
      <SelectField
        class="which"
        label="Beside"
        :value="other?.id ?? ''"
        :choices="others.map((plan) => ({ value: plan.id, title: plan.name }))"
        @choose="chosenId = $event"
      />
      <p aria-live="polite">
        <strong v-if="judgement">{{ judgement }}</strong>
        <template v-else>{{ failure || 'Working out the other plan.' }}</template>
        <template v-if="change && open(change.added) + open(change.lost) > 0">
          Only there: <DrinkNames :ids="change.added" />. Only here: <DrinkNames :ids="change.lost" />.
        </template>
      </p>
      <section v-for="shelf in shelves" :key="shelf.name" class="shelf">
        <h3>
          {{ shelf.name }}
          <small v-if="shelf.result" class="dim"
            >· {{ words.price(shelf.result.answer.spend) }},
            {{ count(shelf.result.drinksMade, 'drink') }}</small
          >
        </h3>
        <ShelfDrawing
          v-if="shelf.entries.length > 0"
          :entries="shelf.entries"
          :length-mm="SHELF_MM"
          :scale="scale"
          kind="shelf"
          :label="`Bottles of ${shelf.name}`"
          :selected-id="undefined"
        />
      </section>
      <p class="dim">Bottles that only one of the two has stand first, marked “only here”.</p>
      <p v-if="theirs" class="dim">
        In the cold and the cupboard, only here: {{ coldOnly.here }}; only there: {{ coldOnly.there }}.
      </p>
    </template>
  </div>
</template>

<style scoped>
.which {
  max-width: 280px;
  margin-bottom: 10px;
}

.shelf h3 {
  margin: 8px 0 2px;
  font-size: 1rem;
}
</style>
