/** What is not taken in a drink, and why; words of its name in English (common practice, and food law in most places). */
const NOT_SAFE: readonly (readonly [name: RegExp, why: string])[] = [
  [/\b(tobacco|cigars?|nicotine)\b/i, 'nicotine poisons in small amounts'],
  [/\b(lye|caustic soda|slaked lime|pickling lime)\b/i, 'it burns, and the amounts are no guess'],
  [
    /\bbitter almonds?\b(?!.*\bextract\b)/i,
    'raw bitter almonds hold cyanide: only food-grade extract, by the drop',
  ],
  [
    /\b(apricot|peach|cherry|plum|stone[- ]fruit) (kernels?|stones?|pits?)\b/i,
    'stone-fruit kernels hold cyanide',
  ],
  [
    /\b(cinchona|quinine (powder|sulphate|salt)|quinine)\b/i,
    'quinine by itself is a medicine: use bought tonic',
  ],
  [/\b(methanol|isopropyl|rubbing alcohol|denatured alcohol)\b/i, 'it is no alcohol to drink'],
  [/\b(dry ice|liquid nitrogen)\b/i, 'it burns by cold, inside too'],
  [/\b(wormwood oil|tansy|pennyroyal|calamus|sassafras)\b/i, 'it harms the liver or the nerves'],
];

/**
 * Why something of that name is not taken in a drink here; undefined where nothing speaks against it.
 *
 * @example notSafe('Tobacco tincture') // 'nicotine poisons in small amounts'
 */
export function notSafe(name: string): string | undefined {
  return NOT_SAFE.find(([pattern]) => pattern.test(name))?.[1];
}
