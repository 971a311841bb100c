import type { Ice, Method, Recipe } from '../catalogue/recipe.js';
import { fold } from './quantity.js';

/** How a drink is made, as far as a text says it. */
export interface ReadMethod {
  method: Method | undefined;
  strain: Recipe['strain'];
  /** In the glass. */
  ice: Ice | undefined;
  glass: string | undefined;
  muddles: boolean;
}

const word = (alternatives: string) => new RegExp(`(?<![\\p{L}])(?:${alternatives})`, 'u');

/** The narrower before the wider: a drink that is shaken without ice is not one that is shaken. */
const METHODS: readonly (readonly [Method, RegExp])[] = [
  [
    'dry-shake',
    word(
      'dry[ -]?shak|reverse dry|shak\\w* (?:\\w+ ){0,4}without ice|ohne eis (?:\\w+ )?(?:schuttel|shak)|(?:schuttel|shak)\\w* (?:\\w+ ){0,4}ohne eis|(?:shak|secou|frapp)\\w* (?:\\w+ ){0,4}sans glace|(?:agit|bat)\\w* (?:\\w+ ){0,4}sin hielo|(?:shaker|agit)\\w* (?:\\w+ ){0,4}senza ghiaccio',
    ),
  ],
  [
    'blend',
    word(
      'blend|puree with ice|im mixer|mixen mit crushed|au blender|mixer (?:avec|le tout)|licu|batidora|frull',
    ),
  ],
  ['swizzle', word('swizzl')],
  [
    'shake',
    word(
      'shak|schuttel|im shaker|frapper|secou|au shaker|agit(?:ar|a|e|ez|ate|are)\\b|coctelera|batir|bate\\b|shaker',
    ),
  ],
  [
    'stir',
    word(
      'stir|ruhr|remuer|melang|verre a melange|remover|remueve|revolver|mezclar en vaso|vaso mezclador|mescol|mixing glass',
    ),
  ],
  ['layer', word('layer|schicht|in couches|en couches|por capas|a strati')],
  ['hot', word('heat|warm the|boil|simmer|erhitz|heiss|chauff|calentar|calienta|scaldare')],
  [
    'build',
    word(
      'build|built|pour (?:\\w+ )*(?:over|into the glass|into a)|in the glass|im glas|ins glas|direkt im|directement dans|dans le verre|verser|directo|en el vaso|en vaso|direttamente|nel bicchiere|in a glass|over ice',
    ),
  ],
];

const TWICE = word(
  'double[ -]strain|fine[ -]strain|doppelt (?:ab)?seihen|double filtr|doble colado|cuela dos|doppio filtr|filtrare due',
);
const ONCE = word('strain|abseihen|seihen|filtrer|passer|colar|cuela|filtra');
const ICES: readonly (readonly [Ice, RegExp])[] = [
  [
    'crushed',
    word(
      'crushed|cracked|crushed eis|zerstossenem eis|glace pilee|hielo (?:picado|triturado|frappe)|ghiaccio tritato',
    ),
  ],
  [
    'block',
    word(
      'large (?:ice )?cube|big (?:ice )?cube|large piece of ice|one large|ice block|ice ball|grosser eiswurfel|grossen eiswurfel|gros glacon|cubo grande|cubo di ghiaccio grande',
    ),
  ],
  [
    'cubes',
    word(
      'over (?:fresh )?(?:ice|cubes)|on the rocks|on ice|with ice in the glass|ice[ -]filled|filled with ice|full of ice|fresh ice|auf eis|eiswurfel|sur (?:de la )?glace|sur glacons|glacons|con hielo|sobre hielo|cubos de hielo|su ghiaccio|con ghiaccio|di ghiaccio',
    ),
  ],
  ['none', word('straight up|served up|serve up|up\\b|neat|chilled (?:coupe|glass|cocktail)')],
];
const GLASSES: readonly (readonly [string, RegExp])[] = [
  ['copper-mug', word('copper mug|kupferbecher|mug en cuivre|taza de cobre|tazza di rame')],
  ['julep-cup', word('julep cup|julep tin|julepbecher|timbale')],
  ['double-rocks', word('double rocks|double old[ -]fashioned')],
  [
    'rocks',
    word(
      'rocks glass|old[ -]fashioned glass|lowball|tumbler|whisk(?:e)?yglas|verre old[ -]fashioned|vaso (?:corto|bajo|old)|bicchiere (?:basso|old|rocks)',
    ),
  ],
  ['highball', word('highball|verre haut|vaso alto|bicchiere alto|longdrinkglas')],
  ['collins', word('collins')],
  ['coupe', word('coupe|coupette|champagne saucer|cocktailschale|copa de cocktail|coppa|coppetta')],
  [
    'cocktail',
    word('martini glass|cocktail glass|cocktailglas|verre a martini|verre a cocktail|copa martini|v-shaped'),
  ],
  ['tulip', word('small stemmed|tulip')],
  ['flute', word('flute|sektglas|champagnerglas')],
  ['hurricane', word('hurricane')],
  ['wine', word('wine glass|wine goblet|weinglas|verre a vin|copa de vino|calice|goblet')],
  ['balloon', word('balloon|copa de balon|verre ballon')],
  ['toddy-mug', word('toddy|mug|tasse|taza|handled glass|heatproof glass')],
  ['shot', word('shot glass|schnapsglas|chupito|bicchierino')],
  ['beer', word('pint glass|beer glass|bierglas')],
];
const MUDDLES = word('muddl|stossel|zerdruck|zerstoss|piler|ecraser|macerar|machacar|pestare|pestell');

const firstOf = <T>(all: readonly (readonly [T, RegExp])[], text: string): T | undefined =>
  all.find(([, pattern]) => pattern.test(text))?.[0];

/** What is said first is what is done: "build over ice, stir once" is built. Of two in one place the narrower. */
function methodOf(text: string): Method | undefined {
  let first: { method: Method; at: number } | undefined;
  for (const [method, pattern] of METHODS) {
    const at = text.search(pattern);
    if (at >= 0 && (first === undefined || at < first.at)) first = { method, at };
  }
  return first?.method;
}

/**
 * What a text says of how a drink is made, in English, German, French, Spanish or Italian.
 *
 * @example readMethod('Shake with ice and double strain into a coupe.') // shake, twice, coupe
 */
export function readMethod(text: string): ReadMethod {
  const folded = fold(text);
  return {
    method: methodOf(folded),
    strain: TWICE.test(folded) ? 'twice' : ONCE.test(folded) ? 'once' : 'none',
    ice: firstOf(ICES, folded),
    glass: firstOf(GLASSES, folded),
    muddles: MUDDLES.test(folded),
  };
}

/** Whether a line tells how to make a drink. */
export function looksLikeMethod(text: string): boolean {
  const folded = fold(text);
  return (
    METHODS.some(([, p]) => p.test(folded)) ||
    ONCE.test(folded) ||
    MUDDLES.test(folded) ||
    /^(?:serve|servi|add|geben|ajout|anad|aggiung|pour|combine|put|place|rinse|top)\b/.test(folded)
  );
}
