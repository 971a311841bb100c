<script setup lang="ts" generic="T extends Pick<Person, 'noAlcohol' | 'allergens' | 'dislikes'>">
import type { Person } from '@uisce/core/household';
import { ALLERGEN_CHOICES, TASTE_CHOICES } from '../words/trade-words';
import CheckField from './CheckField.vue';
import CheckGroup from './CheckGroup.vue';

/** What somebody cannot have or will not touch. */
defineProps<{
  /** What more is read out of a taste, where the same words stand in another group as well. */
  about?: string;
}>();
const somebody = defineModel<T>({ required: true });
const change = (part: Partial<Pick<Person, 'noAlcohol' | 'allergens' | 'dislikes'>>) =>
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
  <CheckGroup
    :model-value="somebody.dislikes"
    legend="Will not touch"
    :about="about ?? ''"
    :choices="TASTE_CHOICES"
    @update:model-value="change({ dislikes: $event })"
  />
</template>
