import { useLocalStorage, useNow } from '@vueuse/core';
import { defineStore } from 'pinia';
import { computed, watch } from 'vue';
import { sunsetMinutes, type Settings } from '@uisce/core/household';
import { keptSettings } from '@uisce/core/kept';
import { offsetMinutes } from '@uisce/core/base';
import { useKeeper } from '../kept/use-keeper';
import { useClock } from './use-clock';

/** The theme before the settings arrive, so that a dim room is not lit up on the way. */
export const rememberedTheme = useLocalStorage<'day' | 'night'>('uisce:theme', 'day');

const LOOK_EVERY_MS = 60_000;
/** Whoever is up before six still sits in the dark. */
const NIGHT_ENDS_AT = 6 * 60;

/** Household settings: measures, region, theme, prices in use. */
export const useSettings = defineStore('settings', () => {
  const keeper = useKeeper();
  /** The same object while nothing of it has changed: much is worked out from it. */
  const current = computed<Settings>(() => {
    const kept = keeper.single(keptSettings);
    return keeper.started ? kept : { ...kept, theme: rememberedTheme.value };
  });
  watch(
    () => current.value.theme,
    (theme) => (rememberedTheme.value = theme),
  );

  const wall = useClock();
  const clock = useNow({ interval: LOOK_EVERY_MS });
  /** The look of the page now: as chosen, or the night's where the day's ends at sunset. */
  const look = computed<'day' | 'night'>(() => {
    const { theme, nightAfterSunset, locale } = current.value;
    if (theme === 'night' || !nightAfterSunset) return theme;
    const at = clock.value;
    const { minutes } = wall.moment(at);
    const sunset = sunsetMinutes(at, locale, offsetMinutes(at, wall.timeZone));
    const isDark = minutes >= sunset || minutes < NIGHT_ENDS_AT;
    return isDark ? 'night' : 'day';
  });

  function change(part: Partial<Settings>): void {
    keeper.keep(keptSettings, { ...current.value, ...part }, 'Settings');
  }

  return { current, look, change };
});
