const SMALL_WORDS = /^(London|Italian|French|Scotch|Irish|Islay|Madeira|V-)/;

/** A kind's name within a sentence: "dry vermouth", but "Irish whiskey". */
export function inSentence(name: string): string {
  return SMALL_WORDS.test(name) ? name : name.charAt(0).toLowerCase() + name.slice(1);
}
