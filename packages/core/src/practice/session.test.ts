import { describe, expect, it } from 'vitest';
import { emptyKit } from '../kit/kit.js';
import { emptyBrief } from '../plan/brief.js';
import { bottleThere } from '../stock/bottle.js';
import { testRecipe } from '../testing/trade.js';
import { FIRST_STEPS, firstWeek, type Done } from './first-week.js';
import type { Deck, KnownFlashcard } from './memory.js';
import { SESSION, sessionOf } from './session.js';
import { flashcardKeys } from './flashcard.js';

const drink = (id: string, method = 'shake') =>
  testRecipe(
    [
      ['gin', '60 ml', 'base'],
      ['lime-juice', '25 ml', 'sour'],
      ['simple-syrup', '20 ml', 'sweet'],
    ],
    { id, name: id, method },
  );
const ID = '00000000-0000-4000-8000-000000000001';
const memory = {
  due: '2026-11-25T20:00:00.000Z',
  stability: 1,
  difficulty: 5,
  scheduledDays: 1,
  learningSteps: 0,
  reps: 1,
  lapses: 0,
  state: 2,
  lastAt: null,
};
const due = (of: string, key: string): KnownFlashcard => ({ of, key, memory });
const deck = (of: string, keys: readonly string[], by = ''): Deck => ({
  id: ID,
  by,
  of,
  cards: Object.fromEntries(keys.map((k) => [k, memory])),
});

describe('a session of cards', () => {
  it('is of what is due first, and then of what is new, one of each drink in turn', () => {
    const asked = sessionOf([due('old', 'parts')], [drink('a'), drink('b')], [], '', 5);
    expect(asked[0]).toEqual({ of: 'old', key: 'parts' });
    expect(asked.slice(1).map((c) => c.of)).toEqual(['a', 'b', 'a', 'b']);
    const keys = flashcardKeys(drink('a'));
    expect(asked.slice(1).map((c) => c.key)).toEqual([keys[0], keys[0], keys[1], keys[1]]);
  });

  it('takes three minutes, however much is due or new', () => {
    const much = Array.from({ length: 40 }, (_, i) => due(`d${i}`, 'parts'));
    expect(sessionOf(much, [], [], '')).toHaveLength(SESSION);
    expect(
      sessionOf(
        [],
        Array.from({ length: 40 }, (_, i) => drink(`d${i}`)),
        [],
        '',
      ),
    ).toHaveLength(SESSION);
  });

  it('asks nothing new that this person knows, and what only another knows', () => {
    const all = flashcardKeys(drink('a'));
    const known = [deck('a', all)];
    expect(sessionOf([], [drink('a')], known, '')).toEqual([]);
    expect(sessionOf([], [drink('a')], known, 'Maeve').map((c) => c.key)).toEqual(all);
    expect(sessionOf([], [drink('a')], [deck('a', all.slice(1))], '')).toEqual([{ of: 'a', key: all[0] }]);
  });
});

describe('the first week', () => {
  const nothing: Done = {
    plans: [],
    kit: emptyKit(),
    bottles: [],
    trials: [],
    batches: [],
    pours: [],
    recipes: new Map([drink('a'), drink('b', 'stir'), drink('c', 'blend')].map((r) => [r.id, r])),
  };
  const pour = (of: string, more: object = {}) =>
    ({
      id: ID,
      at: '2026-11-25T20:00:00.000Z',
      on: '2026-11-25',
      drink: of,
      name: of,
      glasses: 1,
      for: [],
      parts: [],
      servedMl: 100,
      abv: 0.2,
      ethanolG: 10,
      costMinor: null,
      currency: null,
      verdict: null,
      tasted: [],
      note: '',
      round: null,
      ...more,
    }) as Done['pours'][number];
  const done = (more: Partial<Done>) => {
    const steps = firstWeek({ ...nothing, ...more });
    return FIRST_STEPS.filter((s) => steps[s]);
  };
  const plan = (moneyNowMinor: number) => ({
    id: ID,
    name: 'Plan',
    createdAt: '2026-11-25T20:00:00.000Z',
    brief: { ...emptyBrief('EUR'), moneyNowMinor },
  });

  it('has nothing ticked that was not done', () => {
    expect(done({})).toEqual([]);
    expect(done({ plans: [plan(0)] })).toEqual([]);
  });

  it('ticks each step by what is there', () => {
    expect(done({ plans: [plan(100)] })).toEqual(['brief']);
    expect(done({ kit: { ...emptyKit(), said: true } })).toEqual(['kit']);
    expect(done({ bottles: [bottleThere(ID, 'gin')] })).toEqual(['bottle']);
    expect(done({ pours: [pour('a')] })).toEqual(['shaken']);
    expect(done({ pours: [pour('b')] })).toEqual(['built']);
    expect(done({ pours: [pour('c', { verdict: 0 })] })).toEqual(['liked']);
  });

  it('does not count what was given up half made, or a drink that is known no more', () => {
    expect(done({ pours: [pour('a', { glasses: 0 }), pour('gone')] })).toEqual([]);
  });

  it('asks for ten pours by count', () => {
    const trials = Array.from({ length: 10 }, () => ({}) as Done['trials'][number]);
    expect([done({ trials: trials.slice(1) }), done({ trials })]).toEqual([[], ['pours']]);
  });
});
