import { randomFrom, seedOf, shuffled } from '../base/random.js';
import { amountMl } from '../base/amount.js';
import type { Kind } from '../catalogue/kind.js';
import type { Recipe } from '../catalogue/recipe.js';
import { balance, WISHES, withAmounts, type Wish } from '../notebook/balance.js';
import { comparedFigures } from '../notebook/differences.js';
import type { ComparedFigure } from '../notebook/judge.js';

/** How a drink may be wrong, and the wish that mends it. */
const WRONGS = ['too-sour', 'too-sweet', 'too-strong', 'too-weak'] as const;
export type Wrong = (typeof WRONGS)[number];
const MENDS: Record<Wrong, Wish> = {
  'too-sour': 'less-sour',
  'too-sweet': 'less-sweet',
  'too-strong': 'weaker',
  'too-weak': 'stronger',
};
/** What each wrong is by the figures: which one stands out, and on which side. */
export const SHOWS: Record<Wrong, { of: ComparedFigure; more: boolean }> = {
  'too-sour': { of: 'acid', more: true },
  'too-sweet': { of: 'sugar', more: true },
  'too-strong': { of: 'abv', more: true },
  'too-weak': { of: 'abv', more: false },
};

/** A glass among four: its figures are seen, its recipe is not. */
interface BlindGlass {
  recipe: Recipe;
  figures: Record<ComparedFigure, number>;
  wrong: Wrong | undefined;
}
/** Amounts that would mend it. */
export type BlindMend = readonly { slot: number; fromMl: number; toMl: number }[];

/** Four glasses of one drink, one of them right; which one is wrong in one way, and what mends it. */
export interface BlindBalance {
  drink: string;
  glasses: BlindGlass[];
  asked: Wrong;
  /** The place of the glass that is asked for. */
  right: number;
  mends: BlindMend[];
  rightMend: number;
}

const SPOILT = 1.55;

/** A drink made wrong in one way, by more or less of the parts that do it. */
function spoilt(recipe: Recipe, wrong: Wrong, kinds: ReadonlyMap<string, Kind>): Recipe | undefined {
  const does = (kind: Kind): boolean => {
    if (wrong === 'too-sour') return kind.acidGPerL > 20;
    if (wrong === 'too-sweet') return kind.sugarGPerL > 150 && kind.acidGPerL < 20;
    return kind.abv >= 0.3;
  };
  const times = wrong === 'too-weak' ? 1 / SPOILT : SPOILT;
  const changes = recipe.slots.flatMap((s, slot) => {
    const kind = kinds.get(s.kind);
    const ml = amountMl(s.amount) ?? 0;
    return kind && ml >= 5 && s.amount.measure !== 'dash' && !s.optional && does(kind)
      ? [{ slot, toMl: Math.round(ml * times * 2) / 2 }]
      : [];
  });
  return changes.length === 0 ? undefined : withAmounts(recipe, changes);
}

/**
 * A question for whoever has no bottle open: which of four glasses is too sour, by the figures, and what would mend it. The
 * answers are worked out: the wrong glasses by spoiling the drink, the mend by the balance helper.
 *
 * @param measurableMl amounts that can be measured here.
 * @returns undefined where the drink cannot be spoilt in three ways.
 */
export function blindBalance(
  recipe: Recipe,
  kinds: ReadonlyMap<string, Kind>,
  measurableMl: readonly number[],
  seed = 0,
): BlindBalance | undefined {
  const random = randomFrom(seedOf(`${recipe.id} ${seed}`));
  const wrongs = WRONGS.flatMap((wrong) => {
    const made = spoilt(recipe, wrong, kinds);
    return made ? [{ wrong, recipe: made }] : [];
  });
  if (wrongs.length < 3) return undefined;
  const chosen = shuffled(wrongs, random).slice(0, 3);
  const glass = (of: Recipe, wrong: Wrong | undefined): BlindGlass => ({
    recipe: of,
    wrong,
    figures: comparedFigures(of, kinds),
  });
  const glasses = shuffled(
    [glass(recipe, undefined), ...chosen.map((c) => glass(c.recipe, c.wrong))],
    random,
  );
  const most = (wrong: Wrong) => {
    const { of, more } = SHOWS[wrong];
    const ranked = [...glasses].sort((a, b) =>
      more ? b.figures[of] - a.figures[of] : a.figures[of] - b.figures[of],
    );
    return ranked[0];
  };
  // Only what the figures show can be asked: the glass that is too sour must be the sourest of the four.
  const askable = chosen.filter((c) => most(c.wrong)?.wrong === c.wrong);
  const asked = askable[Math.floor(random() * askable.length)];
  if (asked === undefined) return undefined;
  const mendOf = (wish: Wish) => balance(asked.recipe, wish, kinds, measurableMl)?.changes;
  const rightMend = mendOf(MENDS[asked.wrong]);
  if (rightMend === undefined) return undefined;
  const key = (mend: BlindMend) => JSON.stringify(mend);
  const others = new Map(
    WISHES.filter((w) => w !== MENDS[asked.wrong])
      .flatMap((w) => [mendOf(w)])
      .flatMap((mend) => (mend ? [[key(mend), mend] as const] : [])),
  );
  others.delete(key(rightMend));
  const mends = shuffled([rightMend, ...shuffled([...others.values()], random).slice(0, 2)], random);
  return {
    drink: recipe.id,
    glasses,
    asked: asked.wrong,
    mends,
    right: glasses.findIndex((g) => g.wrong === asked.wrong),
    rightMend: mends.indexOf(rightMend),
  };
}
