import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { defineComponent, ref } from 'vue';
import { afterAnswer, type Deck, type Trial } from '@uisce/core/practice';
import { usePractice } from '../household/use-practice';
import { inHouse, type InSmallHouse } from '../testing/in-house';
import { smallPlan } from '../testing/small-house';
import { usePracticeSentence } from './use-practice-sentence';

vi.mock('../solver/solver', () => import('../testing/small-solver'));
vi.mock('../solver/solver.worker?worker&url', () => ({ default: 'solver' }));
vi.mock('idb-keyval', () => import('../testing/small-database'));

const ID = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;
let n = 0;
const trial = (pouredMl: number, more: Partial<Trial> = {}): [string, string, unknown] => {
  const id = ID((n += 1));
  const at = new Date(Date.UTC(2026, 10, 20, 10, n)).toISOString();
  return [
    'trial',
    id,
    { id, at, by: '', targetMl: 30, pouredMl, kind: null, spout: 'metal', way: 'scale', ...more },
  ];
};
const deck = (by: string, of: string, cards: Deck['cards']): [string, string, unknown] => {
  const id = ID((n += 1));
  return ['deck', id, { id, by, of, cards }];
};

let house: InSmallHouse;
const part = ref('');
let sentence: ReturnType<typeof usePracticeSentence>;
const Page = defineComponent(() => {
  sentence = usePracticeSentence(part);
  return () => null;
});
beforeEach(() => {
  localStorage.clear();
  part.value = '';
});
afterEach(() => house.page.unmount());
const open = async (...things: [string, string, unknown][]) => {
  house = await inHouse(Page, {}, [['plan', smallPlan(0).id, smallPlan(4700)], ...things]);
};
const says = () => {
  const { before, figure, after } = sentence.headline.value;
  return `${before}${figure}${after}`;
};

describe('the sentence of practice', () => {
  it('says how to begin before anything was poured', async () => {
    await open();
    expect(says()).toBe('Hold, count, let go: see how near you come');
    expect(sentence.underline.value).toContain('or the space bar');
  });

  it('says the mean of the last pours and how they scatter, as worked out by hand', async () => {
    // 33, 31, 32 and 32: the mean is 32, the sample deviation the root of two thirds, 0.8.
    await open(...[33, 31, 32, 32].map((ml) => trial(ml)));
    expect(says()).toMatch(/^32\.0 ± 0\.8 for 30 ml: you count slowly/);
    // 31 alone is within five in the hundred of 30.
    expect(sentence.underline.value).toBe('The last 4 pours of it; 25% within five in the hundred');
  });

  it('is of whoever practises here, and of nobody else', async () => {
    await open(
      ...[33, 31, 32].map((ml) => trial(ml, { by: 'Maeve' })),
      ...[30, 30, 30, 30].map((ml) => trial(ml, { by: 'Bran' })),
    );
    // Bran practised last.
    expect(usePractice().by).toBe('Bran');
    expect(says()).toMatch(/^30\.0 ± 0\.0 for 30 ml/);
    usePractice().by = 'Maeve';
    expect(says()).toMatch(/^32\.0 ± 1\.0 for 30 ml/);
  });

  it('counts the cards that are due, of this person', async () => {
    part.value = 'cards';
    const old = afterAnswer(undefined, 'wrong', '2026-01-01T20:00:00.000Z');
    const fresh = afterAnswer(undefined, 'at-once', '2026-11-25T17:59:00.000Z');
    await open(
      deck('', 'negroni', { parts: old, glass: fresh }),
      deck('', 'daiquiri', { parts: old }),
      deck('Maeve', 'daiquiri', { parts: old, glass: old }),
    );
    expect(says()).toBe('By heart: 2 cards due');
    usePractice().by = 'Maeve';
    expect(says()).toBe('By heart: 2 cards due');
    usePractice().by = 'Bran';
    expect(says()).toBe('Nothing is due; ten new ones, if you like');
  });

  it('counts the steps of the first week that were taken', async () => {
    part.value = 'week';
    await open();
    expect(says()).toBe('The first week: 1 of 8 steps taken');
  });
});

describe('what is remembered of a card', () => {
  it('goes on in the deck of its drink and its person: other cards of it stay as they were', async () => {
    const old = afterAnswer(undefined, 'right', '2026-11-01T20:00:00.000Z');
    await open(deck('', 'negroni', { parts: old }));
    const practice = usePractice();
    practice.review('negroni', 'glass', 'at-once');
    practice.review('negroni', 'parts', 'wrong');
    expect(practice.decks).toHaveLength(1);
    expect(practice.decks[0]?.cards).toMatchObject({ glass: { reps: 1, lapses: 0 }, parts: { reps: 2 } });
    practice.by = 'Maeve';
    practice.review('negroni', 'parts', 'right');
    expect(practice.decks.map((d) => [d.by, Object.keys(d.cards)])).toEqual([
      ['', ['parts', 'glass']],
      ['Maeve', ['parts']],
    ]);
  });

  it('comes sooner after a wrong answer than after a right one, and latest when it sat', async () => {
    await open();
    const practice = usePractice();
    for (const [drink, answer] of [
      ['negroni', 'wrong'],
      ['daiquiri', 'right'],
      ['gin-sour', 'at-once'],
    ] as const)
      practice.review(drink, 'parts', answer);
    const due = (of: string) => Date.parse(practice.decks.find((d) => d.of === of)?.cards.parts?.due ?? '');
    expect(due('negroni')).toBeLessThan(due('daiquiri'));
    expect(due('daiquiri')).toBeLessThan(due('gin-sour'));
  });

  it('is nothing that undo would take back', async () => {
    await open();
    usePractice().review('negroni', 'parts', 'right');
    usePractice().poured({ targetMl: 30, pouredMl: 31, kind: null, spout: 'metal', way: 'drawn' });
    await house.settle();
    expect(house.server.changes.map((c) => c.change)).toEqual(['A card', 'A practice pour']);
    expect(usePractice().mine).toMatchObject([{ by: '', pouredMl: 31 }]);
  });
});
