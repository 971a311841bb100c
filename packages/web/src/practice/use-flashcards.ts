import { useEventListener } from '@vueuse/core';
import { computed, ref, shallowRef, type Ref } from 'vue';
import { measuringLines } from '@uisce/core/measure';
import {
  FlashcardMaker,
  deckOfWord,
  sessionOf,
  typedAnswer,
  keyOfWord,
  wordOfKey,
  wordFlashcard,
  SESSION,
  type Answer,
  type SpecFlashcard,
  type ToAsk,
  type WordFlashcard,
} from '@uisce/core/practice';
import type { Recipe } from '@uisce/core/catalogue';
import { useGlossary } from '../household/use-glossary';
import { useKit } from '../household/use-kit';
import { useLog } from '../household/use-log';
import { usePractice } from '../household/use-practice';
import { useCatalogue } from '../household/use-catalogue';
import { useVerdicts } from '../household/use-verdicts';
import { useAtHand } from '../ui/drink/use-at-hand';

/** Answered within this it sits; later it was thought of, s. */
const AT_ONCE_S = 4;
const USUAL_STEP_ML = 2.5;
/** Liked from here on, of 5. */
const LIKED = 4;
/** New words are asked so many at a time, with those that mean different things in different places first. */
const NEW_WORDS = 10;

type Flashcard = ({ is: 'spec' } & SpecFlashcard) | ({ is: 'word' } & WordFlashcard);

/** What is asked: specs of the drinks that matter here, and words of the trade. */
function useDecks() {
  const atHand = useAtHand();
  const glossary = useGlossary();
  const kits = useKit();
  const log = useLog();
  const practice = usePractice();
  const catalogue = useCatalogue();
  const verdicts = useVerdicts();
  const stepMl = computed(() => {
    const lines = measuringLines(kits.kit.vessels)
      .map((l) => l.ml)
      .filter((ml) => ml > 0);
    return lines.length === 0 ? USUAL_STEP_ML : Math.min(USUAL_STEP_ML, ...lines);
  });
  const maker = computed(() => new FlashcardMaker(catalogue.all, stepMl.value));
  /** Drinks that matter here: poured, liked, then planned. */
  const drinks = computed<Recipe[]>(() => {
    const times = new Map<string, number>();
    for (const p of log.pours) times.set(p.drink, (times.get(p.drink) ?? 0) + p.glasses);
    const poured = [...times].sort((a, b) => b[1] - a[1]).map(([id]) => id);
    const liked = verdicts.liked.filter((l) => l.mean >= LIKED).map((l) => l.drink);
    const planned = [...atHand.open.value.keys()];
    return [...new Set([...poured, ...liked, ...planned])].flatMap((id) => catalogue.recipes.get(id) ?? []);
  });

  function newWords(): ToAsk[] {
    const known = new Set(
      practice.decks.filter((d) => d.by === practice.by).flatMap((d) => Object.keys(d.cards)),
    );
    return [...glossary.words.value]
      .sort((a, b) => b.where.length - a.where.length || (a.id < b.id ? -1 : 1))
      .filter((w) => !known.has(keyOfWord(w.id)))
      .slice(0, NEW_WORDS)
      .map((w) => ({ of: deckOfWord(w.id), key: keyOfWord(w.id) }));
  }

  return { maker, drinks, newWords };
}

/** A card that is asked, the answer given to it, and how one answers and goes on. */
interface Answering {
  card: Readonly<Ref<Flashcard | undefined>>;
  given: Readonly<Ref<number | undefined>>;
  choose: (i: number) => void;
  next: () => void;
}

/** Cards by the keyboard: a digit chooses, enter goes on. */
function useAnswerKeys({ card, given, choose, next }: Answering) {
  useEventListener('keydown', (event: KeyboardEvent) => {
    const on = event.target instanceof HTMLElement ? event.target : undefined;
    if (!card.value || on?.matches('input, textarea')) return;
    const n = '1234'.indexOf(event.key);
    // A button that has the focus is pressed by itself.
    const goesOn =
      (event.key === 'Enter' || event.key === ' ') && given.value !== undefined && !on?.matches('button, a');
    if (n >= 0 && n < card.value.choices.length) choose(n);
    else if (goesOn) next();
    else return;
    event.preventDefault();
  });
}

/** The card of a question, made anew each time a session begins. */
function useCard(
  asking: Readonly<Ref<ToAsk | undefined>>,
  maker: Readonly<Ref<FlashcardMaker>>,
  turn: Readonly<Ref<number>>,
) {
  const glossary = useGlossary();
  const card = computed<Flashcard | undefined>(() => {
    if (!asking.value) return undefined;
    const word = wordOfKey(asking.value.key);
    if (word !== undefined) {
      const found = wordFlashcard({ words: [...glossary.words.value] }, word, turn.value);
      return found && { is: 'word', ...found };
    }
    const found = maker.value.card(asking.value.of, asking.value.key, turn.value);
    return found && { is: 'spec', ...found };
  });

  return card;
}

/** A session of cards: what is due first, then what is new; each answered once, and kept. */
export function useFlashcards() {
  const glossary = useGlossary();
  const practice = usePractice();
  void glossary.load();

  const { maker, drinks, newWords } = useDecks();
  const asked = shallowRef<ToAsk[]>([]);
  const at = ref(0);
  /** The place of the answer given; -1 for a typed one. */
  const given = ref<number>();
  const wasRight = ref(false);
  const rights = ref(0);
  const turn = ref(0);
  let since = 0;

  function begin(of: 'specs' | 'words'): void {
    const due = practice.due.filter((c) => (wordOfKey(c.key) !== undefined) === (of === 'words'));
    asked.value =
      of === 'words'
        ? [...due.map(({ of: deck, key }) => ({ of: deck, key })), ...newWords()].slice(0, SESSION)
        : sessionOf(due, drinks.value, practice.decks, practice.by);
    turn.value = Date.now();
    [at.value, given.value, rights.value] = [0, undefined, 0];
    since = performance.now();
  }
  const asking = computed(() => asked.value[at.value]);
  const card = useCard(asking, maker, turn);
  const isOver = computed(() => asked.value.length > 0 && at.value >= asked.value.length);

  function settle(answer: Answer): void {
    const one = asking.value;
    if (one) practice.review(one.of, one.key, answer);
    wasRight.value = answer !== 'wrong';
    if (wasRight.value) rights.value += 1;
  }
  const inTime = (): Answer => ((performance.now() - since) / 1000 <= AT_ONCE_S ? 'at-once' : 'right');
  function choose(i: number): void {
    if (!card.value || given.value !== undefined) return;
    given.value = i;
    settle(i === card.value.right ? inTime() : 'wrong');
  }
  function type(ml: number): void {
    if (card.value?.is !== 'spec' || given.value !== undefined) return;
    given.value = -1;
    const how = typedAnswer(card.value, ml);
    settle(how === 'right' ? inTime() : how);
  }
  function next(): void {
    if (given.value === undefined) return;
    at.value += 1;
    given.value = undefined;
    since = performance.now();
  }
  useAnswerKeys({ card, given, choose, next });
  const end = (): void => {
    asked.value = [];
  };
  return { drinks, asked, at, card, given, wasRight, rights, isOver, begin, choose, type, next, end };
}
