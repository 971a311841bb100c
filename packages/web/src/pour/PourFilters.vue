<script setup lang="ts">
import { computed } from 'vue';
import { STRENGTHS } from '@uisce/core/drink';
import { MAX_GLASSES } from '@uisce/core/pouring';
import { useCatalogue } from '../household/use-catalogue';
import { useLog } from '../household/use-log';
import CheckField from '../ui/CheckField.vue';
import SelectField from '../ui/SelectField.vue';
import { STRENGTH_WORDS } from '../words/strength-words';
import { count } from '../words/use-words';
import { useFilters } from './use-filters';

const log = useLog();
const { glasses, strength, minutes, asWritten, forWhom, pours, choices } = useFilters();
const catalogue = useCatalogue();

const MANY = Array.from({ length: MAX_GLASSES }, (_, i) => ({
  value: i + 1,
  title: count(i + 1, 'glass', 'glasses'),
}));
const STRONG = [
  { value: 'any' as const, title: 'Any strength' },
  ...STRENGTHS.map((value) => ({ value, title: STRENGTH_WORDS[value] })),
];
const TIMES = [
  { value: null, title: 'any time' },
  { value: 1, title: 'within a minute' },
  { value: 2, title: 'within 2 minutes' },
  { value: 4, title: 'within 4 minutes' },
];
const POURS = computed(() => [
  { value: null, title: 'anything' },
  ...choices.value.turning.map((value) => ({ value, title: `uses the ${catalogue.kindInSentence(value)}` })),
  ...choices.value.bases
    .map((value) => ({ value, title: catalogue.kindName(value) }))
    .sort((a, b) => a.title.localeCompare(b.title)),
]);
const people = computed(() => log.people.map((p) => ({ ...p, on: forWhom.value.includes(p.id) })));
function choose(id: string, on: boolean): void {
  forWhom.value = on ? [...forWhom.value, id] : forWhom.value.filter((p) => p !== id);
}
</script>

<template>
  <div class="filters" role="group" aria-label="What is wanted">
    <SelectField label="How many" :value="glasses" :choices="MANY" @choose="glasses = $event" />
    <SelectField label="How strong" :value="strength" :choices="STRONG" @choose="strength = $event" />
    <SelectField label="How soon" :value="minutes" :choices="TIMES" @choose="minutes = $event" />
    <SelectField label="With" :value="pours" :choices="POURS" @choose="pours = $event" />
    <CheckField v-model="asWritten" label="As written" about="no stand-ins" />
    <CheckField
      v-for="person in people"
      :key="person.id"
      :model-value="person.on"
      :label="`For ${person.name}`"
      about="nothing they cannot have or will not touch"
      @update:model-value="choose(person.id, $event)"
    />
  </div>
</template>

<style scoped>
.filters {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 14px;
  align-items: center;
}

.filters > :deep(.v-select) {
  flex: 1 1 150px;
  max-width: 220px;
}

@media (max-width: 600px) {
  .filters > :deep(.v-select) {
    max-width: none;
  }
}
</style>
