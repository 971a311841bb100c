const STEP = 0x6d2b79f5;
const ALL = 4294967296;

/**
 * A small, seeded generator of numbers in [0, 1): mulberry32 (public domain). The same seed gives the same numbers.
 *
 * @example randomFrom(7)()
 */
export function randomFrom(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + STEP) >>> 0;
    let t = state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / ALL;
  };
}

/** A whole number that a text always gives, for seeding. */
export function seedOf(text: string): number {
  let hash = 2166136261;
  for (let i = 0; i < text.length; i++) hash = Math.imul(hash ^ text.charCodeAt(i), 16777619);
  return hash >>> 0;
}

/** The same things in another order. */
export function shuffled<T>(things: readonly T[], random: () => number): T[] {
  const out = [...things];
  for (let i = out.length - 1; i > 0; i--) {
    const j = Math.floor(random() * (i + 1));
    [out[i], out[j]] = [out[j] as T, out[i] as T];
  }
  return out;
}
