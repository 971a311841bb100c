import { randomUUID } from 'node:crypto';
import { expect, test } from '../fixtures.js';
import { dataFolder, startServer } from '../server.js';
import { ApiError, OfflineError } from '../../packages/web/src/kept/client';
import { Outbox } from '../../packages/web/src/kept/outbox';
import { keptNamed, mergeKept, type Applied, type ChangeWrite, type KeptEntry } from '@uisce/core/kept';
import { randomFrom } from '@uisce/core/base';

const DEVICES = 20;
const STEPS = 400;
const BOUGHT_ML = 5000;

interface Bottle {
  leftMl: number;
}

/** A browser's outbox, without its browser: what it has heard, what it pours, and whether it is away. */
class Device {
  away = false;
  loses = false;
  private readonly heard = new Map<string, KeptEntry>();
  readonly box: Outbox;

  constructor(private readonly address: string) {
    this.box = new Outbox({
      send: (change) => this.send(change),
      save: () => Promise.resolve(true),
      onApplied: ({ entries }) => this.hear(entries),
      onRefused: () => undefined,
      onHeldUp: () => undefined,
      onOnline: () => undefined,
      onChange: () => undefined,
      baseOf: ({ thing, id }) => this.heard.get(`${thing} ${id}`)?.value,
      merge: (thing, ...made) => mergeKept(keptNamed(thing) ?? {}, ...made),
      newId: () => randomUUID(),
      now: () => new Date().toISOString(),
    });
  }

  private hear(entries: readonly KeptEntry[]): void {
    for (const entry of entries) this.heard.set(`${entry.thing} ${entry.id}`, entry);
  }

  private async send(change: ChangeWrite): Promise<Applied> {
    if (this.away) throw new OfflineError();
    const answer = await fetch(`${this.address}/api/changes`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(change),
    });
    const body = (await answer.json()) as Applied & ApiError['problem'];
    // It came to the server, and the answer did not come back.
    if (this.loses) throw new OfflineError();
    if (!answer.ok) throw new ApiError(body);
    return body;
  }

  async read(): Promise<void> {
    const { entries } = (await (await fetch(`${this.address}/api/kept`)).json()) as { entries: KeptEntry[] };
    this.hear(entries);
  }

  /** The bottle as this device shows it: as it was heard, with what waits here laid over it. */
  private bottle(id: string): { value: Bottle; version: number | null } {
    const heard = this.heard.get(`bottle ${id}`) as KeptEntry<Bottle>;
    const waits = [...this.box.conflicts.map((c) => c.mine), ...this.box.pending].flatMap((p) => p.writes);
    const mine = waits.filter((w) => w.thing === 'bottle' && w.id === id).at(-1);
    return { value: (mine?.value as Bottle | undefined) ?? heard.value, version: heard.version };
  }

  /** Pour: an entry of the log, and the level that follows from what is shown here. */
  pour(bottleId: string, ml: number, like: object): void {
    const { value, version } = this.bottle(bottleId);
    const id = randomUUID();
    this.box.add(
      [
        { thing: 'pour', id, version: null, value: { ...like, id, note: `${ml}` } },
        { thing: 'bottle', id: bottleId, version, value: { ...value, leftMl: value.leftMl - ml } },
      ],
      'Poured',
    );
  }
}

test('twenty devices, away at random and back in any order: each pour once, and the level is what was bought less what was poured', async ({
  request,
}) => {
  const data = dataFolder();
  const server = await startServer(data.path, { UISCE_DEMO: '1' });
  const random = randomFrom(20_261_201);
  const pick = (n: number) => Math.floor(random() * n);
  try {
    const all = (await (await request.get(`${server.address}/api/kept`)).json()) as {
      entries: { thing: string; id: string; value: Record<string, unknown> }[];
    };
    const like = all.entries.find((e) => e.thing === 'pour')?.value ?? {};
    const bottle = all.entries.find((e) => e.thing === 'bottle' && e.value.leftMl !== null);
    const pours = all.entries.filter((e) => e.thing === 'pour').length;
    if (!bottle) throw new Error('the demo has a measured bottle');
    const big = { ...bottle.value, sizeMl: BOUGHT_ML, leftMl: BOUGHT_ML, finishedOn: null };
    const { etag = '' } = (await request.get(`${server.address}/api/bottles/${bottle.id}`)).headers();
    const put = await request.put(`${server.address}/api/bottles/${bottle.id}`, {
      data: { value: big, change: 'A large one' },
      headers: { 'if-match': etag },
    });
    expect(put.status()).toBe(200);

    const devices = Array.from({ length: DEVICES }, () => new Device(server.address));
    await Promise.all(devices.map((d) => d.read()));
    let poured = 0;
    let times = 0;
    for (let step = 0; step < STEPS; step += 1) {
      const device = devices[pick(DEVICES)] as Device;
      const does = random();
      if (does < 0.5) {
        const ml = 1 + pick(20);
        device.pour(bottle.id, ml, like);
        poured += ml;
        times += 1;
      } else if (does < 0.7) device.away = !device.away;
      else if (does < 0.78) device.loses = !device.loses;
      else if (does < 0.9) void device.box.flush();
      else if (!device.away) await device.read();
    }
    for (const device of [...devices].sort(() => random() - 0.5)) {
      device.away = false;
      device.loses = false;
      await device.box.flush();
    }
    // Every one has sent all, nobody was asked to choose, and nothing was refused.
    expect(devices.map((d) => [d.box.pending, d.box.conflicts, d.box.refused].map((l) => l.length))).toEqual(
      devices.map(() => [0, 0, 0]),
    );
    const now = (await (await request.get(`${server.address}/api/bottles/${bottle.id}`)).json()) as Bottle;
    expect(now.leftMl).toBe(BOUGHT_ML - poured);
    const log = (await (await request.get(`${server.address}/api/pours`)).json()) as unknown[];
    expect(log).toHaveLength(pours + times);
  } finally {
    await server.stop();
    data.remove();
  }
});
