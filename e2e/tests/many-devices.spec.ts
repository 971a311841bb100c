import { devicesOverDays } from '../devices.js';
import { expect, test } from '../fixtures.js';

test('twenty devices over two days, away at random and back in any order: each change once, levels as bought less poured, every conflict said', async ({
  demo,
}) => {
  const did = await devicesOverDays(demo.address, { devices: 20, days: 2, seed: 20_261_201 });
  expect(did.pours).toBeGreaterThan(50);
  expect(did.purchases).toBeGreaterThan(5);
  expect(did.conflicts).toBeGreaterThan(0);
  expect(did.isMl).toBe(did.shouldBeMl);
  expect(did.areEntries).toBe(did.shouldBeEntries);
  expect(did.lost).toEqual([]);
});
