import { defineStore } from 'pinia';
import { computed } from 'vue';
import { instantOf, isTimeZone, localMoment } from '@uisce/core/base';
import { keptZone } from '@uisce/core/kept';
import { useKeeper } from '../kept/use-keeper';

/** The clock on the household's wall: its days and hours hold on every device, wherever that is. */
export const useClock = defineStore('clock', () => {
  const keeper = useKeeper();
  const here = new Intl.DateTimeFormat().resolvedOptions().timeZone;
  const said = computed(() => keeper.single(keptZone).timeZone);
  // Browsers know more zones or fewer, by their age.
  const timeZone = computed(() => (said.value !== null && isTimeZone(said.value) ? said.value : here));

  function setZone(name: string): void {
    keeper.keep(keptZone, { timeZone: name }, 'Time zone');
  }
  /** The first page to open says where the household is: where it is itself. One without the server cannot know that it is the first. */
  function settle(): void {
    if (said.value === null && keeper.online) setZone(here);
  }

  return {
    timeZone,
    /** Where this browser is. */
    here,
    setZone,
    settle,
    /** What it shows at a moment: day and minutes are of one moment, so that midnight falls between none of them. */
    moment: (at: Date) => localMoment(at, timeZone.value),
    /** The moment at which it shows a time, "HH:MM". */
    instant: (day: string, time: string) => instantOf(day, time, timeZone.value),
  };
});
