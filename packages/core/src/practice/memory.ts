import { z } from 'zod';
import { createEmptyCard, fsrs, Rating, type Card, type Grade, type State } from 'ts-fsrs';
import { idSchema } from '../base/ids.js';

/** What is remembered of one card: the state that the scheduling package keeps, as plain data. */
const memorySchema = z.strictObject({
  due: z.iso.datetime(),
  stability: z.number().min(0),
  difficulty: z.number().min(0).max(10),
  scheduledDays: z.number().min(0),
  learningSteps: z.int().min(0),
  reps: z.int().min(0),
  lapses: z.int().min(0),
  state: z.int().min(0).max(3),
  lastAt: z.iso.datetime().nullable(),
});
export type Memory = z.infer<typeof memorySchema>;

/** Cards of one drink, or of words that begin alike, as one person knows them. */
export const deckSchema = z.strictObject({
  id: z.uuid(),
  /** Whose; empty where nobody is named. */
  by: z.string().trim().max(60),
  /** A drink, or `words-` and a letter. */
  of: idSchema,
  cards: z.record(z.string().min(1).max(80), memorySchema),
});
export type Deck = z.infer<typeof deckSchema>;

/** How an answer was: wrong, right after some thought or nearly, right, right at once. */
export type Answer = 'wrong' | 'nearly' | 'right' | 'at-once';
const GRADE: Record<Answer, Grade> = {
  wrong: Rating.Again,
  nearly: Rating.Hard,
  right: Rating.Good,
  'at-once': Rating.Easy,
};

/** Without chance, so that the same answers always give the same days. */
const scheduler = fsrs({ enable_fuzz: false });

function cardOf(memory: Memory): Card {
  return {
    due: new Date(memory.due),
    stability: memory.stability,
    difficulty: memory.difficulty,
    elapsed_days: 0,
    scheduled_days: memory.scheduledDays,
    learning_steps: memory.learningSteps,
    reps: memory.reps,
    lapses: memory.lapses,
    state: memory.state as State,
    ...(memory.lastAt === null ? {} : { last_review: new Date(memory.lastAt) }),
  };
}

/**
 * What is remembered of a card after an answer; when it comes again is the scheduling package's alone.
 *
 * @param memory undefined for a card that is seen for the first time.
 * @param at ISO instant of the answer.
 * @example afterAnswer(undefined, 'right', '2026-11-26T20:00:00.000Z').due // some minutes later
 */
export function afterAnswer(memory: Memory | undefined, answer: Answer, at: string): Memory {
  const now = new Date(at);
  const before = memory ? cardOf(memory) : createEmptyCard(now);
  const { card } = scheduler.next(before, now, GRADE[answer]);
  return {
    due: card.due.toISOString(),
    stability: card.stability,
    difficulty: card.difficulty,
    scheduledDays: card.scheduled_days,
    learningSteps: card.learning_steps,
    reps: card.reps,
    lapses: card.lapses,
    state: card.state,
    lastAt: card.last_review?.toISOString() ?? at,
  };
}

/** Whether a card is to be asked again by a moment. */
export function isDue(memory: Memory, at: string): boolean {
  return memory.due <= at;
}

/** A card that is known, by its deck and its key. */
export interface KnownFlashcard {
  of: string;
  key: string;
  memory: Memory;
}

/** The cards that are due of one person's decks, the longest overdue first. */
export function dueFlashcards(decks: readonly Deck[], by: string, at: string): KnownFlashcard[] {
  return decks
    .filter((d) => d.by === by)
    .flatMap((d) =>
      Object.entries(d.cards).flatMap(([key, memory]): KnownFlashcard[] =>
        isDue(memory, at) ? [{ of: d.of, key, memory }] : [],
      ),
    )
    .sort((a, b) =>
      a.memory.due < b.memory.due ? -1 : a.memory.due > b.memory.due ? 1 : a.key < b.key ? -1 : 1,
    );
}
