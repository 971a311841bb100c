<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { RouterLink } from 'vue-router';
import { wordOfKey } from '@uisce/core/practice';
import { usePractice } from '../household/use-practice';
import NumberField from '../ui/NumberField.vue';
import SpecLines from './SpecLines.vue';
import { count } from '../words/use-words';
import { useFlashcardWords } from './use-flashcard-words';
import { useFlashcards } from './use-flashcards';
import WhoField from './WhoField.vue';

/** Specs and words by heart, ten at a time: tapped, typed, or by the keys 1 to 4. */
const practice = usePractice();
const session = useFlashcards();
const { asked, at, card, given, wasRight, rights, isOver, drinks } = session;
const { question, say, drink } = useFlashcardWords();

const dueWords = computed(() => practice.due.filter((c) => wordOfKey(c.key) !== undefined).length);
const dueSpecs = computed(() => practice.due.length - dueWords.value);
const ask = computed(() => {
  const c = card.value;
  if (!c) return '';
  return c.is === 'word' ? `What is “${c.word.word}”?` : question(c);
});
const choices = computed(() => {
  const c = card.value;
  if (!c) return [];
  return c.is === 'word' ? c.choices : c.choices.map(say);
});
const typed = ref<number | null>(null);
watch(card, () => (typed.value = null));
const canType = computed(() => card.value?.is === 'spec' && card.value.typed !== undefined);
const elsewhere = computed(() => (card.value?.is === 'word' ? card.value.word.where : []));
</script>

<template>
  <section v-if="card" class="panel asked" data-takes-digits aria-labelledby="ask-title">
    <p class="dim">{{ at + 1 }} of {{ asked.length }}</p>
    <h2 id="ask-title" class="display question">{{ ask }}</h2>
    <SpecLines v-if="card.is === 'spec' && card.shown" :lines="card.shown" />
    <ol class="plain-list">
      <li v-for="(choice, i) in choices" :key="i">
        <button
          type="button"
          class="plain-button choice-button"
          :class="{ right: given !== undefined && i === card.right, wrong: given === i && i !== card.right }"
          :disabled="given !== undefined"
          @click="session.choose(i)"
        >
          <span class="key" aria-hidden="true">{{ i + 1 }}</span> <span>{{ choice }}</span>
        </button>
      </li>
    </ol>
    <form
      v-if="canType && given === undefined"
      class="typed"
      @submit.prevent="typed !== null && session.type(typed)"
    >
      <NumberField
        label="Or type it"
        suffix="ml"
        :value="typed"
        :least="0"
        :most="2000"
        optional
        nothing=""
        @change="typed = $event"
      />
      <v-btn type="submit" :disabled="typed === null">Answer</v-btn>
    </form>
    <div v-if="given !== undefined" class="after">
      <p role="status">
        <strong :class="wasRight ? 'sea' : 'rust'">{{ wasRight ? 'Right.' : 'Not so.' }}</strong>
        {{ choices[card.right]
        }}<template v-if="card.is === 'word' && elsewhere.length > 0"
          >. {{ elsewhere.map((o) => `${o.in}: ${o.says}`).join('; ') }}</template
        >
      </p>
      <div class="buttons">
        <v-btn color="sea" autofocus @click="session.next()">{{
          at + 1 < asked.length ? 'The next' : 'Done'
        }}</v-btn>
        <RouterLink v-if="card.is === 'spec'" :to="`/notebook/${card.drink}`"
          >{{ drink(card) }} in the Notebook</RouterLink
        >
      </div>
    </div>
  </section>
  <section v-else class="panel" aria-labelledby="begin-title">
    <WhoField class="who" />
    <h2 id="begin-title">{{ isOver ? `${rights} of ${asked.length} right` : 'Ten cards' }}</h2>
    <p v-if="isOver" role="status" class="dim">
      What was not so comes again in some minutes, what sits in some days.
    </p>
    <p v-else class="dim">
      {{ count(dueSpecs, 'spec') }} and {{ count(dueWords, 'word') }} are due; new ones come from
      {{ count(drinks.length, 'drink') }} that you pour, like or plan.
    </p>
    <div class="buttons">
      <v-btn color="sea" :disabled="drinks.length === 0 && dueSpecs === 0" @click="session.begin('specs')"
        >{{ isOver ? 'Ten more' : 'Begin' }}: specs</v-btn
      >
      <v-btn @click="session.begin('words')">{{ isOver ? 'Ten more' : 'Begin' }}: words</v-btn>
    </div>
  </section>
</template>

<style scoped>
.who {
  max-width: 220px;
  margin-bottom: 12px;
}

.asked {
  max-width: 760px;
}

.question {
  font-family: var(--display) !important;
  font-size: 1.5rem !important;
}

.choice-button {
  display: grid;
  grid-template-columns: 34px minmax(0, 1fr);
  gap: 10px;
  align-items: center;
  width: 100%;
  min-height: 52px;
  padding: 8px 12px;
  margin-bottom: 8px;
  text-align: start;
  border: 1px solid rgb(var(--v-theme-line));
  border-radius: var(--radius);
}

.key {
  font-family: var(--display);
  font-size: 1.25rem;
}

.right {
  border-color: rgb(var(--v-theme-sea));
  box-shadow: inset 0 0 0 1.5px rgb(var(--v-theme-sea));
}

.wrong {
  border-color: rgb(var(--v-theme-rust));
  text-decoration: line-through;
}

.typed {
  display: flex;
  gap: 10px;
  align-items: center;
  max-width: 320px;
}

.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: center;
}

.sea {
  color: rgb(var(--v-theme-sea));
}

a {
  color: inherit;
}
</style>
