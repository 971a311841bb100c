import { withArticle } from '../base/article.js';
import type { Fault } from '../base/fault.js';
import { twins } from '../base/twins.js';
import type { Catalogue } from '../catalogue/catalogue.js';
import { emptyKit, kitSchema, type Kit } from '../kit/kit.js';
import { describeKept } from './descriptor.js';

/** The household's tools, glasses and measures. */
export const keptKit = describeKept({
  name: 'kit',
  path: 'kit',
  schema: kitSchema,
  empty: emptyKit,
  noun: 'kit',
  stated: true,
  faults: (kit, { catalogue }) => [...strangers(kit, catalogue), ...doubled(kit)],
});

/** What stands twice in a kit, where one of it is all there can be. */
function doubled(kit: Kit): Fault[] {
  const ids = (list: readonly { id: string }[]) => list.map((e) => e.id);
  return [
    ...twins(ids(kit.tools), '/tools', 'tool'),
    ...twins(kit.kitchen, '/kitchen', 'kitchen thing'),
    ...twins(ids(kit.glasses), '/glasses', 'glass'),
    ...twins(ids(kit.vessels), '/vessels', 'measure'),
    ...twins(ids(kit.moulds), '/moulds', 'mould'),
  ];
}

/** Things of a kit that the catalogue does not know, by where they stand. */
function strangers(kit: Kit, catalogue: Catalogue): Fault[] {
  const ids = (list: readonly { id: string }[]) => new Set(list.map((e) => e.id));
  const tools = ids(catalogue.tools);
  const kitchen = ids(catalogue.kitchen);
  const glasses = ids(catalogue.glasses);
  const moulds = ids(catalogue.moulds);
  const unknown = (known: boolean, pointer: string, what: string): Fault[] =>
    known ? [] : [{ code: 'unknown', pointer, detail: `not ${withArticle(what)} we know` }];
  return [
    ...kit.tools.flatMap((t, i) => unknown(tools.has(t.id), `/tools/${i}/id`, 'tool')),
    ...kit.kitchen.flatMap((id, i) => unknown(kitchen.has(id), `/kitchen/${i}`, 'kitchen thing')),
    ...kit.glasses.flatMap((g, i) => unknown(glasses.has(g.type), `/glasses/${i}/type`, 'glass type')),
    ...kit.moulds.flatMap((m, i) => unknown(moulds.has(m.id), `/moulds/${i}/id`, 'mould')),
  ];
}
