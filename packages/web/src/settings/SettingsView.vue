<script setup lang="ts">
import { computed } from 'vue';
import { useSettings } from '../household/use-settings';
import AnswerHead from '../ui/AnswerHead.vue';
import { later } from '../ui/later';
import { useBackups } from './use-backups';

const SettingsCards = later(() => import('./SettingsCards.vue'));

const household = useSettings();
const { last, sayWhen, load } = useBackups();
void load();
const headline = computed(() =>
  last.value
    ? { before: 'Safe: ', figure: `backed up ${sayWhen(last.value)}`, after: '' }
    : { before: 'Your data: ', figure: 'no backup yet', after: '' },
);
</script>

<template>
  <AnswerHead v-bind="headline" :underline="household.settings.household || 'Your home bar'" />
  <SettingsCards />
</template>
