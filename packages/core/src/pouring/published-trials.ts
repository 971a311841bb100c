import type { Recipe } from '../catalogue/recipe.js';

/** A drink whose strength was published as it was mixed and as it was served. */
export interface PublishedTrial {
  name: string;
  method: 'shake' | 'stir';
  /** As mixed: parts with their ml and strength. */
  parts: readonly (readonly [ml: number, abv: number])[];
  /** As served: ml, and strength as a fraction. */
  servedMl: number;
  servedAbv: number;
}

/** Arnold, Liquid Intelligence, 2014, its tables of drinks as served (from memory; ounces as 30 ml). */
export const PUBLISHED_TRIALS: readonly PublishedTrial[] = [
  {
    name: 'daiquiri',
    method: 'shake',
    parts: [
      [60, 0.4],
      [45, 0],
    ],
    servedMl: 159,
    servedAbv: 0.15,
  },
  {
    name: 'margarita',
    method: 'shake',
    parts: [
      [82.5, 0.4],
      [30, 0],
    ],
    servedMl: 178,
    servedAbv: 0.185,
  },
  {
    name: 'Negroni',
    method: 'stir',
    parts: [
      [30, 0.473],
      [30, 0.24],
      [30, 0.165],
    ],
    servedMl: 127,
    servedAbv: 0.207,
  },
  {
    name: 'Manhattan',
    method: 'stir',
    parts: [
      [60, 0.5],
      [26, 0.165],
      [1.6, 0.44],
    ],
    servedMl: 129,
    servedAbv: 0.27,
  },
];

/** How strong a trial's drink was before the ice, a fraction. */
export function mixedAbv({ parts }: Pick<PublishedTrial, 'parts'>): number {
  const ml = parts.reduce((sum, [part]) => sum + part, 0);
  return parts.reduce((sum, [part, abv]) => sum + part * abv, 0) / ml;
}

/** Trials of drinks that are made as this one is: shaken, or stirred. */
export function trialsLike(method: Recipe['method']): PublishedTrial[] {
  const like = method === 'dry-shake' ? 'shake' : method;
  return PUBLISHED_TRIALS.filter((t) => t.method === like);
}
