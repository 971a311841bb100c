import { describe, expect, it } from 'vitest';
import type { Fault } from '../base/fault.js';
import { COUPE, kindInput, recipeInput, testCatalogue, testKinds, testShop } from '../testing/trade.js';
import { catalogueFaults, kindFault, kitPriceFaults, priceListFaults, unusedKinds } from './references.js';

const slot = (kind: string, more: object = {}) => ({ kind, amount: '30 ml', role: 'base', ...more });
const technique = (id: string, needs: object[] = []) => ({ id, name: id, how: 'By hand, at once.', needs });
const need = (more: object) => ({ id: 'tin', what: 'a tin', tools: [], kitchen: [], ...more });
const tool = (id: string, techniques: string[] = ['shake']) => ({
  id,
  name: id,
  techniques,
  tier: 'essential',
});
const pointers = (faults: readonly Fault[]) => faults.map((f) => [f.code, f.pointer]);
/** A sound catalogue with one thing changed. */
const faultsWith = (parts: object) => catalogueFaults(testCatalogue({ kinds: [kindInput('gin')], ...parts }));

describe('a catalogue', () => {
  it('that is sound has no faults', () => {
    expect(faultsWith({ recipes: [recipeInput([slot('gin')])] })).toEqual([]);
  });

  it.each([
    ['kind of a part', { recipes: [recipeInput([slot('gin'), slot('jin')])] }, '/recipes/0/slots/1/kind'],
    [
      'kind in place of a part',
      { recipes: [recipeInput([slot('gin', { or: ['gin', 'jin'] })])] },
      '/recipes/0/slots/0/or/1',
    ],
    ['glass', { recipes: [recipeInput([slot('gin')], { glass: 'cup' })] }, '/recipes/0/glass'],
    [
      'other glass',
      { recipes: [recipeInput([slot('gin')], { otherGlasses: ['coupe', 'cup'] })] },
      '/recipes/0/otherGlasses/1',
    ],
    [
      'kind that is stood in for',
      { standIns: [{ for: 'jin', with: ['gin'], match: 0.8, changes: 'It is sweeter.' }] },
      '/standIns/0/for',
    ],
    [
      'kind that stands in',
      { standIns: [{ for: 'gin', with: ['gin', 'jin'], match: 0.8, changes: 'It is sweeter.' }] },
      '/standIns/0/with/1',
    ],
    ['parent', { kinds: [kindInput('gin', { parent: 'spirit' })] }, '/kinds/0/parent'],
  ])('with an unknown %s says where', (_what, parts, pointer) => {
    const faults = faultsWith(parts);
    expect(pointers(faults)).toEqual([['unknown', pointer]]);
    expect(faults[0]?.detail).toMatch(/is not a (kind|glass); correct the id, or add it to/);
  });

  it('with a thing twice asks for another id', () => {
    const faults = faultsWith({
      kinds: [kindInput('gin'), kindInput('rum'), kindInput('gin')],
      glasses: [COUPE, COUPE],
    });
    expect(pointers(faults)).toEqual([
      ['twice', '/kinds/2/id'],
      ['twice', '/glasses/1/id'],
    ]);
    expect(faults[0]?.detail).toBe('kind "gin" is listed twice; give one another id');
  });

  it('names each dangling end of one entry, not the first alone', () => {
    const faults = faultsWith({
      recipes: [recipeInput([slot('a'), slot('b', { or: ['c'] })], { glass: 'd' })],
    });
    expect(faults.map((f) => /"(\w)"/.exec(f.detail)?.[1])).toEqual(['a', 'b', 'c', 'd']);
  });

  it('knows what lies idle: no drink asks for it, nothing stands in with it, nothing is a kind of it', () => {
    const catalogue = testCatalogue({
      kinds: ['gin', 'old-gin', 'spirit', 'rum', 'idle'].map((id) =>
        kindInput(id, id === 'gin' ? { parent: 'spirit' } : {}),
      ),
      recipes: [recipeInput([slot('gin', { or: ['rum'] })])],
      standIns: [{ for: 'gin', with: ['old-gin'], match: 0.8, changes: 'It is sweeter.' }],
    });
    expect(unusedKinds(catalogue)).toEqual(['idle']);
  });
});

describe('a price list', () => {
  const kinds = testKinds(['gin'], ['spirit', { abstract: true }]);
  const bottle = (id: string, kind: string) => ({
    id,
    kind,
    label: id,
    ml: 700,
    priceMinor: 2000,
    widthMm: 70,
    heightMm: 300,
  });
  it('sells what is a kind of its own, not a whole class, and each bottle once', () => {
    const faults = priceListFaults(
      testShop({
        bottles: [bottle('a', 'gin'), bottle('b', 'spirit'), bottle('a', 'gin'), bottle('c', 'jin')],
        fresh: [{ kind: 'yuzu', sold: '1 fruit', priceMinor: 100, ml: 20 }],
      }),
      kinds,
    );
    expect(pointers(faults)).toEqual([
      ['twice', '/bottles/2/id'],
      ['unknown', '/bottles/1/kind'],
      ['unknown', '/bottles/3/kind'],
      ['unknown', '/fresh/0/kind'],
    ]);
    expect(kindFault('spirit', kinds)).toContain('too broad to buy');
    expect(kindFault('gin', kinds)).toBeUndefined();
  });

  it('sells tools, glasses and packs that are known', () => {
    const kit = (id: string, what: object) => ({ id, label: id, priceMinor: 500, ...what });
    const faults = kitPriceFaults(
      testShop({
        kit: [kit('a', { tool: 'spoon' }), kit('b', { glass: 'coupe', capacityMl: 180, pieces: 2 })],
        pantry: [{ pantry: 'sand', g: 500, priceMinor: 90 }],
      }),
      testCatalogue({ tools: [], techniques: [] }),
    );
    expect(pointers(faults)).toEqual([
      ['unknown', '/kit/0/tool'],
      ['unknown', '/pantry/0/pantry'],
    ]);
  });
});

describe('techniques and tools', () => {
  it('point at each other, and each dangling end is named', () => {
    const parts = {
      techniques: [technique('shake', [need({ tools: ['tin', 'ghost'], kitchen: ['jar'] })])],
      tools: [tool('tin', ['shake', 'juggle'])],
      starterSets: [
        { id: 'first', name: 'First', tools: ['tin', 'wand'], cleaning: 'By hand.', hard: 'Nothing.' },
      ],
    };
    const faults = catalogueFaults(testCatalogue(parts));
    expect(faults.map((f) => f.pointer).sort()).toEqual([
      '/starterSets/0/tools/1',
      '/techniques/0/needs/0/kitchen/0',
      '/techniques/0/needs/0/tools/1',
      '/tools/0/techniques/1',
    ]);
  });
});
