/** Something with a name that begins with a capital when it stands by itself. */
interface Named {
  name: string;
  /** The name keeps its capital within a sentence: "Irish whiskey". */
  proper?: boolean | undefined;
}

/** A text with a capital at its beginning. */
export function upperFirst(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}

/** A text with none. */
export function lowerFirst(text: string): string {
  return text.charAt(0).toLowerCase() + text.slice(1);
}

/**
 * The name of an ingredient, a glass, a family within a sentence. Drinks keep their names as they are.
 *
 * @example inSentence({ name: 'Dry vermouth' }) // 'dry vermouth'
 * @example inSentence({ name: 'Irish whiskey', proper: true }) // 'Irish whiskey'
 */
export function inSentence({ name, proper = false }: Named): string {
  return proper ? name : lowerFirst(name);
}
