/** Vulgar fractions that people write on recipe cards. */
export const VULGAR_FRACTIONS: Record<string, number> = {
  '⅛': 1 / 8,
  '¼': 1 / 4,
  '⅓': 1 / 3,
  '⅜': 3 / 8,
  '½': 1 / 2,
  '⅝': 5 / 8,
  '⅔': 2 / 3,
  '¾': 3 / 4,
  '⅞': 7 / 8,
};

const GLYPHS = Object.keys(VULGAR_FRACTIONS).join('');
const SLASHES = '[/\u2044\u2215]';
/** A number as people write it, for a pattern: "1 1/2", "1½", "½", "3/4", "0,75", ".75", "45". */
export const NUMBER_PATTERN = `(?:\\d+\\s+\\d+\\s*${SLASHES}\\s*\\d+|\\d+\\s*${SLASHES}\\s*\\d+|\\d*\\s*[${GLYPHS}]|\\d+(?:[.,]\\d+)?|[.,]\\d+)`;

const WITH_GLYPH = new RegExp(`^(\\d*)\\s*([${GLYPHS}])$`, 'u');
const WITH_SLASH = new RegExp(`^(?:(\\d+)\\s+)?(\\d+)\\s*${SLASHES}\\s*(\\d+)$`, 'u');

/**
 * One number as it is written, with a point or a comma; undefined where it is none.
 *
 * @example readNumber('1 1/2') // 1.5
 */
export function readNumber(text: string): number | undefined {
  const trimmed = text.trim();
  const glyph = WITH_GLYPH.exec(trimmed);
  if (glyph) return Number(glyph[1] || 0) + (VULGAR_FRACTIONS[glyph[2] ?? ''] ?? 0);
  const slashed = WITH_SLASH.exec(trimmed);
  if (slashed) {
    const below = Number(slashed[3]);
    return below === 0 ? undefined : Number(slashed[1] ?? 0) + Number(slashed[2]) / below;
  }
  return /^(?:\d+(?:[.,]\d+)?|[.,]\d+)$/.test(trimmed) ? Number(trimmed.replace(',', '.')) : undefined;
}
