import { HOW_BIG_GLASSES, type Attitude, type HowBig } from '@uisce/core/plan';

const glasses = (howBig: HowBig) => `${HOW_BIG_GLASSES[howBig]} glasses or more from each`;

/** What the Brief asks in a tap, with its words. */
export const ATTITUDES: { value: Attitude; words: string; note: string }[] = [
  { value: 'purist', words: 'Purist', note: 'the real thing only' },
  { value: 'house', words: 'House', note: 'close and similar stand-ins' },
  { value: 'pinch', words: 'In a pinch', note: 'rough stand-ins too' },
];
export const COUNT_CHOICES = [
  { value: 'all', words: 'Everything', note: 'every drink in the Notebook' },
  { value: 'well-known', words: 'Well known', note: 'and the core canon' },
  { value: 'core', words: 'Core canon', note: 'what every bar list holds' },
] as const;
export const SPOT_CHOICES = [
  { value: 'tray', words: 'Tray' },
  { value: 'cart', words: 'Cart' },
  { value: 'shelf', words: 'Shelf' },
  { value: 'bookcase', words: 'Bookcase' },
] as const;
export const HOW_BIG = [
  { value: 'taste', words: 'A taste', note: glasses('taste') },
  { value: 'small', words: 'Small bottles', note: glasses('small') },
  { value: 'full', words: 'Full bottles', note: glasses('full') },
] as const;
export const WINE = [
  { value: 'day', words: 'For the day', note: 'as citrus is, beside this money' },
  { value: 'keep', words: 'We keep some', note: 'out of this money' },
] as const;
export const SOFT_DRINKS = [
  { value: 'beside', words: 'Beside the others', note: 'told, not counted' },
  { value: 'within', words: 'Among the others', note: 'each counts as one' },
  { value: 'only', words: 'Only these', note: 'we drink no alcohol' },
] as const;

export const SYRUPS = [
  { value: 'love', words: 'Love it', note: 'whole afternoons too' },
  { value: 'fine', words: 'Fine', note: 'stirring, pressing, waiting' },
  { value: 'never', words: 'Never', note: 'bottled ones only' },
] as const;
