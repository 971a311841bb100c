import { beforeAll, describe, expect, it } from 'vitest';
import { kindIndex, type Catalogue, type Kind } from '@uisce/core/catalogue';
import { batchHolds, batchCost, scaledBatch } from '@uisce/core/bench';
import { compilePlan, emptyBrief } from '@uisce/core/plan';
import { loadCatalogue, loadPriceLists } from './load.js';
import { madeBatch } from './testing/made-batch.js';

let catalogue: Catalogue;
let kinds: Map<string, Kind>;
beforeAll(() => {
  ({ catalogue } = loadCatalogue());
  kinds = kindIndex(catalogue.kinds);
});
const made = (id: string, factor?: number) => madeBatch(catalogue, id, factor);

describe('a batch against the shop', () => {
  it('is priced in full everywhere, and sugar syrup is 10 to 20 times cheaper made than bottled', () => {
    for (const prices of loadPriceLists(catalogue)) {
      for (const recipe of catalogue.homeMade) {
        const cost = batchCost(scaledBatch(recipe, 1, catalogue, kinds), prices, kinds);
        expect(cost.unpriced, `${recipe.id} at ${prices.id}`).toEqual([]);
        expect(cost.minor, `${recipe.id} at ${prices.id}`).toBeGreaterThan(0);
      }
      // Common practice: a bottled syrup costs 10 to 20 times the home-made one; some shops a little less or more.
      const { perMlMinor, boughtPerMlMinor } = batchCost(made('simple'), prices, kinds);
      expect((boughtPerMlMinor ?? 0) / perMlMinor, prices.id).toBeGreaterThan(7);
      expect((boughtPerMlMinor ?? 0) / perMlMinor, prices.id).toBeLessThan(25);
    }
  });

  it('says what is in it on the label', () => {
    const allergens = (id: string) => batchHolds(made(id).recipe, catalogue).allergens;
    expect(allergens('orgeat-quick')).toContain('nuts');
    expect(allergens('falernum')).toContain('nuts');
    expect(allergens('simple')).toEqual([]);
  });

  it('is left out of the plan where it is more trouble than one wants', () => {
    const prices = loadPriceLists(catalogue).find((l) => l.id === 'lantern-store');
    if (!prices) throw new Error('the shop is gone');
    const offered = (more: object) =>
      new Set(compilePlan({ ...emptyBrief('EUR'), ...more }, prices, catalogue).items.keys());
    const made = (more: object) => [...offered(more)].filter((id) => id.startsWith('made-'));
    // Dissolving takes minutes; orgeat is blanched, pressed and waited for (common practice).
    expect(made({ mostTrouble: 2 })).toEqual(expect.arrayContaining(['made-simple-syrup', 'made-orgeat']));
    expect(made({ mostTrouble: 1 })).toContain('made-simple-syrup');
    expect(made({ mostTrouble: 1 })).not.toContain('made-orgeat');
    expect(made({ makesSyrups: false })).toEqual([]);
  });
});
