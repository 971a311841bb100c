import { amountMl, type Amount } from '../base/amount.js';
import { randomFrom, seedOf, shuffled } from '../base/random.js';
import { kindAndAncestors, kindIndex, type Catalogue } from '../catalogue/catalogue.js';
import type { Kind } from '../catalogue/kind.js';
import type { Method, Recipe, Slot } from '../catalogue/recipe.js';

/** What a card asks of a drink. */
type FlashcardAsk = 'parts' | 'amount' | 'glass' | 'method' | 'wrong';

/** Why a drink is made as it is. */
export type MethodReason =
  'cloudy' | 'clear' | 'fizzy' | 'egg' | 'crushed' | 'smooth' | 'layers' | 'hot' | 'plain';

/** One of the answers to choose from. */
export type FlashcardChoice =
  | { is: 'kinds'; kinds: string[] }
  | { is: 'amount'; ml: number }
  | { is: 'glass'; glass: string }
  | { is: 'method'; method: Method; reason: MethodReason }
  | { is: 'part'; kind: string };

/** A question on a drink: as data, so that words are made of it where it is asked. */
export interface SpecFlashcard {
  key: string;
  drink: string;
  ask: FlashcardAsk;
  /** The part whose amount is asked. */
  about: string | undefined;
  /** The spec to look at, where one is shown with a fault in it. */
  shown: { kind: string; amount: Amount }[] | undefined;
  choices: FlashcardChoice[];
  right: number;
  /** Where an amount may be typed: what is right, and how far off is near enough, ml. */
  typed: { ml: number; withinMl: number } | undefined;
}

const CHOICES = 4;
/** Less than this is dashed, and asked by nobody in ml. */
const MIN_ASKED_ML = 5;

const isAsked = (slot: Slot) =>
  !slot.optional && (amountMl(slot.amount) ?? 0) >= MIN_ASKED_ML && slot.amount.measure !== 'dash';
const measured = (recipe: Recipe) => recipe.slots.filter(isAsked);
/** A kind that stands in a spec twice has no one amount. */
const isOnce = (recipe: Recipe, kind: string) => recipe.slots.filter((s) => s.kind === kind).length === 1;

/** The cards that a drink gives: their keys, in the order in which they are learnt. */
export function flashcardKeys(recipe: Recipe): string[] {
  const amounts = measured(recipe).filter((s) => isOnce(recipe, s.kind));
  return [
    ...(recipe.slots.length > 1 ? ['parts'] : []),
    'method',
    ...amounts.map((s) => `amount.${s.kind}`),
    'glass',
    ...(amounts.length > 1 ? ['wrong'] : []),
  ];
}

/** Why a method suits a drink, by what is in it (common practice). */
function methodReason(recipe: Recipe, kinds: ReadonlyMap<string, Kind>): MethodReason {
  const has = (test: (kind: Kind) => boolean) => recipe.slots.some((s) => test(kinds.get(s.kind) as Kind));
  switch (recipe.method) {
    case 'dry-shake':
      return 'egg';
    case 'shake':
      return 'cloudy';
    case 'stir':
      return 'clear';
    case 'blend':
      return 'smooth';
    case 'swizzle':
      return 'crushed';
    case 'layer':
      return 'layers';
    case 'hot':
      return 'hot';
    case 'build':
      return has((k) => k.tastes.includes('fizzy')) ? 'fizzy' : 'plain';
  }
}
const USUAL_REASON: Record<Method, MethodReason> = {
  shake: 'cloudy',
  'dry-shake': 'egg',
  stir: 'clear',
  build: 'fizzy',
  blend: 'smooth',
  swizzle: 'crushed',
  layer: 'layers',
  hot: 'hot',
};
/** Ways that a wrong answer may be; shaking twice and shaking are told apart only where egg is. */
const USUAL_METHODS: readonly Method[] = ['shake', 'stir', 'build', 'swizzle', 'blend', 'dry-shake'];

/** Makes cards of drinks; the right answer is always what the catalogue says. */
export class FlashcardMaker {
  private readonly kinds: ReadonlyMap<string, Kind>;
  private readonly recipes: ReadonlyMap<string, Recipe>;

  /** @param stepMl the finest step of the household's jigger: an amount typed within it is right. */
  constructor(
    private readonly catalogue: Pick<Catalogue, 'recipes' | 'kinds' | 'glasses'>,
    private readonly stepMl: number,
  ) {
    this.kinds = kindIndex(catalogue.kinds);
    this.recipes = new Map(catalogue.recipes.map((r) => [r.id, r]));
  }

  /**
   * A card by its drink and key.
   *
   * @param turn another number gives other wrong answers.
   * @returns undefined where the drink is gone or has no such card any more.
   */
  card(drink: string, key: string, turn = 0): SpecFlashcard | undefined {
    const recipe = this.recipes.get(drink);
    if (recipe === undefined || !flashcardKeys(recipe).includes(key)) return undefined;
    const random = randomFrom(seedOf(`${drink} ${key} ${turn}`));
    const [ask, about] = key.split('.') as [FlashcardAsk, string | undefined];
    const blank = { key, drink, ask, about, shown: undefined, typed: undefined };
    const of = (
      right: FlashcardChoice,
      wrong: readonly FlashcardChoice[],
      more: Partial<SpecFlashcard> = {},
    ): SpecFlashcard => {
      const choices = shuffled([right, ...wrong.slice(0, CHOICES - 1)], random);
      return { ...blank, choices, right: choices.indexOf(right), ...more };
    };
    switch (ask) {
      case 'parts':
        return of({ is: 'kinds', kinds: kindsOf(recipe) }, this.otherParts(recipe, random));
      case 'amount':
        return this.amountFlashcard(recipe, about ?? '', of, random);
      case 'glass':
        return of({ is: 'glass', glass: recipe.glass }, this.otherGlasses(recipe, random));
      case 'method':
        return of(
          { is: 'method', method: recipe.method, reason: methodReason(recipe, this.kinds) },
          shuffled(USUAL_METHODS, random)
            .filter((m) => m !== recipe.method && !(isShaken(m) && isShaken(recipe.method)))
            .map((method) => ({ is: 'method', method, reason: USUAL_REASON[method] })),
        );
      case 'wrong':
        return this.wrongFlashcard(recipe, of, random);
    }
  }

  private amountFlashcard(
    recipe: Recipe,
    kind: string,
    of: (
      right: FlashcardChoice,
      wrong: readonly FlashcardChoice[],
      more: Partial<SpecFlashcard>,
    ) => SpecFlashcard,
    random: () => number,
  ): SpecFlashcard | undefined {
    const slot = recipe.slots.find((s) => s.kind === kind);
    const ml = slot && amountMl(slot.amount);
    if (ml === undefined) return undefined;
    const right = Math.round(ml * 100) / 100;
    // Steps that a jigger has, far enough apart that nobody calls them the same.
    const usual = ml >= 30 ? 15 : ml >= 15 ? 7.5 : 5;
    const step = Math.max(usual, Math.ceil(ml / 50) * 5);
    const others = [-2, -1, 1, 2, 3].map((n) => right + n * step).filter((v) => v >= MIN_ASKED_ML / 2);
    const wrong = shuffled(others, random).map((v): FlashcardChoice => ({ is: 'amount', ml: v }));
    return of({ is: 'amount', ml: right }, wrong, {
      typed: { ml: right, withinMl: Math.max(this.stepMl, right * 0.05) },
    });
  }

  /** The spec with one amount made half or double what it is; which is it? */
  private wrongFlashcard(
    recipe: Recipe,
    of: (
      right: FlashcardChoice,
      wrong: readonly FlashcardChoice[],
      more: Partial<SpecFlashcard>,
    ) => SpecFlashcard,
    random: () => number,
  ): SpecFlashcard {
    const able = measured(recipe).filter((s) => isOnce(recipe, s.kind));
    const spoilt = able[Math.floor(random() * able.length)] as Slot;
    const times = random() < 0.5 ? 0.5 : 2;
    const shown = recipe.slots.map((s) => ({
      kind: s.kind,
      amount: s === spoilt ? { ...s.amount, value: s.amount.value * times } : s.amount,
    }));
    const wrong = shuffled(
      able.filter((s) => s !== spoilt),
      random,
    ).map((s): FlashcardChoice => ({ is: 'part', kind: s.kind }));
    return of({ is: 'part', kind: spoilt.kind }, wrong, { shown });
  }

  /** Specs that are nearly this one: one of its kinds changed for another of the same job that it is not made with. */
  private otherParts(recipe: Recipe, random: () => number): FlashcardChoice[] {
    const mine = kindsOf(recipe);
    const related = new Set(
      recipe.slots.flatMap((s) => [s.kind, ...s.or]).flatMap((k) => kindAndAncestors(k, this.kinds)),
    );
    const isNear = (kind: Kind) =>
      related.has(kind.id) || kindAndAncestors(kind.id, this.kinds).some((a) => related.has(a));
    const changed = (at: number): string[] | undefined => {
      const kind = this.kinds.get(mine[at] ?? '');
      const others = this.catalogue.kinds.filter(
        (k) => k.job === kind?.job && k.supply === kind.supply && !k.abstract && !isNear(k),
      );
      const other = others[Math.floor(random() * others.length)];
      return other && mine.map((k, i) => (i === at ? other.id : k));
    };
    const found = new Map<string, string[]>();
    // A few turns are enough: each changes another part, or the same one for another kind.
    for (let turn = 0; turn < 24 && found.size < CHOICES - 1; turn++) {
      const kinds = changed(turn % mine.length);
      if (kinds) found.set([...kinds].sort().join(), kinds);
    }
    return [...found.values()].map((kinds): FlashcardChoice => ({ is: 'kinds', kinds }));
  }

  private otherGlasses(recipe: Recipe, random: () => number): FlashcardChoice[] {
    const suits = new Set([recipe.glass, ...recipe.otherGlasses]);
    return shuffled(this.catalogue.glasses, random)
      .filter((g) => !suits.has(g.id))
      .map((g): FlashcardChoice => ({ is: 'glass', glass: g.id }));
  }
}

const isShaken = (method: Method) => method === 'shake' || method === 'dry-shake';
const kindsOf = (recipe: Recipe) => [...new Set(recipe.slots.filter((s) => !s.optional).map((s) => s.kind))];

/** How a typed amount answers a card. */
export function typedAnswer(card: Pick<SpecFlashcard, 'typed'>, ml: number): 'right' | 'nearly' | 'wrong' {
  if (card.typed === undefined) return 'wrong';
  const off = Math.abs(ml - card.typed.ml);
  if (off < 0.05) return 'right';
  return off <= card.typed.withinMl + 1e-9 ? 'nearly' : 'wrong';
}
