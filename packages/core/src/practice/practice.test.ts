import fc from 'fast-check';
import { mean, sampleStandardDeviation } from 'simple-statistics';
import { createEmptyCard, fsrs, Rating } from 'ts-fsrs';
import { describe, expect, it } from 'vitest';
import type { Pour } from '../pouring/pour.js';
import { aimOf, drinksFrom, targetsOf } from './aim.js';
import { findWords, piecesOf, wordFlashcard, type Word } from './glossary.js';
import { dueFlashcards, isDue, afterAnswer, type Answer, type Memory } from './memory.js';
import { flowMlPerS, secondsFor, SPOUTS, Stream } from './spout.js';
import { sumOf, SUMS } from './sum.js';

const spout = fc.constantFrom(...SPOUTS);
const liquid = fc.record({ sugarGPerL: fc.double({ min: 0, max: 900, noNaN: true }) });

describe('a bottle that is poured from', () => {
  it('loses what the cup gains, to the drop, whatever is done with it', () => {
    const turn = fc.record({ seconds: fc.double({ min: 0, max: 3, noNaN: true }), tilted: fc.boolean() });
    fc.assert(
      fc.property(
        spout,
        liquid,
        fc.double({ min: 0, max: 700, noNaN: true }),
        fc.array(turn, { maxLength: 12 }),
        (s, l, left, turns) => {
          const stream = new Stream(s, l, left, 700);
          let before = 0;
          for (const { seconds, tilted } of turns) {
            stream.pass(seconds, tilted);
            expect(stream.inCupMl).toBeGreaterThanOrEqual(before);
            before = stream.inCupMl;
            expect(stream.inBottleMl).toBeGreaterThanOrEqual(0);
            expect(stream.inBottleMl + stream.inCupMl).toBeCloseTo(left, 6);
          }
        },
      ),
    );
  });

  it('pours as much on a slow screen as on a fast one', () => {
    fc.assert(
      fc.property(
        spout,
        liquid,
        fc.integer({ min: 4, max: 90 }),
        fc.double({ min: 0.2, max: 2, noNaN: true }),
        (s, l, frames, seconds) => {
          const [once, often] = [new Stream(s, l, 500, 700), new Stream(s, l, 500, 700)];
          once.pass(seconds, true);
          for (let i = 0; i < frames; i++) often.pass(seconds / frames, true);
          expect(often.inCupMl / once.inCupMl).toBeCloseTo(1, 1);
        },
      ),
    );
  });

  it('runs 30 ml a second through a metal spout when half full, slower when low or sweet', () => {
    // Common practice: a spout gives about 30 ml/s; thicker liquid slower, a low bottle slower.
    expect(flowMlPerS('metal', { sugarGPerL: 0 }, 0.5)).toBeCloseTo(30, 6);
    fc.assert(
      fc.property(
        spout,
        fc.double({ min: 0, max: 900, noNaN: true }),
        fc.double({ min: 0, max: 0.95, noNaN: true }),
        (s, sugar, full) => {
          const at = (sugarGPerL: number, fullness: number) => flowMlPerS(s, { sugarGPerL }, fullness);
          expect(at(sugar + 50, full)).toBeLessThan(at(sugar, full));
          expect(at(sugar, full)).toBeLessThan(at(sugar, full + 0.05));
          expect(at(sugar, full)).toBeGreaterThan(0);
        },
      ),
    );
  });

  it('is held just so long for an amount that what still runs is counted in', () => {
    fc.assert(
      fc.property(spout, liquid, fc.integer({ min: 10, max: 90 }), (s, l, target) => {
        const seconds = secondsFor(target, s, l, 400, 700) ?? expect.fail('there is enough');
        const stream = new Stream(s, l, 400, 700);
        stream.pass(seconds, true);
        while (!stream.isStill) stream.pass(0.01, false);
        expect(stream.inCupMl).toBeCloseTo(target, 0);
      }),
      { numRuns: 30 },
    );
    expect(secondsFor(50, 'metal', { sugarGPerL: 0 }, 40, 700)).toBeUndefined();
  });
});

describe('how a hand pours', () => {
  const pour = fc.record({
    targetMl: fc.constantFrom(15, 30, 60),
    pouredMl: fc.double({ min: 5, max: 90, noNaN: true }),
  });

  it('is the mean and the sample deviation of what is off, as another library has them', () => {
    fc.assert(
      fc.property(fc.array(pour, { minLength: 2, maxLength: 40 }), (trials) => {
        const offs = trials.map((t) => t.pouredMl / t.targetMl - 1);
        const aim = aimOf(trials) ?? expect.fail('there are pours');
        expect(aim.bias).toBeCloseTo(mean(offs), 9);
        expect(aim.spread).toBeCloseTo(sampleStandardDeviation(offs), 9);
      }),
    );
    expect(aimOf([])).toBeUndefined();
  });

  it('tells counting slowly from counting unevenly', () => {
    const at = (shares: number[]) => aimOf(shares.map((s) => ({ targetMl: 30, pouredMl: 30 * (1 + s) })));
    expect(at([0.1, 0.11, 0.09, 0.1, 0.1, 0.11])).toMatchObject({ isOff: true, isEven: true, within: 0 });
    expect(at([0.2, -0.2, 0.15, -0.15, 0.1, -0.1])).toMatchObject({ isOff: false, isEven: false });
    expect(at([0.01, -0.01, 0, 0.02, -0.02])).toMatchObject({ isOff: false, isEven: true, within: 1 });
    // Three pours say nothing of a hand.
    expect(at([0.3, 0.3, 0.3])).toMatchObject({ isOff: false, isEven: false });
  });

  it('says what a litre lasts, and aims at what is poured most here', () => {
    // A litre at 45 ml lasts 22 drinks, at a tenth more 20.
    expect([drinksFrom(1000, 45), drinksFrom(1000, 49.5)]).toEqual([22, 20]);
    const part = (ml: number) => ({ kind: 'gin', ml, pieces: 0, drawn: [] });
    const of = (glasses: number, ...mls: number[]) => ({ glasses, parts: mls.map(part) }) as unknown as Pour;
    expect(targetsOf([of(2, 100, 40), of(1, 50), of(1, 4)], 3)).toEqual([15, 20, 50]);
    expect(targetsOf([])).toEqual([15, 22.5, 30, 45, 60]);
  });
});

describe('what is remembered of a card', () => {
  it('is what the scheduling package makes of the answers, kept and read back between them', () => {
    const grade = {
      wrong: Rating.Again,
      nearly: Rating.Hard,
      right: Rating.Good,
      'at-once': Rating.Easy,
    } as const;
    const answer = fc.record({
      answer: fc.constantFrom<Answer>('wrong', 'nearly', 'right', 'at-once'),
      hours: fc.integer({ min: 1, max: 400 }),
    });
    fc.assert(
      fc.property(fc.array(answer, { minLength: 1, maxLength: 8 }), (answers) => {
        const theirs = fsrs({ enable_fuzz: false });
        let now = Date.parse('2026-11-01T18:00:00.000Z');
        let card = createEmptyCard(new Date(now));
        let memory: Memory | undefined;
        for (const { answer: given, hours } of answers) {
          now += hours * 3_600_000;
          ({ card } = theirs.next(card, new Date(now), grade[given]));
          memory = JSON.parse(
            JSON.stringify(afterAnswer(memory, given, new Date(now).toISOString())),
          ) as Memory;
          expect(memory.due).toBe(card.due.toISOString());
          expect([memory.stability, memory.difficulty, memory.reps, memory.lapses, memory.state]).toEqual([
            card.stability,
            card.difficulty,
            card.reps,
            card.lapses,
            card.state,
          ]);
        }
      }),
    );
  });

  it('is asked for when it is due, the longest overdue first, each person’s own', () => {
    const at = (day: number) => `2026-11-${String(day).padStart(2, '0')}T18:00:00.000Z`;
    const [early, late] = [afterAnswer(undefined, 'right', at(1)), afterAnswer(undefined, 'right', at(3))];
    const deck = (by: string, of: string, cards: Record<string, Memory>) => ({ id: of, by, of, cards });
    const decks = [
      deck('Ann', 'daiquiri', { parts: late, glass: early }),
      deck('Bo', 'gimlet', { parts: early }),
    ];
    expect(dueFlashcards(decks, 'Ann', at(9)).map((c) => c.key)).toEqual(['glass', 'parts']);
    expect(isDue(early, early.due)).toBe(true);
    expect(dueFlashcards(decks, 'Ann', at(1))).toEqual([]);
  });
});

it('sums come out: halves, times and what is left add up again, ounces by the exact US ounce', () => {
  const seen = new Set<string>();
  for (let seed = 0; seed < 400; seed++) {
    const sum = sumOf(seed);
    seen.add(sum.ask);
    if (sum.ask === 'half') expect(sum.answer * 2).toBe(sum.ml);
    if (sum.ask === 'times') expect(sum.answer / sum.glasses).toBeCloseTo(sum.ml, 9);
    if (sum.ask === 'left')
      expect([sum.answer + sum.ml * sum.drinks, sum.answer >= 0]).toEqual([sum.bottleMl, true]);
    // NIST Handbook 44: a US fluid ounce is 29.5735295625 ml.
    if (sum.ask === 'ounces') expect(sum.answer).toBeCloseTo((29.5735295625 * sum.quarters) / 4, 9);
  }
  expect([...seen].sort()).toEqual([...SUMS].sort());
});

describe('words of the trade', () => {
  const word = (id: string, more: Partial<Word> = {}): Word => ({
    id,
    word: id.replace('-', ' '),
    says: `What ${id} means, at length.`,
    also: [],
    where: [],
    see: [],
    ...more,
  });
  const glossary = {
    words: [
      word('shake'),
      word('dry-shake', { see: ['shake'] }),
      word('nip', { where: [{ in: 'AU', says: '30 ml of spirit' }] }),
      word('split'),
      word('up'),
      word('back'),
    ],
  };

  it('are found by their beginning before their middle, and by what they say elsewhere', () => {
    expect(findWords(glossary, 'shake').map((w) => w.id)).toEqual(['shake', 'dry-shake']);
    expect(findWords(glossary, 'SPIRIT').map((w) => w.id)).toEqual(['nip']);
    expect(findWords(glossary, '  ')).toEqual([]);
  });

  it('are found in a sentence, whole and the longest first, and nothing of the sentence is lost', () => {
    const pieces = piecesOf('Dry shake, then shake; never shaken up.', glossary.words);
    expect(pieces.filter((p) => p.word).map((p) => [p.text, p.word?.id])).toEqual([
      ['Dry shake', 'dry-shake'],
      ['shake', 'shake'],
      ['up', 'up'],
    ]);
    fc.assert(
      fc.property(fc.array(fc.constantFrom('dry', 'shake', 'nip', 'up', ', ', 'x', ' ')), (parts) => {
        const sentence = parts.join(' ');
        expect(
          piecesOf(sentence, glossary.words)
            .map((p) => p.text)
            .join(''),
        ).toBe(sentence);
      }),
    );
  });

  it('are asked among meanings that are not nearly the same', () => {
    for (let turn = 0; turn < 20; turn++) {
      const card = wordFlashcard(glossary, 'dry-shake', turn) ?? expect.fail('there is a card');
      expect(card.choices[card.right]).toBe('What dry-shake means, at length.');
      expect(card.choices).not.toContain('What shake means, at length.');
      expect(new Set(card.choices).size).toBe(4);
    }
  });
});
