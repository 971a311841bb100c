<script setup lang="ts">
import { upperFirst } from '@uisce/core/base';
import { useItemWords } from '../words/use-item-words';
import { useWords } from '../words/use-words';
import DrinkNames from '../ui/DrinkNames.vue';
import { useWhyThis } from './use-why-this';

/** Why a bottle is in the best set, or why it is not: solved again without it, or with it. */
const props = defineProps<{ itemId: string }>();

const words = useWords();
const { itemName, itemsInSentence } = useItemWords();
const { mine, failure, inSet, change, others, gone, loss, weighted, held } = useWhyThis(props);
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
