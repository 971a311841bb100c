import { bottleThere } from '@uisce/core/stock';
import { catalogueSchema, priceListSchema, type Catalogue, type PriceList } from '@uisce/core/catalogue';
import { emptyBrief, type Brief, type Plan } from '@uisce/core/plan';

const size = (ml: number) => [{ ml, widthMm: 72, heightMm: 300 }];
const spec = (
  id: string,
  family: string,
  slots: [kind: string, amount: string, role: string][],
  more: object = {},
) => ({
  id,
  name: id.replace(/-/g, ' '),
  family,
  method: 'shake',
  strain: 'once',
  ice: 'none',
  glass: 'coupe',
  era: 'before-1900',
  canon: 'core',
  source: 'lore',
  slots: slots.map(([kind, amount, role]) => ({ kind, amount, role })),
  ...more,
});

/** A catalogue of a few kinds and drinks, small enough to work out by hand. */
export const SMALL_CATALOGUE: Catalogue = catalogueSchema.parse({
  kinds: [
    { id: 'gin', name: 'Gin', job: 'base', supply: 'bottle', abv: 0.42, sizes: size(700) },
    { id: 'rum', name: 'Rum', job: 'base', supply: 'bottle', abv: 0.4, sizes: size(700) },
    {
      id: 'bitter',
      name: 'Red bitter',
      job: 'bitter',
      supply: 'bottle',
      abv: 0.25,
      sugarGPerL: 240,
      tastes: ['bitter'],
      sizes: size(700),
    },
    {
      id: 'vermouth',
      name: 'Sweet vermouth',
      job: 'aromatic',
      supply: 'bottle',
      abv: 0.16,
      sugarGPerL: 150,
      storage: 'fridge',
      openDays: 60,
      sizes: size(750),
    },
    {
      id: 'soda',
      name: 'Soda water',
      job: 'long',
      supply: 'mixer',
      storage: 'fridge',
      openDays: 2,
      sizes: size(200),
    },
    {
      id: 'lime-juice',
      name: 'Lime juice',
      one: 'lime',
      job: 'fresh',
      supply: 'fresh',
      sugarGPerL: 15,
      acidGPerL: 60,
      storage: 'fridge',
      openDays: 1,
    },
    {
      id: 'simple-syrup',
      name: 'Simple syrup 1:1',
      job: 'sweet',
      supply: 'home-made',
      strength: '1:1',
      sugarGPerL: 615,
      storage: 'fridge',
      openDays: 21,
      sizes: size(500),
    },
  ],
  families: [
    {
      id: 'sour',
      name: 'Sours',
      idea: 'strong, sour and sweet',
      abv: [0.1, 0.3],
      sugarGPer100Ml: [0, 15],
      acidGPer100Ml: [0, 2],
    },
    {
      id: 'bitter-aperitif',
      name: 'Bitter aperitifs',
      idea: 'bitter and wine',
      abv: [0.1, 0.35],
      sugarGPer100Ml: [0, 20],
      acidGPer100Ml: [0, 2],
    },
  ],
  standIns: [],
  glasses: [
    {
      id: 'coupe',
      name: 'Coupe',
      minMl: 150,
      maxMl: 210,
      inside: [
        [0, 30],
        [63, 30],
      ],
      footMm: 70,
    },
  ],
  homeMade: [
    {
      id: 'simple',
      makes: 'simple-syrup',
      effort: 1,
      from: [
        { pantry: 'sugar', g: 100 },
        { pantry: 'water', g: 100, hot: true },
      ],
      how: 'Stir until it is clear.',
      keepsDays: 21,
    },
  ],
  pantry: [
    { id: 'sugar', name: 'White sugar', keepsAs: 'plain', sugar: 1, dry: true },
    { id: 'water', name: 'Water', keepsAs: 'plain', water: 1 },
  ],
  recipes: [
    spec(
      'negroni',
      'bitter-aperitif',
      [
        ['gin', '30 ml', 'base'],
        ['bitter', '30 ml', 'bitter'],
        ['vermouth', '30 ml', 'aromatic'],
      ],
      { method: 'stir' },
    ),
    spec(
      'americano',
      'bitter-aperitif',
      [
        ['bitter', '30 ml', 'bitter'],
        ['vermouth', '30 ml', 'aromatic'],
        ['soda', '60 ml', 'long'],
      ],
      { method: 'build' },
    ),
    spec('gin-sour', 'sour', [
      ['gin', '60 ml', 'base'],
      ['lime-juice', '25 ml', 'sour'],
      ['simple-syrup', '20 ml', 'sweet'],
    ]),
    spec(
      'daiquiri',
      'sour',
      [
        ['rum', '60 ml', 'base'],
        ['lime-juice', '25 ml', 'sour'],
        ['simple-syrup', '20 ml', 'sweet'],
      ],
      { region: 'caribbean' },
    ),
  ],
});

const bottle = (id: string, kind: string, ml: number, priceMinor: number, more: object = {}) => ({
  id,
  kind,
  label: id,
  ml,
  priceMinor,
  widthMm: 72,
  heightMm: 300,
  ...more,
});

/** Its one shop. Gin and syrup make one drink, rum another; bitter and vermouth two more with what is there. */
export const SMALL_SHOP: PriceList = priceListSchema.parse({
  format: 'uisce-prices/1',
  id: 'corner',
  name: 'Corner',
  currency: 'EUR',
  provenance: 'made up for the tests',
  bottles: [
    bottle('gin-700', 'gin', 700, 2000),
    bottle('rum-700', 'rum', 700, 1800),
    bottle('bitter-700', 'bitter', 700, 1600),
    bottle('vermouth-750', 'vermouth', 750, 900),
    bottle('soda-200', 'soda', 200, 100),
    bottle('made-syrup', 'simple-syrup', 500, 50, { homeMade: true }),
  ],
  pantry: [{ pantry: 'sugar', g: 667, priceMinor: 100 }],
});

/** A plan for it, with so much money. */
/** Bottles of these kinds that are there, not measured, as the small server is given them. */
export function smallBottles(...kinds: string[]): [thing: string, id: string, value: unknown][] {
  return kinds.map((kind, i) => {
    const id = `00000000-0000-4000-8000-00000000000${i}`;
    return ['bottle', id, bottleThere(id, kind)];
  });
}

export function smallPlan(moneyNowMinor: number, brief: Partial<Brief> = {}): Plan {
  return {
    id: '7a1b0c52-0d5f-4a63-9d0e-b1f0a5f6c001',
    name: 'Corner bar',
    createdAt: '2026-11-25T18:00:00.000Z',
    brief: { ...emptyBrief('EUR'), howBig: 'taste', moneyNowMinor, ...brief },
  };
}
