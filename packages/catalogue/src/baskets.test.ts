import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { briefSchema, emptyBrief, bestPlan } from '@uisce/core/plan';
import { loadCatalogue, loadPriceLists } from './load.js';

const { catalogue } = loadCatalogue();
const shops = loadPriceLists(catalogue);
const [, ...baskets] = readFileSync(new URL('../../../docs/baskets.md', import.meta.url), 'utf8').split(
  /^## /m,
);
const minor = (money: string) => Math.round(Number(money) * 100);

/** A basket as it stands in the document: the brief, its lines, and what is said of it below. */
function read(basket: string) {
  const { ownedKinds, ...asked } = JSON.parse(/```json\s*([\s\S]*?)```/.exec(basket)?.[1] ?? '{}') as {
    currency: string;
    ownedKinds?: string[];
  };
  const lines = [...basket.matchAll(/^\| +(.+?) +\| +(\S+ m?[lg]) +\| +([\d.]+) +\| +([\d.]+) +\|$/gm)];
  const [, left, open] = /leaves ([\d.]+)\. It opens (\d+) drinks/.exec(basket) ?? [];
  return {
    title: basket.split('\n')[0] ?? '',
    brief: {
      ...briefSchema.parse({ ...emptyBrief(asked.currency), ...asked }),
      ownedKinds: ownedKinds ?? [],
    },
    lines: lines.map(([, what, size, price, soFar]) => ({
      ...{ what, size },
      price: minor(price ?? ''),
      soFar: minor(soFar ?? ''),
    })),
    left: minor(left ?? ''),
    open: Number(open),
  };
}

describe('the baskets in the documents', () => {
  it('are three, in three currencies', () => {
    expect(new Set(baskets.map((b) => read(b).brief.currency)).size).toBe(3);
  });

  it.each(baskets.map((b) => [read(b).title, read(b)] as const))('%s', (_, { brief, lines, left, open }) => {
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
      return pack && !pack.owned ? [`${name} ${pack.priceMinor}`] : [];
    });
    expect(bought.sort()).toEqual(lines.map((l) => `${l.what} ${l.price}`).sort());
    expect(result).toMatchObject({ open, answer: { status: 'optimal', spend: spent } });
  });
});
