/** What one name of the pantry stood for until it was taken apart, in shares of its grams (common practice). */
const SPLIT: Record<string, readonly (readonly [pantry: string, share: number])[]> = {
  'cloves-and-ginger': [
    ['cloves', 0.05],
    ['fresh-ginger', 0.75],
    ['blanched-almonds', 0.2],
  ],
};

interface Part {
  pantry?: string;
  g?: number;
}
interface Recipe {
  from?: Part[];
  acts?: { after?: number }[];
}

/** A stored recipe thing by thing: where one part named several, each stands by itself. */
export function withThingsSplit(stored: unknown): unknown {
  const recipe = stored as Recipe | null;
  if (!Array.isArray(recipe?.from) || !recipe.from.some((p) => SPLIT[p.pantry ?? ''])) return stored;
  const from = recipe.from.map((part): Part[] =>
    (SPLIT[part.pantry ?? ''] ?? [[part.pantry, 1] as const]).map(([pantry, share]) => ({
      ...part,
      ...(pantry === undefined ? {} : { pantry }),
      ...(part.g === undefined ? {} : { g: part.g * share }),
    })),
  );
  // An act comes after as many parts as before, counted anew.
  const after = (n: number) => from.slice(0, n).flat().length;
  return {
    ...recipe,
    from: from.flat(),
    acts: (recipe.acts ?? []).map((r) => ({ ...r, after: after(r.after ?? 0) })),
  };
}

/** A stored price of what was taken apart: it is the price of nothing any more. */
export function withoutSplitThings<T extends { pantry?: unknown }>(prices: readonly T[]): T[] {
  return prices.filter((p) => typeof p.pantry !== 'string' || !(p.pantry in SPLIT));
}
