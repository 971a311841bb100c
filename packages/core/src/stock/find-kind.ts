import { foldText } from '../base/fold.js';
import { isNearly } from '../base/nearly.js';
import { kindAndAncestors } from '../catalogue/catalogue.js';
import type { Kind } from '../catalogue/kind.js';

/** Something that stands in the house: its kind, and what its label says. */
export interface Standing {
  id: string;
  kind: string;
  label: string | null;
}

/** What a name may mean. */
export interface FoundKind {
  kind: string | undefined;
  near: string[];
  /** 1 for a name as the catalogue has it, less for parts of one, 0 where nothing was found. */
  confidence: number;
  /** The bottle whose label was named. */
  bottleId: string | undefined;
}

/** Words that tell nothing about what a thing is. */
const PASSING = new Set(
  `of the a an some my our and with at on in is are there still about around roughly approximately ca circa maybe only
  just that this from for it old each one bottle bottles can cans jar jars tin tins carton cartons pack box left full
  fridge freezer shelf cupboard cellar fresh whole home made homemade good level so plus`.split(/\s+/),
);

const singular = (w: string) =>
  w.length > 4 && w.endsWith('ies')
    ? `${w.slice(0, -3)}y`
    : w.length > 3 && w.endsWith('s') && !w.endsWith('ss')
      ? w.slice(0, /(x|ch|sh)es$/.test(w) ? -2 : -1)
      : w;

/** Words of a folded text that may be part of a name. */
export function nameWords(text: string): string[] {
  return text
    .replace(/['’]/g, '')
    .split(/[^\p{L}\p{N}]+/u)
    .map((w) => singular(w === 'whisky' ? 'whiskey' : w))
    .filter((w) => w !== '' && !PASSING.has(w));
}

interface Name {
  kind: string;
  words: string[];
  bottleId?: string;
}

const key = (words: readonly string[]) => [...words].sort().join(' ');
const MAX_NEAR = 5;
/** As sure as what only the household's own shelf makes clear; as a slip of the pen; as part of a name. */
const BY_SHELF = 0.9;
const SLIPPED = 0.85;
const IN_PART = 0.8;
const UNCLEAR = 0.4;

/** Finds the kind that the words at stock-taking mean, the household's own shelf before the library. */
export class KindFinder {
  private readonly names: Name[] = [];
  private readonly standing: ReadonlySet<string>;

  /** @param standing what stands in the house: its labels are names, and "gin" is the one gin that is there. */
  constructor(
    private readonly kinds: ReadonlyMap<string, Kind>,
    standing: readonly Standing[],
  ) {
    this.standing = new Set(standing.map((s) => s.kind));
    const add = (kind: string, text: string, bottleId?: string) => {
      const words = nameWords(foldText(text).replace(/ \d+(?:\.\d+)?:\d+$/, ''));
      if (words.length > 0) this.names.push({ kind, words, ...(bottleId === undefined ? {} : { bottleId }) });
    };
    for (const { id, kind, label } of standing) if (label !== null) add(kind, label, id);
    for (const kind of kinds.values()) {
      // What is cut of a fruit is counted as the fruit.
      const isCut = (kind.whole?.pieces ?? 1) > 1;
      for (const name of [kind.name, ...kind.also, ...(kind.one === undefined || isCut ? [] : [kind.one])])
        add(kind.id, name);
    }
  }

  /** Whether a text is the id of a kind. */
  has(id: string): boolean {
    return this.kinds.has(id);
  }

  /** Concrete kinds that a kind is: itself, or all that are of it. */
  private concrete(id: string): string[] {
    if (!this.kinds.get(id)?.abstract) return [id];
    return [...this.kinds.values()]
      .filter((k) => !k.abstract && kindAndAncestors(k.id, this.kinds).includes(id))
      .map((k) => k.id);
  }

  /** One of several, if only one stands there. */
  private among(ids: readonly string[], confidence: number): FoundKind {
    const near = [...new Set(ids)];
    const [only] = near;
    if (near.length === 1) return { kind: only, near, confidence, bottleId: undefined };
    const here = near.filter((k) => this.standing.has(k));
    const ordered = [...here, ...near.filter((k) => !this.standing.has(k))].slice(0, MAX_NEAR);
    return here.length === 1
      ? { kind: here[0], near: ordered, confidence: Math.min(confidence, BY_SHELF), bottleId: undefined }
      : { kind: undefined, near: ordered, confidence: near.length > 0 ? UNCLEAR : 0, bottleId: undefined };
  }

  /** What the words mean, as they were typed without their amounts. */
  find(words: readonly string[]): FoundKind {
    if (words.length === 0) return { kind: undefined, near: [], confidence: 0, bottleId: undefined };
    const whole = key(words);
    const exact = this.names.filter((n) => key(n.words) === whole);
    const labelled = exact.filter((n) => n.bottleId !== undefined);
    if (labelled.length === 1 && labelled[0])
      return {
        kind: labelled[0].kind,
        near: [labelled[0].kind],
        confidence: 1,
        bottleId: labelled[0].bottleId,
      };
    if (exact.length > 0)
      return this.among(
        exact.flatMap((n) => this.concrete(n.kind)),
        1,
      );
    const exactly = this.having(words, (a, b) => a === b);
    if (exactly.length > 0) return this.among(exactly, IN_PART);
    const slipped = this.names.filter(
      (n) => n.words.length === words.length && n.words.every((w) => words.some((x) => isNearly(w, x))),
    );
    if (slipped.length > 0)
      return this.among(
        slipped.flatMap((n) => this.concrete(n.kind)),
        SLIPPED,
      );
    const nearly = this.having(words, isNearly);
    return nearly.length > 0 ? this.among(nearly, IN_PART) : this.asked(words);
  }

  /** Kinds of whose names all the words are a part. */
  private having(words: readonly string[], isSame: (a: string, b: string) => boolean): string[] {
    const names = this.names.filter((n) => words.every((w) => n.words.some((x) => isSame(w, x))));
    return [...new Set(names.flatMap((n) => this.concrete(n.kind)))];
  }

  /** What some of the words may mean, the likeliest first: nothing is taken for sure. */
  private asked(words: readonly string[]): FoundKind {
    const near = this.names
      .map(({ kind, words: name }) => {
        const hits = words.filter((w) => name.some((x) => isNearly(w, x))).length;
        return { kind, score: (2 * hits) / (words.length + name.length) };
      })
      .filter((n) => n.score > 0)
      .sort((a, b) => b.score - a.score)
      .flatMap((n) => this.concrete(n.kind));
    return {
      kind: undefined,
      near: [...new Set(near)].slice(0, MAX_NEAR),
      confidence: near.length > 0 ? UNCLEAR : 0,
      bottleId: undefined,
    };
  }
}
