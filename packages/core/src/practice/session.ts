import type { Recipe } from '../catalogue/recipe.js';
import { flashcardKeys } from './flashcard.js';
import type { Deck, KnownFlashcard } from './memory.js';

/** A card to be asked: one that is due, or one that is new. */
export interface ToAsk {
  of: string;
  key: string;
}

/** A session takes about three minutes. */
export const SESSION = 10;

/**
 * The cards of a session: what is due first, then new ones of the drinks that matter, one of each drink in turn.
 *
 * @param due the cards that are due, the longest overdue first.
 * @param drinks what is poured, liked or planned here, what matters most first.
 */
export function sessionOf(
  due: readonly KnownFlashcard[],
  drinks: readonly Recipe[],
  decks: readonly Deck[],
  by: string,
  most = SESSION,
): ToAsk[] {
  const out: ToAsk[] = due.slice(0, most).map(({ of, key }) => ({ of, key }));
  const known = new Map(decks.filter((d) => d.by === by).map((d) => [d.of, new Set(Object.keys(d.cards))]));
  const fresh = drinks.map((r) =>
    flashcardKeys(r)
      .filter((key) => !known.get(r.id)?.has(key))
      .map((key) => ({ of: r.id, key })),
  );
  const deepest = Math.max(0, ...fresh.map((f) => f.length));
  for (let depth = 0; depth < deepest && out.length < most; depth++)
    for (const cards of fresh) {
      const card = cards[depth];
      if (card && out.length < most) out.push(card);
    }
  return out;
}
