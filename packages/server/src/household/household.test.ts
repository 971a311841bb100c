import { readFileSync } from 'node:fs';
import { Ajv2020 } from 'ajv/dist/2020.js';
import { strFromU8, unzipSync } from 'fflate';
import { readCsv } from '@uisce/core/table';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { ProblemDetails } from '@uisce/core/base';
import type { Backup } from '@uisce/core/household';
import { KEPT, type Compared, type Kept } from '@uisce/core/kept';
import { seedDemo } from '../demo/seed.js';
import { plan, samples } from '../testing/kept-samples.js';
import { catalogue, RunningApp, shops } from '../testing/running-app.js';

const demo = new RunningApp();
const other = new RunningApp();
beforeAll(async () => {
  await demo.start();
  await other.start();
  await seedDemo(demo.store, { catalogue, shops });
});
afterAll(async () => {
  for (const app of [demo, other]) {
    await app.stop();
    app.remove();
  }
});
const textOf = async (app: RunningApp, path: string) => (await fetch(app.address(path))).text();
const whole = (app: RunningApp) => textOf(app, '/household.json');
const compare = (app: RunningApp, file: unknown) =>
  app.call<Compared>('POST', '/household/compare', { file });
const bring = (app: RunningApp, file: unknown, more: object = {}) =>
  app.call<{ before: Backup; taken: number } & ProblemDetails>('POST', '/household/import', {
    file,
    ...more,
  });

describe('all that is kept', () => {
  it('goes out as one file that its published schema holds, and comes into an empty household byte for byte', async () => {
    const text = await whole(demo);
    const schema: unknown = JSON.parse(await textOf(demo, '/household.schema.json'));
    // Checked by a validator of another make (JSON Schema 2020-12).
    const holds = new Ajv2020({ strict: false, validateFormats: false }).compile(schema as object);
    const file = JSON.parse(text) as { things: Record<string, unknown> };
    expect(holds(file), JSON.stringify(holds.errors?.slice(0, 2))).toBe(true);
    expect(holds({ ...file, things: { ...file.things, plan: [{ id: 1 }] } })).toBe(false);

    const all = await compare(other, file);
    expect(all.body.reduce((n, c) => n + c.same + c.different, 0)).toBe(0);
    const { body } = await bring(other, file);
    expect(body.taken).toBe(all.body.reduce((n, c) => n + c.isNew, 0));
    expect(await whole(other)).toBe(text);
    // Once more, nothing is new, and a change is seen as what it is.
    const again = await compare(other, file);
    expect(again.body.reduce((n, c) => n + c.isNew + c.different, 0)).toBe(0);
  });

  it('comes into a household that is used as it is chosen: what is new, and what is otherwise where that is said', async () => {
    const file = JSON.parse(await whole(demo)) as { things: { plan: { id: string; name: string }[] } };
    const [first] = file.things.plan;
    const theirs = plan({ name: 'Only in the file' });
    file.things.plan = [{ ...file.things.plan[0], id: first?.id ?? '', name: 'Otherwise' }, theirs];
    const [plans] = (await compare(other, file)).body.filter((c) => c.thing === 'plan');
    expect(plans).toMatchObject({ isNew: 1, same: 0, different: 1, names: ['“Otherwise”'] });
    const names = async () =>
      (await other.get<{ value: { name: string } }[]>('/plans')).map((p) => p.value.name);
    expect((await bring(other, file)).body.taken).toBe(1);
    expect(await names()).toEqual(['First winter', 'A smaller start', 'Only in the file']);
    expect((await bring(other, file, { leave: ['plan'] })).body.taken).toBe(0);
    const replaced = await bring(other, file, { replace: ['plan'] });
    expect(await names()).toEqual(['Otherwise', 'A smaller start', 'Only in the file']);
    // What was there before is a backup: it is taken back.
    await other.call('POST', `/backups/${replaced.body.before.name}/restore`, {});
    expect(await names()).toEqual(['First winter', 'A smaller start', 'Only in the file']);
  });

  it('with a fault in it is refused by its place, and nothing is touched', async () => {
    const before = await whole(other);
    const things = { plan: [{ ...plan(), name: '' }] };
    const faulty: [file: unknown, detail: RegExp][] = [
      [{}, /format/],
      ['a letter', /the file has a fault/],
      [{ format: 'uisce-household/2', things: {} }, /a newer Uisce has written it/],
      [{ format: 'another/1', things: {} }, /no household's file/],
      [{ format: 'uisce-household/1', things: { birds: [] } }, /\/things\/birds/],
      [{ format: 'uisce-household/1', things }, /\/things\/plan\/0\/name/],
      [
        {
          format: 'uisce-household/1',
          things: {
            plan: [
              plan({ id: '7a1b0c52-0d5f-4a63-9d0e-b1f0a5f6c001' }),
              plan({ id: '7a1b0c52-0d5f-4a63-9d0e-b1f0a5f6c001' }),
            ],
          },
        },
        /there are two of/,
      ],
      [
        {
          format: 'uisce-household/1',
          things: { evening: [{ ...(samples.evening?.[0] as object), must: ['no-such-drink'] }] },
        },
        /there is no drink "no-such-drink"/,
      ],
    ];
    for (const [file, detail] of faulty) {
      const { status, body } = await bring(other, file);
      expect([status, body.detail]).toEqual([400, expect.stringMatching(detail)]);
    }
    expect(await whole(other)).toBe(before);
  });

  it('brought in, is undone and done again like any change, whatever was changed before', async () => {
    const kit = async () => (await other.get<{ people: number }>('/kit')).people;
    const was = await other.call<object>('GET', '/kit');
    const seen = { 'if-match': was.headers.get('etag') ?? '' };
    const mine = { ...was.body, people: 3 };
    expect((await other.call('PUT', '/kit', { value: mine, change: 'Three' }, seen)).status).toBe(200);
    const file = JSON.parse(await whole(demo)) as { things: { kit: { people: number } } };
    file.things.kit.people = 9;
    expect((await bring(other, file, { replace: ['kit'] })).status).toBe(200);
    expect(await kit()).toBe(9);
    await other.undo();
    expect(await kit()).toBe(3);
    await other.redo();
    expect(await kit()).toBe(9);
    await other.undo();
    await other.undo();
    expect(await other.get('/kit')).toEqual(was.body);
  });

  it('goes out as tables that a spreadsheet reads, a row a thing', async () => {
    const zip = unzipSync(new Uint8Array(await (await fetch(demo.address('/household.zip'))).arrayBuffer()));
    const rows = (name: string) => readCsv(strFromU8(zip[name] ?? new Uint8Array())).rows;
    const pours = await demo.get<{ value: { name: string; abv: number; parts: unknown[] } }[]>('/pours');
    const table = rows('pour.csv');
    expect(table).toHaveLength(pours.length);
    expect(table.map((r) => [r.name, Number(r.abv)])).toEqual(pours.map((p) => [p.value.name, p.value.abv]));
    expect(JSON.parse(table[0]?.parts ?? '')).toEqual(pours[0]?.value.parts);
    expect(rows('settings.csv')[0]?.household).toContain('boathouse');
  });
});

describe('forgetting', () => {
  /** Whether a word stands in the database or in what SQLite keeps beside it. */
  const stands = (app: RunningApp, word: string) =>
    ['', '-wal'].some((end) => readFileSync(app.file + end).includes(word));

  it('somebody leaves no name in the file, in what undo remembers, nor in what was changed', async () => {
    await demo.put(
      '/people/7a1b0c52-0d5f-4a63-9d0e-b1f0a5f6c009',
      { ...(samples.person?.[0] as object), id: '7a1b0c52-0d5f-4a63-9d0e-b1f0a5f6c009', name: 'Fionnuala' },
      'Fionnuala is in the book',
    );
    for (const [thing, more] of [
      ['pour', { for: ['Fionnuala', 'Bran'] }],
      ['tasting', { by: 'Fionnuala' }],
      ['trial', { by: 'Fionnuala' }],
      ['deck', { by: 'Fionnuala' }],
    ] as const) {
      const kept = KEPT.find((k) => k.name === thing) as Kept<{ id: string }>;
      const value = { ...(samples[thing]?.[0] as { id: string }), ...more };
      expect((await demo.put(`/${kept.path}/${value.id}`, value, `For Fionnuala`)).status, thing).toBe(200);
    }
    expect(stands(demo, 'Fionnuala')).toBe(true);
    const { body } = await demo.call<{ changed: number }>('POST', '/people/forget', {
      name: 'Fionnuala',
      backups: 'keep',
    });
    expect(body.changed).toBe(5);
    expect(stands(demo, 'Fionnuala')).toBe(false);
    const pours = await demo.get<{ id: string; value: { for: string[] } }[]>('/pours');
    expect(pours.at(-1)?.value.for).toEqual(['Bran']);
    expect(await demo.get('/history')).toEqual({ undo: null, redo: null });
  });

  it('everything leaves nothing, if wanted no backup either, and the household begins anew', async () => {
    await demo.call('POST', '/backups', {});
    const forget = (body: object) => demo.call('POST', '/household/forget', body);
    expect((await forget({ backups: 'drop' })).status).toBe(400);
    expect(stands(demo, 'boathouse')).toBe(true);
    expect((await forget({ everything: true, backups: 'drop' })).status).toBe(204);
    expect(stands(demo, 'boathouse')).toBe(false);
    expect(await demo.get('/backups')).toEqual([]);
    expect(JSON.parse(await whole(demo))).toEqual({ format: 'uisce-household/1', things: {} });
    expect((await demo.put(`/plans/${plan().id}`, { ...plan() })).status).toBe(400);
    const fresh = plan();
    expect((await demo.put(`/plans/${fresh.id}`, fresh)).status).toBe(200);
  });
});
