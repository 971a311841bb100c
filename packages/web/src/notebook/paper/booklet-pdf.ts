import type { PDFDocument, PDFFont, PDFPage } from 'pdf-lib';
import { plain, PT_A_MM, wrapped } from '../../ui/paper/pdf-text';

/** A drink as it is printed: every word made ready. */
export interface BookletDrink {
  name: string;
  under: string;
  parts: readonly { amount: string; what: string; mine: string }[];
  steps: readonly string[];
  foot: string;
}

/** A booklet as it is printed: chapters of drinks, and in the index the drinks of each ingredient. */
export interface PrintedBooklet {
  title: string;
  under: string;
  chapters: readonly { title: string; drinks: readonly BookletDrink[] }[];
  index: readonly { name: string; drinks: readonly string[] }[];
}

const A5_MM = [148, 210] as const;
const MARGIN_MM = 14;
const NAME_PT = 14;
const TEXT_PT = 9;
const SMALL_PT = 7.5;
const LEADING = 1.35;
const AMOUNT_MM = 24;

/** A line of text as it is set; a block of them is never parted. */
interface Line {
  text: string;
  size: number;
  font: 'bold' | 'text' | 'name';
  left: number;
  /** Stands at the end of the same line. */
  end?: string;
  /** Stands where the line before stands. */
  same?: boolean;
  before: number;
}

interface Setting {
  pdf: PDFDocument;
  fonts: Record<Line['font'], PDFFont>;
  ink: ReturnType<typeof import('pdf-lib').rgb>;
  width: number;
  height: number;
  margin: number;
}

const heightOf = (lines: readonly Line[]) =>
  lines.reduce((sum, l) => sum + l.before + (l.same ? 0 : l.size * LEADING), 0);

/** The page that each block stands on, from 0: one below the other, and none is parted. */
function pagesOf(s: Setting, blocks: readonly (readonly Line[])[]): number[] {
  const room = s.height - 2 * s.margin;
  let [page, used] = [0, 0];
  return blocks.map((block) => {
    const height = heightOf(block);
    if (used > 0 && used + height > room) [page, used] = [page + 1, 0];
    used += height;
    return page;
  });
}

function setBlocks(s: Setting, blocks: readonly (readonly Line[])[]): void {
  const at = pagesOf(s, blocks);
  let page: PDFPage | undefined;
  let y = 0;
  blocks.forEach((block, b) => {
    if (page === undefined || at[b] !== at[b - 1]) {
      page = s.pdf.addPage([s.width, s.height]);
      y = s.height - s.margin;
    }
    for (const line of block) {
      y -= line.before + (line.same ? 0 : line.size * LEADING);
      const font = s.fonts[line.font];
      const ink = { y, size: line.size, font, color: s.ink };
      page.drawText(plain(line.text), { ...ink, x: s.margin + line.left });
      if (line.end === undefined) continue;
      const end = plain(line.end);
      page.drawText(end, { ...ink, x: s.width - s.margin - font.widthOfTextAtSize(end, line.size) });
    }
  });
}

function linesOf(
  s: Setting,
  text: string,
  size: number,
  font: Line['font'],
  left = 0,
  before = 0,
  indent = 0,
): Line[] {
  return wrapped(text, s.fonts[font], size, s.width - 2 * s.margin - left - indent).map((row, i) => ({
    text: row,
    size,
    font,
    left: left + (i > 0 ? indent : 0),
    before: i === 0 ? before : 0,
  }));
}

function drinkBlock(s: Setting, drink: BookletDrink): Line[] {
  const left = AMOUNT_MM * PT_A_MM;
  return [
    ...linesOf(s, drink.name, NAME_PT, 'name', 0, 14),
    ...linesOf(s, drink.under, SMALL_PT, 'text', 0, 1),
    ...drink.parts.flatMap(({ amount, what, mine }): Line[] => {
      const [first, ...rest] = linesOf(s, what, TEXT_PT, 'text', left);
      return [
        { text: amount, size: TEXT_PT, font: 'bold', left: 0, before: 2 },
        ...(first ? [{ ...first, same: true }] : []),
        ...rest,
        ...(mine === '' ? [] : linesOf(s, mine, SMALL_PT, 'text', left)),
      ];
    }),
    ...drink.steps.flatMap((step, i) =>
      linesOf(s, `${i + 1}  ${step}`, TEXT_PT, 'text', 0, i === 0 ? 4 : 0, 12),
    ),
    ...(drink.foot === '' ? [] : linesOf(s, drink.foot, SMALL_PT, 'text', 0, 3)),
  ];
}

async function setting(title: string): Promise<Setting> {
  const { PDFDocument, StandardFonts, rgb } = await import('pdf-lib');
  const pdf = await PDFDocument.create();
  pdf.setTitle(title);
  return {
    pdf,
    fonts: {
      name: await pdf.embedFont(StandardFonts.TimesRomanBold),
      bold: await pdf.embedFont(StandardFonts.HelveticaBold),
      text: await pdf.embedFont(StandardFonts.Helvetica),
    },
    ink: rgb(0.11, 0.16, 0.17),
    width: A5_MM[0] * PT_A_MM,
    height: A5_MM[1] * PT_A_MM,
    margin: MARGIN_MM * PT_A_MM,
  };
}

/** One drink on a sheet of A5. */
export async function drinkPdf(drink: BookletDrink): Promise<Uint8Array> {
  const s = await setting(drink.name);
  setBlocks(s, [drinkBlock(s, drink)]);
  return s.pdf.save();
}

/** The title page: the name in the middle, what stands under it below. */
function setTitle(s: Setting, book: PrintedBooklet): void {
  const title = s.pdf.addPage([s.width, s.height]);
  const middle = (text: string, size: number, font: PDFFont, y: number) => {
    const width = font.widthOfTextAtSize(plain(text), size);
    title.drawText(plain(text), {
      x: Math.max(s.margin, (s.width - width) / 2),
      y,
      size,
      font,
      color: s.ink,
    });
  };
  const rows = wrapped(book.title, s.fonts.name, 24, s.width - 2 * s.margin);
  rows.forEach((row, i) => middle(row, 24, s.fonts.name, s.height * 0.62 - i * 30));
  middle(book.under, TEXT_PT, s.fonts.text, s.height * 0.62 - rows.length * 30);
}

/**
 * A booklet of A5: a title, contents by family with their pages, the drinks, an index by ingredient.
 */
export async function bookletPdf(book: PrintedBooklet): Promise<Uint8Array> {
  const s = await setting(book.title);
  const entries = book.chapters.flatMap((c) =>
    c.drinks.map((drink, i) => ({ drink, chapter: c, first: i === 0 })),
  );
  const heading = (text: string, before = 10): Line[] => linesOf(s, text, 12, 'bold', 0, before);
  // Contents take the same room whatever their numbers are.
  const contents = (pageOf: (drink: BookletDrink) => string): Line[][] => [
    [...heading('Contents', 0)],
    ...book.chapters.flatMap((c) =>
      c.drinks.map((d, i): Line[] => [
        ...(i === 0 ? linesOf(s, c.title, TEXT_PT, 'bold', 0, 6) : []),
        ...linesOf(s, d.name, TEXT_PT, 'text', 8).map((l, n) => (n === 0 ? { ...l, end: pageOf(d) } : l)),
      ]),
    ),
  ];
  setTitle(s, book);
  const drinks = entries.map(({ drink, chapter, first }) => [
    ...(first ? heading(chapter.title, 12) : []),
    ...drinkBlock(s, drink),
  ]);
  const before =
    1 +
    1 +
    Math.max(
      ...pagesOf(
        s,
        contents(() => ''),
      ),
    );
  const at = pagesOf(s, drinks);
  const numbers = new Map(entries.map((e, i) => [e.drink, String(before + (at[i] ?? 0) + 1)]));
  const byName = new Map(entries.map((e) => [e.drink.name, numbers.get(e.drink) ?? '']));
  setBlocks(
    s,
    contents((d) => numbers.get(d) ?? ''),
  );
  setBlocks(s, drinks);
  setBlocks(s, [
    [...heading('By ingredient', 0)],
    // A long list may go on overleaf; its name stands above the first line of it.
    ...book.index.flatMap(({ name, drinks: of }): Line[][] => {
      const listed = of.map((d) => `${d} ${byName.get(d) ?? ''}`).join(', ');
      const [first = [], ...rest] = linesOf(s, listed, SMALL_PT, 'text', 8).map((line) => [line]);
      return [[...linesOf(s, name, TEXT_PT, 'bold', 0, 4), ...first], ...rest];
    }),
  ]);
  s.pdf.getPages().forEach((page, i) => {
    if (i === 0) return;
    const text = String(i + 1);
    const x = (s.width - s.fonts.text.widthOfTextAtSize(text, SMALL_PT)) / 2;
    page.drawText(text, { x, y: s.margin / 2, size: SMALL_PT, font: s.fonts.text, color: s.ink });
  });
  return s.pdf.save();
}
