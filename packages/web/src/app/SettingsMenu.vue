<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue';
import { RouterLink } from 'vue-router';
import { mdiTuneVariant } from '@mdi/js';
import { useSettings } from '../household/use-settings';
import { useCatalogue } from '../household/use-catalogue';
import { MEASURE_WORDS } from '../words/trade-words';
import AppDialog from '../ui/AppDialog.vue';

const SettingsSheet = defineAsyncComponent(() => import('../settings/SettingsSheet.vue'));

const settings = useSettings();
const catalogue = useCatalogue();
const shown = ref(false);

const summary = computed(() =>
  [
    MEASURE_WORDS[settings.current.measure].short,
    catalogue.prices?.currency ?? '',
    settings.current.theme === 'day' ? 'Day' : 'Night',
  ].join(' · '),
);
</script>

<template>
  <button class="plain-button open" type="button" aria-haspopup="dialog" @click="shown = true">
    <svg viewBox="0 0 24 24" aria-hidden="true"><path :d="mdiTuneVariant" /></svg>
    <span class="summary"><span class="sr-only">Settings: </span>{{ summary }}</span>
  </button>
  <AppDialog v-model="shown" title="How things are written" :width="560">
    <SettingsSheet />
    <p>
      <RouterLink to="/settings" @click="shown = false">The household, its devices and its data</RouterLink>
    </p>
  </AppDialog>
</template>

<style scoped>
.open {
  display: flex;
  align-items: center;
  gap: 8px;
  min-height: 44px;
  padding: 0 8px;
  font-size: 0.8125rem;
  color: rgb(var(--v-theme-bead));
}

.open svg {
  width: 18px;
  flex: none;
  fill: currentcolor;
}

@media (max-width: 820px) {
  .summary {
    position: absolute;
    width: 1px;
    height: 1px;
    overflow: hidden;
    clip-path: inset(50%);
  }
}
</style>
