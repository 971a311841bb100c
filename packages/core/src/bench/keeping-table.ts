import type { KeepsAs } from '../catalogue/keeps-as.js';

/** What guards a batch: at least so strong, so sweet (°Brix), so sour (acid, a share of the mass), or heated. */
interface Guard {
  abv?: number;
  brix?: number;
  acid?: number;
  heated?: true;
  /** Days in the fridge then. */
  days: number;
}

/** How one class of thing keeps in a batch. */
export interface ClassKeeping {
  /** Days in a clean bottle in the fridge where nothing guards it. */
  days: number;
  guards: readonly Guard[];
  /** Days in the freezer; null for what is not frozen: it splits, or nobody knows. */
  frozenDays: number | null;
  /** What it brings, in a sentence that gives the reason. */
  why: string;
  /** Where the figures are from. */
  source: string;
}

const CAUTIOUS = 'common practice, cautious';
/** Spirits above this keep what is steeped in them (common practice: nothing grows from about 18 % vol). */
const STRONG = 0.18;
/** As much sugar as water, by a kitchen scale. */
const EVEN_BRIX = 49;

/**
 * Days by class. Hurdles add up: a little alcohol with much sugar guards as neither does alone (Leistner, Int. J. Food
 * Microbiol. 55 (2000) 181, from memory). The figures are the shorter ones of what people practise, never a licence to
 * keep what looks or smells off.
 */
export const KEEPING_TABLE: Record<Exclude<KeepsAs, 'plain' | 'spirit' | 'spice'> | 'unknown', ClassKeeping> =
  {
    wine: {
      days: 5,
      guards: [
        { abv: 0.12, days: 30 },
        { abv: STRONG, days: 60 },
      ],
      frozenDays: 90,
      why: 'Wine is in it, and fades once it is open.',
      source: 'common practice: opened vermouth a month (one school)',
    },
    citrus: {
      days: 3,
      guards: [
        { acid: 0.01, days: 7 },
        { acid: 0.045, days: 10 },
        { brix: 40, days: 21 },
        { abv: STRONG, days: 60 },
      ],
      frozenDays: 90,
      why: 'Citrus is in it: its acid guards it for a while.',
      source: 'common practice: extended citrus 7 to 14 days cold, best within 10; cordial three weeks',
    },
    fruit: {
      days: 3,
      guards: [
        { acid: 0.02, days: 7 },
        { brix: 40, days: 10 },
        { brix: EVEN_BRIX, days: 14 },
        { brix: EVEN_BRIX, heated: true, days: 18 },
        { acid: 0.02, brix: 30, days: 60 },
        { abv: STRONG, days: 90 },
      ],
      frozenDays: 90,
      why: 'Fruit is in it: what it brings grows soonest.',
      source:
        'US FoodKeeper (USDA): fresh juice two to three days (from memory); syrups and shrubs by common practice',
    },
    'low-acid': {
      days: 3,
      guards: [
        { acid: 0.01, days: 5 },
        { abv: STRONG, days: 14 },
      ],
      frozenDays: 60,
      why: 'Something hardly sour is in it, and goes off fast.',
      source:
        'US 21 CFR 114: above pH 4.6 a food is low-acid (from memory); days by common practice, cautious',
    },
    herb: {
      days: 3,
      guards: [
        { brix: 45, days: 14 },
        { brix: 45, acid: 0.005, days: 21 },
        { abv: 0.08, brix: 30, days: 21 },
        { abv: STRONG, days: 180 },
      ],
      frozenDays: 90,
      why: 'A fresh plant is in it: sugar or spirit has to guard it.',
      source: CAUTIOUS,
    },
    chilli: {
      days: 2,
      guards: [
        { acid: 0.02, days: 7 },
        { brix: EVEN_BRIX, days: 7 },
        { abv: 0.3, days: 60 },
      ],
      frozenDays: 60,
      why: 'Fresh chilli or garlic is in it: never in oil, nor left warm.',
      source: 'US CDC on home-made garlic oil: botulism; two to four days cold (from memory)',
    },
    nuts: {
      days: 3,
      guards: [
        { brix: 45, days: 14 },
        { brix: 60, heated: true, days: 18 },
        { abv: 0.08, brix: 30, days: 21 },
        { abv: STRONG, days: 60 },
      ],
      frozenDays: 60,
      why: 'Nuts are in it, and their milk goes off.',
      source: 'common practice: orgeat about two weeks, quick orgeat two to three',
    },
    coconut: {
      days: 3,
      guards: [
        { brix: EVEN_BRIX, days: 7 },
        { abv: STRONG, days: 14 },
      ],
      frozenDays: 60,
      why: 'Coconut is in it, and goes off within days.',
      source: CAUTIOUS,
    },
    milk: {
      days: 3,
      guards: [
        { abv: 0.14, brix: 20, days: 14 },
        { abv: STRONG, days: 14 },
      ],
      frozenDays: null,
      why: 'Milk or cream is in it: alcohol gives it two weeks, no more.',
      source: 'common practice: home-made cream liqueur two to four weeks, taken at its shortest',
    },
    egg: {
      days: 2,
      guards: [{ abv: 0.2, days: 7 }],
      frozenDays: null,
      why: 'Raw egg is in it.',
      source: 'US FSIS: raw egg out of its shell two to four days cold (from memory), taken at its shortest',
    },
    coffee: {
      days: 3,
      guards: [
        { brix: 45, days: 14 },
        { abv: 0.12, brix: 25, days: 60 },
        { abv: STRONG, days: 90 },
      ],
      frozenDays: 30,
      why: 'Coffee or tea is in it, and is hardly sour.',
      source: CAUTIOUS,
    },
    brine: {
      days: 7,
      guards: [{ acid: 0.005, days: 30 }],
      frozenDays: null,
      why: 'It lies in salt or vinegar.',
      source: CAUTIOUS,
    },
    unknown: {
      days: 3,
      guards: [],
      frozenDays: null,
      why: 'We do not know how something in it keeps: three days, to be safe.',
      source: CAUTIOUS,
    },
  };
