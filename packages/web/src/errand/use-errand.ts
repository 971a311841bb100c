import { upperFirst, lowerFirst } from '@uisce/core/base';
import { createSharedComposable } from '@vueuse/core';
import { computed, ref, shallowRef, watch, type Ref } from 'vue';
import type { PriceList } from '@uisce/core/catalogue';
import {
  basketsOf,
  compareShops,
  freshLines,
  joinShops,
  lineMinor,
  linesOf,
  shopsOf,
  takenUp,
  type ErrandLine,
  type Ware,
} from '@uisce/core/errand';
import { madeBy, weeklyUseMl } from '@uisce/core/plan';
import { useErrands } from '../household/use-errands';
import { usePlans } from '../household/use-plans';
import { useStock } from '../household/use-stock';
import { useCatalogue } from '../household/use-catalogue';
import type { Advice } from '../solver/tasks/questions';
import { useQuestion } from '../solver/use-question';
import { useAnswer } from '../solver/use-answer';
import { count, oneAndMany, useWords } from '../words/use-words';

/** A tick is judged when the hand has moved on. */
const JUDGE_AFTER_MS = 250;
/** Months that the ladder looks ahead for this month's step. */
const LADDER_MONTHS = 6;

/** The shops of an errand: their prices, and what going to several of them would bring. */
function useErrandShops() {
  const answers = useAnswer();
  const errands = useErrands();
  const plans = usePlans();
  const catalogue = useCatalogue();
  const currency = computed(() => errands.open?.currency ?? catalogue.prices?.currency ?? 'EUR');
  /** Other shops that ask in the same money. */
  const otherShops = computed(() =>
    catalogue.priceLists.filter(
      (l) => l.currency === currency.value && l.id !== catalogue.prices?.id && !l.over,
    ),
  );
  const shopName = (id: string) => catalogue.priceLists.find((l) => l.id === id)?.name ?? id;

  // The prices of every shop that is gone to; the one whose prices are in use first.
  const lists = shallowRef<PriceList[]>([]);
  const goesTo = computed(() => {
    const known = new Set(otherShops.value.map((l) => l.id));
    return [...new Set([...errands.trips.goesTo, ...shopsOf(errands.open ?? { lines: [] })])].filter((id) =>
      known.has(id),
    );
  });
  watch(
    [goesTo, () => catalogue.prices],
    async ([ids, home]) => {
      if (home === undefined) return;
      const others = await Promise.all(ids.map((id) => catalogue.listOf(id).catch(() => undefined)));
      if (home === catalogue.prices) lists.value = [home, ...others.filter((l) => l !== undefined)];
    },
    { immediate: true },
  );

  const { found: shopsFound, isAsking: comparing } = useQuestion('shops', () => {
    if (lists.value.length < 2 || !answers.proven || errands.open || !plans.brief) return undefined;
    return { of: { lists: lists.value, trips: [...errands.trips.trips] } };
  });
  const comparison = computed(() =>
    compareShops(shopsFound.value ?? [], lists.value, errands.trips.hourMinor ?? 0),
  );

  return { otherShops, shopName, lists, shopsFound, comparing, comparison };
}

/** The errand under way as it stands: what is found on the way is judged anew. */
function useErrandAsItStands(lists: Ref<PriceList[]>) {
  const errands = useErrands();
  const { found: judged } = useQuestion(
    'basket',
    () => {
      const errand = errands.open;
      const plan = errand && errands.planOf(errand);
      const all = lists.value;
      if (!errand || !plan || shopsOf(errand).some((id) => !all.some((l) => l.id === id))) return undefined;
      if (!errand.lines.some((l) => l.state === 'wanted')) return undefined;
      return { of: { errand, lists: all }, brief: plan.brief };
    },
    { debounceMs: JUDGE_AFTER_MS },
  );
  /** What would be better than the rest of the list; nothing while it is the best. */
  const swap = computed(() => (judged.value && !judged.value.still ? judged.value : undefined));
  function takeSwap(): void {
    if (errands.open && swap.value)
      errands.edit('Took the swap', { lines: takenUp(errands.open, swap.value).lines });
  }

  return { judged, swap, takeSwap };
}

/** Wares of an errand in words. */
function useWareWords() {
  const catalogue = useCatalogue();
  const words = useWords();
  function wareName(ware: Ware): string {
    switch (ware.is) {
      case 'tool':
        return catalogue.tools.get(ware.tool)?.name ?? ware.tool;
      case 'glasses':
        return count(ware.pieces, ...oneAndMany(catalogue.glassInSentence(ware.glass)));
      case 'pantry':
        return upperFirst(catalogue.pantryName(ware.pantry));
      default:
        return catalogue.kindName(ware.kind);
    }
  }

  function wareInSentence(ware: Ware): string {
    if (ware.is === 'tool') return catalogue.toolInSentence(ware.tool);
    return 'kind' in ware ? catalogue.kindInSentence(ware.kind) : lowerFirst(wareName(ware));
  }

  /** How large one of it is; empty for a tool. */
  function wareSize(ware: Ware): string {
    if (ware.is === 'bottle') return words.size(ware.ml);
    if (ware.is === 'pantry') return words.mass(ware.g);
    if (ware.is === 'glasses') return `${words.volume(ware.capacityMl)} each`;
    return ware.is === 'fresh' ? ware.sold : '';
  }

  return { wareName, wareInSentence, wareSize };
}

/** What is shopped for: the shops that are gone to, all of the plan or this month’s step. */
function useChosenShops(lists: Ref<PriceList[]>, shopsFound: Ref<Advice<'shops'> | undefined>) {
  const answers = useAnswer();
  /** The set of shops that is gone to, by its ids in a row; the one in use until another is chosen. */
  const chosen = ref('');
  const part = ref<'all' | 'month'>('all');

  const { found: ladder } = useQuestion(
    'ladder',
    () => part.value === 'month' && answers.proven && { of: { months: LADDER_MONTHS } },
  );

  const atShops = computed(() => shopsFound.value?.find((a) => a.shops.join(' ') === chosen.value));
  const chosenLists = computed(() => {
    const ids = atShops.value?.shops ?? lists.value.slice(0, 1).map((l) => l.id);
    return lists.value.filter((l) => ids.includes(l.id));
  });
  const result = computed(() => atShops.value?.result ?? answers.result);

  return { chosen, part, atShops, chosenLists, result, ladder };
}

/** What the list would be, were one to set out now: the plan’s, and what is bought beside it. */
function usePreview({ part, chosenLists, atShops, result, ladder }: ReturnType<typeof useChosenShops>) {
  const plans = usePlans();
  const stock = useStock();
  const catalogue = useCatalogue();
  const withRestock = ref(false);
  const withFresh = ref(false);
  /** The cheapest bottle of what is nearly empty, where the plan does not buy it anyway. */
  const restock = computed<ErrandLine[]>(() => {
    const home = chosenLists.value[0];
    const bought = new Set(planned.value.map((l) => (l.ware.is === 'bottle' ? l.ware.kind : '')));
    return stock.toReplace.flatMap((kind): ErrandLine[] => {
      const sold = home?.bottles.filter((b) => b.kind === kind && !b.homeMade && b.tier === 'mixing') ?? [];
      if (!home || sold.length === 0 || bought.has(kind)) return [];
      const { id, ml, label, priceMinor } = sold.reduce((a, b) => (b.priceMinor < a.priceMinor ? b : a));
      return [
        {
          id,
          shop: home.id,
          ware: { is: 'bottle', kind, ml },
          label,
          count: 1,
          listedMinor: priceMinor,
          foundMinor: null,
          onOffer: false,
          state: 'wanted',
          why: 'restock',
        },
      ];
    });
  });
  const planned = computed<ErrandLine[]>(() => {
    const [home] = chosenLists.value;
    if (!result.value || !home) return [];
    const step = part.value === 'month' && !atShops.value ? ladder.value?.rungs[0]?.bought : undefined;
    const of = step ? { ...result.value, inUse: step } : result.value;
    return linesOf(of, joinShops(chosenLists.value), chosenLists.value);
  });
  const fresh = computed<ErrandLine[]>(() => {
    if (chosenLists.value.length === 0) return [];
    const { drinksPerWeek } = plans.briefOrEmpty;
    // What the set is for says nothing of fruit: it is bought by what its drinks are made of.
    const drinks = madeBy(result.value).flatMap((d) => catalogue.recipes.get(d.id) ?? []);
    const perWeekMl = (kind: string) => weeklyUseMl(kind, drinks, drinksPerWeek);
    return freshLines(joinShops(chosenLists.value), chosenLists.value, perWeekMl);
  });
  /** What the list would be, were one to set out now. */
  const preview = computed(() => [
    ...planned.value,
    ...(withRestock.value ? restock.value : []),
    ...(withFresh.value ? fresh.value : []),
  ]);
  const previewMinor = computed(() => preview.value.reduce((sum, l) => sum + lineMinor(l), 0));

  return { restock, fresh, withRestock, withFresh, preview, previewMinor };
}

/** The errand before it begins, and while it is under way: its lines, its shops, and how good it is. */
export const useErrand = createSharedComposable(() => {
  const errands = useErrands();
  const plans = usePlans();

  const { otherShops, shopName, lists, shopsFound, comparing, comparison } = useErrandShops();
  const shops = useChosenShops(lists, shopsFound);
  const { chosen, part, ladder, atShops, result } = shops;
  const { restock, fresh, withRestock, withFresh, preview, previewMinor } = usePreview(shops);
  /** Lines are the errand's while there is one, else those it would have. */
  const lines = computed(() => errands.open?.lines ?? preview.value);
  const baskets = computed(() => errands.open && basketsOf(errands.open));

  const { judged, swap, takeSwap } = useErrandAsItStands(lists);
  const { wareName, wareInSentence, wareSize } = useWareWords();
  /** What the way to the chosen shops costs, minor units. */
  const tripMinor = computed(() => atShops.value?.tripMinor ?? 0);
  function setOut(): void {
    const money = Math.max(0, plans.briefOrEmpty.moneyNowMinor - tripMinor.value);
    errands.begin(preview.value, money, plans.briefOrEmpty.freshMinor);
  }

  return {
    otherShops,
    lists,
    shopName,
    comparison,
    comparing,
    shopsFound,
    chosen,
    part,
    withRestock,
    withFresh,
    restock,
    fresh,
    ladder,
    result,
    tripMinor,
    preview,
    previewMinor,
    lines,
    baskets,
    judged,
    swap,
    takeSwap,
    wareName,
    wareInSentence,
    wareSize,
    setOut,
  };
});
