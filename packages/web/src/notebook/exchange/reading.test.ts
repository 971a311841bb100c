import { writeCsv } from '@uisce/core/table';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { jsonLdOf, notebookFile, recipeRows, sayRecipes } from '@uisce/core/notebook';
import { kindIndex } from '@uisce/core/catalogue';
import { SMALL_CATALOGUE } from '../../testing/small-house';
import { FileReader, type Found } from './reading';

const catalogue = SMALL_CATALOGUE;
const kinds = kindIndex(catalogue.kinds);
/** Two drinks of the library, called otherwise so that they are new. */
const two = catalogue.recipes
  .filter((r) => r.slots.length > 1)
  .slice(0, 2)
  .map((r, i) => ({ ...r, id: `own-${i}`, name: `Harbour ${i === 0 ? 'light' : 'wall'}` }));
const reader = (name: string, text: string) =>
  new FileReader({ name, text, ounce: 'us-oz', catalogue, own: [] });
const read = (name: string, text: string) => reader(name, text).read(() => undefined);
const names = (found: Found) =>
  found.is === 'drinks' ? found.drinks.map((d) => [d.name, d.standing?.is]) : found;
const NEW = two.map((r) => [r.name, 'new']);

describe('a file that comes in', () => {
  it.each([
    ['plain text', 'a.txt', sayRecipes(two, kinds)],
    ['JSON-LD', 'a.jsonld', JSON.stringify(jsonLdOf(two, catalogue))],
    [
      'a page that embeds it',
      'a.html',
      `<script type="application/ld+json">${JSON.stringify(jsonLdOf(two, catalogue))}</script>`,
    ],
    ['a table', 'a.csv', writeCsv(recipeRows(two, catalogue))],
    [
      'a table of another name, with semicolons',
      'a.txt',
      Papa.unparse(recipeRows(two, catalogue), { delimiter: ';' }),
    ],
  ])('is read as what it is: %s', (_what, name, text) => {
    expect(names(read(name, text))).toEqual(NEW);
  });

  it('asks each word it does not know once, and is whole when that is said', () => {
    const known =
      catalogue.kinds.find((k) => k.supply === 'home-made')?.id ?? expect.fail('a syrup is there');
    const r = reader('a.txt', 'Ebb\n60 ml gin\n15 ml bog syrup\n\n\nFlow\n60 ml gin\n20 ml bog syrup');
    const before = r.read(() => undefined);
    expect(before).toMatchObject({ open: [{ says: 'bog syrup', times: 2 }] });
    const after = r.settle({ 'bog syrup': known }, () => undefined);
    expect(names(after)).toEqual([
      ['Ebb', 'new'],
      ['Flow', 'new'],
    ]);
  });

  it('says where it is none, cut off, foreign or damaged', () => {
    const why = (text: string) => {
      const found = read('a.json', text);
      return found.is === 'nothing' ? found.why : found.is;
    };
    expect(why('{"format":"uisce-noteb')).toMatch(/cut off or damaged/);
    expect(why('{"@type":"Person","name":"Nobody"}')).toMatch(/no recipes in this JSON/);
    expect(why('Dear friend, come on Saturday')).toMatch(/No line of it measures/);
    const file = notebookFile([], [], [], []);
    expect(why(JSON.stringify(file))).toBe('notebook');
    expect(why(JSON.stringify({ ...file, drinks: [{ id: 'x' }] }))).toMatch(
      /It is no notebook that can be read: .* at drinks\/0/,
    );
  });

  it('tells how far it is, and never backwards', () => {
    const shares: number[] = [];
    reader('a.txt', sayRecipes(Array.from({ length: 300 }, () => two).flat(), kinds)).read((s) =>
      shares.push(s),
    );
    expect(shares.length).toBeGreaterThan(5);
    expect([...shares].sort((a, b) => a - b)).toEqual(shares);
    expect(shares.at(-1)).toBeLessThanOrEqual(1);
  });
});
