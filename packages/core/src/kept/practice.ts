import { deckSchema } from '../practice/memory.js';
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

/** What is remembered of cards, a deck a drink and person; whoever answered last is right. */
export const keptDeck = describeKept({
  name: 'deck',
  path: 'practice/reviews',
  schema: deckSchema,
  idOf: (deck) => deck.id,
  noun: 'deck of cards',
  undoable: false,
  withoutPerson: (deck, name) => (deck.by === name ? null : deck),
});
