import type { VolumeMeasure } from './volume.js';

/** Things counted rather than poured ("1 egg white", "6 leaves"). */
export const COUNT_MEASURES = ['whole', 'leaf', 'slice', 'wedge', 'cube', 'pinch', 'sprig'] as const;
export type CountMeasure = (typeof COUNT_MEASURES)[number];

/**
 * What a measure may be written as. An `ounce` is any of the three; a splash, a shot and a cup are so much by assumption;
 * of a part nobody knows how much it is until all of them are seen.
 */
export type WrittenMeasure =
  VolumeMeasure | CountMeasure | 'ounce' | 'dl' | 'l' | 'part' | 'splash' | 'shot' | 'cup';

/** Words for a measure, folded, parted by a bar. */
export type MeasureWords = Partial<Record<WrittenMeasure, string>>;

/** Measures as English writes them; symbols are the same everywhere. */
export const ENGLISH_MEASURES: MeasureWords = {
  ml: 'ml|mls|millilitre|millilitres|milliliter|milliliters',
  cl: 'cl|cls|centilitre|centilitres|centiliter|centiliters',
  dl: 'dl',
  l: 'l|litre|litres|liter|liters',
  ounce: 'oz|ozs|ounce|ounces|fl oz|fluid ounce|fluid ounces',
  'us-oz': 'us oz|us ounce|us ounces|us fl oz',
  'imperial-oz': 'imp oz|imperial oz|uk oz|imperial ounce|imperial ounces',
  'bar-oz': 'bar oz|bar ounce|bar ounces',
  teaspoon: 'tsp|tsps|teaspoon|teaspoons',
  tablespoon: 'tbsp|tbsps|tablespoon|tablespoons',
  'bar-spoon': 'barspoon|barspoons|bar spoon|bar spoons|bsp',
  dash: 'dash|dashes|ds|dsh',
  drop: 'drop|drops',
  part: 'part|parts',
  splash: 'splash|splashes',
  shot: 'shot|shots|jigger|jiggers|measure|measures',
  cup: 'cup|cups',
  leaf: 'leaf|leaves',
  sprig: 'sprig|sprigs',
  slice: 'slice|slices',
  wedge: 'wedge|wedges',
  cube: 'cube|cubes|lump|lumps',
  pinch: 'pinch|pinches',
  whole: 'whole|piece|pieces|pc|pcs',
};
