<script setup lang="ts">
import { computed, ref } from 'vue';
import { mdiTuneVariant } from '@mdi/js';
import { READER_MEASURES } from '@uisce/core/base';
import { LOCALES, type Settings } from '@uisce/core/household';
import { useSettings } from '../household/use-settings';
import { useTrade } from '../household/use-trade';
import { MEASURE_WORDS } from '../words/trade-words';
import AppDialog from '../ui/AppDialog.vue';
import ChoiceRow from '../ui/ChoiceRow.vue';
import SelectField from '../ui/SelectField.vue';

const household = useSettings();
const trade = useTrade();
const shown = ref(false);

const regions = LOCALES.map((locale) => {
  const [language = 'en', region = 'IE'] = locale.split('-');
  const names = {
    region: new Intl.DisplayNames('en', { type: 'region' }),
    language: new Intl.DisplayNames('en', { type: 'language' }),
  };
  return {
    value: locale,
    title: `${names.region.of(region) ?? region} (${names.language.of(language) ?? language})`,
  };
});

const LIGHTS = [
  { value: 'day', words: 'Day' },
  { value: 'night', words: 'Night, for a dim room' },
] as const;
const MEASURES = READER_MEASURES.map((m) => ({ value: m, words: MEASURE_WORDS[m].full }));
const lists = computed(() =>
  trade.priceLists.map(({ id, name, currency }) => ({ value: id, title: `${name} (${currency})` })),
);

const summary = computed(() =>
  [
    MEASURE_WORDS[household.settings.measure].short,
    trade.prices?.currency ?? '',
    household.settings.theme === 'day' ? 'Day' : 'Night',
  ].join(' · '),
);

const change = (part: Partial<Settings>) => household.change(part);
</script>

<template>
  <button class="plain-button open" type="button" aria-haspopup="dialog" @click="shown = true">
    <svg viewBox="0 0 24 24" aria-hidden="true"><path :d="mdiTuneVariant" /></svg>
    <span class="summary"><span class="sr-only">Settings: </span>{{ summary }}</span>
  </button>
  <AppDialog v-model="shown" title="How things are written" :width="560">
    <ChoiceRow
      name="theme"
      legend="Light"
      :value="household.settings.theme"
      :choices="LIGHTS"
      @choose="change({ theme: $event })"
    />
    <ChoiceRow
      name="measure"
      legend="Specs in"
      :value="household.settings.measure"
      :choices="MEASURES"
      @choose="change({ measure: $event })"
    />
    <div class="fields">
      <SelectField
        label="Money and numbers as in"
        :value="household.settings.locale"
        :choices="regions"
        @choose="change({ locale: $event })"
      />
      <SelectField
        label="Prices and currency of"
        :value="household.settings.priceListId"
        :choices="lists"
        @choose="change({ priceListId: $event })"
      />
      <v-text-field
        label="Name of the house"
        maxlength="60"
        :model-value="household.settings.household"
        @change="change({ household: ($event.target as HTMLInputElement).value })"
      />
    </div>
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

.fields {
  display: grid;
  gap: 14px;
  margin-top: 8px;
}
</style>
