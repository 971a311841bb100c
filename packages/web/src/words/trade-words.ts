import type { ReaderMeasure } from '@uisce/core/base';
import {
  ALLERGENS,
  type Allergen,
  type Canon,
  type Era,
  type Method,
  type Region,
} from '@uisce/core/catalogue';
import { TASTES } from '@uisce/core/drink';

/** Each measure as said in full and in short. */
export const MEASURE_WORDS: Record<ReaderMeasure, { full: string; short: string }> = {
  ml: { full: 'Millilitres (ml)', short: 'ml' },
  cl: { full: 'Centilitres (cl)', short: 'cl' },
  'us-oz': { full: 'US ounces (29.57 ml)', short: 'US oz' },
  'bar-oz': { full: 'Bar ounces (30 ml)', short: 'bar oz' },
};

export const METHOD_WORDS: Record<Method, string> = {
  build: 'built',
  stir: 'stirred',
  shake: 'shaken',
  'dry-shake': 'dry-shaken, then shaken',
  blend: 'blended',
  swizzle: 'swizzled',
  layer: 'layered',
  hot: 'hot',
};

export const CANON_WORDS: Record<Canon, string> = {
  core: 'core canon',
  'well-known': 'well known',
  specialist: 'for those who look for it',
  own: 'written here',
};

export const ERA_WORDS: Record<Era, string> = {
  'before-1900': 'before 1900',
  '1900-1919': '1900 to 1919',
  '1920-1949': '1920 to 1949',
  '1950-1979': '1950 to 1979',
  '1980-1999': '1980 to 1999',
  'since-2000': 'since 2000',
};

/** Where drinks are at home, in the order of an index. */
export const REGION_WORDS: Record<Region, string> = {
  'britain-and-ireland': 'Britain and Ireland',
  'western-europe': 'Western Europe',
  'southern-europe': 'Southern Europe',
  'northern-europe': 'Northern Europe',
  'central-and-eastern-europe': 'Central and Eastern Europe',
  'north-america': 'North America',
  caribbean: 'The Caribbean',
  'latin-america': 'Latin America',
  africa: 'Africa',
  'middle-east': 'The Middle East',
  'south-asia': 'South Asia',
  'east-asia': 'East Asia',
  oceania: 'Oceania',
};

export const ALLERGEN_WORDS: Record<Allergen, string> = {
  egg: 'egg',
  milk: 'milk',
  nuts: 'nuts',
  gluten: 'gluten',
  sulphites: 'sulphites',
  celery: 'celery',
  fish: 'fish',
  peanuts: 'peanuts',
  crustaceans: 'crustaceans',
  molluscs: 'molluscs',
  soya: 'soya',
  mustard: 'mustard',
  sesame: 'sesame',
  lupin: 'lupin',
};

/** Allergens and tastes to choose from. */
export const ALLERGEN_CHOICES = ALLERGENS.map((value) => ({ value, words: ALLERGEN_WORDS[value] }));
export const TASTE_CHOICES = TASTES.map((value) => ({ value, words: value }));
