/**
 * How a thing goes off in a batch: by its class its days are known (`bench/keeping-table.ts`). What has none is unknown,
 * and kept as what is unknown.
 */
export const KEEPS_AS = [
  /** Sugar, water, salt, acid: by its water activity. */
  'plain',
  'spirit',
  /** Wine, vermouth, beer. */
  'wine',
  /** Dry spices, dried flowers. */
  'spice',
  'citrus',
  /** Fruit and its juice, as sour as fruit is. */
  'fruit',
  /** Tomato, cucumber, banana, coconut water and the like: hardly sour. */
  'low-acid',
  /** Fresh herbs, flowers, roots. */
  'herb',
  /** Fresh chilli, garlic. */
  'chilli',
  /** Nuts, and milk pressed from them. */
  'nuts',
  'coconut',
  /** Milk, cream, butter. */
  'milk',
  'egg',
  /** Coffee and tea, brewed. */
  'coffee',
  /** In salt or vinegar: olives and what they lie in. */
  'brine',
] as const;
export type KeepsAs = (typeof KEEPS_AS)[number];

/** What lowers the water activity of a batch, where it is not sucrose. */
export const SOLUTES = ['sucrose', 'invert', 'gum', 'salt'] as const;
export type Solute = (typeof SOLUTES)[number];
