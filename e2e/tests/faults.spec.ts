import { execFileSync, spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, statfsSync, unlinkSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { APIRequestContext } from '@playwright/test';
import { emptyBrief } from '../../packages/core/src/plan/index.js';
import { powerCutLibrary, writeUntilKilled, writeUntilPowerCut } from '../faults/until-killed.mjs';
import { expect, test } from '../fixtures.js';
import { dataFolder, startServer } from '../server.js';

const KILLS = 60;

/** Ids of the plans that a server finds in a data folder. */
async function plansIn(folder: string, request: APIRequestContext): Promise<Set<string>> {
  const server = await startServer(folder);
  try {
    const plans = (await (await request.get(`${server.address}/api/plans`)).json()) as { id: string }[];
    return new Set(plans.map((p) => p.id));
  } finally {
    await server.stop();
  }
}

/** A line for the table in docs/reliability.md. */
const report = (line: string) => process.stdout.write(`${line}\n`);

const missing = (acknowledged: string[], found: Set<string>) => acknowledged.filter((id) => !found.has(id));

test(`${KILLS} kills in the middle of writing lose nothing that was acknowledged`, async ({ request }) => {
  // Many servers are started one after the other: on a busy machine that takes its time.
  test.setTimeout(8 * 60_000);
  const data = dataFolder();
  const acknowledged: string[] = [];
  for (let kill = 0; kill < KILLS; kill++)
    acknowledged.push(...(await writeUntilKilled(join(data.path, 'uisce.sqlite'), 1 + ((kill * 7) % 23))));
  expect(new Set(acknowledged).size).toBeGreaterThan(KILLS);
  expect(missing(acknowledged, await plansIn(data.path, request))).toEqual([]);
  report(`${KILLS} kills, ${acknowledged.length} acknowledged writes, 0 lost`);
  data.remove();
});

test('a power cut, which drops what was not synced, loses nothing that was acknowledged', async ({
  request,
}) => {
  const data = dataFolder();
  const library = powerCutLibrary(data.path);
  test.skip(library === undefined, 'no C compiler here: the power cut is not simulated');
  /** Writes, the cut, and what is on the disk then. */
  const cut = async (name: string, synchronous?: string) => {
    const { acknowledged, disk } = await writeUntilPowerCut(
      join(data.path, name),
      library ?? '',
      25,
      synchronous,
    );
    return { acknowledged, lost: missing(acknowledged, await plansIn(disk, request)) };
  };
  const ours = await cut('ours');
  expect(ours.acknowledged.length).toBeGreaterThanOrEqual(25);
  expect(ours.lost).toEqual([]);
  // The same with the database's usual care, to see that the cut does cut.
  const careless = await cut('careless', 'NORMAL');
  expect(careless.lost.length).toBeGreaterThan(0);
  report(
    `power cut: ${ours.acknowledged.length} writes, 0 lost; without syncing ${careless.lost.length} of ${careless.acknowledged.length}`,
  );
  data.remove();
});

test('a full disk is said, and what comes after it is kept', async ({ request }) => {
  const folder = mkdtempSync(join(tmpdir(), 'uisce-small-'));
  const mounted = spawnSync('mount', ['-t', 'tmpfs', '-o', 'size=4m', 'tmpfs', folder]).status === 0;
  test.skip(!mounted, 'no small disk can be mounted here: the full one is not tried');
  try {
    const server = await startServer(folder);
    const plan = async (name: string) => {
      const id = crypto.randomUUID();
      const written = await request.post(`${server.address}/api/changes`, {
        data: {
          id: crypto.randomUUID(),
          change: name,
          writes: [
            {
              thing: 'plan',
              id,
              version: null,
              value: { id, name, brief: emptyBrief('EUR'), createdAt: new Date().toISOString() },
            },
          ],
        },
      });
      return { id, status: written.status(), type: written.headers()['content-type'] ?? '' };
    };
    const before = await plan('before');
    expect(before.status).toBe(200);
    const { bavail, bsize } = statfsSync(folder);
    const ballast = join(folder, 'ballast');
    writeFileSync(ballast, Buffer.alloc(bavail * bsize));
    const answers = [];
    for (let i = 0; i < 400 && answers.at(-1)?.status !== 507; i++) answers.push(await plan(`filling ${i}`));
    const refused = answers.at(-1);
    expect([refused?.status, refused?.type]).toEqual([
      507,
      expect.stringContaining('application/problem+json'),
    ]);
    unlinkSync(ballast);
    const after = await plan('after');
    expect(after.status).toBe(200);
    await server.stop();
    const kept = [before, ...answers.filter((a) => a.status === 200), after].map((a) => a.id);
    const found = await plansIn(folder, request);
    expect(missing(kept, found)).toEqual([]);
    expect(found.has(refused?.id ?? '')).toBe(false);
  } finally {
    execFileSync('umount', ['-l', folder]);
    rmSync(folder, { recursive: true, force: true });
  }
});

test('a foreign page can neither change nor compute anything', async ({ page, demo, request }) => {
  const history = async () => (await request.get(`${demo.address}/api/history`)).json();
  const before = await history();
  const foreign = createServer((_req, res) =>
    res.setHeader('content-type', 'text/html').end('<h1>Elsewhere</h1>'),
  );
  await new Promise<void>((resolve) => foreign.listen(0, '127.0.0.1', resolve));
  await page.goto(`http://127.0.0.1:${(foreign.address() as AddressInfo).port}`);
  const sent = await page.evaluate(async (api) => {
    const paths = ['/history/undo', '/history/redo', '/changes', '/demo', '/plan/solve'];
    const attempt = (path: string, type: string) =>
      fetch(api + path, {
        method: 'POST',
        mode: 'no-cors',
        headers: { 'content-type': type },
        body: '{}',
      }).then(
        () => 'sent',
        () => 'held back',
      );
    const tried = await Promise.all(
      paths.flatMap((p) => ['text/plain', 'application/json'].map((t) => attempt(p, t))),
    );
    const form = document.createElement('form');
    Object.assign(form, { method: 'POST', action: `${api}/history/undo`, enctype: 'text/plain' });
    document.body.append(form);
    form.submit();
    return tried.length;
  }, `${demo.address}/api`);
  expect(sent).toBe(10);
  await page.waitForURL(/history\/undo/);
  await expect(page.locator('body')).toContainText('foreign');
  expect(await history()).toEqual(before);
  foreign.close();
});
