import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { loadShipped } from '@uisce/catalogue';
import { boathousePours } from './boathouse-pours.js';
import { boathouseStock } from './boathouse-stock.js';

describe('the demo’s log', () => {
  it('and its levels agree to the millilitre, bottle by bottle and batch by batch', () => {
    const shipped = loadShipped();
    const stock = boathouseStock('2026-11-26', randomUUID, { ...shipped, planId: randomUUID() });
    const batch = { id: randomUUID(), kind: 'simple-syrup', leftMl: 490, until: null, madeOn: '2026-11-17' };
    const demo = boathousePours('2026-11-26', randomUUID, shipped.catalogue, { ...stock, batches: [batch] });
    const drawn = new Map<string, number>();
    for (const d of demo.pours.flatMap((p) => p.parts.flatMap((part) => part.drawn)))
      drawn.set(d.id, (drawn.get(d.id) ?? 0) + d.ml);
    expect(demo.pours.length).toBeGreaterThanOrEqual(70);
    for (const before of stock.bottles) {
      const after = demo.bottles.find((b) => b.id === before.id);
      if (before.leftMl === null) continue;
      expect((after?.leftMl ?? 0) + (drawn.get(before.id) ?? 0), before.kind).toBeCloseTo(before.leftMl, 6);
      if (after?.leftMl === 0) expect(after.finishedOn).not.toBeNull();
    }
    expect((demo.batches.get(batch.id) ?? 0) + (drawn.get(batch.id) ?? 0)).toBeCloseTo(490, 6);
    // Left half made: something is in, and something is still to come.
    expect(Object.keys(demo.round.poured).length).toBeGreaterThan(0);
  });
});
