<script setup lang="ts">
import { onBeforeUnmount, ref } from 'vue';
import { makeUpOf, planNameSchema, type Plan } from '@uisce/core/plan';
import { useKit } from '../household/use-kit';
import { usePlans } from '../household/use-plans';
import { useStock } from '../household/use-stock';
import { useCatalogue } from '../household/use-catalogue';
import { sayMakeUp } from '../words/judgement';
import { count, useWords } from '../words/use-words';
import { Solver } from '../solver/solver';
import { useCurve } from '../solver/use-curve';
import type { TimedResult } from '../solver/about';

const emit = defineEmits<{ close: [] }>();

const kits = useKit();
const stock = useStock();
const plans = usePlans();
const catalogue = useCatalogue();
const words = useWords();

const results = ref<Record<string, TimedResult>>({});
const renaming = ref<string>();
/** The name as it is being typed: an answer that comes meanwhile draws the list anew. */
const typedName = ref('');
const nameFault = ref('');
const newName = ref('');

// Its own solver, so that comparing plans does not hold up the open one.
const solver = new Solver(() => catalogue.all);

/** Answer every plan that has no answer yet, one after the other. */
async function askAll(): Promise<void> {
  const { prices } = catalogue;
  for (const plan of [...plans.plans]) {
    if (!prices || results.value[plan.id]) continue;
    const keep = (result: TimedResult) => (results.value[plan.id] = result);
    const about = { brief: stock.withStock(plan.brief), prices, kit: kits.kit };
    const best = await solver.answer(about, null, keep);
    if (best === undefined) return;
    keep(best);
  }
}
const curve = useCurve();
curve.covered = true;
void askAll();
onBeforeUnmount(() => {
  solver.end();
  curve.covered = false;
});

function sentence(plan: Plan): string {
  const result = results.value[plan.id];
  const money = words.money(plan.brief.moneyNowMinor);
  if (!result) return `${money}: working it out`;
  if (result.answer.status === 'infeasible') return `${money} does not meet what it asks for`;
  const proof = result.answer.status === 'optimal' ? ', proven best' : '';
  return `${money} makes ${count(result.drinksMade, 'drink')} ${sayMakeUp(makeUpOf(result, catalogue.kinds))}${proof}`;
}

function checked(name: string): string | undefined {
  const result = planNameSchema.safeParse(name);
  nameFault.value = result.success ? '' : (result.error.issues[0]?.message ?? '');
  return result.success ? result.data : undefined;
}

function beginRenaming(plan: Plan): void {
  typedName.value = plan.name;
  renaming.value = plan.id;
}

function rename(plan: Plan): void {
  const name = checked(typedName.value);
  if (name === undefined) return;
  renaming.value = undefined;
  if (plan.id !== plans.current?.id) plans.open(plan.id);
  plans.edit(`Rename to “${name}”`, { name });
}

function open(plan: Plan): void {
  plans.open(plan.id);
  emit('close');
}

function create(): void {
  const name = checked(newName.value);
  if (name === undefined) return;
  plans.create(name);
  emit('close');
}

function duplicate(plan: Plan): void {
  plans.duplicate(plan.id, `${plan.name}, again`.slice(0, 60));
  void askAll();
}
</script>

<template>
  <div>
    <ul class="plain-list">
      <li v-for="plan in plans.plans" :key="plan.id" :class="{ on: plan.id === plans.current?.id }">
        <div class="words">
          <input
            v-if="renaming === plan.id"
            v-model="typedName"
            :aria-label="`New name for ${plan.name}`"
            maxlength="60"
            autofocus
            @keydown.enter="rename(plan)"
            @keydown.esc.stop="renaming = undefined"
            @change="rename(plan)"
          />
          <strong v-else>{{ plan.name }}</strong>
          <span class="dim">{{ sentence(plan) }}</span>
        </div>
        <div class="acts">
          <v-btn v-if="plan.id !== plans.current?.id" size="small" height="40" @click="open(plan)"
            >Open</v-btn
          >
          <span v-else class="dim here">open</span>
          <v-btn size="small" height="40" :aria-label="`Rename ${plan.name}`" @click="beginRenaming(plan)"
            >Rename</v-btn
          >
          <v-btn size="small" height="40" :aria-label="`Duplicate ${plan.name}`" @click="duplicate(plan)"
            >Duplicate</v-btn
          >
          <v-btn size="small" height="40" :aria-label="`Delete ${plan.name}`" @click="plans.remove(plan.id)"
            >Delete</v-btn
          >
        </div>
      </li>
    </ul>
    <p v-if="nameFault" class="fault" role="alert">{{ nameFault }}</p>
    <form class="new" @submit.prevent="create">
      <v-text-field v-model="newName" label="A new plan, called" maxlength="60" />
      <v-btn type="submit" height="48">Make it</v-btn>
    </form>
  </div>
</template>

<style scoped>
li {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  justify-content: space-between;
  padding: 10px 8px;
  border-bottom: 1px solid rgb(var(--v-theme-line));
}

.on {
  box-shadow: inset 3px 0 0 rgb(var(--v-theme-copper));
}

.words {
  display: flex;
  flex-direction: column;
  flex: 1 1 260px;
}

.words input {
  min-height: 40px;
  padding: 0 8px;
  font: inherit;
  color: inherit;
  border: 1px solid rgb(var(--v-theme-dim));
  border-radius: var(--radius);
}

.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  align-items: center;
}

.here {
  padding-inline: 10px;
}

.new {
  display: flex;
  gap: 10px;
  margin: 16px 0;
}

.fault {
  color: rgb(var(--v-theme-rust));
}
</style>
