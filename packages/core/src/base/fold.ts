/** Letters that no accent can be taken off, and what they are written as without a special key. */
const LETTERS: Readonly<Record<string, string>> = { ß: 'ss', œ: 'oe', æ: 'ae', ø: 'o', ł: 'l' };

/**
 * Text as it is compared: in lower case and without accents, so that "Curaçao" is "curacao" and "Weißer" is "weisser".
 *
 * @example foldText('Curaçao') // 'curacao'
 */
export function foldText(text: string): string {
  return text
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[ßœæøł]/g, (letter) => LETTERS[letter] ?? letter);
}
