/** A wait as it was written before every act was a step. */
interface Rest {
  after: number;
  minutes: number;
  say: string;
}

/** A stored recipe of an earlier release: its waits are steeping. */
export function withActs(stored: unknown): unknown {
  const recipe = stored as { rests?: unknown } | null;
  if (!Array.isArray(recipe?.rests)) return stored;
  const { rests, ...others } = recipe;
  return { ...others, acts: (rests as Rest[]).map((r) => ({ do: 'steep', ...r })) };
}

/** A stored batch of an earlier release, with the recipe it was made by. */
export function batchWithActs(stored: unknown): unknown {
  const batch = stored as { restsDone?: unknown; restStartedAt?: unknown; recipe?: unknown } | null;
  if (batch?.restsDone === undefined) return stored;
  const { restsDone, restStartedAt, recipe, ...others } = batch;
  const copy = recipe === undefined ? {} : { recipe: withActs(recipe) };
  return { ...others, ...copy, actsDone: restsDone, actStartedAt: restStartedAt ?? null };
}
