import type { KindMatcher } from './kind-matcher.js';
import { Drafts, type Draft } from './cut-text.js';
import { inAnyLanguage } from './languages/index.js';
import { readMethod, type ReadMethod } from './method-words.js';
import { plainLines } from './plain-text.js';
import { looksMeasured, readLine, type Ounce, type ReadLine } from './read-line.js';
import { said, withNamed } from './sort-lines.js';

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

const GARNISH_WITHIN = new RegExp(
  `(?:^|[.;]\\s*)(?:and\\s+)?(?:${inAnyLanguage((l) => l.line.garnishedWithin)})\\s+([^.;]+)`,
  'iu',
);
/** All parts together make about so much, before ice; and a part is one of these (a usual size, common practice). */
const USUAL_ML = 90;
const PART_ML = [10, 15, 20, 22.5, 25, 30, 45, 60];

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

/** A text read: its recipes, and every line that belongs to none of them. */
export interface ReadText {
  recipes: ReadRecipe[];
  aside: string[];
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
  return readText(text, matcher, ounce, tell).recipes;
}

/**
 * A text read whole: nothing of it is lost without a word. Each line is a name, a part, the making, a garnish, a glass, a
 * heading, or set aside.
 *
 * @param told what somebody said of a line: that it is a part, or none.
 * @example readText('My story.\nDaiquiri\n60 ml white rum\n25 ml lime juice', matcher, 'us-oz').aside // ['My story.']
 */
export function readText(
  text: string,
  matcher: KindMatcher,
  ounce: Ounce,
  tell?: (share: number) => void,
  told: ReadonlyMap<string, 'measured' | 'aside'> = new Map(),
): ReadText {
  const lines = plainLines(text).flatMap((line) => unfolded(line, matcher));
  const seen = lines.map((line, i) => {
    if (i % TELL_EVERY === 0) tell?.((SORTING * i) / lines.length);
    return told.get(line.trim()) ?? said(line, matcher);
  });
  const cutting = new Drafts(lines, withNamed(seen));
  const drafts = cutting.cut();
  const recipes = drafts.map((d, i) => {
    if (i % TELL_EVERY === 0) tell?.(SORTING + ((1 - SORTING) * i) / drafts.length);
    return finished(d, matcher, ounce);
  });
  return { recipes, aside: cutting.aside };
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
