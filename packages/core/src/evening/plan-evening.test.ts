import { describe, expect, it } from 'vitest';
import { emptyKit } from '../kit/kit.js';
import { kindIndex } from '../catalogue/catalogue.js';
import { priceListSchema } from '../catalogue/price-list.js';
import { pourables } from '../pouring/pourable.js';
import type { AtHand } from '../stock/at-hand.js';
import { kindInput, recipeInput, testCatalogue } from '../testing/trade.js';
import { scheduleFaults } from './check-schedule.js';
import { eveningSchema, type Evening } from './evening.js';
import { lineOfMissing } from './missing-line.js';
import { planEvening, type EveningHouse } from './plan-evening.js';
import { awakeStretches } from './awake.js';

const slot = (kind: string, amount: string, role = 'base') => ({ kind, amount, role });
const catalogue = testCatalogue({
  kinds: [
    kindInput('gin', { abv: 0.4 }),
    kindInput('vermouth', { abv: 0.16, job: 'aromatic' }),
    kindInput('soda', { supply: 'mixer', tastes: ['fizzy'] }),
    kindInput('syrup', { supply: 'home-made', sugarGPerL: 615 }),
    kindInput('lime-juice', { supply: 'fresh', acidGPerL: 60 }),
    kindInput('egg-white', { supply: 'fresh', tastes: ['egg'], allergens: ['egg'], each: { ml: 30 } }),
  ],
  recipes: [
    recipeInput([slot('gin', '60 ml'), slot('vermouth', '10 ml', 'aromatic')], {
      id: 'martini',
      name: 'Martini',
      method: 'stir',
    }),
    recipeInput(
      [slot('gin', '45 ml'), slot('lime-juice', '20 ml', 'sour'), slot('egg-white', '1 whole', 'body')],
      { id: 'foam', name: 'Foam', method: 'dry-shake' },
    ),
    recipeInput(
      [slot('lime-juice', '20 ml', 'sour'), slot('syrup', '20 ml', 'sweet'), slot('soda', '90 ml', 'long')],
      { id: 'cooler', name: 'Cooler', method: 'build', ice: 'cubes', strain: 'none', family: 'no-alcohol' },
    ),
    recipeInput([slot('soda', '120 ml', 'long'), slot('syrup', '10 ml', 'sweet')], {
      id: 'spritz',
      name: 'Plain spritz',
      method: 'build',
      ice: 'cubes',
      strain: 'none',
      family: 'no-alcohol',
    }),
  ],
});
const prices = priceListSchema.parse({
  format: 'uisce-prices/1',
  id: 'corner',
  name: 'Corner',
  currency: 'EUR',
  provenance: 'for the tests',
  bottles: [
    { id: 'gin-70', kind: 'gin', label: 'Gin', ml: 700, priceMinor: 2000, widthMm: 72, heightMm: 300 },
    { id: 'soda-80', kind: 'soda', label: 'Soda', ml: 800, priceMinor: 150, widthMm: 72, heightMm: 300 },
  ],
  fresh: [
    { kind: 'lime-juice', sold: '1 lime', priceMinor: 40, ml: 27 },
    { kind: 'egg-white', sold: '6 eggs', priceMinor: 250, pieces: 6 },
  ],
});
const at = (kind: string, ml: number): [string, AtHand] => [
  kind,
  { kind, ml, unmeasured: false, sealed: false, until: undefined, bottleIds: [] },
];
const house: EveningHouse = {
  ready: pourables(catalogue, 0.75),
  catalogue,
  prices,
  kit: emptyKit(),
  horizon: 2880,
  weekday: 6,
  there: new Map([at('gin', 700), at('vermouth', 700), at('syrup', 700), at('soda', 800)]),
  freshPieces: new Map([['lime-juice', 4]]),
  kinds: kindIndex(catalogue.kinds),
  houseSyrupRatio: null,
};
const someone = { count: 1, likes: [], dislikes: [], allergens: [], noAlcohol: false, drives: false };
const evening: Evening = eveningSchema.parse({
  id: '7a1b0c52-0d5f-4a63-9d0e-b1f0a5f6c001',
  name: 'Six',
  on: '2026-12-05',
  from: '20:00',
  hours: 3,
  size: 3,
  guests: [
    { ...someone, id: '7a1b0c52-0d5f-4a63-9d0e-b1f0a5f6c002', name: 'Ann', allergens: ['egg'] },
    { ...someone, id: '7a1b0c52-0d5f-4a63-9d0e-b1f0a5f6c003', name: 'Bo', drives: true },
    { ...someone, id: '7a1b0c52-0d5f-4a63-9d0e-b1f0a5f6c004', name: 'four more', count: 4 },
  ],
  must: [],
  never: [],
  atWork: false,
  freezerLitres: 10,
  done: [],
  endedOn: null,
});

describe('an evening of six, worked by hand', () => {
  const plan = planEvening(evening, house);

  it('has a menu without egg, with two for who drives', () => {
    expect(plan?.menu).toMatchObject({ proven: true, score: { lacking: 0 } });
    expect([...(plan?.menu.drinks ?? [])].sort()).toEqual(['cooler', 'martini', 'spritz']);
    expect(plan?.drinks.find((d) => d.id === 'martini')?.seats).toEqual(['finds', 'not', 'finds']);
  });

  it('takes what its pours take, and lacks in whole packs what is not there', () => {
    // Three hours: four pours each. Five share three drinks, Bo the two without alcohol: 6⅔ martini, 8⅔ of the others.
    expect(plan?.pours).toMatchObject({ total: 24, byHour: [12, 6, 6] });
    const glasses = new Map(plan?.drinks.map((d) => [d.id, d.glasses]));
    expect([...glasses.values()].reduce((a, b) => a + b, 0)).toBe(24);
    expect(glasses.get('martini')).toBeGreaterThanOrEqual(6);
    const soda = plan?.quantities.wanted.find((w) => w.kind === 'soda');
    expect(soda?.wanted).toBe(90 * (glasses.get('cooler') ?? 0) + 120 * (glasses.get('spritz') ?? 0));
    expect(soda?.short).toBe((soda?.wanted ?? 0) - 800);
    // 9 × 20 ml of lime are seven fruits; four are there.
    const lacking = plan?.missing.map((m) => [m.kind, m.count]);
    expect(lacking).toContainEqual(['soda', Math.ceil((soda?.short ?? 0) / 800)]);
    expect(lacking?.find(([kind]) => kind === 'lime-juice')?.[1]).toBeGreaterThanOrEqual(3);
    const [line] = plan?.missing.flatMap((m) => lineOfMissing(m, 'corner') ?? []) ?? [];
    expect(line).toMatchObject({ shop: 'corner', state: 'wanted' });
  });

  it('mixes ahead what may be, and its schedule holds', () => {
    expect(plan?.batches.map((b) => b.drink)).toEqual(['martini']);
    expect(plan?.schedule.ok).toBe(true);
    if (!plan?.schedule.ok) return;
    const awake = awakeStretches(20 * 60, 6, 2880, false);
    const problem = { tasks: plan.tasks, awake, people: 2, room: { freezer: 10 }, horizon: 2880 };
    expect(scheduleFaults(problem, plan.schedule.placed)).toEqual([]);
    expect(plan.schedule.placed.find((p) => p.id === 'squeeze')?.ends).toBeLessThanOrEqual(240);
  });

  it('leaves out what is done, and what it is told to', () => {
    expect(planEvening({ ...evening, done: ['squeeze'] }, house)?.tasks.map((t) => t.id)).not.toContain(
      'squeeze',
    );
    expect(planEvening({ ...evening, never: ['cooler'] }, house)?.menu.drinks).not.toContain('cooler');
    expect(planEvening({ ...evening, size: 6 }, house)).toBeUndefined();
  });
});

describe('hours in which hands are there', () => {
  it('are the waking ones, without those at work on weekdays', () => {
    // First glass on Saturday at 20:00: up at eight, twelve hours before; Friday from five to eleven, 27 to 21 hours before.
    const stretches = awakeStretches(20 * 60, 6, 2880, true);
    expect(stretches[0]).toEqual({ from: 720, to: 0 });
    expect(stretches).toContainEqual({ from: 27 * 60, to: 21 * 60 });
    expect(stretches).toContainEqual({ from: 36 * 60, to: 35 * 60 });
    expect(awakeStretches(20 * 60, 6, 2880, false)[1]).toEqual({ from: 36 * 60, to: 21 * 60 });
  });
});
