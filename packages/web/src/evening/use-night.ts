import { createSharedComposable } from '@vueuse/core';
import { computed, type Ref } from 'vue';
import { standardDrink } from '@uisce/core/drink';
import {
  drinksTonight,
  menuHere,
  poursOfEvening,
  settledMenu,
  type Evening,
  type Guest,
  type SettledDrink,
} from '@uisce/core/evening';
import { eveningSoFar } from '@uisce/core/pouring';
import { useEvenings } from '../household/use-evenings';
import { useLog } from '../household/use-log';
import { usePouring } from '../household/use-pouring';
import { useSettings } from '../household/use-settings';
import { useOrder } from '../household/use-order';
import { useStock } from '../household/use-stock';
import { useCatalogue } from '../household/use-catalogue';
import { count, useWords } from '../words/use-words';
import { useEvening } from './use-evening';

/** What each guest had, in glasses and standard drinks, against the limit they set. */
function useHad(evening: Ref<Evening | undefined>) {
  const settings = useSettings();
  const log = useLog();
  const words = useWords();
  const standard = computed(() => standardDrink(settings.current.locale));
  const limitOf = (name: string) => log.people.find((p) => p.name === name)?.limit ?? null;
  const had = computed(
    () =>
      new Map(
        eveningSoFar(log.pours, evening.value?.on ?? '', standard.value, limitOf).map((s) => [s.name, s]),
      ),
  );
  /** What a guest had, calmly: "2 glasses, 1.9 standard drinks; water between". */
  function sayHad({ name, count: heads }: Guest): string {
    const so = had.value.get(name);
    if (!so) return 'nothing yet';
    const each = heads > 1 ? ' between them' : '';
    const of = so.limit === null ? '' : ` of the ${words.number(so.limit)} set for an evening`;
    const water = so.past
      ? '; that is the limit they set: water now'
      : so.standard > 0
        ? '; water between'
        : '';
    return `${count(Math.round(so.glasses * 10) / 10, 'glass', 'glasses')}${each}, ${words.number(so.standard)} ${standard.value.word[1]}${of}${water}`;
  }
  return { had, sayHad };
}

/** What guests ask for, until it is made. */
function useAsks() {
  const order = useOrder();
  /** What is asked for and not made yet, by guest. */
  const waiting = (name: string) => order.lines.value.filter((l) => l.for.includes(name)).map((l) => l.name);

  /** A guest asks for a drink: it stands on the round, in their name. */
  function ask(guest: Guest, drink: SettledDrink): void {
    const line = order.lines.value.find((l) => l.drink === drink.id);
    order.add(drink.id);
    const who = order.lines.value.find((l) => l.drink === drink.id)?.for ?? line?.for ?? [];
    if (!who.includes(guest.name)) order.setFor(drink.id, [...who, guest.name]);
  }

  return { waiting, ask };
}

/** The evening while it goes on: who had what, what is to come, what runs low. */
export const useNight = createSharedComposable(() => {
  const evenings = useEvenings();
  const log = useLog();
  const pouring = usePouring();
  const stock = useStock();
  const catalogue = useCatalogue();
  const { evening, plan } = useEvening();
  const { had, sayHad } = useHad(evening);

  const isSettled = computed(
    () => evening.value !== undefined && evening.value.must.length >= evening.value.size,
  );
  const menu = computed(() => {
    const [e, ready, prices] = [evening.value, pouring.ready.value, catalogue.prices];
    if (!e || !ready || !prices) return [];
    return settledMenu(e, menuHere(e, { ...stock.here, ready, prices, catalogue: catalogue.all }));
  });
  const pours = computed(() => (evening.value ? poursOfEvening(evening.value, log.pours) : []));
  const poured = computed(() => {
    const all = new Map<string, number>();
    for (const p of pours.value) all.set(p.drink, (all.get(p.drink) ?? 0) + p.glasses);
    return all;
  });
  /** Of the menu: what is left of each, what is short first. */
  const drinks = computed(() =>
    drinksTonight(menu.value, poured.value, (id) =>
      pouring.now.value ? (pouring.find(id)?.glasses ?? 0) : undefined,
    ),
  );

  const { waiting, ask } = useAsks();
  /** Settle the menu: from here on it does not change when bottles empty. */
  function settle(): void {
    const p = plan.value;
    if (p) evenings.edit('The menu is settled', { must: p.menu.drinks, size: p.menu.drinks.length, off: [] });
  }
  function takeOff(id: string, name: string): void {
    const e = evening.value;
    if (e) evenings.edit(`${name} is off the menu`, { off: [...e.off, id] });
  }

  const nameOf = (id: string) => menu.value.find((d) => d.id === id)?.name ?? id;

  return {
    isSettled,
    menu,
    drinks,
    poured,
    waiting,
    ask,
    settle,
    takeOff,
    nameOf,
    had,
    sayHad,
    pours,
  };
});
