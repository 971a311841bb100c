import { randomUUID } from 'node:crypto';
import type { PriceList } from '@uisce/core/catalogue';
import { ownKindSchema } from '@uisce/core/notebook';
import type { Errand } from '@uisce/core/errand';
import { eveningSchema } from '@uisce/core/evening';
import { defaultSettings, personSchema } from '@uisce/core/household';
import { emptyKit, type Kit } from '@uisce/core/kit';
import type { BatchRecord } from '@uisce/core/bench';
import { emptyBrief, type Plan } from '@uisce/core/plan';
import { bottleThere, type Bottle } from '@uisce/core/stock';
import { afterAnswer } from '@uisce/core/practice';
import { catalogue, shops } from './running-app.js';

export const sampleBrief = { ...emptyBrief('EUR'), moneyNowMinor: 24_000 };
export const plan = (more: Partial<Plan> = {}): Plan => ({
  id: randomUUID(),
  name: 'First',
  brief: sampleBrief,
  createdAt: '2026-11-25T18:00:00.000Z',
  ...more,
});
export const batch = (more: Partial<BatchRecord> = {}): BatchRecord => ({
  id: randomUUID(),
  recipeId: 'simple',
  plannedG: [700, 400],
  inG: [706, 0],
  jarG: 535,
  tared: false,
  bottleMl: 850,
  actsDone: 0,
  actStartedAt: null,
  strained: [],
  toppedUpG: 0,
  startedAt: '2026-11-25T18:00:00.000Z',
  madeOn: null,
  useBy: null,
  frozen: false,
  leftDays: null,
  thawed: false,
  yieldMl: null,
  measuredBrix: null,
  remainingMl: 0,
  notes: '',
  ...more,
});
const sampleBottle = (more: Partial<Bottle> = {}): Bottle => ({
  ...bottleThere(randomUUID(), 'dry-gin'),
  sizeMl: 700,
  leftMl: 350,
  ...more,
});
const ware = { is: 'bottle' as const, kind: 'dry-gin', ml: 700 };
const errand = (more: Partial<Errand> = {}): Errand => ({
  id: randomUUID(),
  planId: null,
  startedOn: '2026-11-26',
  endedOn: null,
  currency: 'EUR',
  moneyMinor: 24_000,
  reserveMinor: 0,
  receipts: [],
  lines: [
    {
      id: 'dry-gin-70',
      shop: 'lantern-store',
      ware,
      label: 'Gin',
      count: 1,
      listedMinor: 1750,
      foundMinor: null,
      onOffer: false,
      state: 'wanted',
      why: 'plan',
    },
  ],
  ...more,
});
const entry = {
  id: randomUUID(),
  on: '2026-11-26',
  purpose: 'bottles',
  minor: 1750,
  currency: 'EUR',
  shop: 'Lantern',
  note: '',
  errandId: null,
};
const paid = {
  id: randomUUID(),
  on: '2026-11-26',
  shop: 'lantern-store',
  ware,
  label: 'Gin',
  priceMinor: 1690,
  currency: 'EUR',
  onOffer: false,
};
const poured = {
  id: randomUUID(),
  at: '2026-11-26T20:00:00.000Z',
  on: '2026-11-26',
  drink: 'negroni',
  name: 'Negroni',
  glasses: 2,
  for: ['Ann'],
  parts: [
    {
      kind: 'dry-gin',
      ml: 60,
      pieces: 0,
      drawn: [{ from: 'bottle', id: randomUUID(), ml: 60, pieces: 0, emptied: false, opened: false }],
    },
  ],
  servedMl: 120,
  abv: 0.24,
  ethanolG: 22.7,
  costMinor: 150,
  currency: 'EUR',
  verdict: 5,
  tasted: [],
  note: '',
  round: null,
};
const person = personSchema.parse({
  id: randomUUID(),
  name: 'Ann',
  limit: 3,
  noAlcohol: false,
  allergens: ['nuts'],
  dislikes: [],
});
export const recipe = {
  id: 'own-smoky',
  makes: 'simple-syrup',
  way: 'smoked',
  effort: 2,
  heated: false,
  acts: [],
  keepsDays: 14,
  how: 'As simple, with tea.',
  from: [{ pantry: 'white-sugar', g: 200, hot: false, cold: false, strained: false }],
};

const own: PriceList = { ...(shops[0] as PriceList), id: 'mine', name: 'Mine' };
const kit: Kit = { ...emptyKit(), said: true, tools: [{ id: 'jigger', since: '2026-11-25' }] };
const evening = eveningSchema.parse({
  id: randomUUID(),
  name: 'Saturday',
  on: '2026-12-05',
  from: '20:00',
  hours: 4,
  size: 4,
  must: ['negroni'],
  never: [],
  guests: [
    {
      id: randomUUID(),
      name: 'Ann',
      count: 1,
      likes: ['sour'],
      dislikes: [],
      allergens: ['egg'],
      noAlcohol: false,
      drives: true,
    },
  ],
  atWork: true,
  freezerLitres: 12,
  done: [],
  endedOn: null,
});
const daiquiri = catalogue.recipes.find((r) => r.id === 'daiquiri');
const ownDrink = {
  id: 'own-harbour-light',
  houseSpecOf: null,
  current: 0,
  from: '',
  tags: ['winter'],
  notes: '',
  chosen: [],
  versions: [{ at: '2026-11-26T20:00:00.000Z', why: '', recipe: { ...daiquiri, id: 'own-harbour-light' } }],
};
const ownKind = ownKindSchema.parse({
  id: 'own-cordial',
  name: 'Sea buckthorn cordial',
  job: 'sweet',
  supply: 'home-made',
});
const collection = {
  id: randomUUID(),
  name: 'Winter',
  note: '',
  drinks: ['daiquiri'],
  book: 'A blue notebook',
  pages: { daiquiri: 'p. 4' },
};
const tasting = {
  id: randomUUID(),
  drink: 'daiquiri',
  version: null,
  at: '2026-11-26T20:00:00.000Z',
  by: 'Ann',
  verdict: 4,
  note: '',
};
const trial = {
  id: randomUUID(),
  at: '2026-11-26T20:00:00.000Z',
  by: 'Ann',
  targetMl: 30,
  pouredMl: 33.1,
  kind: 'dry-gin',
  spout: 'metal',
  way: 'drawn',
};
const deck = {
  id: randomUUID(),
  by: 'Ann',
  of: 'daiquiri',
  cards: { parts: afterAnswer(undefined, 'right', '2026-11-26T20:00:00.000Z') },
};
const ask = {
  id: randomUUID(),
  evening: evening.id,
  at: '2026-11-26T20:00:00.000Z',
  name: 'Ann',
  cannot: ['egg'],
  without: ['pineapple-juice'],
  noAlcohol: false,
  drink: 'negroni',
  state: 'waiting',
};
const pack = {
  id: randomUUID(),
  pantry: 'white-sugar',
  sizeG: 1000,
  leftG: 640,
  boughtOn: '2026-11-20',
  finishedOn: null,
};
/** Of each kind of thing a value, and another of the only ones. */
export const samples: Record<string, [value: unknown, other: unknown]> = {
  plan: [plan(), null],
  settings: [
    { ...defaultSettings(), theme: 'night' },
    { ...defaultSettings(), measure: 'us-oz' },
  ],
  place: [{ planId: null }, { planId: null }],
  zone: [{ timeZone: 'Asia/Kolkata' }, { timeZone: null }],
  'own-prices': [own, null],
  kit: [kit, { ...kit, people: 5 }],
  batch: [batch(), null],
  bottle: [sampleBottle(), null],
  errand: [errand(), null],
  'purse-entry': [entry, null],
  'paid-price': [paid, null],
  trips: [
    { goesTo: ['harbour-wines'], trips: [], hourMinor: null },
    { goesTo: [], trips: [], hourMinor: 900 },
  ],
  'own-recipes': [[recipe], [{ ...recipe, keepsDays: 10 }]],
  pour: [poured, null],
  round: [{ round: null }, { round: null }],
  person: [person, null],
  evening: [evening, null],
  drink: [ownDrink, null],
  'own-kind': [ownKind, null],
  collection: [collection, null],
  tasting: [tasting, null],
  trial: [trial, null],
  deck: [deck, null],
  ask: [ask, null],
  pack: [pack, null],
};
/** How a value of many is changed. */
export const shapes: Record<string, (value: unknown) => unknown> = {
  plan: (v) => ({ ...(v as object), name: 'Renamed' }),
  batch: (v) => ({ ...(v as object), notes: 'Renamed' }),
  bottle: (v) => ({ ...(v as object), leftMl: 120 }),
  pack: (v) => ({ ...(v as object), leftG: 120 }),
  errand: (v) => ({ ...(v as object), moneyMinor: 120 }),
  'purse-entry': (v) => ({ ...(v as object), minor: 120 }),
  'paid-price': (v) => ({ ...(v as object), priceMinor: 120 }),
  'own-prices': (v) => ({ ...(v as object), name: 'Renamed' }),
  pour: (v) => ({ ...(v as object), verdict: 2 }),
  person: (v) => ({ ...(v as object), limit: 2 }),
  evening: (v) => ({ ...(v as object), hours: 5 }),
  drink: (v) => ({ ...(v as object), notes: 'Renamed' }),
  'own-kind': (v) => ({ ...(v as object), abv: 0.2 }),
  collection: (v) => ({ ...(v as object), name: 'Renamed' }),
  tasting: (v) => ({ ...(v as object), note: 'Renamed' }),
};
