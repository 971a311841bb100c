import type { Family } from '../catalogue/recipe.js';
import type { Pour } from '../pouring/pour.js';
import { versionAt, type OwnDrink } from './own-drink.js';
import type { Tasting } from './tasting.js';

/** How a drink was liked, once: from the log, or written into the Notebook. */
export interface Verdict {
  drink: string;
  at: string;
  /** 0 to 5. */
  verdict: number;
  /** Whose: those it was poured for, or who wrote it. */
  by: readonly string[];
  /** The version tasted, by when it was written; undefined where only the time tells. */
  version: string | undefined;
}

/** Every verdict there is, from the log and from the Notebook. */
export function verdictsOf(pours: readonly Pour[], tastings: readonly Tasting[]): Verdict[] {
  return [
    ...pours.flatMap((p): Verdict[] =>
      p.verdict === null || p.glasses === 0
        ? []
        : [{ drink: p.drink, at: p.at, verdict: p.verdict, by: p.for, version: undefined }],
    ),
    ...tastings.flatMap((t): Verdict[] =>
      t.verdict === null
        ? []
        : [
            {
              drink: t.drink,
              at: t.at,
              verdict: t.verdict,
              by: t.by === '' ? [] : [t.by],
              version: t.version ?? undefined,
            },
          ],
    ),
  ];
}

/** How something was liked: the mean, 0 to 5, and from how many verdicts. */
export interface Liked {
  mean: number;
  times: number;
}

function meanOf(verdicts: readonly Verdict[]): Liked | undefined {
  if (verdicts.length === 0) return undefined;
  return { mean: verdicts.reduce((sum, v) => sum + v.verdict, 0) / verdicts.length, times: verdicts.length };
}

/** How one version of a drink was liked: by what was said of it, and by what was poured while it was the one. */
export function likedVersion(
  verdicts: readonly Verdict[],
  drink: OwnDrink,
  version: number,
): Liked | undefined {
  const written = drink.versions[version]?.at;
  const id = drink.houseSpecOf ?? drink.id;
  return meanOf(
    verdicts.filter(
      (v) =>
        v.drink === id &&
        (v.version === undefined ? versionAt(drink, v.at) === version : v.version === written),
    ),
  );
}

/** A drink and how it was liked. */
export interface LikedDrink extends Liked {
  drink: string;
}

/** Drinks in the order in which they were liked: by the mean, then by how often, then by id. */
export function likedDrinks(verdicts: readonly Verdict[]): LikedDrink[] {
  return [...groupedBy(verdicts, (v) => [v.drink])]
    .flatMap(([drink, of]): LikedDrink[] => {
      const liked = meanOf(of);
      return liked ? [{ drink, ...liked }] : [];
    })
    .sort((a, b) => b.mean - a.mean || b.times - a.times || (a.drink < b.drink ? -1 : 1));
}

/** The best liked drink of each family that any verdict is of. */
export function bestOfFamilies(
  verdicts: readonly Verdict[],
  familyOf: (drink: string) => Family | undefined,
): Map<Family, LikedDrink> {
  const best = new Map<Family, LikedDrink>();
  for (const liked of likedDrinks(verdicts)) {
    const family = familyOf(liked.drink);
    if (family !== undefined && !best.has(family)) best.set(family, liked);
  }
  return best;
}

/** What each person likes, the best first; only what they themselves drank or wrote of counts. */
export function favouritesOf(verdicts: readonly Verdict[]): Map<string, LikedDrink[]> {
  return new Map([...groupedBy(verdicts, (v) => v.by)].map(([who, of]) => [who, likedDrinks(of)]));
}

function groupedBy(verdicts: readonly Verdict[], keysOf: (v: Verdict) => readonly string[]) {
  const groups = new Map<string, Verdict[]>();
  for (const v of verdicts)
    for (const key of keysOf(v)) {
      const group = groups.get(key);
      if (group) group.push(v);
      else groups.set(key, [v]);
    }
  return groups;
}
