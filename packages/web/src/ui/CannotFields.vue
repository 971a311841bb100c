<script setup lang="ts" generic="T extends Pick<Person, 'noAlcohol' | 'allergens' | 'without' | 'dislikes'>">
import type { Person } from '@uisce/core/household';
import { ALLERGEN_CHOICES, TASTE_CHOICES } from '../words/trade-words';
import CheckField from './CheckField.vue';
import CheckGroup from './CheckGroup.vue';
import { useKindChoices } from './use-kind-choices';

/** What somebody cannot have or will not touch. */
defineProps<{
  /** What more is read out of a taste, where the same words stand in another group as well. */
  about?: string;
}>();
const somebody = defineModel<T>({ required: true });
const { choices, matches } = useKindChoices();
const change = (part: Partial<Pick<Person, 'noAlcohol' | 'allergens' | 'without' | 'dislikes'>>) =>
  (somebody.value = { ...somebody.value, ...part });
</script>

<template>
  <CheckField
    :model-value="somebody.noAlcohol"
    label="Drinks no alcohol"
    @update:model-value="change({ noAlcohol: $event })"
  />
  <CheckGroup
    :model-value="somebody.allergens"
    legend="Cannot have"
    :choices="ALLERGEN_CHOICES"
    @update:model-value="change({ allergens: $event })"
  />
  <v-autocomplete
    :model-value="somebody.without"
    :items="choices"
    :custom-filter="matches"
    label="Nor any of these ingredients"
    density="compact"
    multiple
    chips
    closable-chips
    @update:model-value="change({ without: [...$event] })"
  />
  <CheckGroup
    :model-value="somebody.dislikes"
    legend="Will not touch"
    :about="about ?? ''"
    :choices="TASTE_CHOICES"
    @update:model-value="change({ dislikes: $event })"
  />
</template>
