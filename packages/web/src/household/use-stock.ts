import { defineStore } from 'pinia';
import { computed, type Ref } from 'vue';
import { keptBottle } from '@uisce/core/kept';
import { atHome } from '@uisce/core/household';
import { typicalPours, type HouseholdBrief } from '@uisce/core/plan';
import { atHand, bottleThere, freshThere, isThere, ownedKinds, type Bottle } from '@uisce/core/stock';
import { useKeeper } from '../kept/use-keeper';
import { useToday } from './use-today';
import { useBatches } from './use-batches';
import { useKit } from './use-kit';
import { useSettings } from './use-settings';
import { useCatalogue } from './use-catalogue';

/** Kinds that the plan may count on, and those nearly empty. */
function useOwned(bottles: Readonly<Ref<Bottle[]>>) {
  const catalogue = useCatalogue();
  const today = useToday();
  /** Bottles alone: a batch is made again from its packs, and the plan counts those. */
  const inBottles = computed(() => atHand(bottles.value, [], catalogue.kinds, today.iso()));
  /** ml that a drink which pours a kind usually takes of it. */
  const pours = computed(() => {
    const typical = typicalPours(catalogue.all);
    return (kind: string) => typical.get(kind) ?? 0;
  });
  const counted = computed(() => ownedKinds(inBottles.value, pours.value));
  /** Kinds the plan may count on; the same list while nothing of it has changed. */
  let known: string[] = [];
  const owned = computed(() => {
    const now = counted.value.owned;
    if (now.length !== known.length || now.some((k, i) => k !== known[i])) known = now;
    return known;
  });
  const toReplace = computed(() => counted.value.toReplace);

  return { inBottles, pours, owned, toReplace };
}

/** Writes that say a kind is owned, or is not. */
function useOwnedWrites(standing: Readonly<Ref<Bottle[]>>) {
  const keeper = useKeeper();
  const catalogue = useCatalogue();
  const today = useToday();
  /** A write that says a kind is owned: a bottle that is there, not measured. */
  function ownWrites(kind: string) {
    const place = catalogue.kinds.get(kind)?.storage ?? 'shelf';
    return [keeper.write(keptBottle, bottleThere(crypto.randomUUID(), kind, place))];
  }
  /** Writes that say it is not: what was never measured goes, what was is finished today. */
  function disownWrites(kind: string) {
    return standing.value
      .filter((b) => b.kind === kind && !b.sipping)
      .map((b) =>
        b.leftMl === null
          ? keeper.writeGone(keptBottle, b.id)
          : keeper.write(keptBottle, { ...b, leftMl: 0, finishedOn: today.iso() }),
      );
  }

  return { ownWrites, disownWrites };
}

/** The household's bottles, and what can be poured from them. */
export const useStock = defineStore('stock', () => {
  const keeper = useKeeper();
  const catalogue = useCatalogue();
  const batches = useBatches();
  const kits = useKit();
  const settings = useSettings();
  const today = useToday();

  const bottles = computed(() => keeper.all(keptBottle));
  const standing = computed(() => bottles.value.filter((b) => isThere(b) && b.pieces === null));
  /** Fruit, eggs and herbs, by count. */
  const fresh = computed(() => freshThere(bottles.value, catalogue.kinds, today.iso()));
  const finished = computed(() =>
    bottles.value
      .filter((b) => !isThere(b) && b.pieces === null)
      .sort((a, b) => ((a.finishedOn ?? '') < (b.finishedOn ?? '') ? 1 : -1)),
  );

  /** The household as it is now: what everything that is poured, offered or judged is worked out from. */
  const here = computed(() =>
    atHome({
      catalogue: catalogue.all,
      bottles: bottles.value,
      batches: batches.batches,
      kit: kits.kit,
      houseSyrupRatio: settings.current.houseSyrupRatio,
      today: today.iso(),
    }),
  );
  const there = computed(() => here.value.there);
  const { inBottles, pours, owned, toReplace } = useOwned(bottles);
  const isOwned = (kind: string) => owned.value.includes(kind);
  /** A brief as it is solved: with what the household's bottles pour, unless it says what is to count. */
  const withStock = (brief: HouseholdBrief): HouseholdBrief => ({ ownedKinds: owned.value, ...brief });

  /** Keep bottles as they are now, in one change. */
  function keep(change: string, ...now: Bottle[]): void {
    keeper.keepAll(change, ...now.map((b) => keeper.write(keptBottle, b)));
  }
  function edit(id: string, change: string, part: Partial<Bottle>): void {
    const bottle = bottles.value.find((b) => b.id === id);
    if (bottle) keep(change, { ...bottle, ...part });
  }
  function remove(id: string): void {
    keeper.remove(keptBottle, id, 'Threw a bottle away');
  }

  const { ownWrites, disownWrites } = useOwnedWrites(standing);
  return {
    bottles,
    standing,
    fresh,
    finished,
    here,
    there,
    inBottles,
    owned,
    toReplace,
    pours,
    isOwned,
    withStock,
    keep,
    edit,
    remove,
    ownWrites,
    disownWrites,
  };
});
