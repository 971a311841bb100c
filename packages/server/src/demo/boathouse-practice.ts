import { addDays, randomFrom } from '@uisce/core/base';
import type { Catalogue } from '@uisce/core/catalogue';
import {
  flashcardKeys,
  deckOfWord,
  afterAnswer,
  keyOfWord,
  type Answer,
  type Deck,
  type Memory,
  type Trial,
} from '@uisce/core/practice';

/** Who practises at the boathouse. */
const WHO = 'Maeve';
const DAYS = 14;
const EACH_DAY = 6;
/** How a hand gets better: from so much too much and so uneven to nearly right, in shares of the target. */
const BIAS = { first: 0.14, last: 0.025 };
const SPREAD = { first: 0.12, last: 0.035 };
const TARGETS_ML = [30, 60, 22.5];
const KINDS = ['dry-gin', 'white-rum', 'simple-syrup'];

const between = ({ first, last }: { first: number; last: number }, t: number) => first + (last - first) * t;

/** Two weeks of pours by count that get better. */
function trialsOf(today: string, newId: () => string): Trial[] {
  const random = randomFrom(14);
  // Six even numbers together are near enough to a bell.
  const bell = () => Array.from({ length: 6 }, random).reduce((sum, r) => sum + r, 0) / 6 - 0.5;
  return Array.from({ length: DAYS * EACH_DAY }, (_, i): Trial => {
    const day = Math.floor(i / EACH_DAY);
    const t = day / (DAYS - 1);
    const at = i % TARGETS_ML.length;
    const targetMl = TARGETS_ML[at] ?? 30;
    const off = between(BIAS, t) + between(SPREAD, t) * bell() * 8;
    return {
      id: newId(),
      at: `${addDays(today, day - DAYS)}T18:${String(10 + (i % EACH_DAY) * 2)}:00.000Z`,
      by: WHO,
      targetMl,
      pouredMl: Math.round(targetMl * (1 + off) * 10) / 10,
      kind: KINDS[at] ?? null,
      spout: 'metal',
      way: 'drawn',
    };
  });
}

/** Specs that were learnt, some of them due again today, and a few words. */
function decksOf(today: string, newId: () => string, catalogue: Catalogue): Deck[] {
  const at = (ago: number, minute: number) =>
    `${addDays(today, -ago)}T18:${String(minute).padStart(2, '0')}:00.000Z`;
  const learnt = (answers: readonly [ago: number, minute: number, answer: Answer][]): Memory =>
    answers.reduce<Memory | undefined>(
      (memory, [ago, minute, answer]) => afterAnswer(memory, answer, at(ago, minute)),
      undefined,
    ) as Memory;
  const lives: (readonly [number, number, Answer][])[] = [
    [
      [12, 10, 'right'],
      [12, 25, 'right'],
      [9, 10, 'right'],
    ],
    [
      [6, 10, 'wrong'],
      [6, 14, 'right'],
      [6, 30, 'right'],
      [3, 10, 'wrong'],
      [3, 20, 'right'],
      [3, 40, 'right'],
    ],
    [
      [4, 10, 'right'],
      [4, 25, 'right'],
    ],
    [[2, 10, 'at-once']],
  ];
  const drinks = ['daiquiri', 'white-lady', 'gin-and-tonic', 'irish-sour'];
  const specs = drinks.flatMap((id): Deck[] => {
    const recipe = catalogue.recipes.find((r) => r.id === id);
    if (recipe === undefined) return [];
    const cards = flashcardKeys(recipe)
      .slice(0, 4)
      .map((key, i) => [key, learnt(lives[i % lives.length] ?? [])] as const);
    return [{ id: newId(), by: WHO, of: id, cards: Object.fromEntries(cards) }];
  });
  const word = 'dry-shake';
  return [
    ...specs,
    { id: newId(), by: WHO, of: deckOfWord(word), cards: { [keyOfWord(word)]: learnt(lives[2] ?? []) } },
  ];
}

/** Practice of the boathouse: pours by count, and cards due today. */
export function boathousePractice(
  today: string,
  newId: () => string,
  catalogue: Catalogue,
): { trials: Trial[]; decks: Deck[] } {
  return { trials: trialsOf(today, newId), decks: decksOf(today, newId, catalogue) };
}
