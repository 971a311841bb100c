import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { amountMl } from '@uisce/core/base';
import { kindIndex } from '@uisce/core/catalogue';
import { methodFaults } from '@uisce/core/rules';
import { balance } from '@uisce/core/notebook';
import {
  blindBalance,
  flashcardKeys,
  FlashcardMaker,
  SHOWS,
  typedAnswer,
  wordFlashcard,
} from '@uisce/core/practice';
import { loadCatalogue, loadGlossary } from './load.js';

const { catalogue } = loadCatalogue();
const glossary = loadGlossary();
const kinds = kindIndex(catalogue.kinds);
const maker = new FlashcardMaker(catalogue, 2.5);
const recipes = new Map(catalogue.recipes.map((r) => [r.id, r]));

describe('cards of every drink', () => {
  const cards = catalogue.recipes.flatMap((r) =>
    [0, 1, 2].flatMap((turn) =>
      flashcardKeys(r).map((key) => ({ r, key, card: maker.card(r.id, key, turn) })),
    ),
  );

  it('have one right answer, which is what the catalogue says, and no other answer that is right as well', () => {
    for (const { r, key, card } of cards) {
      if (card === undefined) throw new Error(`${r.id} has no card ${key}`);
      const right = card.choices[card.right];
      const others = card.choices.filter((c) => c !== right);
      const says = `${r.id} ${key}`;
      expect(right, says).toBeDefined();
      expect(new Set(card.choices.map((c) => JSON.stringify(c))).size, says).toBe(card.choices.length);
      const asked = r.slots.filter((s) => !s.optional);
      switch (right?.is) {
        case 'kinds': {
          const mine = new Set(asked.map((s) => s.kind));
          expect(new Set(right.kinds), says).toEqual(mine);
          // Each wrong spec holds something that the drink is not made with, in any of its ways.
          const any = new Set(r.slots.flatMap((s) => [s.kind, ...s.or]));
          for (const o of others)
            expect(o.is === 'kinds' && o.kinds.some((k) => !any.has(k)), says).toBe(true);
          break;
        }
        case 'amount': {
          const slot = r.slots.find((s) => s.kind === card.about);
          expect(right.ml, says).toBeCloseTo((slot && amountMl(slot.amount)) ?? NaN, 1);
          expect(typedAnswer(card, right.ml)).toBe('right');
          for (const o of others) expect(o.is === 'amount' && typedAnswer(card, o.ml), says).toBe('wrong');
          break;
        }
        case 'glass':
          expect(right.glass, says).toBe(r.glass);
          for (const o of others)
            expect(o.is === 'glass' && r.otherGlasses.includes(o.glass), says).toBe(false);
          break;
        case 'method':
          expect(right.method, says).toBe(r.method);
          for (const o of others) expect(o.is === 'method' && o.method === r.method, says).toBe(false);
          break;
        case 'part': {
          // The shown spec differs from the true one in just that part.
          const off = (card.shown ?? []).filter((s, i) => s.amount.value !== r.slots[i]?.amount.value);
          expect(
            off.map((s) => s.kind),
            says,
          ).toEqual([right.kind]);
          break;
        }
        default:
          expect.fail(says);
      }
    }
    expect(cards.length).toBeGreaterThan(6000);
  });

  it('say why as the rule of shaking and stirring has it', () => {
    // The rule itself is held against every drink elsewhere: no shipped drink breaks it.
    expect(methodFaults(catalogue)).toEqual([]);
    for (const { r, card } of cards) {
      const right = card?.choices[card.right];
      if (right?.is !== 'method') continue;
      if (right.reason === 'fizzy')
        expect(
          r.slots.some((s) => kinds.get(s.kind)?.tastes.includes('fizzy')),
          r.id,
        ).toBe(true);
      if (right.reason === 'egg') expect(r.method).toBe('dry-shake');
    }
  });
});

describe('blind balance', () => {
  const steps = Array.from({ length: 48 }, (_, i) => (i + 1) * 2.5);
  const found = catalogue.recipes.slice(0, 120).flatMap((r) => blindBalance(r, kinds, steps, 7) ?? []);

  it('asks only what the figures show, and the mend is what the balance helper finds', () => {
    expect(found.length).toBeGreaterThan(30);
    for (const b of found) {
      const { of, more } = SHOWS[b.asked];
      const values = b.glasses.map((g) => g.figures[of]);
      expect(values[b.right], b.drink).toBe(more ? Math.max(...values) : Math.min(...values));
      expect(b.glasses.filter((g) => g.wrong === undefined).map((g) => g.recipe)).toEqual([
        recipes.get(b.drink),
      ]);
      const wish = {
        'too-sour': 'less-sour',
        'too-sweet': 'less-sweet',
        'too-strong': 'weaker',
        'too-weak': 'stronger',
      } as const;
      const wrong = b.glasses[b.right]?.recipe ?? expect.fail('a glass is there');
      expect(b.mends[b.rightMend], b.drink).toEqual(balance(wrong, wish[b.asked], kinds, steps)?.changes);
      expect(new Set(b.mends.map((m) => JSON.stringify(m))).size).toBe(b.mends.length);
    }
  });
});

describe('the glossary', () => {
  it('has its words in alphabetical order, each with a card, and says where they mean something else', () => {
    expect(glossary.words.length).toBeGreaterThanOrEqual(180);
    const names = glossary.words.map((w) => w.word.toLowerCase());
    expect([...names].sort((a, b) => (a < b ? -1 : 1))).toEqual(names);
    for (const { id } of glossary.words) expect(wordFlashcard(glossary, id)?.choices).toHaveLength(4);
    // Words that the trade uses for different things in different countries (common practice).
    for (const id of ['split', 'nip', 'measure', 'rocks', 'single', 'proof'])
      expect(glossary.words.find((w) => w.id === id)?.where.length, id).toBeGreaterThan(0);
  });

  it('has spoons and ounces as their standards have them', () => {
    const of = (what: string, where: string) =>
      glossary.measures.find((m) => m.what === what && m.in === where)?.ml[0];
    // NIST Handbook 44 (US customary), Units of Measurement Regulations 1995 (imperial).
    expect(of('fluid ounce', 'US')).toBeCloseTo(29.5735, 2);
    expect(of('fluid ounce', 'GB')).toBeCloseTo(28.4131, 2);
    expect(of('pint', 'GB')).toBeCloseTo(20 * 28.4130625, 1);
    expect(of('pint', 'US')).toBeCloseTo(16 * 29.5735295625, 1);
    expect(of('tablespoon', 'AU')).toBe(20);
    const text = readFileSync(new URL('../data/glossary.yaml', import.meta.url), 'utf8');
    expect(text.split('\n').filter((l) => l.includes('- { id:')).length).toBe(glossary.words.length);
  });
});
