/**
 * Text as it is compared: in lower case and without accents, so that "Curaçao" is "curacao".
 *
 * @example foldText('Curaçao') // 'curacao'
 */
export function foldText(text: string): string {
  return text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();
}
