export { SPOUTS, type Spout, type FlowingLiquid, Stream } from './spout.js';
export type { Trial } from './trial.js';
export { aimOf, drinksFrom, shiftOf, targetsOf, type Aim } from './aim.js';
export {
  afterAnswer,
  dueFlashcards,
  type Memory,
  type Deck,
  type Answer,
  type KnownFlashcard,
} from './memory.js';
export {
  flashcardKeys,
  typedAnswer,
  type MethodReason,
  type FlashcardChoice,
  type SpecFlashcard,
  FlashcardMaker,
} from './flashcard.js';
export { sessionOf, type ToAsk, SESSION } from './session.js';
export { sumOf, type Sum } from './sum.js';
export { blindBalance, type Wrong, SHOWS, type BlindMend } from './blind.js';
export {
  findWords,
  isCalled,
  piecesOf,
  wordFlashcard,
  type Word,
  glossarySchema,
  type Glossary,
  type WordFlashcard,
  deckOfWord,
  keyOfWord,
  wordOfKey,
} from './glossary.js';
export { firstWeek, FIRST_STEPS, type FirstStep } from './first-week.js';
