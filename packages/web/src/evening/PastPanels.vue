<script setup lang="ts">
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import { costOfEvening, peopleOf, type Evening } from '@uisce/core/evening';
import { useEvenings } from '../household/use-evenings';
import { useLog } from '../household/use-log';
import { count, useWords } from '../words/use-words';
import { sayGuests } from './use-evening-sentence';
import LeftoversPanel from './LeftoversPanel.vue';
import PastPours from './PastPours.vue';

/** Evenings that are over: what each came to, what is left of it, how its drinks were liked, and the same people again. */
const evenings = useEvenings();
const log = useLog();
const router = useRouter();
const words = useWords();

const open = ref<string>();
const shown = computed(() => open.value ?? evenings.past[0]?.id);
const costOf = (e: Evening) => e.cost ?? costOfEvening(e, log.pours);
function say(e: Evening): string {
  const { glasses, minor, eachMinor } = costOf(e);
  const money =
    minor === null ? '' : `; ${words.price(minor)} of bottles, ${words.price(eachMinor ?? 0)} a guest`;
  return `${sayGuests(peopleOf(e))}, ${count(glasses, 'glass', 'glasses')}${money}`;
}
async function again(e: Evening): Promise<void> {
  evenings.askAgain(e);
  await router.push('/evening');
}
</script>

<template>
  <section v-if="evenings.past.length === 0" class="panel">
    <p>No evening is over yet. Here stands what each came to, and what was learnt.</p>
  </section>
  <div v-else class="stack">
    <section v-for="e in evenings.past" :key="e.id" class="panel" :aria-label="e.name">
      <div class="panel-head">
        <h2>
          {{ e.name }} <small class="dim">· {{ words.day(e.on) }}</small>
        </h2>
        <span class="buttons">
          <v-btn v-if="e.endedOn === null" @click="evenings.close(e)">Close it</v-btn>
          <v-btn :aria-label="`${e.name} again`" @click="again(e)">Again</v-btn>
          <v-btn v-if="shown !== e.id" :aria-label="`Look at ${e.name}`" @click="open = e.id"
            >Look at it</v-btn
          >
        </span>
      </div>
      <p class="cost">{{ say(e) }}.</p>
      <div v-if="shown === e.id" class="two-columns">
        <PastPours :evening="e" />
        <LeftoversPanel :evening="e" />
      </div>
    </section>
  </div>
</template>

<style scoped>
.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}

.cost {
  font-size: 1.125rem;
}
</style>
