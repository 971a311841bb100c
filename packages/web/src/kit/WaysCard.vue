<script setup lang="ts">
import type { KitAttitude } from '@uisce/core/glass';
import { useKit } from '../household/use-kit';
import type { KitScope } from '@uisce/core/plan';
import ChoiceRow from '../ui/ChoiceRow.vue';
import NumberField from '../ui/NumberField.vue';
import { useKitReport } from './use-kit-report';
import CheckField from '../ui/CheckField.vue';

const kits = useKit();
const { scope } = useKitReport();

const ATTITUDES: { value: KitAttitude; words: string; note: string }[] = [
  { value: 'professional', words: 'Proper tools', note: 'and the glass the recipe names' },
  { value: 'home', words: 'Home', note: 'the kitchen stands in where it can' },
  { value: 'kitchen', words: 'Kitchen only', note: 'nothing is bought' },
];
const SCOPES: { value: KitScope; words: string; note: string }[] = [
  { value: 'planned', words: 'The plan’s', note: 'what it opens' },
  { value: 'wanted', words: 'Must-haves', note: 'from the Brief' },
  { value: 'counted', words: 'All that count', note: 'whatever the bottles' },
];
const CHECKS = [
  { key: 'inPlan', words: 'Tools and glasses come out of the plan’s money' },
  { key: 'drinksWine', words: 'We drink wine' },
  { key: 'entertains', words: 'We have people over often' },
] as const;
</script>

<template>
  <section class="card" aria-labelledby="ways-title">
    <h2 id="ways-title">How you work</h2>
    <ChoiceRow
      name="kit-attitude"
      legend="What may do the work?"
      :value="kits.kit.attitude"
      :choices="ATTITUDES"
      @choose="kits.edit('What may do the work', { attitude: $event })"
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
