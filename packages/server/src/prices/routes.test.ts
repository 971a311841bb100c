import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { ProblemDetails } from '@uisce/core/base';
import type { PriceList, PriceListSummary } from '@uisce/core/catalogue';
import { RunningApp, shops } from '../testing/running-app.js';

const app = new RunningApp();
beforeAll(() => app.start());
afterAll(async () => {
  await app.stop();
  app.remove();
});
const summaries = () => app.get<PriceListSummary[]>('/price-lists');
const [shop] = shops;
if (shop === undefined) throw new Error('the program comes with shops');

describe('price lists', () => {
  it('are those that came with the program, by name and currency, without their prices', async () => {
    expect(await summaries()).toEqual(
      shops.map(({ id, name, currency, country, year }) => ({
        id,
        name,
        currency,
        country,
        year,
        own: false,
      })),
    );
  });

  it('are read one at a time, as they stand', async () => {
    for (const { id, bottles } of shops) {
      const list = await app.get<PriceList>(`/price-lists/${id}`);
      expect(list.bottles.map((b) => [b.id, b.priceMinor])).toEqual(bottles.map((b) => [b.id, b.priceMinor]));
    }
  });

  it('that are not there are said to be none', async () => {
    const { status, body, headers } = await app.call<ProblemDetails>('GET', '/price-lists/nowhere');
    expect([status, body.detail]).toEqual([404, 'there is no price list "nowhere"']);
    expect(headers.get('content-type')).toMatch(/^application\/problem\+json/);
  });

  it('of the household come first, and one of a shop’s own id stands in its place', async () => {
    const [bottle] = shop.bottles;
    const own = { ...shop, name: 'Ours', bottles: [{ ...bottle, priceMinor: 1234 }] };
    await app.put(`/own-prices/${shop.id}`, own, 'Our prices');
    const all = await summaries();
    expect(all[0]).toMatchObject({ id: shop.id, name: 'Ours', own: true });
    expect(all.filter((l) => l.id === shop.id)).toHaveLength(1);
    expect(all).toHaveLength(shops.length);
    const read = await app.get<PriceList>(`/price-lists/${shop.id}`);
    expect(read.bottles.map((b) => b.priceMinor)).toEqual([1234]);
    await app.undo();
    expect((await app.get<PriceList>(`/price-lists/${shop.id}`)).bottles).toHaveLength(shop.bottles.length);
  });
});
