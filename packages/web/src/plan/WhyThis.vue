<script setup lang="ts">
import { upperFirst } from '@uisce/core/base';
import { computed } from 'vue';
import { useQuestion } from '../solver/use-question';
import { useAnswer } from '../solver/use-answer';
import { useItemWords } from '../words/use-item-words';
import { count, listed, useWords } from '../words/use-words';
import { countDrinks } from '@uisce/core/plan';
import { useCatalogue } from '../household/use-catalogue';
import DrinkNames from '../ui/DrinkNames.vue';

/** Why a bottle is in the best set, or why it is not: solved again without it, or with it. */
const props = defineProps<{ itemId: string }>();

const answers = useAnswer();
const catalogue = useCatalogue();
const words = useWords();
const { itemName, itemsInSentence, drinkName } = useItemWords();

const { found: mine, failure } = useQuestion('why', () => {
  const { result, proven } = answers;
  return proven && result && { of: { answer: result.answer, itemId: props.itemId } };
});
const inSet = computed(() => answers.result?.answer.items.includes(props.itemId) ?? false);
const change = computed(() => mine.value?.why?.without ?? mine.value?.whyNot?.withIt);
const others = computed(() => change.value?.joined.filter((id) => id !== props.itemId) ?? []);
const gone = computed(() => change.value?.left.filter((id) => id !== props.itemId) ?? []);
const worth = computed(() => Math.abs(change.value?.value ?? 0));
/** Drinks that the other set makes fewer, variants of one counted once. */
const fewer = computed(() => {
  const counted = (ids: readonly string[]) => countDrinks(ids, catalogue.recipes);
  return counted(change.value?.lost ?? []) - counted(change.value?.added ?? []);
});
const loss = computed(() =>
  fewer.value > 0
    ? `makes ${count(fewer.value, 'drink')} fewer`
    : fewer.value < 0
      ? `makes ${count(-fewer.value, 'drink')} more`
      : 'makes as many',
);
/** By taste and match drinks count for more and less than one: said where that differs from their number. */
const weighted = computed(() =>
  Math.abs(worth.value - fewer.value) < 0.005
    ? ''
    : `${fewer.value > 0 ? ', worth ' : ', but worth '}${words.number(worth.value, 2)} less to you`,
);
const held = computed(() => {
  const by = mine.value?.why?.heldBy;
  if (by?.kind === 'owned') return 'It is here because you own it.';
  if (by?.kind === 'kept') return 'It is here because you keep it always.';
  return by ? `${listed(by.drinks.map(drinkName))} cannot be made without it.` : '';
});
</script>

<template>
  <div class="why" aria-live="polite">
    <h3>{{ inSet ? 'Why this one' : 'Why not this one' }}</h3>
    <p v-if="failure">{{ failure }}</p>
    <p v-else-if="!mine" class="dim">Solving again {{ inSet ? 'without' : 'with' }} it.</p>
    <template v-else-if="inSet">
      <p v-if="held">{{ held }}</p>
      <p v-if="!change">No set that meets what you ask for does without it.</p>
      <p v-else-if="Math.abs(change.value) < 0.005">
        The best set without it is worth as much<template v-if="others.length > 0"
          >, with {{ itemsInSentence(others) }} instead</template
        >.
      </p>
      <p v-else>
        The best set without it <strong>{{ loss }}</strong>{{ weighted }}: it loses
        <DrinkNames :ids="change.lost" /><template v-if="change.added.length > 0">
          and adds <DrinkNames :ids="change.added" /></template
        >. {{ others.length > 0 ? `Instead you would buy ${itemsInSentence(others)}.` : ''
        }}{{ gone.length > 0 ? ` ${upperFirst(itemsInSentence(gone))} would go too.` : '' }}
      </p>
      <p v-if="mine.why && mine.why.rivals.length > 0">
        Nearest in its place:
        <template v-for="(rival, i) in mine.why.rivals" :key="rival.id"
          >{{ i > 0 ? '; ' : '' }}<strong>{{ itemName(rival.id) }}</strong
          >, worth {{ words.number(rival.loses, 2) }} less to you{{
            rival.spend === 0
              ? ''
              : `, ${words.price(Math.abs(rival.spend))} ${rival.spend < 0 ? 'cheaper' : 'dearer'}`
          }}</template
        >.
      </p>
    </template>
    <template v-else>
      <p v-if="mine.whyNot?.ruledOut">You ruled it out.</p>
      <p v-if="!change">It fits neither your money nor your limits beside what you ask for.</p>
      <p v-else-if="Math.abs(change.value) < 0.005">A set with it is worth just as much.</p>
      <p v-else>
        The best set with it <strong>{{ loss }}</strong>{{ weighted }}: it adds
        <DrinkNames :ids="change.added" /> and loses <DrinkNames :ids="change.lost" />{{
          gone.length > 0 ? `, because ${itemsInSentence(gone)} would have to go` : ''
        }}.
      </p>
    </template>
  </div>
</template>

<style scoped>
h3 {
  margin: 10px 0 2px;
  font-size: 1rem;
}

p {
  margin: 2px 0;
  font-size: 0.9375rem;
}
</style>
