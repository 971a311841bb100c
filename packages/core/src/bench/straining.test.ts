import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { homeMadeSchema, pantrySchema } from '../catalogue/home-made.js';
import { kindSchema } from '../catalogue/kind.js';
import { readKept } from '../kept/read.js';
import { keptBatch } from '../kept/batch.js';
import { actsOf, benchSteps } from './acts.js';
import { batchOf } from './batch.js';
import { beginBatch } from './batch-life.js';
import type { BatchRecord } from './batch-record.js';
import { leadDays } from './batch-schedule.js';
import { drawsOfBatch } from './draws.js';
import { batchAsMade, contentG } from './in-batch.js';
import { endAct, enlarged, pouredG, strainThrough, takeIn, weighingOf } from './weighing.js';

const pantry = [
  { id: 'white-sugar', name: 'white sugar', sugar: 1 },
  { id: 'water', name: 'water', water: 1 },
  { id: 'fresh-ginger', name: 'fresh ginger' },
  { id: 'almonds', name: 'blanched almonds', drinks: 0.5 },
  { id: 'citric-acid', name: 'citric acid', acid: 1 },
].map((p) => pantrySchema.parse(p));
const flowerWater = kindSchema.parse({
  id: 'flower-water',
  name: 'Flower water',
  job: 'aromatic',
  supply: 'mixer',
});
const gin = kindSchema.parse({ id: 'gin', name: 'Gin', job: 'base', supply: 'bottle', abv: 0.4 });
const kinds = new Map([flowerWater, gin].map((k) => [k.id, k]));
const catalogue = { pantry, kinds: [...kinds.values()] };
const made = (from: object[], acts: object[], more: object = {}) =>
  homeMadeSchema.parse({
    id: 'made',
    makes: 'syrup',
    effort: 2,
    how: 'As its steps say.',
    keepsDays: 14,
    from,
    acts,
    ...more,
  });
/** Ginger simmered, strained, sugared: as much sugar as liquid (common practice). */
const ginger = made(
  [
    { pantry: 'fresh-ginger', g: 100, strained: true },
    { pantry: 'water', g: 250, hot: true },
    { pantry: 'white-sugar', g: 250 },
  ],
  [
    { do: 'heat', after: 2, minutes: 10, say: 'Simmer it.' },
    { do: 'strain', after: 2, say: 'Strain it.' },
  ],
  { heated: true },
);
/** Milk of nuts and its weight of sugar: 50 g of almonds keep half their weight of water back (common practice). */
const orgeat = made(
  [
    { pantry: 'almonds', g: 50, strained: true },
    { pantry: 'water', g: 200 },
    { pantry: 'white-sugar', g: 175 },
    { kind: 'flower-water', g: 2.3 },
  ],
  [
    { do: 'toast', after: 0, minutes: 10, say: 'Toast them first.' },
    { do: 'blend', after: 2, minutes: 1, say: 'Blend it.' },
    { do: 'strain', after: 2, say: 'Press it.' },
  ],
);
const begun = (recipe: typeof ginger): BatchRecord =>
  beginBatch(
    '7a1b0c52-0d5f-4a63-9d0e-b1f0a5f6c001',
    batchOf(
      recipe,
      recipe.from.map((p) => p.g),
      catalogue,
      kinds,
    ),
    '2026-11-25T18:00:00.000Z',
  );
const at = (recipe: typeof ginger, record: BatchRecord) => weighingOf(recipe, record, catalogue, kinds);

describe('straining at the scale', () => {
  it('the sugar follows what came through: 1 to 1 by weight, whatever boiled off or stayed in the ginger', () => {
    fc.assert(
      fc.property(fc.integer({ min: 120, max: 280 }), (throughG) => {
        let record = takeIn(takeIn(begun(ginger), 0, 100), 1, 250);
        record = strainThrough(endAct(record), throughG);
        const { target, batch } = at(ginger, record);
        expect(target?.part).toBe(2);
        expect(target?.addG).toBeCloseTo(throughG, 6);
        expect(batch.brix).toBeCloseTo(50, 6);
        record = takeIn(record, 2, throughG);
        expect(at(ginger, record).now?.do).toBe('act');
        expect(batchAsMade(ginger, record, catalogue, kinds).massG).toBeCloseTo(2 * throughG, 6);
      }),
    );
  });

  it('untared, the jar holds what came through and no more: ginger that was strained out asks for no sugar', () => {
    const record = {
      ...strainThrough(endAct(takeIn(takeIn(begun(ginger), 0, 100), 1, 250)), 229),
      tared: false,
    };
    // By what went in the scale was to show 121 g more: the ginger, and what boiled off.
    expect(contentG(record)).toBe(229);
    expect(at(ginger, record).target).toEqual({ part: 2, addG: 229, readingG: 535 + 229 + 229 });
    expect(pouredG(535 + 229 + 200, record)).toBe(200);
  });

  it('too much sugar after straining is met with water, never with more of what was strained out', () => {
    let record = strainThrough(endAct(takeIn(takeIn(begun(ginger), 0, 100), 1, 250)), 240);
    record = takeIn(record, 2, 252);
    const { target } = at(ginger, record);
    expect(target?.part).toBe(1);
    expect(target?.addG).toBeCloseTo(12, 6);
    record = takeIn(record, 1, 12);
    expect(at(ginger, record).target).toBeUndefined();
    expect(batchAsMade(ginger, record, catalogue, kinds).brix).toBeCloseTo(50, 6);
  });

  it('nuts are toasted before they are weighed; milk that was pressed is weighed, and sugar follows it', () => {
    let record = begun(orgeat);
    expect(at(orgeat, record).now).toMatchObject({ do: 'act', what: { do: 'toast' } });
    record = takeIn(takeIn(endAct(record), 0, 50), 1, 200);
    expect(at(orgeat, record).soFar.massG).toBeCloseTo(175, 6);
    record = strainThrough(endAct(record), 160);
    expect(at(orgeat, record).target?.addG).toBeCloseTo(160, 6);
    record = takeIn(record, 2, 160);
    // 2.3 g of flower water to 175 g of milk.
    expect(at(orgeat, record).target?.addG).toBeCloseTo((2.3 * 160) / 175, 6);
  });

  it('what was never weighed is taken to have lost nothing', () => {
    let record = takeIn(takeIn(endAct(begun(orgeat)), 0, 50), 1, 200);
    record = strainThrough(endAct(record), at(orgeat, record).soFar.massG);
    expect(at(orgeat, record).target?.addG).toBeCloseTo(175, 6);
  });
});

describe('a trace', () => {
  it('never enlarges the batch: too much is said, with the batch that would be right for it', () => {
    let record = strainThrough(endAct(takeIn(takeIn(endAct(begun(orgeat)), 0, 50), 1, 200)), 175);
    record = takeIn(takeIn(record, 2, 175), 3, 4.6);
    const { balanced, tooMuch, now } = at(orgeat, record);
    expect(balanced.factor).toBeCloseTo(1, 9);
    expect(now?.do).toBe('bottle');
    expect(tooMuch).toHaveLength(1);
    expect(tooMuch[0]?.overG).toBeCloseTo(2.3, 6);
    expect(tooMuch[0]?.factor).toBeCloseTo(2, 6);
    expect(at(orgeat, takeIn(begun(orgeat), 3, 2.4)).tooMuch).toEqual([]);
  });

  it('acid of a hundredth is one, of a twentieth it is not; a batch made larger for it has none too much', () => {
    const cordial = (acidG: number) =>
      made(
        [
          { pantry: 'citric-acid', g: acidG },
          { pantry: 'water', g: 100 },
          { pantry: 'white-sugar', g: 100 },
        ],
        [],
      );
    const small = takeIn(begun(cordial(2)), 0, 3);
    expect(at(cordial(2), small).balanced.factor).toBe(1);
    expect(at(cordial(2), small).tooMuch[0]?.factor).toBeCloseTo(1.5, 6);
    expect(at(cordial(2), enlarged(small, 1.5)).tooMuch).toEqual([]);
    expect(at(cordial(2), enlarged(small, 1.5)).target?.addG).toBeCloseTo(150, 6);
    expect(at(cordial(10), takeIn(begun(cordial(10)), 0, 15)).balanced.factor).toBeCloseTo(1.5, 6);
  });
});

describe('acts of a recipe', () => {
  it('what is heated is heated and cools, what is strained is strained, where nobody wrote it', () => {
    const plain = made(
      [
        { pantry: 'white-sugar', g: 200 },
        { pantry: 'water', g: 100, hot: true },
      ],
      [],
      { heated: true },
    );
    expect(actsOf(plain).map((a) => [a.do, a.after])).toEqual([
      ['heat', 2],
      ['cool', 2],
    ]);
    const own = made(
      [
        { pantry: 'fresh-ginger', g: 20, strained: true },
        { pantry: 'water', g: 100 },
      ],
      [],
    );
    expect(actsOf(own).map((a) => a.do)).toEqual(['strain']);
    // What was strained was weighed: no water is given back beside it.
    expect(benchSteps(ginger).some((s) => s.do === 'top-up')).toBe(false);
    expect(benchSteps(plain).some((s) => s.do === 'top-up')).toBe(true);
  });

  it('begins what steeps a day the evening before, a week a week before', () => {
    expect([120, 720 + 30, 1440 + 30, 10080 + 30].map(leadDays)).toEqual([0, 1, 1, 7]);
  });

  it('waits of an earlier release are steeping', () => {
    const { acts, ...recipe } = orgeat;
    const { actsDone, actStartedAt, strained, ...record } = begun(orgeat);
    expect([acts.length, actsDone, actStartedAt, strained]).toEqual([3, 0, null, []]);
    const before = {
      ...record,
      recipe: { ...recipe, rests: [{ after: 2, minutes: 60, say: 'Leave it.' }] },
      restsDone: 1,
      restStartedAt: null,
    };
    const read = readKept(keptBatch, before);
    expect(read.ok && read.value).toMatchObject({
      actsDone: 1,
      strained: [],
      recipe: { acts: [{ do: 'steep', after: 2, minutes: 60, say: 'Leave it.' }] },
    });
  });
});

describe('what a batch takes from the shelf', () => {
  it('is its spirits and juices by volume, not its sugar', () => {
    const liqueur = made(
      [
        { kind: 'gin', g: 94.8 },
        { pantry: 'white-sugar', g: 50 },
      ],
      [],
    );
    const [draw, ...others] = drawsOfBatch(liqueur, [94.8, 50], catalogue, kinds);
    expect(others).toEqual([]);
    expect(draw?.kind).toBe('gin');
    // A gin of 40 % weighs 0.948 g/ml (OIML R 22).
    expect(draw?.ml).toBeCloseTo(100, 0);
  });
});
