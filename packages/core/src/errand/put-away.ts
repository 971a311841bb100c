import type { Kind } from '../catalogue/kind.js';
import type { Kit, OwnedGlass } from '../kit/kit.js';
import { bottleThere, type Bottle } from '../stock/bottle.js';
import type { Pack } from '../bench/pack.js';
import { aisleOf, type Aisle } from './aisle.js';
import { lineMinor, priceOf, shopsOf, type Errand, type ErrandLine } from './errand.js';
import type { PaidPrice } from './paid.js';
import type { Purpose, KittyEntry } from './kitty.js';
import type { Trip } from './trips.js';

const PURPOSE_OF: Record<Aisle, Purpose> = {
  tools: 'kit',
  spirits: 'bottles',
  wine: 'bottles',
  pantry: 'pantry',
  mixers: 'mixers',
  fruit: 'fresh',
};

/** What an errand leaves behind: things in the house, prices known, and money gone. */
export interface PutAway {
  errand: Errand;
  bottles: Bottle[];
  kit: Kit;
  pantry: string[];
  packs: Pack[];
  paid: PaidPrice[];
  kitty: KittyEntry[];
  /** All that was paid, trips included; minor units. */
  spentMinor: number;
}

/** What the put-away needs to know of the house. */
export interface Household {
  kit: Kit;
  kinds: ReadonlyMap<string, Kind>;
  shopNames: ReadonlyMap<string, string>;
  trips: readonly Trip[];
  /** ISO day. */
  today: string;
  newId: () => string;
}

/** What a shop's receipt takes out of the kitty: by purpose, what it asked beyond its lines, and the trip. */
function entriesAt(
  shop: string,
  errand: Errand,
  bought: readonly ErrandLine[],
  house: Household,
): KittyEntry[] {
  const entry = (purpose: Purpose, minor: number, note: string): KittyEntry => ({
    id: house.newId(),
    on: house.today,
    purpose,
    minor,
    currency: errand.currency,
    note,
    shop: house.shopNames.get(shop) ?? shop,
    errandId: errand.id,
  });
  const sumOf = (lines: readonly ErrandLine[]) => lines.reduce((sum, l) => sum + lineMinor(l), 0);
  const byPurpose = new Map<Purpose, ErrandLine[]>();
  for (const line of bought) {
    const purpose = PURPOSE_OF[aisleOf(line.ware, house.kinds)];
    byPurpose.set(purpose, [...(byPurpose.get(purpose) ?? []), line]);
  }
  const listed = sumOf(bought);
  const receipt = errand.receipts.find((r) => r.shop === shop)?.totalMinor ?? listed;
  const trip = house.trips.find((t) => t.shop === shop)?.tripMinor ?? 0;
  const labels = (lines: readonly ErrandLine[]) => lines.map((l) => l.label).join(', ');
  return [
    ...[...byPurpose].map(([purpose, lines]) => entry(purpose, sumOf(lines), labels(lines).slice(0, 200))),
    ...(receipt === listed
      ? []
      : [entry('difference', receipt - listed, 'The receipt, beside what was ticked')]),
    ...(trip === 0 ? [] : [entry('trip', trip, '')]),
  ];
}

/**
 * Put an errand away: bottles on the shelf with price, shop and day, tools and glasses into the kit, packs
 * into the cupboard, fruit fresh today. What each receipt asked beyond its lines is a difference of its own,
 * so that what leaves the kitty is what was paid, to the cent.
 */
export function putAway(errand: Errand, house: Household): PutAway {
  const bought = errand.lines.filter((l) => l.state === 'basket');
  const { today, newId } = house;
  const shopName = (shop: string) => house.shopNames.get(shop) ?? shop;
  const kitty = shopsOf({ lines: bought }).flatMap((shop) =>
    entriesAt(
      shop,
      errand,
      bought.filter((l) => l.shop === shop),
      house,
    ),
  );
  return {
    errand: { ...errand, endedOn: today },
    bottles: bought.flatMap((line) => bottlesOf(line, errand.currency, shopName(line.shop), house)),
    kit: hungIn(house.kit, bought, today),
    pantry: bought.flatMap(({ ware }) => (ware.is === 'pantry' ? [ware.pantry] : [])),
    packs: bought.flatMap(({ ware, count }) =>
      ware.is === 'pantry'
        ? Array.from({ length: count }, () => ({
            id: newId(),
            pantry: ware.pantry,
            sizeG: ware.g,
            leftG: ware.g,
            boughtOn: today,
            finishedOn: null,
          }))
        : [],
    ),
    paid: bought.map((line) => ({
      id: newId(),
      on: today,
      shop: line.shop,
      ware: line.ware,
      label: line.label,
      priceMinor: priceOf(line),
      currency: errand.currency,
      onOffer: line.onOffer,
    })),
    kitty,
    spentMinor: kitty.reduce((sum, e) => sum + e.minor, 0),
  };
}

/** The bottles of a line, each by itself; fresh things by count. */
function bottlesOf(
  line: ErrandLine,
  currency: string,
  shop: string,
  { kinds, today, newId }: Household,
): Bottle[] {
  const { ware, count } = line;
  const known = { currency, shop, priceMinor: priceOf(line), boughtOn: today };
  if (ware.is === 'fresh') {
    // What is cut of a fruit is put away as the fruit: its juice and its peel are there, too.
    const { whole } = kinds.get(ware.kind) ?? {};
    const pieces = count * (ware.pieces ?? 1);
    const counted = whole ? Math.max(1, Math.round(pieces / whole.pieces)) : Math.round(pieces);
    const bottle = bottleThere(newId(), whole?.kind ?? ware.kind, 'fridge');
    return [{ ...bottle, ...known, label: whole ? null : ware.sold, pieces: counted }];
  }
  if (ware.is !== 'bottle') return [];
  const kind = kinds.get(ware.kind);
  const place = kind?.supply === 'bottle' ? 'shelf' : 'cupboard';
  // A case of cans is opened can by can; what was paid for it is shared among them, to the cent.
  const { cans = 1 } = ware;
  const ml = Math.round(ware.ml / cans);
  const paid = (n: number) =>
    Math.floor((known.priceMinor * (n + 1)) / cans) - Math.floor((known.priceMinor * n) / cans);
  return Array.from({ length: count * cans }, (_, n) => ({
    ...bottleThere(newId(), ware.kind, place),
    ...known,
    priceMinor: paid(n % cans),
    label: line.label,
    sizeMl: ml,
    leftMl: ml,
  }));
}

/** The kit with what was bought: a tool from today, glasses beside those of the same make. */
function hungIn(kit: Kit, bought: readonly ErrandLine[], today: string): Kit {
  let { tools, glasses } = kit;
  for (const { ware, label, count } of bought) {
    if (ware.is === 'tool' && !tools.some((t) => t.id === ware.tool))
      tools = [...tools, { id: ware.tool, since: today }];
    if (ware.is !== 'glasses') continue;
    const name = label.slice(0, 60);
    const pieces = ware.pieces * count;
    const same = glasses.find(
      (g) => g.name === name && g.type === ware.glass && g.capacityMl === ware.capacityMl,
    );
    glasses = same
      ? glasses.map((g) => (g === same ? { ...g, count: g.count + pieces } : g))
      : [
          ...glasses,
          {
            id: freeId(glasses, ware.glass),
            name,
            type: ware.glass,
            capacityMl: ware.capacityMl,
            count: pieces,
          },
        ];
  }
  return tools === kit.tools && glasses === kit.glasses ? kit : { ...kit, said: true, tools, glasses };
}

/** An id that no glass has yet. */
function freeId(glasses: readonly OwnedGlass[], base: string): string {
  for (let n = 1; ; n++) {
    const id = n === 1 ? base : `${base}-${n}`;
    if (!glasses.some((g) => g.id === id)) return id;
  }
}
