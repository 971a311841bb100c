import type { PDFDocument, PDFPage } from 'pdf-lib';
import { drawCode } from './pdf-code';
import { fitted, PT_A_MM } from './pdf-text';

/** What stands on a label. */
export interface LabelText {
  name: string;
  /** Ratio or strength, allergens, dates: a line each. */
  lines: string[];
  /** Address of the batch's page in the home network, for the code; none where nobody else reaches it. */
  address: string | undefined;
}

/** A sheet of labels as sold everywhere, in mm; a strip has one label a page. */
export interface LabelSheet {
  id: string;
  name: string;
  pageMm: [width: number, height: number];
  labelMm: [width: number, height: number];
  firstMm: [left: number, top: number];
  stepMm: [across: number, down: number];
  columns: number;
  rows: number;
}

export const LABEL_SHEETS: readonly LabelSheet[] = [
  {
    id: 'a4-21',
    name: 'A4, 21 of 63.5 × 38.1 mm',
    pageMm: [210, 297],
    labelMm: [63.5, 38.1],
    firstMm: [7.2, 15.1],
    stepMm: [66, 38.1],
    columns: 3,
    rows: 7,
  },
  {
    id: 'a4-24',
    name: 'A4, 24 of 70 × 37 mm',
    pageMm: [210, 297],
    labelMm: [70, 37],
    firstMm: [0, 0.5],
    stepMm: [70, 37],
    columns: 3,
    rows: 8,
  },
  {
    id: 'letter-30',
    name: 'Letter, 30 of 66.7 × 25.4 mm',
    pageMm: [215.9, 279.4],
    labelMm: [66.7, 25.4],
    firstMm: [4.8, 12.7],
    stepMm: [69.9, 25.4],
    columns: 3,
    rows: 10,
  },
  {
    id: 'tape',
    name: 'Tape for tonight, 24 mm',
    pageMm: [90, 24],
    labelMm: [90, 24],
    firstMm: [0, 0],
    stepMm: [90, 24],
    columns: 1,
    rows: 1,
  },
];

const PAD_MM = 2.5;
const NAME_PT = 12;
const LINE_PT = 7.5;
const CODE_MM = 16;

/**
 * A PDF of labels, filled in reading order from a place on the first sheet.
 *
 * @param skip labels already used on the first sheet.
 */
export async function labelPdf(
  labels: readonly LabelText[],
  sheet: LabelSheet,
  skip = 0,
): Promise<Uint8Array> {
  const { PDFDocument, StandardFonts, rgb } = await import('pdf-lib');
  const pdf: PDFDocument = await PDFDocument.create();
  pdf.setTitle('Labels');
  const bold = await pdf.embedFont(StandardFonts.HelveticaBold);
  const regular = await pdf.embedFont(StandardFonts.Helvetica);
  const [pageWidth, pageHeight] = sheet.pageMm;
  const perPage = sheet.columns * sheet.rows;
  const ink = { color: rgb(0.11, 0.16, 0.17) };
  let page: PDFPage | undefined;
  for (const [n, label] of labels.entries()) {
    const at = (skip + n) % perPage;
    if (page === undefined || at === 0) page = pdf.addPage([pageWidth * PT_A_MM, pageHeight * PT_A_MM]);
    const left = (sheet.firstMm[0] + (at % sheet.columns) * sheet.stepMm[0] + PAD_MM) * PT_A_MM;
    const top =
      (pageHeight - sheet.firstMm[1] - Math.floor(at / sheet.columns) * sheet.stepMm[1] - PAD_MM) * PT_A_MM;
    const codePt = Math.min(CODE_MM, sheet.labelMm[1] - 2 * PAD_MM) * PT_A_MM;
    const isCoded = label.address !== undefined;
    const width = (sheet.labelMm[0] - (isCoded ? 3 : 2) * PAD_MM) * PT_A_MM - (isCoded ? codePt : 0);
    const name = fitted(label.name, bold, NAME_PT, width);
    page.drawText(name.text, { ...ink, x: left, y: top - NAME_PT, size: name.size, font: bold });
    label.lines.forEach((line, i) => {
      const { text, size } = fitted(line, regular, LINE_PT, width);
      const y = top - NAME_PT - (i + 1) * (LINE_PT + 2.5);
      page?.drawText(text, { ...ink, x: left, y, size, font: regular });
    });
    const place = { left: left + width + PAD_MM * PT_A_MM, bottom: top - codePt, size: codePt };
    if (label.address !== undefined) await drawCode(page, label.address, place, ink);
  }
  return pdf.save();
}
