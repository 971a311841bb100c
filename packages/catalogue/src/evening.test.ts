import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { kindIndex } from '@uisce/core/catalogue';
import { eveningSchema, newGuest, planEvening } from '@uisce/core/evening';
import { emptyKit } from '@uisce/core/kit';
import { pourables } from '@uisce/core/pouring';
import { withBatchesPriced } from '@uisce/core/prices';
import { loadCatalogue, loadPriceLists } from './load.js';

const { catalogue } = loadCatalogue();
const document = readFileSync(new URL('../../../docs/evening.md', import.meta.url), 'utf8').replace(
  /\s+\n/g,
  '\n',
);
const asked = JSON.parse(/```json\s*([\s\S]*?)```/.exec(document)?.[1] ?? '{}') as {
  hours: number;
  guests: { name: string; count?: number; drives?: boolean }[];
  menu: string[];
  thereMl: Record<string, number>;
  therePieces: Record<string, number>;
  trays: number;
};
const rows = (heading: string) =>
  (document.split(`## ${heading}`)[1]?.split('\n## ')[0] ?? '')
    .split('\n')
    .filter((l) => /^\| [a-z]/.test(l))
    .slice(1)
    .map((l) =>
      l
        .split('|')
        .slice(1, -1)
        .map((cell) => cell.trim()),
    );
/** A sum as it stands in a cell: "6 × 20 + 9 × 30". */
const reckon = (sum: string) =>
  (sum.split('=')[0] ?? '').split('+').reduce(
    (all, part) =>
      all +
      part
        .split('×')
        .map(Number)
        .reduce((a, b) => a * b, 1),
    0,
  );

const uuid = '7a1b0c52-0d5f-4a63-9d0e-b1f0a5f6c001';
const shop =
  loadPriceLists(catalogue).find((s) => s.id === 'lantern-store') ?? expect.fail('the shop is there');
const evening = eveningSchema.parse({
  id: uuid,
  name: 'Six',
  on: '2026-12-05',
  from: '20:00',
  hours: asked.hours,
  must: asked.menu,
  guests: asked.guests.map((g) => newGuest({ id: uuid, ...g })),
  size: asked.menu.length,
  never: [],
  atWork: false,
  freezerLitres: null,
  done: [],
  endedOn: null,
});
const at = (kind: string, ml: number) => ({
  kind,
  ml,
  unmeasured: false,
  sealed: false,
  until: undefined,
  bottleIds: [],
});
const plan =
  planEvening(evening, {
    ready: pourables(catalogue, 1),
    catalogue,
    prices: withBatchesPriced(shop, catalogue),
    there: new Map(Object.entries(asked.thereMl).map(([kind, ml]) => [kind, at(kind, ml)])),
    freshPieces: new Map(Object.entries(asked.therePieces)),
    kit: { ...emptyKit(), moulds: [{ id: 'cube-tray', count: asked.trays }] },
    horizon: 3 * 1440,
    weekday: 6,
    kinds: kindIndex(catalogue.kinds),
    houseSyrupRatio: null,
  }) ?? expect.fail('there is a menu');

describe('the evening in the documents', () => {
  it('has the pours that it says', () => {
    const pours = rows('Pours');
    expect(pours.map(([drink]) => drink).sort()).toEqual([...plan.menu.drinks].sort());
    for (const [drink, exact, glasses] of pours) {
      expect(Math.abs(Number(exact) - Number(glasses))).toBeLessThan(1);
      expect(plan.drinks.find((d) => d.id === drink)?.glasses, drink).toBe(Number(glasses));
    }
    expect(pours.reduce((sum, [, , glasses]) => sum + Number(glasses), 0)).toBe(30);
    expect(plan.pours.byHour).toEqual([12, 6, 6, 6]);
  });

  it('takes and lacks what it says, pack by pack, to the cent', () => {
    const takes = rows('What it takes');
    expect(takes).toHaveLength(plan.quantities.wanted.length);
    for (const [kind = '', sum = '', wanted, there, short, packs = '', price] of takes) {
      const found = plan.quantities.wanted.find((w) => w.kind === kind);
      const juice = Number(sum.split('=')[1] ?? Number.NaN);
      expect(reckon(sum), kind).toBe(Number.isNaN(juice) ? Number(wanted) : juice);
      expect([found?.wanted, found?.there, found?.short], kind).toEqual([wanted, there, short].map(Number));
      const [count = 0, holds = 0] = packs.match(/\d+/g)?.map(Number) ?? [];
      expect([found?.buy?.count ?? 0, found?.buy?.holds ?? 0], kind).toEqual([count, holds]);
      expect(found?.buy?.priceMinor ?? 0, kind).toBe(Math.round(Number(price) * 100));
    }
    const together = Number(/Together ([\d.]+\d)/.exec(document)?.[1]) * 100;
    expect(plan.missing.reduce((sum, m) => sum + m.priceMinor, 0)).toBe(Math.round(together));
    expect(plan.menu.score.money).toBe(Math.round(together));
    const { dressing } = plan.quantities;
    expect(dressing.map((d) => [d.kind, d.wanted, d.buy?.count])).toEqual([
      ['lime-whole', 24, 3],
      ['orange-slice', 3, 1],
    ]);
    const more = Number(/comes to ([\d.]+) more/.exec(document)?.[1]) * 100;
    expect(dressing.reduce((sum, d) => sum + (d.buy?.priceMinor ?? 0), 0)).toBe(Math.round(more));
  });

  it('mixes the negroni ahead, and makes ice in as many turns as it says', () => {
    const [ahead] = plan.batches;
    expect(plan.batches.map((b) => b.drink)).toEqual(['negroni']);
    expect([Math.round(ahead?.batch.glassMl ?? 0), Math.round(ahead?.batch.volumeMl ?? 0)]).toEqual([
      126, 754,
    ]);
    expect(ahead?.batch).toMatchObject({ bottles: [700, 350], freezer: 'slush' });
    expect(ahead?.batch.freezesAtC).toBeCloseTo(-9.5, 0);
    expect(document).toContain('A glass is 126 ml, six are 754 ml');
    expect(plan.quantities.iceG / 1000).toBeCloseTo(Number(/melts: ([\d.]+) kg/.exec(document)?.[1]), 1);
    expect(plan.ice.trays[0]?.hours).toBeCloseTo(Number(/full freezer: ([\d.]+) h/.exec(document)?.[1]), 1);
    expect(plan.ice.trays[0]?.cycles).toBe(Number(/(\d+) turns\./.exec(document)?.[1]));
  });
});
