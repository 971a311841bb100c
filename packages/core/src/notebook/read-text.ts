import { foldText } from '../base/fold.js';
import type { KindMatcher } from './kind-matcher.js';
import { looksLikeMethod, readMethod, type ReadMethod } from './method-words.js';
import { inAnyLanguage } from './languages/index.js';
import { GARNISHED, looksMeasured, readLine, type Ounce, type ReadLine } from './read-line.js';

/** A recipe as it was read from a text. */
export interface ReadRecipe extends ReadMethod {
  /** undefined where the text gives none. */
  name: string | undefined;
  lines: ReadLine[];
  garnish: string;
  /** What it says of the making, in its own words. */
  says: string;
  /** ml that a part was taken as; undefined where nothing is counted in parts. */
  partMl: number | undefined;
  /** Whether an ounce stands in it, so that it matters which. */
  hasOunces: boolean;
}

const HEADING = new RegExp(`^(?:${inAnyLanguage((l) => l.text.headings)})\\s*:?\\s*$`, 'u');
const GARNISH_WITHIN = new RegExp(
  `(?:^|[.;]\\s*)(?:and\\s+)?(?:${inAnyLanguage((l) => l.line.garnishedWithin)})\\s+([^.;]+)`,
  'iu',
);
const GLASS = new RegExp(`^(?:${inAnyLanguage((l) => l.text.glass)})\\s*[:–-]\\s*`, 'iu');
/** What begins like this is measured, or is a sentence. */
const NO_NAME = new RegExp(
  `^[\\d½¼¾⅓⅔.,•*–—-]|^(?:(?:${inAnyLanguage((l) => l.line.the)}) )?` +
    `(?:${inAnyLanguage((l) => l.line.juice)}|${inAnyLanguage((l) => l.text.noName)})\\b|[.!]$`,
  'u',
);
/** Longer than this a line names nothing. */
const LONGEST_NAME = 60;
/** A name stands so few lines above what is measured. */
const NAME_ABOVE = 3;
/** All parts together make about so much, before ice; and a part is one of these (a usual size, common practice). */
const USUAL_ML = 90;
const PART_ML = [10, 15, 20, 22.5, 25, 30, 45, 60];

type Said = 'blank' | 'heading' | 'garnish' | 'glass' | 'measured' | 'method' | 'other';

function said(line: string, matcher: KindMatcher): Said {
  const text = line.trim();
  if (text === '' || /^[-–—=_*#~]{3,}$/.test(text)) return 'blank';
  const folded = foldText(text);
  if (HEADING.test(folded.replace(/^#+\s*/, ''))) return 'heading';
  if (GARNISHED.test(folded)) return 'garnish';
  if (GLASS.test(folded)) return 'glass';
  const isProse = /[.!]$/.test(text) && text.split(' ').length > 4;
  if (!isProse && looksMeasured(text, matcher)) return 'measured';
  return looksLikeMethod(text) || text.length > LONGEST_NAME ? 'method' : 'other';
}

/** "Daiquiri: 60 ml rum, 25 ml lime juice. Shake." is a recipe in one line. */
function unfolded(line: string, matcher: KindMatcher): string[] {
  const named = /^([^:\d]{2,60}?)(?::|\s[–—-])\s+(.*\d.*)$/u.exec(line.trim());
  const body = named ? (named[2] ?? '') : line.trim();
  const [list = '', ...rest] = body.split(/\.\s+(?=\p{Lu})/u);
  const parts = list.split(/\s*[;,]\s+|\s+\+\s+/u).map((p) => p.replace(/\.$/, '').trim());
  const measured = parts.filter((p) => looksMeasured(p, matcher)).length;
  if (measured < 2 || measured < parts.length - 1) return [line];
  return [...(named ? [named[1] ?? ''] : []), ...parts, ...rest];
}

/** One ounce, dash or part after another: the parts of a recipe as ml. */
function partOf(lines: readonly ReadLine[]): number | undefined {
  const parts = lines.reduce((sum, l) => sum + (l.parts ?? 0), 0);
  if (parts === 0) return undefined;
  const near = (ml: number) => Math.abs(ml * parts - USUAL_ML);
  return PART_ML.reduce((best, ml) => (near(ml) < near(best) ? ml : best));
}

interface Draft {
  name: string | undefined;
  measured: string[];
  says: string[];
  garnish: string[];
  glass: string;
}
const blank = (name: string | undefined): Draft => ({ name, measured: [], says: [], garnish: [], glass: '' });

/** Cuts the lines of a text into recipes. */
class Drafts {
  private readonly all: Draft[] = [];
  private draft = blank(undefined);

  constructor(
    private readonly lines: readonly string[],
    private readonly kinds: readonly Said[],
  ) {}

  /** Something measured comes soon below a name. */
  private isName(i: number): boolean {
    let seen = 0;
    for (let below = i + 1; below < this.lines.length && seen < NAME_ABOVE; below++) {
      const is = this.kinds[below];
      if (is === 'measured') return true;
      if (is !== 'blank' && is !== 'heading') seen += 1;
    }
    return false;
  }

  /** The first line of a block above what is measured is a name, even one like "French 75" or "Rum swizzle". */
  private isTitle(i: number): boolean {
    const content = (this.lines[i] ?? '').trim();
    const { kinds, draft } = this;
    if (draft.name !== undefined && draft.measured.length === 0) return false;
    if ((kinds[i - 1] ?? 'blank') !== 'blank') return false;
    if (content.length > LONGEST_NAME || NO_NAME.test(foldText(content))) return false;
    const below = kinds.slice(i + 1).filter((k) => k !== 'blank' && k !== 'heading');
    // Two empty lines part one recipe from the next.
    const isApart = (kinds[i - 2] ?? 'blank') === 'blank';
    return below[0] === 'measured' && (below[1] === 'measured' || isApart);
  }

  private take(line: string, i: number): void {
    const { draft } = this;
    const content = line.trim();
    const is = this.kinds[i];
    switch ((is === 'method' || is === 'measured') && this.isTitle(i) ? 'other' : is) {
      case 'blank':
      case 'heading':
        return;
      case 'garnish':
        draft.garnish.push(content.replace(GARNISHED, ''));
        return;
      case 'glass':
        draft.glass = content;
        return;
      case 'measured':
        draft.measured.push(content);
        return;
      case 'method':
        draft.says.push(content);
        return;
      default:
        this.begin(content, i);
    }
  }

  /** A name begins another recipe; anything else that stands below what is measured tells how it is made. */
  private begin(content: string, i: number): void {
    const { draft } = this;
    if (!this.isName(i)) {
      if (draft.measured.length > 0) draft.says.push(content);
      return;
    }
    if (draft.measured.length > 0) this.all.push(draft);
    this.draft = blank(
      content
        .replace(/^#+\s*/, '')
        .replace(/[:*_]+$/g, '')
        .replace(/^[*_]+/, '')
        .trim(),
    );
  }

  cut(): Draft[] {
    this.lines.forEach((line, i) => this.take(line, i));
    return this.draft.measured.length > 0 ? [...this.all, this.draft] : this.all;
  }
}

/**
 * All recipes of a text: pasted from anywhere, in any order, one or many.
 *
 * @param tell is told how far it is, 0 to 1, now and then.
 * @example readRecipes('Daiquiri\n60 ml white rum\n25 ml lime juice\n20 ml simple syrup\nShake.', matcher, 'us-oz')[0].name
 */
export function readRecipes(
  text: string,
  matcher: KindMatcher,
  ounce: Ounce,
  tell?: (share: number) => void,
): ReadRecipe[] {
  const lines = text.split(/\r?\n/).flatMap((line) => unfolded(line, matcher));
  const kinds = lines.map((line, i) => {
    if (i % TELL_EVERY === 0) tell?.((SORTING * i) / lines.length);
    return said(line, matcher);
  });
  const drafts = new Drafts(lines, kinds).cut();
  return drafts.map((d, i) => {
    if (i % TELL_EVERY === 0) tell?.(SORTING + ((1 - SORTING) * i) / drafts.length);
    return finished(d, matcher, ounce);
  });
}

/**
 * A text that is known to be one recipe of that name, however many it looks like.
 *
 * @returns undefined where nothing of it is measured.
 */
export function readNamed(
  { name, text }: { name: string; text: string },
  matcher: KindMatcher,
  ounce: Ounce,
): ReadRecipe | undefined {
  const [first, ...rest] = readRecipes(text, matcher, ounce);
  if (first === undefined) return undefined;
  const all = [first, ...rest];
  return {
    ...first,
    name,
    lines: all.flatMap((r) => r.lines),
    garnish: all.map((r) => r.garnish).find((g) => g !== '') ?? '',
    method: all.map((r) => r.method).find((m) => m !== undefined),
    glass: all.map((r) => r.glass).find((g) => g !== undefined),
    says: all
      .map((r) => r.says)
      .join(' ')
      .trim(),
    hasOunces: all.some((r) => r.hasOunces),
  };
}
/** How often a long text says how far it is, and the share of the work that sorting its lines is. */
const TELL_EVERY = 200;
const SORTING = 0.6;

function finished(
  { name, measured, says, garnish, glass }: Draft,
  matcher: KindMatcher,
  ounce: Ounce,
): ReadRecipe {
  const read = measured.map((line) => readLine(line, matcher, ounce));
  const partMl = partOf(read);
  const whole = says.join(' ');
  const within = GARNISH_WITHIN.exec(whole)?.[1] ?? '';
  const method = readMethod(`${whole} ${glass}`);
  return {
    ...method,
    name,
    partMl,
    says: whole,
    lines: read.map((line): ReadLine => {
      if (line.parts === undefined || partMl === undefined) return line;
      const ml = line.parts * partMl;
      return { ...line, ml, amount: { value: ml, measure: 'ml' } };
    }),
    garnish: (garnish.length > 0 ? garnish.join(', ') : within).replace(/\.$/, '').trim(),
    hasOunces: read.some((line) => line.notes.includes('ounce')),
  };
}
