import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { askedForOf, bestPlan, briefSchema, countOf, emptyBrief, holdPlan } from '@uisce/core/plan';
import { loadCatalogue, loadPriceLists } from './load.js';

const { catalogue } = loadCatalogue();
const shops = loadPriceLists(catalogue);
const [, ...sections] = readFileSync(new URL('../../../docs/baskets.md', import.meta.url), 'utf8').split(
  /^## /m,
);
const baskets = sections.filter((s) => s.includes('```json'));
const bartender = sections.find((s) => s.startsWith('A bartender’s sets')) ?? '';
const minor = (money: string) => Math.round(Number(money) * 100);

/** A basket as it stands in the document: the brief, its lines, and what is said of it below. */
function read(basket: string) {
  const { ownedKinds, ...asked } = JSON.parse(/```json\s*([\s\S]*?)```/.exec(basket)?.[1] ?? '{}') as {
    currency: string;
    ownedKinds?: string[];
  };
  const lines = [...basket.matchAll(/^\| +(.+?) +\| +(\S+ m?[lg]) +\| +([\d.]+) +\| +([\d.]+) +\|$/gm)];
  const [, left, open] = /leaves ([\d.]+)\. It makes (\d+) drinks/.exec(basket) ?? [];
  return {
    title: basket.split('\n')[0] ?? '',
    brief: {
      ...briefSchema.parse({ ...emptyBrief(asked.currency), ...asked }),
      ownedKinds: ownedKinds ?? [],
    },
    lines: lines.map(([, what, size, price, soFar]) => ({
      what,
      size,
      price: minor(price ?? ''),
      soFar: minor(soFar ?? ''),
    })),
    left: minor(left ?? ''),
    drinksMade: Number(open),
  };
}

describe('the baskets in the documents', () => {
  it('are three, in three currencies', () => {
    expect(new Set(baskets.map((b) => read(b).brief.currency)).size).toBe(3);
  });

  it.each(baskets.map((b) => [read(b).title, read(b)] as const))(
    '%s',
    (_, { brief, lines, left, drinksMade }) => {
      // By the document alone: each line is the one before and its own price.
      expect(lines.length).toBeGreaterThan(8);
      lines.forEach((line, i) => expect(line.soFar).toBe((lines[i - 1]?.soFar ?? 0) + line.price));
      const spent = lines.at(-1)?.soFar ?? 0;
      expect(brief.moneyNowMinor - spent).toBe(left);

      const prices = shops.find((s) => s.currency === brief.currency && s.id !== 'harbour-wines');
      if (prices === undefined) throw new Error(`no shop in ${brief.currency}`);
      // By the shop's own list: a line is a bottle or a pack that stands there at that price.
      for (const { what, size, price } of lines) {
        const bottle = prices.bottles.find((b) => b.label === what && `${b.ml} ml` === size);
        const thing = catalogue.pantry.find((p) => p.name === what);
        const pack = prices.pantry.find((p) => p.pantry === thing?.id && `${p.g} g` === size);
        expect(bottle?.priceMinor ?? pack?.priceMinor, what).toBe(price);
      }
      // By the program: the same lines and the same sum.
      const result = bestPlan({ brief, prices, catalogue });
      const bought = (result?.inUse ?? []).flatMap((id) => {
        const item = result?.items.find((i) => i.id === id);
        const pack = result?.packs.find((p) => p.id === id);
        if (item?.bottle && !item.made && !item.owned)
          return [`${item.bottle.label} ${item.bottle.priceMinor}`];
        const name = catalogue.pantry.find((p) => p.id === pack?.pantry)?.name;
        if (!pack || pack.owned) return [];
        return Array<string>(pack.packs).fill(`${name} ${pack.priceMinor / pack.packs}`);
      });
      expect(bought.sort()).toEqual(lines.map((l) => `${l.what} ${l.price}`).sort());
      expect(result).toMatchObject({ drinksMade, answer: { status: 'optimal', spend: spent } });
    },
  );
});

/** Cells of every row of the tables in a text, headings and rules left out. */
const rowsOf = (text: string) =>
  [...text.matchAll(/^\|(.+)\|$/gm)].map(([, row]) => (row ?? '').split('|').map((cell) => cell.trim()));

describe('a bartender’s sets', () => {
  const kindNamed = new Map(catalogue.kinds.map((k) => [k.name, k.id]));
  const rows = rowsOf(bartender);
  /** From how much money on each thing is in a set. */
  const things = rows.flatMap(([from, name]) => {
    const kind = kindNamed.get(name ?? '');
    return kind ? [{ from: Number(from), kind }] : [];
  });
  const figures = rows.filter(([shop]) => shops.some((s) => s.id === shop));

  it('are four, at five shops in five currencies, and every thing in them is sold', () => {
    expect(new Set(things.map((t) => t.from))).toEqual(new Set([60, 120, 240, 500]));
    expect(things.length).toBeGreaterThan(30);
    expect(figures).toHaveLength(20);
    expect(new Set(figures.map(([id]) => shops.find((s) => s.id === id)?.currency)).size).toBe(5);
  });

  it.each([...new Set(figures.map(([shop]) => shop as string))])(
    'at %s cost what they say, and the plan makes as many and is worth as much',
    (id) => {
      const prices = shops.find((s) => s.id === id) ?? expect.fail(id);
      const brief = emptyBrief(prices.currency);
      const held = holdPlan({ brief, prices, catalogue });
      const { compiled, search } = held;
      const here = figures.filter(([shop]) => shop === id);
      expect(here).toHaveLength(4);
      here.forEach(([, money, ...said], i) => {
        const from = [60, 120, 240, 500][i] as number;
        const bought = things.flatMap(({ from: least, kind }) => {
          if (least > from) return [];
          const sizes = [...compiled.items].filter(([, item]) => item.kind.id === kind);
          const [cheapest] = sizes.sort(([, a], [, b]) => a.priceMinor - b.priceMinor);
          if (cheapest === undefined) return expect.fail(`${kind} is not sold`);
          return cheapest[1].made ? cheapest[1].madeFrom : [cheapest[0]];
        });
        const theirs = search.prepared.answerOf([...compiled.problem.owned, ...bought]);
        const matter = { brief: { ...brief, moneyNowMinor: minor(money ?? '') }, prices, catalogue };
        const ours = bestPlan(matter, {}, held) ?? expect.fail('stopped');
        const cost = (spend: number) => (spend / 100).toFixed(2);
        expect(said).toEqual([
          cost(theirs.spend),
          String(countOf(compiled, theirs.drinks)),
          theirs.value.toFixed(2),
          String(askedForOf(compiled, theirs.drinks).length),
          cost(ours.answer.spend),
          String(ours.drinksMade),
          ours.answer.value.toFixed(2),
          String(ours.askedFor.length),
        ]);
        expect(theirs.spend).toBeLessThanOrEqual(minor(money ?? ''));
        expect(ours.answer.status).toBe('optimal');
        expect(ours.answer.value).toBeGreaterThanOrEqual(theirs.value);
        expect(ours.drinksMade).toBeGreaterThanOrEqual(countOf(compiled, theirs.drinks));
      });
    },
  );
});
