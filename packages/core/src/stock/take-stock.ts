import type { Kind } from '../catalogue/kind.js';
import { bottleThere, isThere, type Bottle } from './bottle.js';
import type { StockLine } from './read-stock.js';
import { liquidGPerMl } from './weigh.js';

/** What a line is written down in. */
export interface TakenIn {
  kind: Kind;
  /** What stands there of it already. */
  known: readonly Bottle[];
  /** Its size where only a share of it was said. */
  usualMl: number;
  /** ISO day. */
  today: string;
  newId: () => string;
}

type Told = Pick<
  StockLine,
  'left' | 'sizeMl' | 'opened' | 'openedOn' | 'boughtOn' | 'abv' | 'count' | 'bottleId'
>;

/** A bunch of herbs has so many leaves where its kind says nothing (common practice). */
const BUNCH_PIECES = 30;

/** ml that a line says are left: of so large a bottle, by volume, share or weight; undefined where it says nothing. */
function mlLeft({ left }: Pick<Told, 'left'>, sizeMl: number | null, kind: Kind): number | undefined {
  if (left === undefined || 'pieces' in left || 'bunches' in left) return undefined;
  if ('ml' in left) return Math.round(left.ml);
  if ('g' in left) return Math.round(left.g / liquidGPerMl(kind));
  return sizeMl === null ? undefined : Math.round(left.share * sizeMl);
}

/** The days of a bottle as told: it was bought before it was opened. */
function daysTold(
  bottle: Bottle,
  line: Told,
  isOpen: boolean,
  today: string,
): Pick<Bottle, 'openedOn' | 'boughtOn'> {
  const openedOn = line.openedOn ?? bottle.openedOn ?? (isOpen ? today : null);
  const bought = line.boughtOn ?? bottle.boughtOn;
  const isLater = bought !== null && openedOn !== null && openedOn < bought;
  return { openedOn, boughtOn: isLater ? openedOn : bought };
}

/** The bottle that a line tells of, as it says. One that is not full was opened, today where nobody says when. */
function asTold(bottle: Bottle, line: Told, { kind, usualMl, today }: TakenIn): Bottle {
  const says = line.left !== undefined && !('pieces' in line.left) && !('bunches' in line.left);
  const saidMl = line.sizeMl ?? bottle.sizeMl ?? (says ? usualMl : null);
  const ml = mlLeft(line, saidMl, kind);
  // More than it holds is a larger bottle than was thought.
  const sizeMl = saidMl !== null && ml !== undefined && ml > saidMl ? (line.sizeMl ?? ml) : saidMl;
  const leftMl = ml === undefined || sizeMl === null ? capped(bottle.leftMl, sizeMl) : Math.min(sizeMl, ml);
  const isOpen = line.opened || (leftMl !== null && sizeMl !== null && leftMl < sizeMl);
  const isGone = ml === 0;
  return {
    ...bottle,
    sizeMl,
    leftMl,
    ...daysTold(bottle, line, isOpen, today),
    abv: line.abv ?? bottle.abv,
    finishedOn: isGone ? today : null,
  };
}
const capped = (leftMl: number | null, sizeMl: number | null) =>
  leftMl === null || sizeMl === null ? leftMl : Math.min(leftMl, sizeMl);

/** What is counted: as many as were said stand there in all. */
function countedAs(line: Told, { kind, known, today, newId }: TakenIn): Bottle[] {
  const { left } = line;
  const said = left === undefined ? undefined : 'pieces' in left ? left.pieces : undefined;
  const bunches =
    left !== undefined && 'bunches' in left ? left.bunches * (kind.bunch ?? BUNCH_PIECES) : undefined;
  // No lemons left is none of them; "lemons" alone says that there are some, not how many.
  const isNone = left !== undefined && 'share' in left && left.share === 0;
  const pieces = isNone ? 0 : (said ?? bunches);
  if (pieces === undefined) return [];
  const [first, ...others] = known.filter((b) => b.pieces !== null && isThere(b));
  const bottle = first ?? { ...bottleThere(newId(), kind.id, kind.storage), boughtOn: today };
  const finishedOn = pieces === 0 ? today : null;
  return [
    {
      ...bottle,
      pieces,
      cutOn: Number.isInteger(pieces) ? null : today,
      boughtOn: line.boughtOn ?? bottle.boughtOn,
      finishedOn,
    },
    ...others.map((b) => ({ ...b, pieces: 0, finishedOn: today })),
  ];
}

/**
 * What a line of stock-taking writes down: the bottle that it tells of, those that stand sealed beside it, or what is
 * counted. Nothing where it says nothing that can be kept.
 *
 * @example takeStock(line, { kind, known: [], usualMl: 700, today, newId })[0].leftMl // 467 for "dry gin 2/3"
 */
export function takeStock(line: Told, into: TakenIn): Bottle[] {
  const { kind, known, usualMl, newId } = into;
  const isCounted = line.left !== undefined && ('pieces' in line.left || 'bunches' in line.left);
  // Juice that stands pressed is measured, however many limes lie beside it.
  const saysNoAmount = line.left === undefined || ('share' in line.left && line.left.share === 0);
  const isNoneOfCounted = saysNoAmount && known.length > 0 && known.every((b) => b.pieces !== null);
  if (isCounted || isNoneOfCounted) return countedAs(line, into);
  const open = (b: Bottle) => b.openedOn ?? '9';
  const measured = known
    .filter((b) => b.pieces === null && isThere(b) && (!b.sipping || b.id === line.bottleId))
    .sort((a, b) => (open(a) < open(b) ? -1 : 1));
  const named = measured.find((b) => b.id === line.bottleId) ?? measured[0];
  const bottle = named ?? bottleThere(newId(), kind.id, kind.storage);
  // Of several the one that is not full was told of; the others are.
  const told = asTold(bottle, line, into);
  const beside = measured.filter((b) => b !== named);
  const more = Array.from({ length: Math.max(0, (line.count ?? 1) - 1) }, (_, i): Bottle => {
    const sizeMl = told.sizeMl ?? usualMl;
    return (
      beside[i] ?? { ...bottleThere(newId(), kind.id, kind.storage), sizeMl, leftMl: sizeMl, abv: told.abv }
    );
  });
  const isSealed = (line.count ?? 1) > 1 && line.left === undefined && named === undefined;
  const first = isSealed ? { ...told, sizeMl: told.sizeMl ?? usualMl, leftMl: told.sizeMl ?? usualMl } : told;
  return [first, ...more.filter((b) => !measured.includes(b))];
}
