import type { PDFFont } from 'pdf-lib';

export const PT_A_MM = 72 / 25.4;
/** Smaller than this nobody reads it. */
const MIN_PT = 6;

/** Only what the standard fonts can write; anything else becomes a question mark. */
export function plain(text: string): string {
  return text.replace(/[^\u0020-\u007e\u00a0-\u00ff–—‘’“”•…€]/g, '?');
}

/** A line at the size at which it fits, down to the smallest that can be read; shorter where even that is too long. */
export function fitted(
  text: string,
  font: PDFFont,
  size: number,
  width: number,
): { text: string; size: number } {
  let out = plain(text);
  const fits = Math.min(size, (size * width) / Math.max(1, font.widthOfTextAtSize(out, size)));
  const at = Math.max(MIN_PT, fits);
  while (out.length > 1 && font.widthOfTextAtSize(out, at) > width) out = `${out.slice(0, -2)}…`;
  return { text: out, size: at };
}

/** A text in as many lines as its width asks for. */
export function wrapped(text: string, font: PDFFont, size: number, width: number): string[] {
  const lines: string[] = [];
  let line = '';
  for (const word of plain(text).split(' ')) {
    const longer = line === '' ? word : `${line} ${word}`;
    if (line !== '' && font.widthOfTextAtSize(longer, size) > width) {
      lines.push(line);
      line = word;
    } else line = longer;
  }
  return line === '' ? lines : [...lines, line];
}
