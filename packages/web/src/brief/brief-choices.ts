import type { Attitude } from '@uisce/core/plan';

/** What the Brief asks in a tap, with its words. */
export const ATTITUDES: { value: Attitude; words: string; note: string }[] = [
  { value: 'purist', words: 'Purist', note: 'the real thing only' },
  { value: 'house', words: 'House', note: 'good stand-ins, fit 0.75 and up' },
  { value: 'pinch', words: 'In a pinch', note: 'anything near, fit 0.5 and up' },
];
export const COUNTS = [
  { value: 'all', words: 'Everything', note: 'every drink in the Notebook' },
  { value: 'well-known', words: 'Well known', note: 'and the core canon' },
  { value: 'core', words: 'Core canon', note: 'what every bar list holds' },
] as const;
export const SPOTS = [
  { value: 'tray', words: 'Tray' },
  { value: 'cart', words: 'Cart' },
  { value: 'shelf', words: 'Shelf' },
  { value: 'bookcase', words: 'Bookcase' },
] as const;
export const LASTS = [
  { value: 'taste', words: 'A taste' },
  { value: 'month', words: '1 month' },
  { value: 'quarter', words: '3 months' },
  { value: 'half-year', words: 'Half a year' },
] as const;

export const SYRUPS = [
  { value: 'love', words: 'Love it', note: 'whole afternoons too' },
  { value: 'fine', words: 'Fine', note: 'stirring, pressing, waiting' },
  { value: 'never', words: 'Never', note: 'bottled ones only' },
] as const;
