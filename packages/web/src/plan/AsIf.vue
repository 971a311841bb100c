<script setup lang="ts">
import { makeUpOf } from '@uisce/core/plan';
import { computed, ref } from 'vue';
import { useQuestion } from '../solver/use-question';
import { useAnswer } from '../solver/use-answer';
import { usePlans } from '../household/use-plans';
import { useStock } from '../household/use-stock';
import { useCatalogue } from '../household/use-catalogue';
import { sayMakeUp } from '../words/judgement';
import { count, useWords } from '../words/use-words';
import TabRow from '../ui/TabRow.vue';

/** The same brief as if nothing were owned, or as if more were: nothing of it is kept. */
const answers = useAnswer();
const plans = usePlans();
const stock = useStock();
const catalogue = useCatalogue();
const words = useWords();

const WAYS = [
  { value: 'nothing', words: 'As if I owned nothing' },
  { value: 'too', words: 'As if I had this too' },
] as const;
const way = ref<(typeof WAYS)[number]['value']>('nothing');
const too = ref<string[]>([]);

const choices = computed(() =>
  catalogue.all.kinds
    .filter((k) => k.supply === 'bottle' && !k.abstract && !stock.owned.includes(k.id))
    .map((k) => ({ value: k.id, title: k.name }))
    .sort((a, b) => a.title.localeCompare(b.title)),
);
const owned = computed(() => (way.value === 'nothing' ? [] : [...stock.owned, ...too.value]));
const asks = computed(() => way.value === 'nothing' || too.value.length > 0);
const { found, failure } = useQuestion('best', () => {
  const { brief } = plans;
  return asks.value && answers.proven && brief && { of: {}, brief: { ...brief, ownedKinds: owned.value } };
});
const more = computed(() => (found.value?.drinksMade ?? 0) - (answers.result?.drinksMade ?? 0));
const makeUp = computed(() => sayMakeUp(makeUpOf(found.value, catalogue.kinds)));
</script>

<template>
  <div>
    <TabRow v-model="way" name="as-if" legend="As if what" :choices="WAYS" />
    <v-autocomplete
      v-if="way === 'too'"
      v-model="too"
      :items="choices"
      label="Bottles I might be given"
      multiple
      chips
      closable-chips
    />
    <p aria-live="polite">
      <template v-if="!asks">Choose a bottle: the plan is solved with it, and nothing is kept.</template>
      <template v-else-if="!found">{{ failure || 'Working it out.' }}</template>
      <template v-else>
        <strong
          >{{ words.money(plans.brief?.moneyNowMinor ?? 0) }} would make
          {{ count(found.drinksMade, 'drink') }}</strong
        >
        {{ makeUp }}:
        {{ more === 0 ? 'as many as now' : `${Math.abs(more)} ${more > 0 ? 'more' : 'fewer'} than now` }}.
      </template>
    </p>
  </div>
</template>
