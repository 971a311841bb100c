import type { ReadRecipe } from './read-text.js';

/** Where something stands in a text. */
interface Span {
  start: number;
  end: number;
}

/** Where each line that was read stands in its text, recipe by recipe; undefined where it cannot be found again. */
function lineSpans(text: string, recipes: readonly Pick<ReadRecipe, 'lines'>[]): (Span | undefined)[][] {
  let from = 0;
  return recipes.map(({ lines }) =>
    lines.map((line) => {
      const start = text.indexOf(line.text, from);
      if (start < 0) return undefined;
      from = start + line.text.length;
      return { start, end: from };
    }),
  );
}

/** Whether a span has its line of text to itself, a bullet apart; and where that line begins and ends. */
function ownLine(text: string, { start, end }: Span): Span | undefined {
  const begins = text.lastIndexOf('\n', start - 1) + 1;
  const next = text.indexOf('\n', end);
  const ends = next < 0 ? text.length : next;
  const alone = /^[\s•*–—-]*$/u.test(text.slice(begins, start)) && text.slice(end, ends).trim() === '';
  return alone ? { start: begins, end: ends } : undefined;
}

/**
 * A text with one line of one of its recipes written otherwise, and nothing else touched.
 *
 * @param next what stands there instead; undefined takes the line out.
 * @returns the text as it was where the line is not found in it.
 * @example withLine('Sour\n60 ml gin\n25 ml lemon juice', recipes, 0, 0, '50 ml gin')
 */
export function withLine(
  text: string,
  recipes: readonly Pick<ReadRecipe, 'lines'>[],
  recipe: number,
  line: number,
  next: string | undefined,
): string {
  const span = lineSpans(text, recipes)[recipe]?.[line];
  if (span === undefined) return text;
  if (next !== undefined) return text.slice(0, span.start) + next + text.slice(span.end);
  const whole = ownLine(text, span);
  if (whole) return text.slice(0, whole.start) + text.slice(whole.end + 1);
  // One of several in a sentence takes what parts it from the next with it.
  const after = text.slice(span.end);
  const parting = /^\s*[,;+]\s*/u.exec(after);
  return parting
    ? text.slice(0, span.start) + after.slice(parting[0].length)
    : text.slice(0, span.start).replace(/\s*[,;+]\s*$/u, '') + after;
}

/** A text with one more line below the last that was read of a recipe. */
export function withLineAdded(
  text: string,
  recipes: readonly Pick<ReadRecipe, 'lines'>[],
  recipe: number,
  next: string,
): string {
  const spans = (lineSpans(text, recipes)[recipe] ?? []).filter((s) => s !== undefined);
  const last = spans.at(-1);
  if (last === undefined) return `${text.trimEnd()}\n${next}`.trimStart();
  const glue = ownLine(text, last) ? '\n' : ', ';
  return text.slice(0, last.end) + glue + next + text.slice(last.end);
}
