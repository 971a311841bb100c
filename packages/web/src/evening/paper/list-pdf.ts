import { PT_A_MM, plain, wrapped } from '../../ui/paper/pdf-text';

/** A list to tick on paper: parts with their lines. */
export interface PaperList {
  title: string;
  under: string;
  parts: readonly { heading: string; lines: readonly { text: string; at: string }[] }[];
}

const A4_MM = [210, 297] as const;
const MARGIN_MM = 18;
const LINE_PT = 11;
const BOX_PT = 9;

/** A list with a box before each line, on as many sheets of A4 as it takes. */
export async function listPdf({ title, under, parts }: PaperList): Promise<Uint8Array> {
  const { PDFDocument, StandardFonts, rgb } = await import('pdf-lib');
  const pdf = await PDFDocument.create();
  pdf.setTitle(title);
  const bold = await pdf.embedFont(StandardFonts.HelveticaBold);
  const text = await pdf.embedFont(StandardFonts.Helvetica);
  const colour = { color: rgb(0.11, 0.16, 0.17) };
  const [pageWidth, pageHeight] = [A4_MM[0] * PT_A_MM, A4_MM[1] * PT_A_MM];
  const margin = MARGIN_MM * PT_A_MM;
  let page = pdf.addPage([pageWidth, pageHeight]);
  let y = pageHeight - margin;
  /** Room for so much more; else a new sheet. */
  const room = (pt: number): void => {
    if (y - pt > margin) return;
    page = pdf.addPage([pageWidth, pageHeight]);
    y = pageHeight - margin;
  };
  page.drawText(plain(title), { ...colour, x: margin, y: (y -= 18), size: 18, font: bold });
  for (const line of wrapped(under, text, LINE_PT, pageWidth - 2 * margin)) {
    room(LINE_PT * 1.5);
    page.drawText(line, { ...colour, x: margin, y: (y -= LINE_PT * 1.5), size: LINE_PT, font: text });
  }
  for (const { heading, lines } of parts) {
    room(50);
    page.drawText(plain(heading), { ...colour, x: margin, y: (y -= 30), size: 13, font: bold });
    for (const line of lines) {
      const when = plain(line.at);
      const atWidth = text.widthOfTextAtSize(when, LINE_PT) + 12;
      const left = margin + BOX_PT + 8;
      const rows = wrapped(line.text, text, LINE_PT, pageWidth - margin - left - atWidth);
      room(rows.length * LINE_PT * 1.4 + 8);
      y -= LINE_PT * 1.4 + 5;
      const box = { x: margin, y: y - 1, width: BOX_PT, height: BOX_PT };
      page.drawRectangle({ ...box, borderWidth: 0.8, borderColor: colour.color });
      page.drawText(when, { ...colour, x: pageWidth - margin - atWidth + 12, y, size: LINE_PT, font: text });
      rows.forEach((row, i) => {
        if (i > 0) y -= LINE_PT * 1.4;
        page.drawText(row, { ...colour, x: left, y, size: LINE_PT, font: text });
      });
    }
  }
  return pdf.save();
}
