import type { Job, Silhouette } from '@uisce/core/catalogue';
import { SHELF_CLEARANCE_MM } from '@uisce/core/plan';

/** One thing to stand on a board. */
export interface ShelfEntry {
  id: string;
  kindId: string;
  name: string;
  /** The line under the name: a price, "yours", "made". */
  note: string;
  job: Job;
  silhouette: Silhouette;
  widthMm: number;
  heightMm: number;
  /** How many of it stand side by side; one where it is not said. */
  count?: number;
  /** How full it is, 0 to 1, where that was measured; full where it was not. */
  level?: number;
  /** Drinks that lean on it; for a ghost, drinks it would add. */
  drinks: number;
  /** Not bought: the next best move. */
  ghost: boolean;
  kept: boolean;
}

export interface BottleOnShelf {
  entry: ShelfEntry;
  xMm: number;
  /** Row of its hanging tag, 0 nearest the board. */
  tier: number;
  /** Where the tag's text starts, px. */
  tagX: number;
  tagLines: string[];
}

export interface Board {
  standing: BottleOnShelf[];
  usedMm: number;
  tiers: number;
}

/** Rough width of a character of tag text, px: enough to keep tags apart. */
const CHARACTER_PX = 7.4;
const MAX_TAG_CHARACTERS = 12;
const TAG_GAP_PX = 12;

/** How wide what stands of an entry is, mm. */
export function standingMm({ widthMm, count = 1 }: Pick<ShelfEntry, 'widthMm' | 'count'>): number {
  return count * (widthMm + SHELF_CLEARANCE_MM) - SHELF_CLEARANCE_MM;
}

/** How much of a board an entry takes, mm. */
export function footprintMm(entry: Pick<ShelfEntry, 'widthMm' | 'count'>): number {
  return standingMm(entry) + SHELF_CLEARANCE_MM;
}

/** Break a name into at most two lines. */
export function tagLines(name: string): string[] {
  if (name.length <= MAX_TAG_CHARACTERS) return [name];
  const words = name.split(' ');
  const half = name.length / 2;
  let first = words.shift() ?? '';
  while (words.length > 1 && first.length + (words[0]?.length ?? 0) / 2 < half)
    first += ` ${words.shift() ?? ''}`;
  return [first, words.join(' ')].filter((line) => line !== '');
}

/**
 * Stand entries side by side on boards of `lengthMm`, beginning a new board when one is full.
 * Ghosts may stand past the end of the last board, since they are not there yet.
 *
 * @param spread stand things apart far enough for their tags, where room is not measured.
 */
export function standOnBoards(
  entries: readonly ShelfEntry[],
  lengthMm: number,
  scale: number,
  spread = false,
): Board[] {
  const boards: Board[] = [];
  let board: Board = { standing: [], usedMm: 0, tiers: 1 };
  for (const entry of entries) {
    const tagMm = spread
      ? (Math.max(...tagLines(entry.name).map((l) => l.length)) * CHARACTER_PX + TAG_GAP_PX) / scale
      : 0;
    const footprint = Math.max(footprintMm(entry), tagMm + SHELF_CLEARANCE_MM);
    if (board.usedMm + footprint > lengthMm && board.standing.length > 0 && !entry.ghost) {
      boards.push(board);
      board = { standing: [], usedMm: 0, tiers: 1 };
    }
    const xMm =
      board.usedMm + (footprint - standingMm(entry)) / 2 + (entry.ghost ? SHELF_CLEARANCE_MM * 3 : 0);
    board.standing.push({ entry, xMm, tier: 0, tagX: 0, tagLines: tagLines(entry.name) });
    board.usedMm += footprint + (entry.ghost ? SHELF_CLEARANCE_MM * 3 : 0);
  }
  boards.push(board);
  for (const b of boards) hangTags(b, scale);
  return boards;
}

/** Rough width of a tag, px. */
export function tagWidthPx({ tagLines: lines, entry }: Pick<BottleOnShelf, 'tagLines' | 'entry'>): number {
  return Math.max(...lines.map((l) => l.length), entry.note.length) * CHARACTER_PX;
}

/** How far to the right a thing and its tag reach, px. */
export function standingEndPx(standing: BottleOnShelf, scale: number): number {
  return Math.max((standing.xMm + standingMm(standing.entry)) * scale, standing.tagX + tagWidthPx(standing));
}

/** Give each tag the highest row in which it touches no other. */
function hangTags(board: Board, scale: number): void {
  const ends: number[] = [];
  for (const standing of board.standing) {
    const x = standing.xMm * scale;
    let tier = ends.findIndex((end) => end + TAG_GAP_PX <= x);
    if (tier < 0) tier = ends.length;
    standing.tier = tier;
    standing.tagX = x;
    ends[tier] = x + tagWidthPx(standing);
  }
  board.tiers = Math.max(1, ends.length);
}
