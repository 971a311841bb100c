import { addDays } from '@uisce/core/base';
import { kindIndex, type Catalogue, type PriceList } from '@uisce/core/catalogue';
import {
  cansOf,
  putAway,
  type Errand,
  type ErrandLine,
  type PaidPrice,
  type KittyEntry,
  type Trips,
  type Ware,
} from '@uisce/core/errand';
import { emptyKit } from '@uisce/core/kit';
import type { Pack } from '@uisce/core/bench';
import { bottleThere, type Bottle } from '@uisce/core/stock';
import { BOATHOUSE } from './boathouse.js';
import { BEFORE, LANTERN, TRIPS, UNDER_WAY } from './boathouse-shopping.js';

/** What the boathouse bought, has, and is about to buy. */
export interface BoathouseStock {
  bottles: Bottle[];
  packs: Pack[];
  errands: Errand[];
  kitty: KittyEntry[];
  paid: PaidPrice[];
  trips: Trips;
}

/** What a list sells under an id; fresh things go by their kind, packs by what is in them. */
function soldAs(list: PriceList, id: string): { ware: Ware; label: string; priceMinor: number } {
  const bottle = list.bottles.find((b) => b.id === id);
  if (bottle)
    return { ...bottle, ware: { is: 'bottle', kind: bottle.kind, ml: bottle.ml, ...cansOf(bottle) } };
  const pack = list.pantry.find((p) => `pack:${p.pantry}` === id);
  if (pack)
    return {
      ware: { is: 'pantry', pantry: pack.pantry, g: pack.g },
      label: pack.pantry.replaceAll('-', ' '),
      priceMinor: pack.priceMinor,
    };
  const fresh = list.fresh.find((f) => f.kind === id);
  if (fresh) {
    const { kind, sold, priceMinor } = fresh;
    return { ware: { is: 'fresh', kind, sold }, label: sold, priceMinor };
  }
  const piece = list.kit.find((k) => k.id === id);
  if (piece === undefined) throw new Error(`${list.name} does not sell ${id}`);
  const { tool, glass = '', pieces, capacityMl = 0 } = piece;
  return {
    ...piece,
    ware: tool === undefined ? { is: 'glasses', glass, pieces, capacityMl } : { is: 'tool', tool },
  };
}

/** A line for it. */
function lineOf(list: PriceList, id: string, part: Partial<ErrandLine> = {}): ErrandLine {
  const { ware, label, priceMinor } = soldAs(list, id);
  return {
    id,
    shop: list.id,
    ware,
    label,
    count: 1,
    listedMinor: priceMinor,
    foundMinor: null,
    onOffer: false,
    state: 'wanted',
    why: ware.is === 'fresh' ? 'fresh' : 'plan',
    ...part,
  };
}

/**
 * Bottles at their levels, bought at two shops over three months, with what they cost; and an errand half done.
 *
 * @param today ISO day: everything is some days before it.
 */
export function boathouseStock(
  today: string,
  newId: () => string,
  { catalogue, shops, planId }: { catalogue: Catalogue; shops: readonly PriceList[]; planId: string },
): BoathouseStock {
  const ago = (days: number) => addDays(today, -days);
  const kinds = kindIndex(catalogue.kinds);
  const shop = (id: string) => {
    const list = shops.find((l) => l.id === id);
    if (list === undefined) throw new Error(`there is no shop ${id}`);
    return list;
  };
  const [first] = BOATHOUSE.plans;
  const errand = (startedOn: string, lines: ErrandLine[]): Errand => ({
    id: newId(),
    planId,
    startedOn,
    endedOn: null,
    currency: 'EUR',
    receipts: [],
    reserveMinor: 0,
    moneyMinor: first?.brief.moneyNowMinor ?? 0,
    lines,
  });
  const before = BEFORE.map(({ ago: days, shop: at, bought }) => {
    const lines = bought.map(([id, since]) => ({
      line: lineOf(shop(at), id, { state: 'basket', count: FRESH_COUNT[id] ?? 1 }),
      since,
    }));
    const away = putAway(
      errand(
        ago(days),
        lines.map((l) => l.line),
      ),
      {
        kit: emptyKit(),
        kinds,
        trips: TRIPS.trips,
        today: ago(days),
        newId,
        shopNames: new Map(shops.map((l) => [l.id, l.name])),
      },
    );
    const bottles = away.bottles.map((bottle): Bottle => {
      const bought = lines.find((l) => l.line.label === bottle.label);
      return { ...bottle, ...bought?.since, openedOn: null };
    });
    return { ...away, bottles };
  });
  const setAside = [92, 61, 30].map((days): KittyEntry => ({
    id: newId(),
    on: ago(days),
    purpose: 'set-aside',
    minor: 6_000,
    currency: 'EUR',
    shop: '',
    note: '',
    errandId: null,
  }));
  return {
    bottles: [...before.flatMap((e) => e.bottles), ...oldBottles(ago, newId)],
    packs: [...before.flatMap((e) => e.packs), ...oldPacks(ago, newId)],
    errands: [
      ...before.map((e) => e.errand),
      errand(
        today,
        UNDER_WAY.map(([id, found]) => lineOf(shop(LANTERN), id, found)),
      ),
    ],
    kitty: [...setAside, ...before.flatMap((e) => e.kitty)],
    paid: before.flatMap((e) => e.paid),
    trips: TRIPS,
  };
}

/** Packs that stood in the cupboard before the log began. */
function oldPacks(ago: (days: number) => string, newId: () => string): Pack[] {
  const there = { 'white-sugar': 1000, 'citric-acid': 100 };
  return Object.entries(there).map(([pantry, g]) => ({
    id: newId(),
    pantry,
    sizeG: g,
    leftG: g,
    boughtOn: ago(80),
    finishedOn: null,
  }));
}

/** How many fruits were bought. */
const FRESH_COUNT: Readonly<Record<string, number>> = { 'lime-juice': 12, 'lemon-juice': 6 };

/** What was there when the log began, at its level of that day: kept for sipping, poured over, or to be finished. */
function oldBottles(ago: (days: number) => string, newId: () => string): Bottle[] {
  const bottle = (kind: string, more: Partial<Bottle>): Bottle => ({
    ...bottleThere(newId(), kind),
    ...more,
  });
  const at = (shop: string) => ({ currency: 'EUR', shop });
  const bitters = bottle('aromatic-bitters', {
    ...at('The Lantern Store'),
    label: 'Lantern Store aromatic bitters',
    sizeMl: 200,
    leftMl: 0,
    priceMinor: 1190,
    boughtOn: ago(150),
    openedOn: ago(148),
    finishedOn: ago(20),
  });
  return [
    bitters,
    bottle('aromatic-bitters', {
      label: 'poured over',
      sizeMl: 100,
      leftMl: 70,
      openedOn: ago(148),
      decantedFrom: bitters.id,
    }),
    bottle('irish-whiskey', {
      label: 'The old one from the wedding',
      sizeMl: 700,
      leftMl: 410,
      openedOn: ago(400),
      sipping: true,
    }),
    bottle('islay-scotch', {
      label: 'From the neighbour, for the engine',
      sizeMl: 700,
      leftMl: 620,
      openedOn: ago(210),
      sipping: true,
    }),
    bottle('dry-gin', {
      ...at('The Lantern Store'),
      label: 'Three Buoys dry gin',
      sizeMl: 700,
      leftMl: 675,
      priceMinor: 1750,
      boughtOn: ago(100),
      openedOn: ago(95),
    }),
    bottle('dry-gin', {
      ...at('The Lantern Store'),
      label: 'Three Buoys dry gin',
      sizeMl: 700,
      leftMl: 410,
      priceMinor: 1750,
      boughtOn: ago(112),
      openedOn: ago(109),
    }),
    bottle('dry-gin', {
      label: 'From the neighbour, for the mooring',
      sizeMl: 700,
      leftMl: 700,
      boughtOn: ago(80),
    }),
    bottle('white-rum', {
      ...at('Harbour Wines'),
      label: 'Low Tide white rum',
      sizeMl: 700,
      leftMl: 685,
      priceMinor: 1680,
      boughtOn: ago(100),
      openedOn: ago(98),
    }),
    bottle('irish-whiskey', {
      ...at('Harbour Wines'),
      label: 'Inver Sollas Irish whiskey',
      sizeMl: 700,
      leftMl: 670,
      priceMinor: 2550,
      boughtOn: ago(99),
      openedOn: ago(97),
    }),
  ];
}
