<script setup lang="ts">
import { computed, ref } from 'vue';
import { useQuestion } from '../solver/use-question';
import { useAnswer } from '../solver/use-answer';
import { count } from '../words/use-words';
import { useItemWords } from '../words/use-item-words';
import NumberField from '../ui/NumberField.vue';
import CautionLine from '../ui/CautionLine.vue';
import DrinkNames from '../ui/DrinkNames.vue';

/** Which bottles to ask guests for. */
const MAX_GUESTS = 20;

const answers = useAnswer();
const { itemsInSentence } = useItemWords();

const guests = ref(3);
const { found: change, failure } = useQuestion('guests', () => {
  const { result, proven } = answers;
  return proven && result && { of: { answer: result.answer, guests: guests.value } };
});
const asked = computed(() => change.value?.joined.length ?? 0);
</script>

<template>
  <div>
    <NumberField
      class="guests"
      label="Guests"
      suffix="who bring a bottle"
      :value="guests"
      :least="1"
      :most="MAX_GUESTS"
      @change="guests = Math.round($event ?? 1)"
    />
    <p aria-live="polite">
      <template v-if="!change">{{ failure || 'Working it out.' }}</template>
      <template v-else-if="asked === 0">No bottle widens your menu from here.</template>
      <template v-else>
        Ask for <strong>{{ itemsInSentence(change.joined) }}</strong>: {{ count(asked, 'bottle') }} that
        {{ asked === 1 ? 'adds' : 'add' }} <DrinkNames :ids="change.added" /> more, the most that
        {{ count(guests, 'guest') }} can.
      </template>
    </p>
    <CautionLine
      >Be a responsible host: water and food out, a drink without alcohol as good as the rest, and nobody
      drives.</CautionLine
    >
  </div>
</template>

<style scoped>
.guests {
  max-width: 320px;
}
</style>
