import type { StandardDrink } from '../drink/standard-drink.js';
import type { Pour } from './pour.js';

/** What one person has had of an evening. */
export interface SoFar {
  name: string;
  glasses: number;
  /** In the standard drinks of the region. */
  standard: number;
  /** What the person set for an evening; null where nothing was set. */
  limit: number | null;
  /** Whether the next glass is past it. */
  past: boolean;
}

/**
 * What everyone who is named has had on an evening, in standard drinks, beside the limit they set themselves. Of a
 * drink poured for several, each has their share of its glasses. Nothing is concluded from it but the sum.
 *
 * @param limitOf the limit a name set; null where none.
 */
export function eveningSoFar(
  pours: readonly Pour[],
  evening: string,
  standard: Pick<StandardDrink, 'g'>,
  limitOf: (name: string) => number | null,
): SoFar[] {
  const had = new Map<string, { glasses: number; g: number }>();
  for (const pour of pours) {
    if (pour.on !== evening || pour.for.length === 0) continue;
    const each = pour.glasses / pour.for.length;
    for (const name of pour.for) {
      const was = had.get(name) ?? { glasses: 0, g: 0 };
      had.set(name, { glasses: was.glasses + each, g: was.g + each * pour.ethanolG });
    }
  }
  return [...had]
    .map(([name, { glasses, g }]) => {
      const limit = limitOf(name);
      const drinks = g / standard.g;
      return { name, glasses, standard: drinks, limit, past: limit !== null && drinks >= limit };
    })
    .sort((a, b) => (a.name < b.name ? -1 : 1));
}
