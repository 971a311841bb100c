import { defineStore } from 'pinia';
import { ref } from 'vue';
import type { Settings } from '@uisce/core/household';
import { api } from '../kept/client';
import { useHistory } from '../kept/use-history';

const THEME_KEY = 'uisce:theme';

/** The theme before the settings arrive, so that a dim room is not lit up on the way. */
export function rememberedTheme(): 'day' | 'night' {
  return localStorage.getItem(THEME_KEY) === 'night' ? 'night' : 'day';
}

/** Household settings: measures, region, theme, prices in use. */
export const useHousehold = defineStore('household', () => {
  const settings = ref<Settings>({
    household: '',
    measure: 'ml',
    locale: 'en-IE',
    theme: rememberedTheme(),
    priceListId: 'lantern-store',
    currentPlanId: null,
    houseSyrupRatio: null,
  });

  async function load(): Promise<void> {
    settings.value = await api<Settings>('/settings');
    localStorage.setItem(THEME_KEY, settings.value.theme);
  }

  async function change(part: Partial<Settings>): Promise<void> {
    settings.value = { ...settings.value, ...part };
    localStorage.setItem(THEME_KEY, settings.value.theme);
    await api<Settings>('/settings', { method: 'PUT', body: settings.value });
    await useHistory().refresh();
  }

  return { settings, load, change };
});
