import { defineStore } from 'pinia';
import { computed } from 'vue';
import { addDays } from '@uisce/core/base';
import {
  again,
  costOfEvening,
  learntThirst,
  lineOfMissing,
  newEvening,
  type Evening,
  type Guest,
  type MissingItem,
} from '@uisce/core/evening';
import { newErrand } from '@uisce/core/errand';
import { keptErrand, keptEvening } from '@uisce/core/kept';
import { api } from '../kept/client';
import { useKeeper } from '../kept/use-keeper';
import { useErrands } from './use-errands';
import { useLog } from './use-log';
import { usePlans } from './use-plans';
import { useClock } from './use-clock';
import { useToday } from './use-today';
import { useCatalogue } from './use-catalogue';

/** The household’s book of guests. */
function useGuestBook() {
  const keeper = useKeeper();
  const log = useLog();
  /** A guest is kept in the household's book, or what the book says of them is changed. */
  function keepInBook({ id, name, likes, dislikes, allergens, without, noAlcohol, drives }: Guest): void {
    const known = log.people.find((p) => p.name === name);
    const person = { id: known?.id ?? id, name, likes, dislikes, allergens, without, noAlcohol, drives };
    log.keepPerson({ ...person, limit: known?.limit ?? null }, `${name} is in the book`);
  }
  /** Forgotten: out of the book, nameless in every evening and pour, and in what undo remembers; every page reads anew. */
  async function forget(name: string, backups: 'keep' | 'drop' = 'keep'): Promise<void> {
    await keeper.flush();
    await api('/people/forget', { method: 'POST', body: { name, backups } });
  }

  return { keepInBook, forget };
}

/** What an evening lacks, as something to buy. */
function useMissingToErrand() {
  const keeper = useKeeper();
  const errands = useErrands();
  const plans = usePlans();
  const today = useToday();
  const catalogue = useCatalogue();
  /** What is missing goes onto the errand, the one under way or a new one. */
  function toErrand(missing: readonly MissingItem[], by?: string): void {
    const shop = catalogue.prices?.id;
    if (shop === undefined) return;
    const lines = missing.flatMap((m) => lineOfMissing(m, shop, by) ?? []);
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
      newErrand({
        id: crypto.randomUUID(),
        planId: plans.current?.id ?? null,
        startedOn: today.iso(),
        currency: catalogue.prices?.currency ?? 'EUR',
        moneyMinor: sum,
        lines,
      }),
      'What the evening lacks',
    );
  }

  return { toErrand };
}

/** Evenings with guests: the one to come, and those that were. */
export const useEvenings = defineStore('evenings', () => {
  const keeper = useKeeper();
  const today = useToday();

  const log = useLog();
  const all = computed<Evening[]>((before) => keeper.all(keptEvening, before));
  /** The next one that is not over: until five in the morning the one of the day before. */
  const next = computed(() => {
    const since = today.iso() && log.evening();
    return all.value
      .filter((e) => e.endedOn === null && e.on >= since)
      .sort((a, b) => (a.on < b.on ? -1 : 1))[0];
  });
  /** Those that are over, the last one first; what nobody closed is over with its day. */
  const past = computed(() =>
    all.value
      .filter((e) => e.id !== next.value?.id && (e.endedOn !== null || e.on < today.iso()))
      .sort((a, b) => (a.on > b.on ? -1 : 1)),
  );

  function begin(): void {
    const evening = newEvening(crypto.randomUUID(), addDays(today.iso(), 4));
    keeper.keep(keptEvening, evening, 'An evening');
  }
  function edit(change: string, part: Partial<Evening>): void {
    if (next.value) keeper.keep(keptEvening, { ...next.value, ...part }, change);
  }
  function giveUp(): void {
    if (next.value) keeper.remove(keptEvening, next.value.id, 'Gave the evening up');
  }
  /** It is over: what it came to is kept with it. */
  function close(evening: Evening): void {
    const cost = costOfEvening(evening, log.pours);
    keeper.keep(keptEvening, { ...evening, endedOn: today.iso(), cost }, `${evening.name} is over`);
  }
  /** The same people again, a week on, with what was learnt. */
  function askAgain(evening: Evening): void {
    const first = useClock().instant(evening.on, evening.from).getTime();
    const thirst = learntThirst(evening, log.pours, (at) => (new Date(at).getTime() - first) / 60_000);
    const on = addDays(today.iso(), 7);
    const next = again(evening, log.pours, thirst, { id: crypto.randomUUID(), on });
    keeper.keep(keptEvening, next, `${evening.name} again`);
  }

  const { keepInBook, forget } = useGuestBook();
  const { toErrand } = useMissingToErrand();
  return { all, next, past, begin, edit, giveUp, close, askAgain, keepInBook, forget, toErrand };
});
