import { foldText } from '../base/fold.js';
import { inAnyLanguage, LANGUAGES } from './languages/index.js';

const ENTITIES: Readonly<Record<string, string>> = {
  amp: '&',
  lt: '<',
  gt: '>',
  quot: '"',
  apos: '’',
  nbsp: ' ',
  frac12: '½',
  frac14: '¼',
  frac34: '¾',
  deg: '°',
};
const TAG = /<\/?[a-z][^>]*>/giu;
const LOOKS_LIKE_HTML = /<(?:li|p|br|h[1-6]|td|div|ul|ol|table|span|strong|b|em)\b[^>]*>/iu;

/** A page's own marks as lines: a list item, paragraph, heading or row is one; a cell is parted by a tab. */
function withoutTags(text: string): string {
  if (!LOOKS_LIKE_HTML.test(text)) return text;
  return text
    .replace(/<(script|style)\b[\s\S]*?<\/\1>/giu, '')
    .replace(/\s*\r?\n\s*/g, ' ')
    .replace(/<\/t[dh]>\s*(?=<t[dh])/giu, '\t')
    .replace(/<br\s*\/?>|<\/(?:li|tr|td|th|dd|dt)>/giu, '\n')
    .replace(/<\/?(?:p|div|h[1-6]|ul|ol|table|section|article)\b[^>]*>/giu, '\n\n')
    .replace(TAG, '')
    .replace(/&#(\d+);/g, (_, code: string) => String.fromCodePoint(Math.min(0x10ffff, Number(code))))
    .replace(/&(\w+);/g, (whole, name: string) => ENTITIES[name.toLowerCase()] ?? whole);
}

const PICTURES = /\p{Extended_Pictographic}|\p{Emoji_Modifier}|\u200d|\ufe0f/gu;
/** A line of a table that only rules it. */
const RULE = /^[\s|:+=-]*-{2,}[\s|:+=-]*$/u;

/** Headings of columns: amounts, measures, ingredients. */
const COLUMN_WORDS: ReadonlySet<string> = new Set(
  LANGUAGES.flatMap(({ columns }) => [
    ...(columns.amount ?? []),
    ...(columns.measure ?? []),
    ...(columns.ingredient ?? []),
    ...(columns.list ?? []),
  ]),
);
const isColumnHead = (cell: string) => COLUMN_WORDS.has(foldText(cell).replace(/[:*]/g, '').trim());
const MEASURE_ONLY = /^(?:[\d½¼¾⅓⅔.,/\s-]+\p{L}*\.?|\p{L}{1,4}\.?)$/u;

/** The cells of a row, where a line is one: between bars, tabs or semicolons. */
function cellsOf(line: string): string[] | undefined {
  const text = line.trim();
  const parted = /^\|.*\|$/.test(text)
    ? text.slice(1, -1).split('|')
    : /\t/.test(line)
      ? line.split('\t')
      : /^[^;.]+;[^;.]*\d[^;.]*(?:;[^;.]*)?$/.test(text)
        ? text.split(';')
        : text.split(';').every(isColumnHead)
          ? text.split(';')
          : undefined;
  const cells = parted?.map((c) => c.trim());
  return cells && cells.length > 1 ? cells : undefined;
}

/** A row as a line of a recipe reads: number, measure, then what it is of; nothing of a row of headings. */
function rowAsLine(cells: readonly string[]): string {
  if (cells.filter((c) => c !== '').every(isColumnHead)) return '';
  const isAmount = (c: string) => /[\d½¼¾⅓⅔]/u.test(c) && MEASURE_ONLY.test(c);
  const amounts = cells.filter(isAmount);
  // A unit stands in a cell of its own behind its number.
  const units = cells.filter(
    (c, i) => !isAmount(c) && i > 0 && isAmount(cells[i - 1] ?? '') && MEASURE_ONLY.test(c),
  );
  const others = cells.filter((c) => c !== '' && !amounts.includes(c) && !units.includes(c));
  // Two amounts in two columns are one in two measures.
  const [first = '', second] = amounts;
  const both = second !== undefined && /\p{L}/u.test(first) && /\p{L}/u.test(second) ? ` (${second})` : '';
  return [first, units.join(' '), others.join(' ')].filter(Boolean).join(' ') + both;
}

/** "Gin (60 ml)" with nothing before it that counts is "60 ml Gin". */
const AMOUNT_BEHIND = /^([^\d½¼¾⅓⅔()]{2,60}?)\s*[([]\s*([\d½¼¾⅓⅔][^()[\]]{0,24})[)\]]\s*$/u;

/** "equal parts gin, vermouth and bitter" as a line each. */
const EQUAL = new RegExp(`^(?:${inAnyLanguage((l) => l.text.equalParts)})\\s*:?\\s+(.*)$`, 'iu');
const AND = new RegExp(
  `\\s*,\\s*(?:(?:${inAnyLanguage((l) => l.text.and)})\\s+)?|\\s+(?:${inAnyLanguage((l) => l.text.and)})\\s+`,
  'iu',
);

/** Parts that say their amount behind them, with the amount first: one a line, or several. */
function amountFirst(line: string): string {
  const parts = line.split(/,\s+/);
  const all = parts.every((p) => AMOUNT_BEHIND.test(p.replace(/\.$/, '')));
  return all ? parts.map((p) => p.replace(/\.$/, '').replace(AMOUNT_BEHIND, '$2 $1')).join(', ') : line;
}

function unrolled(line: string): string[] {
  const equal = EQUAL.exec(line.trim());
  if (!equal) return [amountFirst(line)];
  return (equal[1] ?? '')
    .replace(/\.$/, '')
    .split(AND)
    .map((part) => `1 part ${part.trim()}`);
}

/**
 * A pasted text as the plain lines of it: a page without its marks, a table a row a line, pictures and stars left out.
 * Nothing that says something is lost.
 *
 * @example plainLines('<li>2 oz gin</li><li>1 oz lime juice</li>') // ['2 oz gin', '1 oz lime juice', '']
 */
export function plainLines(text: string): string[] {
  return withoutTags(text)
    .split(/\r?\n/)
    .flatMap((line) => {
      if (RULE.test(line) && line.includes('|')) return [''];
      const cells = cellsOf(line);
      const row = cells === undefined ? line : rowAsLine(cells);
      const plain = row
        .replace(PICTURES, ' ')
        .replace(/\*\*|__/g, '')
        .replace(/^\s*>\s?/, '');
      return plain === row ? unrolled(row) : unrolled(plain.trim());
    });
}

/** The same in one text: what is read of it is what stands there, word for word. */
export function plainText(text: string): string {
  return plainLines(text).join('\n');
}
