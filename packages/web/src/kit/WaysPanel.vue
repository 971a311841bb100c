<script setup lang="ts">
import type { KitAttitude } from '@uisce/core/glass';
import { computed } from 'vue';
import { useKit } from '../household/use-kit';
import { usePlans } from '../household/use-plans';
import MoneyField from '../ui/MoneyField.vue';
import type { KitScope } from '@uisce/core/plan';
import ChoiceRow from '../ui/ChoiceRow.vue';
import NumberField from '../ui/NumberField.vue';
import { useKitReport } from './use-kit-report';
import CheckField from '../ui/CheckField.vue';

const kits = useKit();
const plans = usePlans();
const { scope } = useKitReport();

/** What the plan buys of tools and glasses; left out of it, the household works as it said before. */
const WAYS: { value: KitAttitude | 'leave'; words: string; note: string }[] = [
  { value: 'professional', words: 'Proper tools', note: 'and the glass the recipe names' },
  {
    value: 'home',
    words: 'At home',
    note: 'hands, the kitchen and any vessel; bought is what they cannot do',
  },
  { value: 'kitchen', words: 'Kitchen only', note: 'nothing is bought' },
  { value: 'leave', words: 'Leave them out', note: 'of the plan and its money' },
];
const way = computed(() => (kits.kit.inPlan ? kits.kit.attitude : 'leave'));
function choose(next: KitAttitude | 'leave'): void {
  kits.edit('What may do the work', next === 'leave' ? { inPlan: false } : { attitude: next, inPlan: true });
}
const SCOPES: { value: KitScope; words: string; note: string }[] = [
  { value: 'planned', words: 'The plan’s', note: 'what it makes' },
  { value: 'wanted', words: 'Must-haves', note: 'from the Brief' },
  { value: 'counted', words: 'All that count', note: 'whatever the bottles' },
];
const CHECKS = [
  { key: 'drinksWine', words: 'We drink wine' },
  { key: 'entertains', words: 'We have people over often' },
] as const;
</script>

<template>
  <section class="panel" aria-labelledby="ways-title">
    <h2 id="ways-title">How you work</h2>
    <ChoiceRow
      name="kit-attitude"
      legend="What may do the work?"
      :value="way"
      :choices="WAYS"
      @choose="choose"
    />
    <CheckField
      v-if="kits.kit.inPlan && kits.kit.attitude !== 'kitchen'"
      :model-value="kits.kit.maxMinor !== null"
      label="A limit for tools and glasses"
      @update:model-value="
        kits.edit('A limit for tools and glasses', {
          maxMinor: $event ? plans.briefOrEmpty.moneyNowMinor : null,
        })
      "
    />
    <MoneyField
      v-if="kits.kit.inPlan && kits.kit.maxMinor !== null"
      label="Tools and glasses at most"
      :minor="kits.kit.maxMinor"
      @change="kits.edit('A limit for tools and glasses', { maxMinor: $event })"
    />
    <ChoiceRow
      name="kit-scope"
      legend="For which drinks?"
      :value="scope"
      :choices="SCOPES"
      @choose="scope = $event"
    />
    <div class="two">
      <NumberField
        label="At once"
        suffix="people"
        :value="kits.kit.people"
        :least="1"
        :most="100"
        @change="kits.edit('People at once', { people: Math.round($event ?? 2) })"
      />
      <NumberField
        label="Glasses washed in between"
        suffix="times"
        :value="kits.kit.washRounds"
        :least="0"
        :most="10"
        @change="kits.edit('Washing in between', { washRounds: Math.round($event ?? 0) })"
      />
    </div>
    <CheckField
      v-for="check in CHECKS"
      :key="check.key"
      :model-value="kits.kit[check.key]"
      :label="check.words"
      @update:model-value="kits.edit(check.words, { [check.key]: $event })"
    />
  </section>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 14px;
}
</style>
