<script setup lang="ts">
import { computed } from 'vue';
import { READER_MEASURES } from '@uisce/core/base';
import { LOCALES, type Settings } from '@uisce/core/household';
import type { Freshness } from '@uisce/core/stock';
import { useClock } from '../household/use-clock';
import { useSettings } from '../household/use-settings';
import { useCatalogue } from '../household/use-catalogue';
import { MEASURE_WORDS } from '../words/trade-words';
import ChoiceRow from '../ui/ChoiceRow.vue';
import CheckField from '../ui/CheckField.vue';
import SelectField from '../ui/SelectField.vue';

const settings = useSettings();
const clock = useClock();
const catalogue = useCatalogue();

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

const zones = computed(() => {
  const all = new Set([clock.here, clock.timeZone, ...Intl.supportedValuesOf('timeZone')]);
  return [...all].sort().map((zone) => ({ value: zone, title: zone.replaceAll('_', ' ') }));
});

const LIGHTS = [
  { value: 'day', words: 'Day' },
  { value: 'night', words: 'Night, for a dim room' },
] as const;
const MEASURES = READER_MEASURES.map((m) => ({ value: m, words: MEASURE_WORDS[m].full }));
const FRESHNESS: { value: Freshness; title: string }[] = [
  { value: 'strict', title: 'A month' },
  { value: 'between', title: 'Two months' },
  { value: 'easy', title: 'Three months' },
];
const COUNTRIES = new Intl.DisplayNames('en', { type: 'region' });
const lists = computed(() =>
  catalogue.priceLists.map(({ id, name, currency, country, year }) => ({
    value: id,
    title: `${name} (${[currency, country && COUNTRIES.of(country), year].filter(Boolean).join(', ')})`,
  })),
);

const change = (part: Partial<Settings>) => settings.change(part);
</script>

<template>
  <ChoiceRow
    name="theme"
    legend="Light"
    :value="settings.current.theme"
    :choices="LIGHTS"
    @choose="change({ theme: $event })"
  />
  <CheckField
    :model-value="settings.current.nightAfterSunset"
    label="Night’s look after sunset, about as your region has it"
    @update:model-value="change({ nightAfterSunset: $event })"
  />
  <ChoiceRow
    name="measure"
    legend="Specs in"
    :value="settings.current.measure"
    :choices="MEASURES"
    @choose="change({ measure: $event })"
  />
  <div class="fields">
    <SelectField
      label="Money and numbers as in"
      :value="settings.current.locale"
      :choices="regions"
      @choose="change({ locale: $event })"
    />
    <v-autocomplete
      label="Days and hours as in"
      auto-select-first
      :model-value="clock.timeZone"
      :items="zones"
      :hint="clock.timeZone === clock.here ? '' : `This browser is in ${clock.here}`"
      persistent-hint
      @update:model-value="$event && clock.setZone($event)"
    />
    <SelectField
      label="Prices and currency of"
      :value="settings.current.priceListId"
      :choices="lists"
      @choose="change({ priceListId: $event })"
    />
    <SelectField
      label="Opened vermouth is good for"
      :value="settings.current.freshness"
      :choices="FRESHNESS"
      @choose="change({ freshness: $event })"
    />
    <v-text-field
      label="Name of the house"
      maxlength="60"
      :model-value="settings.current.household"
      @change="change({ household: ($event.target as HTMLInputElement).value })"
    />
  </div>
</template>

<style scoped>
.fields {
  display: grid;
  gap: 14px;
  margin-top: 8px;
}
</style>
