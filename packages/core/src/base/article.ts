import indefinite from 'indefinite';

/**
 * A name with its indefinite article, for a sentence.
 *
 * @example withArticle('Old-fashioned') // 'an Old-fashioned'
 */
export function withArticle(name: string): string {
  return indefinite(name);
}
