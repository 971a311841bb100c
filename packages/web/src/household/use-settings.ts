import { useLocalStorage } from '@vueuse/core';
import { defineStore } from 'pinia';
import { computed, watch } from 'vue';
import type { Settings } from '@uisce/core/household';
import { keptSettings } from '@uisce/core/kept';
import { useKeeper } from '../kept/use-keeper';

/** The theme before the settings arrive, so that a dim room is not lit up on the way. */
export const rememberedTheme = useLocalStorage<'day' | 'night'>('uisce:theme', 'day');

/** Household settings: measures, region, theme, prices in use. */
export const useSettings = defineStore('settings', () => {
  const keeper = useKeeper();
  const settings = computed<Settings>(() => ({
    ...keeper.single(keptSettings),
    ...(keeper.started ? {} : { theme: rememberedTheme.value }),
  }));
  watch(
    () => settings.value.theme,
    (theme) => (rememberedTheme.value = theme),
  );

  function change(part: Partial<Settings>): void {
    keeper.keep(keptSettings, { ...settings.value, ...part }, 'Settings');
  }

  return { settings, change };
});
