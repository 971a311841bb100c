import type { PDFFont, PDFPage } from 'pdf-lib';
import { drawCode } from '../../ui/paper/pdf-code';
import { fitted, PT_A_MM, wrapped } from '../../ui/paper/pdf-text';

/** A drink as the printed menu has it. */
interface MenuPdfDrink {
  name: string;
  /** What is in it. */
  parts: string;
  /** "12 % vol, 1.1 standard drinks", or "no alcohol". */
  strength: string;
  /** "Contains egg"; empty where nothing of the list is in it. */
  contains: string;
}

/** What a menu says. */
export interface PrintedMenu {
  title: string;
  under: string;
  drinks: readonly MenuPdfDrink[];
  foot: string;
  /** Where it is read on a telephone, too; empty where it is not. */
  address?: string;
}

/** Looks of our own: a sheet in the middle, a ruled list, and one that is folded to stand by itself. */
export const MENU_LOOKS = [
  { value: 'harbour', title: 'Harbour: centred, large' },
  { value: 'ledger', title: 'Ledger: ruled, all on the left' },
  { value: 'tent', title: 'Tent: folded, read from both sides' },
] as const;
export type MenuLook = (typeof MENU_LOOKS)[number]['value'];

/** A5 upright; a sheet of A4 for what is folded. */
const PAGE_MM: Record<MenuLook, [number, number]> = {
  harbour: [148, 210],
  ledger: [148, 210],
  tent: [210, 297],
};
const MARGIN_MM = 14;
/** The code for telephones in the lower corner, and the room it takes. */
const CODE_MM = 22;
const CODE_ROOM_MM = 27;
const WORDS_PT = 7;

interface Ink {
  page: PDFPage;
  name: PDFFont;
  text: PDFFont;
  colour: Parameters<PDFPage['drawText']>[1];
  accent: Parameters<PDFPage['drawText']>[1];
}

/** A block of text within a box; turned upside down where it is read from the other side. */
interface Box {
  left: number;
  top: number;
  width: number;
  height: number;
  centred: boolean;
  ruled: boolean;
  turned: boolean;
}

interface Line {
  text: string;
  size: number;
  font: 'name' | 'text';
  gap: number;
  accent?: boolean;
  rule?: boolean;
}

/** All that a menu says, line by line, at a scale. */
function linesOf(
  { title, under, drinks, foot }: PrintedMenu,
  scale: number,
  width: number,
  ink: Ink,
): Line[] {
  const at = (n: number) => n * scale;
  const body = (text: string, gap: number): Line[] =>
    wrapped(text, ink.text, at(10), width).map((line, i) => ({
      text: line,
      size: at(10),
      font: 'text',
      gap: i === 0 ? at(gap) : at(3),
    }));
  return [
    { text: title, size: at(22), font: 'name', gap: 0, accent: true },
    { text: under, size: at(10), font: 'text', gap: at(6) },
    ...drinks.flatMap((d): Line[] => [
      { text: d.name, size: at(15), font: 'name', gap: at(18), rule: true },
      ...body(d.parts, 5),
      ...body([d.strength, d.contains].filter(Boolean).join(' · '), 4),
    ]),
    ...wrapped(foot, ink.text, at(8), width).map((text, i): Line => ({
      text,
      size: at(8),
      font: 'text',
      gap: at(i === 0 ? 22 : 3),
    })),
  ];
}

const heightOf = (lines: readonly Line[]) => lines.reduce((sum, l) => sum + l.gap + l.size, 0);

/** Draw a menu into a box, smaller where it would not fit. */
function draw(menu: PrintedMenu, box: Box, ink: Ink, turn: { type: never; angle: number } | undefined): void {
  let scale = 1.25;
  let lines = linesOf(menu, scale, box.width, ink);
  while (heightOf(lines) > box.height && scale > 0.5) {
    scale -= 0.05;
    lines = linesOf(menu, scale, box.width, ink);
  }
  let y = box.top - Math.max(0, (box.height - heightOf(lines)) / (box.centred ? 2 : Infinity));
  for (const line of lines) {
    y -= line.gap + line.size;
    const font = ink[line.font];
    const { text, size } = fitted(line.text, font, line.size, box.width);
    const indent = box.centred ? (box.width - font.widthOfTextAtSize(text, size)) / 2 : 0;
    if (line.rule && box.ruled)
      ink.page.drawLine({
        start: { x: box.left, y: y + line.size + line.gap / 2 },
        end: { x: box.left + box.width, y: y + line.size + line.gap / 2 },
        thickness: 0.6,
      });
    const place = box.turned
      ? {
          x: 2 * box.left + box.width - (box.left + indent),
          y: 2 * (box.top - box.height / 2) - y,
          rotate: turn as never,
        }
      : { x: box.left + indent, y };
    ink.page.drawText(text, { ...(line.accent ? ink.accent : ink.colour), ...place, size, font });
  }
}

/** The menu of an evening as a PDF, with what is in each drink, how strong it is, and what of it somebody cannot have. */
export async function menuPdf(menu: PrintedMenu, look: MenuLook): Promise<Uint8Array> {
  const { PDFDocument, StandardFonts, rgb, degrees } = await import('pdf-lib');
  const pdf = await PDFDocument.create();
  pdf.setTitle(menu.title);
  const [widthMm, heightMm] = PAGE_MM[look];
  const page = pdf.addPage([widthMm * PT_A_MM, heightMm * PT_A_MM]);
  const isLedger = look === 'ledger';
  const ink: Ink = {
    page,
    name: await pdf.embedFont(isLedger ? StandardFonts.HelveticaBold : StandardFonts.TimesRomanBold),
    text: await pdf.embedFont(isLedger ? StandardFonts.Helvetica : StandardFonts.TimesRoman),
    colour: { color: rgb(0.11, 0.16, 0.17) },
    accent: { color: rgb(0.66, 0.33, 0.16) },
  };
  const margin = MARGIN_MM * PT_A_MM;
  const width = page.getWidth() - 2 * margin;
  const whole = page.getHeight();
  const box = (top: number, height: number, more: Partial<Box>): Box => ({
    left: margin,
    top,
    width,
    height,
    centred: look !== 'ledger',
    ruled: isLedger,
    turned: false,
    ...more,
  });
  const room = menu.address ? CODE_ROOM_MM * PT_A_MM : 0;
  const half = degrees(180) as { type: never; angle: number };
  if (look === 'tent') {
    const height = whole / 2 - 2 * margin - room;
    draw(menu, box(whole / 2 - margin, height, {}), ink, undefined);
    draw(menu, box(whole - margin - room, height, { turned: true }), ink, half);
    page.drawLine({
      start: { x: 0, y: whole / 2 },
      end: { x: page.getWidth(), y: whole / 2 },
      thickness: 0.4,
      dashArray: [3, 5],
    });
  } else draw(menu, box(whole - margin, whole - 2 * margin - room, {}), ink, undefined);
  if (menu.address) {
    const size = CODE_MM * PT_A_MM;
    const left = look === 'ledger' ? margin : (page.getWidth() - size) / 2;
    await drawCode(page, menu.address, { left, bottom: margin, size }, ink.colour ?? {});
    const words = 'On your telephone';
    const wide = ink.text.widthOfTextAtSize(words, WORDS_PT);
    page.drawText(words, {
      ...ink.colour,
      x: left + (size - wide) / 2,
      y: margin - WORDS_PT - 2,
      size: WORDS_PT,
      font: ink.text,
    });
  }
  return pdf.save();
}
