import { Router } from 'express';
import type { DataSource } from 'typeorm';
import type { Catalogue } from '@uisce/core/catalogue';
import { emptyKit, kitWriteSchema, type Kit } from '@uisce/core/kit';
import type { Changes } from './changes.js';
import { jsonBody, SMALL_BODY, validated } from '../http/parse.js';
import { HttpProblem } from '../http/problem.js';
import { KitEntity } from '../storage/entities.js';

/** Things of a kit that the catalogue does not know, by where they stand. */
function strangers(kit: Kit, catalogue: Catalogue): { pointer: string; detail: string }[] {
  const ids = (list: readonly { id: string }[]) => new Set(list.map((e) => e.id));
  const tools = ids(catalogue.tools);
  const kitchen = ids(catalogue.kitchen);
  const glasses = ids(catalogue.glasses);
  const moulds = ids(catalogue.moulds);
  const unknown = (known: boolean, pointer: string, what: string) =>
    known ? [] : [{ pointer: `/kit${pointer}`, detail: `not a ${what} we know` }];
  return [
    ...kit.tools.flatMap((t, i) => unknown(tools.has(t.id), `/tools/${i}/id`, 'tool')),
    ...kit.kitchen.flatMap((id, i) => unknown(kitchen.has(id), `/kitchen/${i}`, 'kitchen thing')),
    ...kit.glasses.flatMap((g, i) => unknown(glasses.has(g.type), `/glasses/${i}/type`, 'glass type')),
    ...kit.moulds.flatMap((m, i) => unknown(moulds.has(m.id), `/moulds/${i}/id`, 'mould')),
  ];
}

/** The household's one kit: read it, change it. */
export function kitRoutes(source: DataSource, changes: Changes, catalogue: Catalogue): Router {
  const router = Router();
  const table = source.getRepository(KitEntity);

  router.get('/', async (_req, res) => {
    res.json((await table.findOneBy({ id: 'household' }))?.value ?? emptyKit());
  });
  router.put('/', jsonBody(SMALL_BODY), async (req, res) => {
    const { kit, change } = validated(kitWriteSchema, req.body);
    const faults = strangers(kit, catalogue);
    if (faults.length > 0) throw new HttpProblem(400, 'the kit names things we do not know', faults);
    const after = { id: 'household', value: kit } as { id: string };
    await changes.apply({ label: change, target: 'kit', targetId: 'household', after });
    res.json(kit);
  });
  return router;
}
