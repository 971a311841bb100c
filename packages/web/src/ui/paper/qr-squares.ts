/** A code for telephones (QR, ISO/IEC 18004) as its dark squares, with no margin around. */
export interface QrSquares {
  size: number;
  dark: [x: number, y: number][];
}

/** The code of a text, at the middle level of repair. */
export async function qrSquares(text: string): Promise<QrSquares> {
  const { default: qrcode } = await import('qrcode-generator');
  const code = qrcode(0, 'M');
  code.addData(text);
  code.make();
  const size = code.getModuleCount();
  const places = Array.from({ length: size * size }, (_, i): [number, number] => [
    i % size,
    Math.floor(i / size),
  ]);
  return { size, dark: places.filter(([x, y]) => code.isDark(y, x)) };
}
