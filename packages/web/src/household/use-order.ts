import { createSharedComposable, useLocalStorage } from '@vueuse/core';
import { computed, type Ref } from 'vue';
import { inGlass, limitsTogether, NO_LIMITS, refusalOf, sayRefusal, type Limits } from '@uisce/core/drink';
import {
  MAX_GLASSES,
  MAX_ORDERS,
  refusalsOf,
  withChosen,
  withoutParts,
  type Order,
} from '@uisce/core/pouring';
import { useLimits } from './use-limits';
import { useLog } from './use-log';
import { usePouring } from './use-pouring';
import { useStock } from './use-stock';
import { useCatalogue } from './use-catalogue';

/** A drink on the tray: how many, and for whom. */
interface Asked {
  drink: string;
  count: number;
  for: string[];
  /** Optional parts that are left out, by kind. */
  without?: string[];
  /** Bottles named for this once, by the kind they are poured in place of. */
  chosen?: Record<string, string>;
}

/** An order without what is left out of it, and with the bottles that are named for it. */
function useAsAsked() {
  const stock = useStock();
  return (order: Order, { without, chosen = {} }: Pick<Asked, 'without' | 'chosen'> = {}): Order => {
    const named = Object.entries(chosen).flatMap(([kind, id]) => {
      const bottle = stock.standing.find((b) => b.id === id);
      return bottle ? [[kind, bottle] as const] : [];
    });
    return withChosen(withoutParts(order, without), new Map(named));
  };
}

/** Who cannot have what of a round, in words. */
function useRefusals(lines: Readonly<Ref<readonly Asked[]>>, orders: Readonly<Ref<readonly Order[]>>) {
  const limitsOf = useLimits();
  const pouring = usePouring();
  const stock = useStock();
  const catalogue = useCatalogue();
  const asAsked = useAsAsked();
  const sayPart = (kind: string) => catalogue.kindInSentence(kind);
  /** Why a name cannot have a drink as it would be poured here now; empty where nothing speaks against it. */
  function against(
    drink: string,
    name: string,
    more: Pick<Limits, 'allergens' | 'without' | 'noAlcohol'> = NO_LIMITS,
  ): string {
    const now = pouring.find(drink);
    if (now === undefined) return 'it cannot be poured here now';
    const count = Math.max(1, lines.value.find((l) => l.drink === drink)?.count ?? 1);
    const line = lines.value.find((l) => l.drink === drink);
    const asked = asAsked(pouring.orderOf(now, count), line);
    const glass = inGlass(asked.drink, stock.here.kinds, pouring.mayBe(asked));
    const limits = limitsTogether([limitsOf(name), { ...more, drives: false }]);
    const refusal = refusalOf(limits, glass);
    return refusal ? sayRefusal(refusal, sayPart) : '';
  }
  /** Who of the round cannot have what is poured for them, in words: no round begins with one. */
  const refused = computed(() =>
    refusalsOf(orders.value, stock.here.kinds, limitsOf, pouring.mayBe).map(
      ({ order, name, refusal }) =>
        `${orders.value[order]?.drink.name ?? ''} is not for ${name}: ${sayRefusal(refusal, sayPart)}.`,
    ),
  );

  return { against, refused };
}

/** The tray, the lines of it that can still be poured, how many glasses they are, and who cannot have what. */
interface Tray {
  tray: Ref<Asked[]>;
  lines: Readonly<Ref<readonly Asked[]>>;
  glasses: Readonly<Ref<number>>;
  against: (drink: string, name: string) => string;
}

/** What is put on the tray, in what number, for whom. */
function useTray({ tray, lines, glasses, against }: Tray) {
  function add(drink: string): void {
    const there = tray.value.find((a) => a.drink === drink);
    if (there) setCount(drink, there.count + 1);
    else if (lines.value.length < MAX_ORDERS && glasses.value < MAX_GLASSES)
      tray.value = [
        ...lines.value.map(({ drink: d, count, for: who, without = [], chosen = {} }) => ({
          drink: d,
          count,
          for: who,
          without,
          chosen,
        })),
        { drink, count: 1, for: [] },
      ];
  }
  function setCount(drink: string, count: number): void {
    const others = glasses.value - (lines.value.find((l) => l.drink === drink)?.count ?? 0);
    const most = MAX_GLASSES - others;
    tray.value = tray.value.flatMap((a) =>
      a.drink !== drink ? [a] : count < 1 ? [] : [{ ...a, count: Math.min(count, most) }],
    );
  }
  function setFor(drink: string, who: string[]): void {
    const may = who.filter((name) => against(drink, name) === '');
    tray.value = tray.value.map((a) =>
      a.drink === drink ? { ...a, for: may, count: Math.max(a.count, Math.min(may.length, MAX_GLASSES)) } : a,
    );
  }

  /** An optional part is left out of a drink, or comes back into it. */
  function setWithout(drink: string, kind: string, isOut: boolean): void {
    tray.value = tray.value.map((a) => {
      if (a.drink !== drink) return a;
      const others = (a.without ?? []).filter((k) => k !== kind);
      return { ...a, without: isOut ? [...others, kind] : others };
    });
  }

  /** One bottle is named for a part, for this once; null leaves it to the order in which bottles are used. */
  function choose(drink: string, kind: string, bottle: string | null): void {
    tray.value = tray.value.map((a) => {
      if (a.drink !== drink) return a;
      const others = Object.entries(a.chosen ?? {}).filter(([k]) => k !== kind);
      return { ...a, chosen: Object.fromEntries(bottle === null ? others : [...others, [kind, bottle]]) };
    });
  }

  return { add, setCount, setFor, setWithout, choose };
}

/** The round that is being put together, on this device, before it is made. */
export const useOrder = createSharedComposable(() => {
  const log = useLog();
  const pouring = usePouring();
  const tray = useLocalStorage<Asked[]>('uisce:tray', []);
  const way = useLocalStorage<'measure' | 'scale'>('uisce:measured-by', 'measure');

  const asAsked = useAsAsked();
  /** What of the tray can still be poured. */
  const lines = computed(() =>
    tray.value.flatMap((asked) => {
      const now = pouring.find(asked.drink);
      return now ? [{ ...asked, now, name: now.pourable.recipe.name }] : [];
    }),
  );
  const glasses = computed(() => lines.value.reduce((n, l) => n + l.count, 0));
  const isFull = computed(() => glasses.value >= MAX_GLASSES || lines.value.length >= MAX_ORDERS);
  const orders = computed<Order[]>(() =>
    lines.value.map((l) => asAsked(pouring.orderOf(l.now, l.count, l.for), l)),
  );

  const { against, refused } = useRefusals(lines, orders);
  const { add, setCount, setFor, setWithout, choose } = useTray({ tray, lines, glasses, against });
  const clear = () => (tray.value = []);

  /** Begin to make it. */
  function make(): void {
    if (refused.value.length > 0) return;
    log.begin(orders.value, way.value);
    clear();
  }
  /** Write it down as poured, without its steps. */
  function writeDown(on?: string): void {
    log.writeDown(orders.value, on);
    clear();
  }

  return {
    lines,
    glasses,
    isFull,
    orders,
    way,
    against,
    refused,
    add,
    setCount,
    setFor,
    setWithout,
    choose,
    clear,
    make,
    writeDown,
  };
});
