import { defineStore } from 'pinia';
import { computed } from 'vue';
import { batchesAsStock, type Person } from '@uisce/core/household';
import { keptBatch, keptBottle, keptPack, keptPerson, keptPour, keptRound } from '@uisce/core/kept';
import {
  drawPacks,
  drawsOfBatch,
  inTheCupboard,
  packsOfBatch,
  recipeOfBatch,
  type BatchRecord,
} from '@uisce/core/bench';
import {
  drawFrom,
  eveningOf,
  givenBack,
  logOrders,
  logRound,
  pourNeat as pourNeatOf,
  recounted,
  type Bar,
  type BatchLeft,
  type Logged,
  type RoundInHand,
  type Order,
  type Pour,
  type Round,
  type Stock,
} from '@uisce/core/pouring';
import { minorPerMl, type Bottle } from '@uisce/core/stock';
import { useKeeper } from '../kept/use-keeper';
import { useBatches } from './use-batches';
import { useKit } from './use-kit';
import { useStock } from './use-stock';
import { useClock } from './use-clock';
import { useToday } from './use-today';
import { useCatalogue } from './use-catalogue';

/** What is poured of an evening is written down at this hour, where only the day is known. */
const EVENING_AT = '20:00';

/** The stock that is poured from as it is now, and the writes that a pour or its taking back leaves. */
function useStockNow() {
  const keeper = useKeeper();
  const batches = useBatches();
  const stock = useStock();
  const catalogue = useCatalogue();
  const batchesLeft = (): BatchLeft[] => batchesAsStock(batches.batches, catalogue.all, catalogue.kinds);
  function stockNow(): Stock {
    const currency = catalogue.prices?.currency ?? null;
    const byId = new Map(stock.bottles.map((b) => [b.id, b]));
    return {
      bottles: stock.bottles,
      batches: batchesLeft(),
      kinds: stock.here.kinds,
      currency,
      minorPerMl: (id) => minorPerMl(byId.get(id), byId, currency),
    };
  }
  /** Stock as a pour or its taking back leaves it. */
  const stockWrites = ({ bottles, batches: left }: Pick<Logged, 'bottles' | 'batches'>) => [
    ...bottles.map((b) => keeper.write(keptBottle, b)),
    ...[...left].flatMap(([id, remainingMl]) => {
      const batch = batches.batches.find((b) => b.id === id);
      return batch ? [keeper.write(keptBatch, { ...batch, remainingMl })] : [];
    }),
  ];
  const pourWrites = (logged: Logged) => [
    ...logged.pours.map((p) => keeper.write(keptPour, p)),
    ...stockWrites(logged),
  ];

  return { batchesLeft, stockNow, stockWrites, pourWrites };
}

/** The round under way, kept step by step. */
function useRound() {
  const keeper = useKeeper();
  const round = computed(() => keeper.single(keptRound).round);

  function keepRound(next: Round | null, change = 'A step'): void {
    keeper.keep(keptRound, { round: next }, change);
  }
  function begin(orders: Order[], way: Round['way']): void {
    const [id, startedAt] = [crypto.randomUUID(), new Date().toISOString()];
    keepRound({
      id,
      startedAt,
      way,
      orders,
      tared: true,
      vesselG: 0,
      at: '',
      poured: {},
      off: {},
      workFrom: null,
      worked: {},
    });
  }

  return { round, keepRound, begin };
}

/** Who drinks here. */
function usePeople() {
  const keeper = useKeeper();
  const people = computed(() => keeper.all(keptPerson).sort((a, b) => (a.name < b.name ? -1 : 1)));
  function keepPerson(person: Person, change: string): void {
    keeper.keep(keptPerson, person, change);
  }
  function removePerson({ id, name }: Person): void {
    keeper.remove(keptPerson, id, `${name} goes`);
  }

  return { people, keepPerson, removePerson };
}

/** The evening that it is now. */
const evening = () => eveningOf(useClock().moment(new Date()));
const written = (on: string) => ({
  at: (on === evening() ? new Date() : useClock().instant(on, EVENING_AT)).toISOString(),
  on,
  newId: () => crypto.randomUUID(),
});

/** What was poured is written down, and the levels fall with it, in one change. */
function useWritingDown({ stockNow, stockWrites, pourWrites }: ReturnType<typeof useStockNow>) {
  const keeper = useKeeper();
  const today = useToday();
  const catalogue = useCatalogue();
  /** Write drinks down without steps, tonight or on another evening. */
  function writeDown(orders: readonly Order[], on = evening(), verdict: number | null = null): void {
    const logged = logOrders(orders, stockNow(), written(on));
    const rated = { ...logged, pours: logged.pours.map((p) => ({ ...p, verdict })) };
    keeper.keepAll(`Poured ${orders.map((o) => o.drink.name).join(', ')}`, ...pourWrites(rated));
  }

  /** Glasses of one bottle by itself, written down tonight. */
  function pourNeat(bottle: Bottle, of: { ml: number; glasses: number; for: string[] }): void {
    const logged = pourNeatOf(bottle, of, stockNow(), written(evening()));
    if (logged) keeper.keepAll(`Poured ${logged.pours[0]?.name ?? ''}`.slice(0, 120), ...pourWrites(logged));
  }

  /** The round is served, or given up: what went in is written down, and the levels fall, in one change. */
  function finish(of: Round, inHand: RoundInHand, done: boolean): void {
    const logged = logRound(of, inHand, stockNow(), written(evening()), done);
    const names = of.orders.map((o) => o.drink.name).join(', ');
    keeper.keepAll(
      done ? `Poured ${names}`.slice(0, 120) : `Gave up ${names}`.slice(0, 120),
      // What was given up came out of the bottles, and was drunk by nobody.
      ...(done ? pourWrites(logged) : stockWrites(logged)),
      keeper.write(keptRound, { round: null }),
    );
  }

  /** A batch is bottled: what went in came out of the household's bottles and fruit. */
  function bottleBatch(batch: BatchRecord, change: string): void {
    const recipe = recipeOfBatch(batch, catalogue.all.homeMade);
    const { bottles, batches: left, kinds } = stockNow();
    const packs = keeper.all(keptPack);
    const packed = new Set(inTheCupboard(packs).keys());
    const asked = recipe ? drawsOfBatch(recipe, batch.inG, catalogue.all, kinds, packed) : [];
    const drawn = drawFrom(asked, bottles, left, kinds, today.iso());
    const taken = drawPacks(recipe ? packsOfBatch(recipe, batch.inG) : [], packs, today.iso());
    keeper.keepAll(
      change,
      keeper.write(keptBatch, batch),
      ...stockWrites(drawn),
      ...taken.map((p) => keeper.write(keptPack, p)),
    );
  }

  /** Another number of glasses of an entry: the levels follow. */
  function recount(pour: Pour, glasses: number): void {
    const right = recounted(pour, glasses, stockNow());
    keeper.keepAll(`${glasses} × ${pour.name}`, keeper.write(keptPour, right.pour), ...stockWrites(right));
  }

  return { writeDown, pourNeat, finish, bottleBatch, recount };
}

/** The log of what was poured, who drinks here, and the round under way. */
export const useLog = defineStore('log', () => {
  const keeper = useKeeper();
  const kits = useKit();
  const stock = useStock();
  const catalogue = useCatalogue();

  const pours = computed<Pour[]>((before) => keeper.all(keptPour, before));
  const { people, keepPerson, removePerson } = usePeople();
  const { round, keepRound, begin } = useRound();
  /** What rounds are made with here. */
  const bar = computed<Bar>(() => ({
    catalogue: catalogue.all,
    kinds: stock.here.kinds,
    kit: kits.kit,
  }));
  const stockOfNow = useStockNow();
  const { batchesLeft, stockWrites } = stockOfNow;
  const { writeDown, pourNeat, finish, bottleBatch, recount } = useWritingDown(stockOfNow);
  function edit(id: string, change: string, part: Partial<Pour>): void {
    const pour = pours.value.find((p) => p.id === id);
    if (pour) keeper.keep(keptPour, { ...pour, ...part }, change);
  }
  /** A pour that was none: its entry goes, and what it drew stands in its bottles again. */
  function takeBack(id: string): void {
    const pour = pours.value.find((p) => p.id === id);
    if (pour === undefined) return;
    const back = givenBack(pour, stock.bottles, batchesLeft());
    keeper.keepAll(`Took back ${pour.name}`, keeper.writeGone(keptPour, id), ...stockWrites(back));
  }

  return {
    pours,
    people,
    round,
    bar,
    evening,
    writeDown,
    pourNeat,
    begin,
    keepRound,
    finish,
    bottleBatch,
    recount,
    edit,
    takeBack,
    keepPerson,
    removePerson,
  };
});
