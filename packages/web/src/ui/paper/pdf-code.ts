import type { PDFPage } from 'pdf-lib';
import { qrSquares } from './qr-squares';

/** A hair wider than they are, so that no light shows between squares. */
const OVERLAP = 1.02;

/** Draw an address as a code for telephones, its lower left corner at `left`, `bottom`, all in points. */
export async function drawCode(
  page: PDFPage,
  text: string,
  { left, bottom, size }: { left: number; bottom: number; size: number },
  ink: Parameters<PDFPage['drawRectangle']>[0],
): Promise<void> {
  const code = await qrSquares(text);
  const cell = size / code.size;
  for (const [x, y] of code.dark)
    page.drawRectangle({
      ...ink,
      x: left + x * cell,
      y: bottom + size - (y + 1) * cell,
      width: cell * OVERLAP,
      height: cell * OVERLAP,
    });
}
