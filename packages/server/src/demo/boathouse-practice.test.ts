import { randomUUID } from 'node:crypto';
import { expect, it } from 'vitest';
import { loadShipped } from '@uisce/catalogue';
import { aimOf, dueFlashcards } from '@uisce/core/practice';
import { boathousePractice } from './boathouse-practice.js';

it('the boathouse pours better from week to week, and has cards due today, whatever day it is', () => {
  const { catalogue, glossary } = loadShipped();
  for (const today of ['2026-11-26', '2027-02-28', '2028-02-29']) {
    const { trials, decks } = boathousePractice(today, randomUUID, catalogue);
    const half = trials.length / 2;
    const [first, second] = [aimOf(trials.slice(0, half)), aimOf(trials.slice(half))];
    expect(second?.bias).toBeLessThan((first?.bias ?? 0) * 0.7);
    expect(second?.spread).toBeLessThan(first?.spread ?? 0);
    expect(trials.every((t) => t.at < today)).toBe(true);
    const due = dueFlashcards(decks, 'Maeve', `${today}T00:00:00.000Z`);
    expect(due.length).toBeGreaterThanOrEqual(5);
    expect(due.length).toBeLessThan(decks.flatMap((d) => Object.keys(d.cards)).length);
    const words = decks.filter((d) => d.of.startsWith('words-')).flatMap((d) => Object.keys(d.cards));
    for (const key of words) expect(glossary.words.some((w) => `word.${w.id}` === key)).toBe(true);
  }
});
