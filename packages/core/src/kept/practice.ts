import { dequal } from 'dequal';
import { deckSchema, type Deck, type Memory } from '../practice/memory.js';
import { trialSchema } from '../practice/trial.js';
import { describeKept } from './descriptor.js';

/** A page is given so many of the newest pours by count. */
const RECENT_TRIALS = 500;

/** Pours by count, as they were. Practice is nothing to undo. */
export const keptTrial = describeKept({
  name: 'trial',
  path: 'practice/trials',
  schema: trialSchema,
  idOf: (trial) => trial.id,
  noun: 'practice pour',
  undoable: false,
  recent: { by: 'at', most: RECENT_TRIALS },
  withoutPerson: (trial, name) => (trial.by === name ? null : trial),
});

/** Cards that were answered here, unless they were answered later elsewhere. */
function answered(base: Deck['cards'], mine: Deck['cards'], theirs: Deck['cards']): Deck['cards'] {
  const at = (memory: Memory | undefined) => memory?.lastAt ?? '';
  return Object.fromEntries(
    Object.entries(mine).filter(
      ([key, memory]) => !dequal(memory, base[key]) && at(memory) >= at(theirs[key]),
    ),
  );
}

/** What is remembered of cards, a deck a drink and person. Of one card whoever answered last is right. */
export const keptDeck = describeKept({
  name: 'deck',
  path: 'practice/reviews',
  schema: deckSchema,
  idOf: (deck) => deck.id,
  noun: 'deck of cards',
  undoable: false,
  versioned: true,
  merge: (base, mine, theirs) => ({
    ...theirs,
    cards: { ...theirs.cards, ...answered(base.cards, mine.cards, theirs.cards) },
  }),
  withoutPerson: (deck, name) => (deck.by === name ? null : deck),
});
