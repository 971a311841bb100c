<script setup lang="ts">
import { useAdvice } from '../solver/use-advice';
import { useAnswer } from '../solver/use-answer';
import { useItemWords } from '../words/use-item-words';
import { count } from '../words/use-words';
import { DRAWS, useHowSteady } from './use-how-steady';

/** Sets just as good, and how often each bottle stays when prices wander. */
const answers = useAnswer();
const { itemName, itemsInSentence } = useItemWords();
const { stopLong } = useAdvice();
const { ties, noTies, steadiness, steady, isDrawing, always, wavering, judgement, own } = useHowSteady();
</script>

<template>
  <div ref="here">
    <p aria-live="polite">
      <template v-if="!ties">{{ noTies || 'Looking for sets just as good.' }}</template>
      <template v-else-if="ties.sets.length === 1"
        >No other set is as good: this is the only best one at this money.</template
      >
      <template v-else>
        {{ ties.all ? '' : 'At least ' }}{{ count(ties.sets.length, 'set') }} are equally good at the same
        price; they share {{ count(ties.shared.length, 'thing') }} and differ in this:
      </template>
    </p>
    <ol v-if="ties && ties.sets.length > 1" class="ties">
      <li v-for="(set, i) in ties.sets" :key="i">{{ own(set) }}</li>
    </ol>
    <p v-if="judgement" aria-live="polite">{{ judgement }}</p>
    <div class="act">
      <v-btn v-if="!isDrawing" :disabled="!answers.proven" @click="steadiness.ask()">{{
        steady ? 'Draw prices again' : `Let prices wander, ${DRAWS} times`
      }}</v-btn>
      <template v-else>
        <span class="dim">{{ steady?.draws ?? 0 }} of {{ DRAWS }} drawn</span>
        <v-btn @click="stopLong">Stop</v-btn>
      </template>
    </div>
    <p v-if="always.length > 0" class="dim">Always: {{ itemsInSentence(always.map((r) => r.id)) }}.</p>
    <ul v-if="wavering.length > 0" class="plain-list bars">
      <li v-for="row in wavering" :key="row.id">
        <span class="name"
          >{{ itemName(row.id) }}<small v-if="!row.chosen" class="dim"> · not in your set</small></span
        >
        <span class="share-bar" aria-hidden="true"><span :style="{ width: `${row.in100}%` }" /></span>
        <span>picked in {{ row.in100 }} of 100</span>
      </li>
    </ul>
  </div>
</template>

<style scoped>
p {
  margin: 4px 0;
}

.ties {
  margin: 4px 0;
  padding-inline-start: 24px;
}

.act {
  display: flex;
  gap: 12px;
  align-items: center;
  margin: 8px 0;
}

.bars li {
  display: grid;
  grid-template-columns: minmax(120px, 1fr) minmax(60px, 1.4fr) auto;
  gap: 10px;
  align-items: center;
  min-height: 28px;
}
</style>
