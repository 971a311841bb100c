import { useLocalStorage, useNow } from '@vueuse/core';
import { defineStore } from 'pinia';
import { computed } from 'vue';
import { keptDeck, keptTrial } from '@uisce/core/kept';
import { dueFlashcards, afterAnswer, type Answer, type Deck, type Trial } from '@uisce/core/practice';
import { useKeeper } from '../kept/use-keeper';

/** What is due is looked at so often. */
const LOOK_EVERY_MS = 30_000;

/** Practice: pours by count, and what is remembered of cards, person by person. */
export const usePractice = defineStore('practice', () => {
  const keeper = useKeeper();
  const now = useNow({ interval: LOOK_EVERY_MS });

  const trials = computed<Trial[]>((before) => keeper.all(keptTrial, before));
  const decks = computed<Deck[]>((before) => keeper.all(keptDeck, before));
  /** Who practises at this browser; where nobody said, whoever practised last. */
  const chosen = useLocalStorage<string | null>('uisce:practises', null);
  const last = computed(() =>
    trials.value.reduce<Trial | undefined>((a, b) => (a === undefined || b.at > a.at ? b : a), undefined),
  );
  const by = computed({
    get: () => chosen.value ?? last.value?.by ?? '',
    set: (name: string) => (chosen.value = name),
  });
  const mine = computed(() =>
    trials.value.filter((t) => t.by === by.value).sort((a, b) => (a.at < b.at ? -1 : 1)),
  );
  const due = computed(() => dueFlashcards(decks.value, by.value, now.value.toISOString()));

  function poured(trial: Omit<Trial, 'id' | 'at' | 'by'>): void {
    const kept = { ...trial, id: crypto.randomUUID(), at: new Date().toISOString(), by: by.value };
    keeper.keep(keptTrial, kept, 'A practice pour');
  }
  /** A card was answered: when it comes again is worked out and kept. */
  function review(of: string, key: string, answer: Answer): void {
    const deck = decks.value.find((d) => d.by === by.value && d.of === of) ?? {
      id: crypto.randomUUID(),
      by: by.value,
      of,
      cards: {},
    };
    const memory = afterAnswer(deck.cards[key], answer, new Date().toISOString());
    keeper.keep(keptDeck, { ...deck, cards: { ...deck.cards, [key]: memory } }, 'A card');
  }

  return { trials, decks, by, mine, due, poured, review };
});
