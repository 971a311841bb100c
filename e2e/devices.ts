import { randomUUID } from 'node:crypto';
import { keptNamed, mergeKept, type Applied, type ChangeWrite, type KeptEntry } from '@uisce/core/kept';
import { randomFrom } from '@uisce/core/base';
import { ApiError, OfflineError } from '../packages/web/src/kept/client';
import { Outbox } from '../packages/web/src/kept/outbox';

interface Measured {
  leftMl: number;
}
type Write = ChangeWrite['writes'][number];

/** A browser's outbox, without its browser: what it has heard, what it changes, and whether it is away. */
class Device {
  away = false;
  loses = false;
  /** What it has said last of things that somebody has to choose between, by thing; and what of it was taken. */
  readonly said = new Map<string, string>();
  readonly taken = new Set<string>();
  private readonly heard = new Map<string, KeptEntry>();
  readonly box: Outbox;

  constructor(
    private readonly address: string,
    now: () => string,
  ) {
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
      now,
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
    if (answer.ok) for (const { value } of change.writes) this.taken.add(nameOf(value));
    // It came to the server, and the answer did not come back.
    if (this.loses) throw new OfflineError();
    if (!answer.ok) throw new ApiError(body);
    return body;
  }

  async read(): Promise<void> {
    if (this.away) return;
    const { entries } = (await (await fetch(`${this.address}/api/kept`)).json()) as { entries: KeptEntry[] };
    this.hear(entries);
  }

  /** A thing as this device shows it: as it was heard, with what waits here laid over it. */
  private shown<T>(thing: string, id: string): { value: T; version: number | null } {
    const heard = this.heard.get(`${thing} ${id}`) as KeptEntry<T>;
    const held = [...this.box.conflicts, ...this.box.refused].map((c) => c.mine);
    const waits = [...held, ...this.box.pending].flatMap((p) => p.writes);
    const mine = waits.filter((w) => w.thing === thing && w.id === id).at(-1);
    return { value: (mine?.value as T | undefined) ?? heard.value, version: heard.version };
  }

  /** Pour: an entry of the log, and the level that follows from what is shown here. */
  pour(bottleId: string, ml: number, entry: object): void {
    const { value, version } = this.shown<Measured>('bottle', bottleId);
    const id = randomUUID();
    const level = { ...value, leftMl: value.leftMl - ml };
    this.box.add(
      [
        { thing: 'pour', id, version: null, value: { ...entry, id } },
        { thing: 'bottle', id: bottleId, version, value: level },
      ],
      'Poured',
    );
  }

  /** Shop: what is new stands there, and more is in the bottle that it was decanted into. */
  buy(bottleId: string, ml: number, paid: Write): void {
    const { value, version } = this.shown<Measured>('bottle', bottleId);
    const level = { ...value, leftMl: value.leftMl + ml };
    this.box.add([paid, { thing: 'bottle', id: bottleId, version, value: level }], 'Bought');
  }

  /** Say something of which only one can hold. */
  say(thing: string, id: string, name: string): void {
    const { value, version } = this.shown<object>(thing, id);
    this.said.set(`${thing} ${id}`, name);
    this.box.add([{ thing, id, version, value: { ...value, name } }], 'Name');
  }

  /** What it said last and nobody has: neither taken, nor shown to somebody who has to choose. */
  unsaid(): string[] {
    const shown = this.box.conflicts.flatMap((c) => c.mine.writes.map((w) => nameOf(w.value)));
    return [...this.said.values()].filter((name) => !this.taken.has(name) && !shown.includes(name));
  }
}

const nameOf = (value: unknown) => (value as { name?: string } | null)?.name ?? '';

/** What a household's devices did, and what is there afterwards. */
export interface DevicesDid {
  pours: number;
  purchases: number;
  names: number;
  conflicts: number;
  /** ml that should be left in the bottle, and that are. */
  shouldBeMl: number;
  isMl: number;
  /** Entries of the log and of the kitty that should be there, and that are. */
  shouldBeEntries: number;
  areEntries: number;
  /** What was lost without a word. */
  lost: string[];
}

const HOUR_MS = 3_600_000;
const START_ML = 5000;

/**
 * Devices of one household over days, hour by hour: each pours, shops, renames, is away at random, loses answers, and
 * comes back when it likes; in the end all of them do, in random order, and what two said otherwise is chosen.
 */
export async function devicesOverDays(
  address: string,
  { devices: count, days, seed }: { devices: number; days: number; seed: number },
): Promise<DevicesDid> {
  const random = randomFrom(seed);
  const pick = (n: number) => Math.floor(random() * n);
  const get = async <T>(path: string) => (await (await fetch(`${address}/api${path}`)).json()) as T;
  const { entries } = await get<{ entries: KeptEntry<Record<string, unknown>>[] }>('/kept');
  const of = (thing: string) => entries.filter((e) => e.thing === thing);
  const [plan] = of('plan');
  const [like] = of('pour');
  const [paid] = of('purse-entry');
  const bottle = of('bottle').find((b) => b.value.leftMl !== null);
  if (!bottle || !plan || !like || !paid) throw new Error('the demo has a measured bottle, a plan and a log');
  const big = { ...bottle.value, sizeMl: 4 * START_ML, leftMl: START_ML, finishedOn: null };
  const { status } = await fetch(`${address}/api/bottles/${bottle.id}`, {
    method: 'PUT',
    headers: { 'content-type': 'application/json', 'if-match': `"${bottle.version}"` },
    body: JSON.stringify({ value: big, change: 'A large one' }),
  });
  if (status !== 200) throw new Error(`the bottle was not taken: ${status}`);

  let now = Date.now();
  const devices = Array.from({ length: count }, () => new Device(address, () => new Date(now).toISOString()));
  await Promise.all(devices.map((d) => d.read()));
  const did = { pours: 0, purchases: 0, names: 0, conflicts: 0, shouldBeMl: START_ML };
  const acts = async (device: Device) => {
    const does = random();
    if (does < 0.3) {
      const ml = 1 + pick(20);
      device.pour(bottle.id, ml, { ...like.value, at: new Date(now).toISOString() });
      did.pours += 1;
      did.shouldBeMl -= ml;
    } else if (does < 0.36) {
      const id = randomUUID();
      const ml = 10 + pick(200);
      device.buy(bottle.id, ml, { thing: 'purse-entry', id, version: null, value: { ...paid.value, id } });
      did.purchases += 1;
      did.shouldBeMl += ml;
    } else if (does < 0.42) device.say('plan', plan.id, `Named ${(did.names += 1)}`);
    else if (does < 0.6) device.away = !device.away;
    else if (does < 0.68) device.loses = !device.loses;
    else if (does < 0.85) void device.box.flush();
    else await device.read();
  };
  for (let hour = 0; hour < days * 24; hour += 1, now += HOUR_MS)
    for (const device of devices) if (random() < 0.4) await acts(device);

  for (const device of [...devices].sort(() => random() - 0.5)) {
    device.away = false;
    device.loses = false;
    await device.box.flush();
  }
  const lost = devices.flatMap((d) => d.unsaid());
  for (const device of devices)
    for (const conflict of [...device.box.conflicts]) {
      did.conflicts += 1;
      await device.box.settle(conflict, random() < 0.5 ? 'mine' : 'theirs');
    }
  // Who chose their own after somebody else had chosen is asked once more.
  for (const { box } of devices)
    for (const conflict of [...box.conflicts]) await box.settle(conflict, 'theirs');
  const left = devices.flatMap(({ box }) => [...box.pending, ...box.conflicts, ...box.refused]);
  const { leftMl } = await get<Measured>(`/bottles/${bottle.id}`);
  const are = (await get<unknown[]>('/pours')).length + (await get<unknown[]>('/kitty')).length;
  return {
    ...did,
    isMl: leftMl,
    shouldBeEntries: of('pour').length + of('purse-entry').length + did.pours + did.purchases,
    areEntries: are,
    lost: [...lost, ...left.map((l) => `still waiting: ${JSON.stringify(l).slice(0, 80)}`)],
  };
}
