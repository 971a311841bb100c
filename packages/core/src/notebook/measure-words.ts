import type { Amount } from '../base/amount.js';
import { fold } from './quantity.js';

/** A measure as it is written: what it stands for, and how much of that one of it is. */
export interface Measured {
  measure: Amount['measure'] | 'part' | 'ounce';
  times: number;
  /** Nobody agrees on how much it is: it is said how it was taken. */
  loose: boolean;
}

/** A splash, a shot and a cup (assumptions, common practice). */
const SPLASH_ML = 10;
const SHOT_ML = 45;
const CUP_ML = 240;

const of = (measure: Measured['measure'], times = 1, loose = false): Measured => ({ measure, times, loose });

/** Measures by their words, folded, in English, German, French, Spanish and Italian. */
const WORDS = new Map<string, Measured>();
const add = (measured: Measured, words: string) => {
  for (const word of words.split('|')) WORDS.set(word, measured);
};
add(
  of('ml'),
  'ml|mls|millilitre|millilitres|milliliter|milliliters|mililitro|mililitros|millilitri|millilitro',
);
add(
  of('cl'),
  'cl|cls|centilitre|centilitres|centiliter|centiliters|zentiliter|centilitri|centilitro|centilitros',
);
add(of('ml', 100), 'dl|deziliter|decilitre|decilitro|decilitri');
add(of('ml', 1000), 'l|litre|liter|litro|litri');
add(of('ounce'), 'oz|ounce|ounces|fl oz|fluid ounce|fluid ounces|onza|onzas|once|onces|oncia|unze|unzen|ozs');
add(of('us-oz'), 'us oz|us ounce|us ounces|us fl oz');
add(of('imperial-oz'), 'imp oz|imperial oz|uk oz|imperial ounce|imperial ounces');
add(of('bar-oz'), 'bar oz|bar ounce|bar ounces');
add(
  of('teaspoon'),
  'tsp|tsps|teaspoon|teaspoons|tl|teeloffel|c a c|cac|cuillere a cafe|cuilleres a cafe|cdta|cdtas|cucharadita|cucharaditas|cucchiaino|cucchiaini',
);
add(
  of('tablespoon'),
  'tbsp|tbsps|tablespoon|tablespoons|el|essloffel|c a s|cas|cuillere a soupe|cuilleres a soupe|cda|cdas|cucharada|cucharadas|cucchiaio|cucchiai',
);
add(
  of('bar-spoon'),
  'barspoon|barspoons|bar spoon|bar spoons|bsp|bl|barloffel|cuillere de bar|cuilleres de bar|cuchara de bar|cucharada de bar|cucharadas de bar|cucchiaio da bar|cucchiaini da bar|cucchiaino da bar',
);
add(of('dash'), 'dash|dashes|ds|spritzer|trait|traits|golpe|golpes|spruzzo|spruzzi|dsh');
add(of('drop'), 'drop|drops|tropfen|goutte|gouttes|gota|gotas|goccia|gocce');
add(of('part'), 'part|parts|teil|teile|partie|parties|parte|partes|parti');
add(of('ml', SPLASH_ML, true), 'splash|splashes|schuss|chorro|chorrito|spruzzata|lacrima|larme');
add(
  of('ml', SHOT_ML, true),
  'shot|shots|jigger|jiggers|measure|measures|mesure|mesures|medida|medidas|misurino',
);
add(of('ml', CUP_ML, true), 'cup|cups|tasse|tasses|taza|tazas|tazza|tazze');
add(of('leaf'), 'leaf|leaves|blatt|blatter|feuille|feuilles|hoja|hojas|foglia|foglie|foglioline');
add(of('sprig'), 'sprig|sprigs|zweig|zweige|brin|brins|branche|branches|ramita|ramitas|rametto|rametti');
add(
  of('slice'),
  'slice|slices|scheibe|scheiben|tranche|tranches|rondelle|rondelles|rodaja|rodajas|fetta|fette',
);
add(of('wedge'), 'wedge|wedges|spalte|spalten|achtel|quartier|quartiers|gajo|gajos|spicchio|spicchi');
add(of('cube'), 'cube|cubes|lump|lumps|wurfel|morceau|morceaux|terron|terrones|zolletta|zollette');
add(of('pinch'), 'pinch|pinches|prise|prisen|pincee|pincees|pizca|pizcas|pizzico|pizzichi');
add(of('whole'), 'whole|piece|pieces|pc|pcs|stuck|pieza|piezas|pezzo|pezzi');
const MAX_WORDS = 3;
/** "of", between a measure and what is measured. */
const OF = /^(?:of|von|vom|de|d['’]|du|des|del|di|dell?['’]?|da)(?:\s+|(?<=['’]))/iu;

const plain = (word: string) => fold(word).replace(/\./g, ' ').replace(/\s+/g, ' ').trim();

/** The measure that a text begins with, and what follows it, the "of" left out. */
export function measureAtStart(text: string): { measured: Measured; rest: string } | undefined {
  const words = text.split(/\s+/);
  for (let n = Math.min(MAX_WORDS, words.length); n >= 1; n--) {
    const measured = WORDS.get(
      plain(
        words
          .slice(0, n)
          .join(' ')
          .replace(/[,:;)]+$/, ''),
      ),
    );
    if (measured)
      return {
        measured,
        rest: words
          .slice(n)
          .join(' ')
          .replace(/^[,:;-]\s*/, '')
          .replace(OF, ''),
      };
  }
  return undefined;
}

/** The measure that a text ends with, and what comes before it. */
export function measureAtEnd(text: string): { measured: Measured; rest: string } | undefined {
  const words = text.trim().split(/\s+/);
  for (let n = Math.min(MAX_WORDS, words.length); n >= 1; n--) {
    const measured = WORDS.get(plain(words.slice(-n).join(' ')));
    if (measured) return { measured, rest: words.slice(0, -n).join(' ') };
  }
  return undefined;
}
