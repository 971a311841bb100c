import { defineStore } from 'pinia';
import { computed } from 'vue';
import { addDays } from '@uisce/core/base';
import { lineOfMissing, type Evening, type MissingItem } from '@uisce/core/evening';
import { keptErrand, keptEvening } from '@uisce/core/kept';
import { useKeeper } from '../kept/use-keeper';
import { useErrands } from './use-errands';
import { usePlans } from './use-plans';
import { useToday } from './use-today';
import { useTrade } from './use-trade';

/** Evenings with guests: the one to come, and those that were. */
export const useEvenings = defineStore('evenings', () => {
  const keeper = useKeeper();
  const errands = useErrands();
  const plans = usePlans();
  const today = useToday();
  const trade = useTrade();

  const all = computed<Evening[]>((before) => keeper.all(keptEvening, before));
  /** The next one that is not over. */
  const next = computed(
    () =>
      all.value
        .filter((e) => e.endedOn === null && e.on >= today.iso())
        .sort((a, b) => (a.on < b.on ? -1 : 1))[0],
  );

  function begin(): void {
    keeper.keep(
      keptEvening,
      {
        ...{
          id: crypto.randomUUID(),
          name: 'An evening',
          on: addDays(today.iso(), 4),
          from: '20:00',
          hours: 4,
        },
        ...{
          guests: [],
          size: 4,
          must: [],
          never: [],
          atWork: true,
          freezerLitres: null,
          done: [],
          endedOn: null,
        },
      },
      'An evening',
    );
  }
  function edit(change: string, part: Partial<Evening>): void {
    if (next.value) keeper.keep(keptEvening, { ...next.value, ...part }, change);
  }
  function giveUp(): void {
    if (next.value) keeper.remove(keptEvening, next.value.id, 'Gave the evening up');
  }

  /** What is missing goes onto the errand, the one under way or a new one. */
  function toErrand(missing: readonly MissingItem[]): void {
    const shop = trade.prices?.id;
    if (shop === undefined) return;
    const lines = missing.flatMap((m) => lineOfMissing(m, shop) ?? []);
    const open = errands.open;
    if (open) {
      const there = new Set(open.lines.map((l) => l.id));
      const more = lines.filter((l) => !there.has(l.id));
      keeper.keep(keptErrand, { ...open, lines: [...open.lines, ...more] }, 'What the evening lacks');
      return;
    }
    const sum = lines.reduce((total, l) => total + l.count * l.listedMinor, 0);
    keeper.keep(
      keptErrand,
      {
        ...{
          id: crypto.randomUUID(),
          planId: plans.current?.id ?? null,
          startedOn: today.iso(),
          endedOn: null,
        },
        ...{
          currency: trade.prices?.currency ?? 'EUR',
          moneyMinor: sum,
          uses: {},
          reserveMinor: 0,
          lines,
          receipts: [],
        },
      },
      'What the evening lacks',
    );
  }

  return { all, next, begin, edit, giveUp, toErrand };
});
