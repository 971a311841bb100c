<script setup lang="ts">
import { computed, ref } from 'vue';
import { useEvenings } from '../household/use-evenings';
import { useLog } from '../household/use-log';
import CautionLine from '../ui/CautionLine.vue';
import CheckField from '../ui/CheckField.vue';
import SelectField from '../ui/SelectField.vue';
import { useWhole } from './use-whole';

/** Forgetting somebody, or everything, for good. */
const evenings = useEvenings();
const log = useLog();
const whole = useWhole();

const names = computed(() =>
  [
    ...new Set([
      ...log.people.map((p) => p.name),
      ...evenings.all.flatMap((e) => e.guests.map((g) => g.name)),
    ]),
  ].sort(),
);
const somebody = ref<string | null>(null);
const backupsToo = ref(false);
const typed = ref('');
const WORD = 'forget';
const isMeant = computed(() => typed.value.trim().toLowerCase() === WORD);
const backups = () => (backupsToo.value ? 'drop' : 'keep') as 'drop' | 'keep';

async function forgetSomebody(): Promise<void> {
  const name = somebody.value;
  if (name === null) return;
  await evenings.forget(name, backups());
  somebody.value = null;
  whole.said.value = `${name} is forgotten.`;
}
async function forgetAll(): Promise<void> {
  await whole.forget(backups());
  typed.value = '';
}
</script>

<template>
  <section class="panel" aria-labelledby="forget-title">
    <h2 id="forget-title">Forgetting, for good</h2>
    <CheckField v-model="backupsToo" label="The backups too: else they remember" />
    <div class="line">
      <SelectField
        label="Somebody"
        :value="somebody"
        :choices="names.map((n) => ({ value: n, title: n }))"
        @choose="somebody = $event"
      />
      <v-btn :disabled="somebody === null" @click="forgetSomebody">Forget them</v-btn>
    </div>
    <p class="dim">
      Their name goes from the book, from every evening, pour, verdict and practice; notes that you typed stay
      as you typed them.
    </p>
    <div class="line">
      <v-text-field v-model="typed" :label="`Everything: type “${WORD}”`" autocomplete="off" />
      <v-btn :disabled="!isMeant || whole.busy.value" @click="forgetAll">Forget everything</v-btn>
    </div>
    <p v-if="whole.trouble.value" class="rust" role="alert">{{ whole.trouble.value }}</p>
    <p v-if="whole.said.value" role="status">{{ whole.said.value }}</p>
    <CautionLine>
      Neither can be undone, and what undo remembered goes with it. Files that you took along are yours to
      delete.
    </CautionLine>
  </section>
</template>

<style scoped>
.line {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 10px;
  align-items: center;
}

@media (max-width: 560px) {
  .line {
    grid-template-columns: minmax(0, 1fr);
    justify-items: start;
  }

  .line > :first-child {
    width: 100%;
  }
}
</style>
