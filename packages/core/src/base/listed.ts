const LIST = new Intl.ListFormat('en-GB', { type: 'conjunction' });

/** "a", "a and b", "a, b and c". */
export function listed(words: readonly string[]): string {
  return LIST.format(words);
}
