<script setup lang="ts">
import { computed, ref } from 'vue';
import { mdiTuneVariant } from '@mdi/js';
import { READER_MEASURES } from '@uisce/core/base';
import { LOCALES, type Settings } from '@uisce/core/household';
import { useSettings } from '../household/use-settings';
import { useTrade } from '../household/use-trade';
import { MEASURE_WORDS } from '../words/trade-words';

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
    locale,
    name: `${names.region.of(region) ?? region} (${names.language.of(language) ?? language})`,
  };
});

const summary = computed(() =>
  [
    MEASURE_WORDS[household.settings.measure].short,
    trade.prices?.currency ?? '',
    household.settings.theme === 'day' ? 'Day' : 'Night',
  ].join(' · '),
);

const change = (part: Partial<Settings>) => household.change(part);
const value = (event: Event) => (event.target as HTMLSelectElement).value;
</script>

<template>
  <button class="plain-button open" type="button" aria-haspopup="dialog" @click="shown = true">
    <svg viewBox="0 0 24 24" aria-hidden="true"><path :d="mdiTuneVariant" /></svg>
    <span class="summary"><span class="sr-only">Settings: </span>{{ summary }}</span>
  </button>
  <v-dialog v-model="shown" max-width="460" aria-labelledby="settings-title">
    <div class="card settings">
      <h2 id="settings-title">How things are written</h2>
      <fieldset>
        <legend>Light</legend>
        <label v-for="theme in ['day', 'night'] as const" :key="theme">
          <input
            type="radio"
            name="theme"
            :value="theme"
            :checked="household.settings.theme === theme"
            @change="change({ theme })"
          />
          {{ theme === 'day' ? 'Day' : 'Night, for a dim room' }}
        </label>
      </fieldset>
      <fieldset>
        <legend>Specs in</legend>
        <label v-for="measure in READER_MEASURES" :key="measure">
          <input
            type="radio"
            name="measure"
            :value="measure"
            :checked="household.settings.measure === measure"
            @change="change({ measure })"
          />
          {{ MEASURE_WORDS[measure].full }}
        </label>
      </fieldset>
      <label class="line">
        Money and numbers as in
        <select
          :value="household.settings.locale"
          @change="change({ locale: value($event) as Settings['locale'] })"
        >
          <option v-for="r in regions" :key="r.locale" :value="r.locale">{{ r.name }}</option>
        </select>
      </label>
      <label class="line">
        Prices and currency of
        <select :value="household.settings.priceListId" @change="change({ priceListId: value($event) })">
          <option v-for="list in trade.priceLists" :key="list.id" :value="list.id">
            {{ list.name }} ({{ list.currency }})
          </option>
        </select>
      </label>
      <label class="line">
        Name of the house
        <input
          type="text"
          maxlength="60"
          :value="household.settings.household"
          @change="change({ household: value($event) })"
        />
      </label>
      <v-btn class="mt-4" @click="shown = false">Close</v-btn>
    </div>
  </v-dialog>
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

fieldset {
  border: 0;
  margin: 0 0 12px;
  padding: 0;
}

legend {
  font-weight: 700;
}

label {
  display: flex;
  gap: 10px;
  align-items: center;
  min-height: 36px;
}

.line {
  flex-direction: column;
  align-items: stretch;
  gap: 4px;
  margin-bottom: 12px;
  font-weight: 700;
}

select,
.line input {
  min-height: 44px;
  padding: 0 10px;
  font: inherit;
  font-weight: 400;
  color: inherit;
  background: rgb(var(--v-theme-wall));
  border: 1px solid rgb(var(--v-theme-dim));
  border-radius: var(--radius);
}

input[type='radio'] {
  width: 20px;
  height: 20px;
  accent-color: rgb(var(--v-theme-sea));
}
</style>
