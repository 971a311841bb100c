/** How a collection stands to the plan. */
export interface CollectionStanding {
  /** Drinks of it that the plan makes. */
  open: number;
  /** Those that the plan is not told to open yet. */
  notWanted: string[];
}

/** What of a collection a plan makes, and what of it is not wanted of the plan yet. */
export function standingOf(
  drinks: readonly string[],
  opened: ReadonlyMap<string, number>,
  mustDrinks: readonly string[],
): CollectionStanding {
  return {
    open: drinks.filter((d) => opened.has(d)).length,
    notWanted: drinks.filter((d) => !mustDrinks.includes(d)),
  };
}

/** Begins what the index is narrowed to where that is a tag, not a collection. */
export const OWN_TAG = 'tag:';
