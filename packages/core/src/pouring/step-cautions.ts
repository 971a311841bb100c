import type { Catalogue } from '../catalogue/catalogue.js';
import type { Kind } from '../catalogue/kind.js';
import { isRead } from '../catalogue/garnish.js';
import type { Recipe } from '../catalogue/recipe.js';
import { drinkFigures } from '../drink/figures.js';
import { NO_ALCOHOL_ABV } from '../drink/strength.js';
import type { PourStep } from './step.js';

/** Steam has nowhere to go. */
export const HOT_IN_TIN =
  'Let what is hot cool first: in a closed tin it builds pressure, and the lid may fly off. Hold it shut with both hands.';

/** Whether something hot goes into what is closed and shaken. */
export function isHotInTin(
  drink: Pick<Recipe, 'method' | 'slots'>,
  kinds: ReadonlyMap<string, Kind>,
): boolean {
  const closed = drink.method === 'shake' || drink.method === 'dry-shake' || drink.method === 'blend';
  return closed && drink.slots.some((s) => kinds.get(s.kind)?.work.includes('heat') === true);
}

/**
 * What must be said where one thing is done, each once: of how it is done, of what is poured in it, of its knife or
 * flame; what is not done in this step is said elsewhere.
 *
 * @param drink the drink that the step is of; undefined for what is done once for all.
 */
export function stepCautions(
  step: PourStep,
  drink: Recipe | undefined,
  { techniques }: Pick<Catalogue, 'techniques'>,
  kinds: ReadonlyMap<string, Kind>,
): string[] {
  const of = (technique: string) => techniques.find((t) => t.id === technique)?.caution;
  const isSoft = drink !== undefined && drinkFigures(drink, kinds).abv <= NO_ALCOHOL_ABV;
  const poured = [...(step.part ? [step.part.kind] : []), ...step.kinds].flatMap((id) => {
    const { caution, cautionForChildren } = kinds.get(id) ?? {};
    return [caution, isSoft ? cautionForChildren : undefined];
  });
  const closes = step.act === 'shake' || step.act === 'dry-shake' || step.act === 'blend';
  const isFlamed =
    step.act === 'garnish' &&
    drink?.garnish.some((g) => (isRead(g) ? g.form === 'flame' : /flame/.test(g.words)));
  const cautions = [
    step.technique === null ? undefined : of(step.technique),
    ...poured,
    step.act === 'garnish' || step.act === 'squeeze' ? of('cut') : undefined,
    isFlamed ? of('flame') : undefined,
    closes && drink && isHotInTin(drink, kinds) ? HOT_IN_TIN : undefined,
  ];
  return [...new Set(cautions.filter((c) => c !== undefined))];
}
