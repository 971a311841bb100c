import jsQR from 'jsqr';
import { expect, it } from 'vitest';
import { qrSquares } from './qr-squares';

/** How many pixels a square is drawn with, and how many squares of light stand around. */
const [PIXELS, QUIET] = [4, 4];

/** The code as a camera sees it: dark on light. */
function seen({ size, dark }: Awaited<ReturnType<typeof qrSquares>>): {
  data: Uint8ClampedArray;
  width: number;
} {
  const width = (size + 2 * QUIET) * PIXELS;
  const data = new Uint8ClampedArray(width * width * 4).fill(255);
  for (const [x, y] of dark)
    for (let py = 0; py < PIXELS; py++)
      for (let px = 0; px < PIXELS; px++) {
        const at = (((y + QUIET) * PIXELS + py) * width + (x + QUIET) * PIXELS + px) * 4;
        data.fill(0, at, at + 3);
      }
  return { data, width };
}

// ISO/IEC 18004, read back by a library of another make.
it.each([
  'https://192.168.1.20:4872',
  `https://kitchen.local:4872/card/${'aZ0-_'.repeat(6)}xy`,
  'http://127.0.0.1:4870/bench/7a1b0c52-0d5f-4a63-9d0e-b1f0a5f6c001',
])('a telephone reads %s', async (address) => {
  const { data, width } = seen(await qrSquares(address));
  expect(jsQR(data, width, width)?.data).toBe(address);
});
