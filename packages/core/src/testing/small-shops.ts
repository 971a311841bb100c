import { testCatalogue, kindInput, recipeInput } from './trade.js';
import { kindIndex } from '../catalogue/catalogue.js';
import { priceListSchema, type PriceList } from '../catalogue/price-list.js';
import { emptyBrief, type Brief } from '../plan/brief.js';
import type { Errand, ErrandLine } from '../errand/errand.js';

export const KINDS = ['gin', 'rum', 'rye', 'brandy', 'bitter'] as const;
export const DRINKS: [string, ...string[]][] = [
  ['martini', 'gin'],
  ['daiquiri', 'rum'],
  ['old-fashioned', 'rye'],
  ['fifty', 'gin', 'rye'],
  ['between', 'rum', 'brandy'],
  ['sharp', 'gin', 'bitter'],
  ['dark', 'rye', 'bitter', 'brandy'],
];
const size = [{ ml: 700, widthMm: 70, heightMm: 300 }];
export const catalogue = testCatalogue({
  kinds: [
    ...KINDS.map((id) => kindInput(id, { abv: 0.4, sizes: size })),
    kindInput('vermouth', { abv: 0.16, openDays: 60, sizes: size }),
    kindInput('soda', { supply: 'mixer', job: 'long', openDays: 2, sizes: size }),
    kindInput('lime-juice', { supply: 'fresh', job: 'fresh', openDays: 1 }),
  ],
  recipes: DRINKS.map(([id, ...kinds]) =>
    recipeInput(
      kinds.map((kind, i) => ({ kind, amount: '30 ml', role: i === 0 ? 'base' : 'long' })),
      { id },
    ),
  ),
});
export const kinds = kindIndex(catalogue.kinds);
/** A shop's list; a price of 0 means that it does not sell the kind. */
export const shop = (id: string, prices: readonly number[]): PriceList =>
  priceListSchema.parse({
    format: 'uisce-prices/1',
    id,
    name: id,
    currency: 'EUR',
    provenance: 'for the tests',
    bottles: [
      ...KINDS.flatMap((kind, k) =>
        prices[k]
          ? [{ id: kind, kind, label: kind, ml: 700, priceMinor: prices[k], widthMm: 70, heightMm: 300 }]
          : [],
      ),
      // A list is never empty.
      {
        id: 'vermouth',
        kind: 'vermouth',
        label: 'vermouth',
        ml: 700,
        priceMinor: 90_000,
        widthMm: 70,
        heightMm: 300,
      },
    ],
  });
export const smallBrief = (moneyNowMinor: number, more: Partial<Brief> = {}): Brief => ({
  ...emptyBrief('EUR'),
  howBig: 'taste',
  moneyNowMinor,
  ...more,
});
const ERRAND_ID = '7a1b0c52-0d5f-4a63-9d0e-b1f0a5f6c001';
export const errandOf = (lines: ErrandLine[], moneyMinor: number, more: Partial<Errand> = {}): Errand => ({
  id: ERRAND_ID,
  planId: null,
  startedOn: '2026-11-26',
  endedOn: null,
  currency: 'EUR',
  moneyMinor,
  lines,
  receipts: [],
  reserveMinor: 0,
  ...more,
});
