<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core';
import { computed, nextTick, ref, useTemplateRef } from 'vue';
import { sumOf, type Sum } from '@uisce/core/practice';
import CheckField from '../ui/CheckField.vue';
import NumberField from '../ui/NumberField.vue';
import { count, useWords } from '../words/use-words';

/** Sums as they come at the counter; timed only for whoever likes that. */
const words = useWords();
const begin = () => Math.floor(Math.random() * 1e9);
const seed = ref(begin());
const sum = computed<Sum>(() => sumOf(seed.value));
const typed = ref<number | null>(null);
const isRight = ref<boolean>();
const [right, asked] = [ref(0), ref(0)];
const timed = useLocalStorage('uisce:sums-timed', false);
const took = ref(0);
const since = ref(performance.now());
const form = useTemplateRef('form');

const QUARTERS = ['', '¼', '½', '¾'];
const ounces = (q: number) => `${q >= 4 ? Math.floor(q / 4) : ''}${QUARTERS[q % 4]}`;
function sayQuestion(s: Sum): string {
  switch (s.ask) {
    case 'ounces':
      return `${ounces(s.quarters)} US oz, in ml?`;
    case 'half':
      return `Half of ${s.ml} ml?`;
    case 'times':
      return `${s.ml} ml in each of ${s.glasses} glasses: how much in all?`;
    case 'left':
      return `A bottle of ${s.bottleMl} ml, ${count(s.drinks, 'drink')} of ${s.ml} ml poured: what is left?`;
  }
}
const question = computed(() => sayQuestion(sum.value));
function answer(): void {
  if (isRight.value !== undefined) {
    next();
    return;
  }
  if (typed.value === null) return;
  isRight.value = Math.abs(typed.value - sum.value.answer) <= sum.value.withinMl;
  took.value = (performance.now() - since.value) / 1000;
  asked.value += 1;
  if (isRight.value) right.value += 1;
}
function next(): void {
  seed.value = begin();
  [typed.value, isRight.value] = [null, undefined];
  since.value = performance.now();
  void nextTick(() => (form.value as HTMLElement | null)?.querySelector('input')?.focus());
}
</script>

<template>
  <section class="panel sums" aria-labelledby="sum-title">
    <h2 id="sum-title" class="display question">{{ question }}</h2>
    <form ref="form" @submit.prevent="answer">
      <NumberField
        :key="seed"
        label="In the head"
        suffix="ml"
        :value="typed"
        :least="0"
        :most="20000"
        optional
        nothing=""
        @change="typed = $event"
      />
      <v-btn color="sea" type="submit">{{ isRight === undefined ? 'Answer' : 'The next' }}</v-btn>
    </form>
    <p v-if="isRight !== undefined" role="status">
      <strong :class="isRight ? 'sea' : 'rust'">{{ isRight ? 'Right' : 'Not so' }}</strong>:
      {{ words.number(sum.answer, 2) }} ml<template v-if="timed">, in {{ words.fixed(took, 1) }} s</template>.
    </p>
    <p class="dim">{{ asked === 0 ? 'Enter answers, and goes on.' : `${right} of ${asked} right` }}</p>
    <CheckField v-model="timed" label="Say how long I took" />
  </section>
</template>

<style scoped>
.sums {
  max-width: 640px;
}

.question {
  font-family: var(--display) !important;
  font-size: 1.5rem !important;
}

form {
  display: flex;
  gap: 10px;
  align-items: center;
  max-width: 340px;
}

.sea {
  color: rgb(var(--v-theme-sea));
}
</style>
