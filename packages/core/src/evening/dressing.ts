import type { Kind } from '../catalogue/kind.js';
import { garnishTakes, PIECES_OF_FRUIT } from '../drink/garnish-takes.js';
import { sayGarnish } from '../drink/say-garnish.js';
import type { MenuPour, WantedKind } from './wanted.js';
import { packsFor, shortOf, wantedOf, wareOf, type MissingItem, type WareHouse } from './ware.js';

/** What is cut or picked to dress a drink, in words, and for how many glasses. */
export interface Dressed {
  garnish: string;
  glasses: number;
}

/** What each menu's garnishes are, in words. */
export function dressedOf(drinks: readonly MenuPour[], kinds: ReadonlyMap<string, Kind>): Dressed[] {
  const garnishes = new Map<string, number>();
  for (const { drink, glasses } of drinks) {
    const said = sayGarnish(drink.garnish, kinds);
    if (said !== '') garnishes.set(said, (garnishes.get(said) ?? 0) + glasses);
  }
  return [...garnishes].map(([garnish, glasses]) => ({ garnish, glasses }));
}

/** By kind, the pieces that dress the drinks: cut of a fruit of its own, or left over of one that is pressed. */
function piecesOf(drinks: readonly MenuPour[]): Map<string, { cut: number; leftOver: number }> {
  const pieces = new Map<string, { cut: number; leftOver: number }>();
  for (const { drink, glasses } of drinks)
    for (const { kind, pieces: each, isLeftOver } of garnishTakes(drink)) {
      const { cut, leftOver } = pieces.get(kind) ?? { cut: 0, leftOver: 0 };
      const more = each * glasses;
      pieces.set(kind, isLeftOver ? { cut, leftOver: leftOver + more } : { cut: cut + more, leftOver });
    }
  return pieces;
}

/**
 * What dresses the drinks beyond what is poured: of fruit that is pressed the peel is there, and of what is poured
 * what its packs hold besides.
 *
 * @param wanted what is poured.
 */
export function dressingOf(
  drinks: readonly MenuPour[],
  wanted: readonly WantedKind[],
  house: WareHouse,
): WantedKind[] {
  const poured = new Map(wanted.map((w) => [w.kind, w]));
  return [...piecesOf(drinks)].flatMap(([kind, { cut, leftOver }]): WantedKind[] => {
    const known = house.kinds.get(kind);
    const { wanted: pressed = 0, unit } = poured.get(known?.whole?.kind ?? '') ?? {};
    const peels = unit === 'pieces' ? pressed * PIECES_OF_FRUIT : 0;
    const amount = cut + Math.max(0, leftOver - peels);
    // A few drops or a pinch of what is in a bottle are there where the bottle is.
    if (amount <= 0 || known?.supply !== 'fresh') return [];
    const ware = wareOf(kind, false, house);
    const same = poured.get(kind);
    const bought = (same?.buy?.count ?? 0) * (same?.buy?.holds ?? 0);
    const left = { ...ware, there: Math.max(0, ware.there + bought - (same?.wanted ?? 0)) };
    return [
      {
        kind,
        unit: ware.unit,
        wanted: wantedOf(left, amount),
        juiceMl: 0,
        there: Number.isFinite(left.there) ? left.there : undefined,
        short: shortOf(left, amount),
        buy: packsFor(left, amount),
      },
    ];
  });
}

/** What is bought to pour and to dress, each thing once. */
export function allToBuy(missing: readonly MissingItem[], dressing: readonly WantedKind[]): MissingItem[] {
  const all = new Map<string, MissingItem>();
  for (const item of [...missing, ...dressing.flatMap((d) => d.buy ?? [])]) {
    const key = `${item.kind} ${item.label}`;
    const was = all.get(key);
    all.set(
      key,
      was ? { ...was, count: was.count + item.count, priceMinor: was.priceMinor + item.priceMinor } : item,
    );
  }
  return [...all.values()];
}
