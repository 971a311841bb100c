import { flushPromises } from '@vue/test-utils';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { useAnswer } from '../solver/use-answer';
import { useCatalogue } from '../household/use-catalogue';
import FileField from '../ui/FileField.vue';
import { inHouse, said, type InSmallHouse } from '../testing/in-house';
import { SMALL_SHOP } from '../testing/small-house';
import PriceFile from './PriceFile.vue';

vi.mock('../solver/solver', () => import('../testing/small-solver'));
vi.mock('../solver/solver.worker?worker&url', () => ({ default: 'solver' }));
vi.mock('idb-keyval', () => import('../testing/small-database'));
const saved = vi.hoisted(() => ({ files: [] as [name: string, type: string, text: string][] }));
vi.mock('../ui/save-file', () => ({
  saveFile: (...file: [string, string, string]) => saved.files.push(file),
}));

let house: InSmallHouse;
afterEach(() => house.page.unmount());
const choose = async (name: string, text: string) => {
  house.page.findComponent(FileField).vm.$emit('choose', new File([text], name));
  await flushPromises();
  await house.settle();
};
const press = async (name: RegExp) => {
  const button = house.page.findAll('button').find((b) => name.test(b.text()));
  await (button ?? expect.fail(`no button ${String(name)}: ${said(house.page)}`)).trigger('click');
  await house.settle();
};
const priceOf = (id: string) => useCatalogue().prices?.bottles.find((b) => b.id === id)?.priceMinor;

describe('a price file', () => {
  it('of ours is taken over whole, as one change, and the plan is of its prices', async () => {
    house = await inHouse(PriceFile);
    const bottles = SMALL_SHOP.bottles.map((b) => (b.kind === 'gin' ? { ...b, priceMinor: 4000 } : b));
    await choose('harbour.json', JSON.stringify({ ...SMALL_SHOP, id: 'harbour', name: 'Harbour', bottles }));
    expect(said(house.page)).toContain('Harbour: 6 prices in use now.');
    expect(priceOf('gin-700')).toBe(4000);
    expect(house.server.changes.map((c) => [c.change, c.writes.map((w) => w.thing)])).toEqual([
      ['Prices of Harbour', ['own-prices', 'settings']],
    ]);
    // At 47.00 the gin is dear: what makes most is without it now.
    expect(useAnswer().result?.answer.items).not.toContain('gin-700');
  });

  it.each([
    ['is no JSON', 'a.json', '{"bottles":', /The file is not JSON/],
    ['is of another currency', 'a.json', JSON.stringify({ ...SMALL_SHOP, id: 'x', currency: 'USD' }), /USD/],
    [
      'has a fault, which is named by its place',
      'a.json',
      JSON.stringify({ ...SMALL_SHOP, id: 'x', bottles: [{ ...SMALL_SHOP.bottles[0], priceMinor: -5 }] }),
      /nothing was taken over\..*\/bottles\/0\/priceMinor/,
    ],
  ])('that %s changes nothing', async (_what, name, text, words) => {
    house = await inHouse(PriceFile);
    await choose(name, text);
    expect(said(house.page)).toMatch(words);
    expect([useCatalogue().prices?.name, house.server.changes]).toEqual(['Corner', []]);
  });

  it('as a table has its columns guessed, and waits until it is taken', async () => {
    house = await inHouse(PriceFile);
    await choose('Quay.csv', 'Kind;Label;Size;Price\ngin;Quay gin;70 cl;15,50\nrum;Quay rum;70 cl;19,00\n');
    expect(house.server.changes).toEqual([]);
    await press(/^(Take|Use)/);
    const own = useCatalogue().prices;
    expect(
      own?.bottles.filter((b) => /^Quay/.test(b.label)).map((b) => [b.kind, b.ml, b.priceMinor]),
    ).toEqual([
      ['gin', 700, 1550],
      ['rum', 700, 1900],
    ]);
    // What the table does not name is still had at the shop below it.
    expect(own?.bottles.some((b) => b.kind === 'vermouth')).toBe(true);
  });

  it('of one’s own can be renamed, and deleted: then the shop’s prices hold again', async () => {
    house = await inHouse(PriceFile);
    await choose('Quay.csv', 'Kind;Label;Size;Price\ngin;Quay gin;70 cl;15,50\n');
    await press(/^(Take|Use)/);
    await house.page.get('input[maxlength="80"]').setValue('Quay, autumn');
    await house.page.get('input[maxlength="80"]').trigger('change');
    await house.settle();
    expect(useCatalogue().prices?.name).toBe('Quay, autumn');
    await press(/^Delete these prices/);
    expect([useCatalogue().prices?.name, priceOf('gin-700')]).toEqual(['Corner', 2000]);
    expect(house.server.changes.at(-1)?.writes.map((w) => w.thing)).toEqual(['own-prices', 'settings']);
  });

  it('is what is saved: the table that comes out goes in again', async () => {
    house = await inHouse(PriceFile);
    saved.files.length = 0;
    await press(/^Save these prices/);
    const [[name, type, text] = ['', '', '']] = saved.files;
    expect([name, type]).toEqual(['corner.csv', 'text/csv']);
    await choose('Again.csv', text);
    await press(/^(Take|Use)/);
    expect(
      priceOf('gin-700') ?? useCatalogue().prices?.bottles.find((b) => b.kind === 'gin')?.priceMinor,
    ).toBe(2000);
  });
});
