import { defineStore } from 'pinia';
import { computed, type Ref } from 'vue';
import {
  keptBottle,
  keptPack,
  keptErrand,
  keptKit,
  keptPaidPrice,
  keptPlan,
  keptKittyEntry,
  keptTrips,
} from '@uisce/core/kept';
import {
  newErrand,
  putAway,
  type Errand,
  type ErrandLine,
  type KittyEntry,
  type Trips,
} from '@uisce/core/errand';
import type { Plan } from '@uisce/core/plan';
import { useKeeper } from '../kept/use-keeper';
import { useKit } from './use-kit';
import { usePlans } from './use-plans';
import { useToday } from './use-today';
import { useCatalogue } from './use-catalogue';

/** The kitty: what was put in, and spent. */
function useKitty() {
  const keeper = useKeeper();
  const plans = usePlans();
  const today = useToday();
  const entries = computed<KittyEntry[]>((before) => keeper.all(keptKittyEntry, before));
  /** Put money into the kitty: the Brief's money grows by it. */
  function setAside(minor: number): void {
    const plan = plans.current;
    if (plan === undefined || minor <= 0) return;
    const entry: KittyEntry = {
      id: crypto.randomUUID(),
      on: today.iso(),
      purpose: 'set-aside',
      minor,
      currency: plan.brief.currency,
      shop: '',
      note: '',
      errandId: null,
    };
    const brief = { ...plan.brief, moneyNowMinor: plan.brief.moneyNowMinor + minor };
    keeper.keepAll(
      'Set money aside',
      keeper.write(keptKittyEntry, entry),
      keeper.write(keptPlan, { ...plan, brief }),
    );
  }

  return { entries, setAside };
}

/** The errand under way: begun, changed, given up. */
function useOpenErrand(open: Readonly<Ref<Errand | undefined>>) {
  const keeper = useKeeper();
  const plans = usePlans();
  const today = useToday();
  /** Set out with a list, for a plan's answer and so much money. */
  function begin(lines: ErrandLine[], moneyMinor: number, reserveMinor: number): void {
    const plan = plans.current;
    if (plan === undefined) return;
    const errand = newErrand({
      id: crypto.randomUUID(),
      planId: plan.id,
      startedOn: today.iso(),
      currency: plan.brief.currency,
      moneyMinor,
      reserveMinor,
      lines,
    });
    keeper.keep(keptErrand, errand, 'Set out on an errand');
  }

  /** Change the errand under way, with words for the undo list. */
  function edit(change: string, part: Partial<Errand>): void {
    if (open.value) keeper.keep(keptErrand, { ...open.value, ...part }, change);
  }
  function editLine(id: string, change: string, part: Partial<ErrandLine>): void {
    const lines = open.value?.lines.map((l) => (l.id === id ? { ...l, ...part } : l));
    if (lines) edit(change, { lines });
  }
  function typeReceipt(shop: string, totalMinor: number | null): void {
    const others = open.value?.receipts.filter((r) => r.shop !== shop) ?? [];
    const mine = totalMinor === null ? [] : [{ shop, totalMinor }];
    edit('A receipt', { receipts: [...others, ...mine] });
  }
  function giveUp(): void {
    if (open.value) keeper.remove(keptErrand, open.value.id, 'Gave the errand up');
  }

  return { begin, edit, editLine, typeReceipt, giveUp };
}

/** Put the errand under way away: everything it brought, in one change. */
function usePuttingAway(
  open: Readonly<Ref<Errand | undefined>>,
  trips: Readonly<Ref<Trips>>,
  planOf: (errand: Errand) => Plan | undefined,
) {
  const keeper = useKeeper();
  const kits = useKit();
  const catalogue = useCatalogue();
  const today = useToday();
  function finish(): void {
    const errand = open.value;
    if (errand === undefined) return;
    const away = putAway(errand, {
      kit: kits.kit,
      kinds: catalogue.kinds,
      shopNames: new Map(catalogue.priceLists.map((l) => [l.id, l.name])),
      trips: trips.value.trips,
      today: today.iso(),
      newId: () => crypto.randomUUID(),
    });
    const plan = planOf(errand);
    const brief = plan && {
      ...plan.brief,
      moneyNowMinor: Math.max(0, plan.brief.moneyNowMinor - away.spentMinor),
      ownedPantry: [...new Set([...plan.brief.ownedPantry, ...away.pantry])],
    };
    keeper.keepAll(
      'Put the errand away',
      keeper.write(keptErrand, away.errand),
      ...away.bottles.map((b) => keeper.write(keptBottle, b)),
      ...away.packs.map((p) => keeper.write(keptPack, p)),
      ...(away.kit === kits.kit ? [] : [keeper.write(keptKit, away.kit)]),
      ...away.paid.map((p) => keeper.write(keptPaidPrice, p)),
      ...away.kitty.map((e) => keeper.write(keptKittyEntry, e)),
      ...(plan && brief ? [keeper.write(keptPlan, { ...plan, brief })] : []),
    );
  }

  return { finish };
}

/** Shopping trips, the kitty, and the shops that the household goes to. */
export const useErrands = defineStore('errands', () => {
  const keeper = useKeeper();
  const plans = usePlans();

  const errands = computed<Errand[]>((before) => keeper.all(keptErrand, before));
  /** The one that is under way. */
  const open = computed(() => errands.value.find((e) => e.endedOn === null));
  const past = computed(() =>
    errands.value
      .filter((e) => e.endedOn !== null)
      .sort((a, b) => ((a.endedOn ?? '') < (b.endedOn ?? '') ? 1 : -1)),
  );
  const { entries, setAside } = useKitty();
  const trips = computed(() => keeper.single(keptTrips));
  /** The plan that an errand buys for; the open one where that is gone. */
  const planOf = (errand: Errand): Plan | undefined =>
    plans.plans.find((p) => p.id === errand.planId) ?? plans.current;

  const { begin, edit, editLine, typeReceipt, giveUp } = useOpenErrand(open);
  const { finish } = usePuttingAway(open, trips, planOf);
  function editTrips(change: string, part: Partial<Trips>): void {
    keeper.keep(keptTrips, { ...trips.value, ...part }, change);
  }

  return {
    errands,
    open,
    past,
    entries,
    trips,
    planOf,
    begin,
    edit,
    editLine,
    typeReceipt,
    giveUp,
    finish,
    setAside,
    editTrips,
  };
});
