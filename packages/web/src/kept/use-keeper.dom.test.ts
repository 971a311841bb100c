import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { keptKit, keptPlan, type ChangeWrite, type KeptEntry } from '@uisce/core/kept';
import { emptyKit } from '@uisce/core/kit';
import { emptyBrief, type Plan } from '@uisce/core/plan';
import { last } from '../testing/small-database';
import { doorIsShut } from './door';
import { useKeeper } from './use-keeper';
import { useNotices } from './use-notices';

vi.mock('idb-keyval', () => import('../testing/small-database'));

const plan = (name: string): Plan => ({
  id: '7a1b0c52-0d5f-4a63-9d0e-b1f0a5f6c001',
  name,
  brief: emptyBrief('EUR'),
  createdAt: '2026-11-25T18:00:00.000Z',
});
const entry = (value: Plan, version: number): KeptEntry => ({ thing: 'plan', id: value.id, version, value });

/** The line on which the server tells what others change. */
class Line extends EventTarget {
  static open: Line | undefined;
  constructor() {
    super();
    Line.open = this;
  }
  close(): void {
    Line.open = undefined;
  }
  tell(type: string, data: unknown): void {
    this.dispatchEvent(new MessageEvent(type, { data: JSON.stringify(data) }));
  }
}

let stored: KeptEntry[];
let sent: ChangeWrite[];
let away: boolean;
let label: string | null;
/** Locks of pages that are open. */
let held: string[];
/** A reading that is answered later, with what was stored when it was asked. */
let reading: Promise<void> | undefined;

function answer(body: unknown, status = 200): Response {
  return new Response(JSON.stringify(body), { status, headers: { 'content-type': 'application/json' } });
}
const history = () => ({ undo: label, redo: null });

beforeEach(() => {
  vi.useFakeTimers();
  setActivePinia(createPinia());
  stored = [entry(plan('First'), 5)];
  sent = [];
  away = false;
  label = null;
  held = [];
  reading = undefined;
  last.clear();
  localStorage.clear();
  vi.stubGlobal('EventSource', Line);
  vi.stubGlobal('navigator', {
    userAgent: 'X11; Linux Chrome/1',
    locks: {
      request: (_name: string, _options: unknown, use: (lock: object) => unknown) => Promise.resolve(use({})),
      query: () => Promise.resolve({ held: held.map((name) => ({ name })) }),
    },
  });
  vi.stubGlobal('fetch', (path: string, { body }: { body?: string }) => {
    if (away) return Promise.reject(new TypeError('no line'));
    if (path === '/api/kept') {
      const whole = answer({ entries: stored, setAside: [], history: history() });
      return (reading ?? Promise.resolve()).then(() => whole);
    }
    if (path === '/api/history/undo')
      return Promise.resolve(
        answer({ label: 'Name', entries: [entry(plan('First'), 9)], history: history() }),
      );
    const change = JSON.parse(body ?? '{}') as ChangeWrite;
    const [write] = change.writes;
    const now = stored.find((e) => e.id === write?.id);
    if (write && now && now.version !== write.version)
      return Promise.resolve(
        answer({ type: '/problems/version-mismatch', title: 'x', status: 412, entries: [now] }, 412),
      );
    sent.push(change);
    label = change.change;
    const entries = change.writes.map((w) => ({ thing: w.thing, id: w.id, version: 8, value: w.value }));
    return Promise.resolve(answer({ entries, history: history() }));
  });
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

const started = async () => {
  const keeper = useKeeper();
  await keeper.start();
  return keeper;
};
const names = (keeper: ReturnType<typeof useKeeper>) => keeper.all(keptPlan).map((p) => p.name);

describe('what is kept, as a page has it', () => {
  it('shows a change at once and sends it when the hand rests, on the version that was seen', async () => {
    const keeper = await started();
    keeper.keep(keptPlan, plan('Se'), 'Name');
    keeper.keep(keptPlan, plan('Second'), 'Name');
    expect([names(keeper), sent.length]).toEqual([['Second'], 0]);
    await vi.advanceTimersByTimeAsync(500);
    expect(sent.map((c) => c.writes)).toEqual([
      [expect.objectContaining({ version: 5, value: plan('Second') })],
    ]);
    expect([keeper.history.undo, keeper.waiting]).toEqual(['Name', []]);
  });

  it('keeps the same objects and lists while nothing of them has changed', async () => {
    const keeper = await started();
    const [kit, plans] = [keeper.single(keptKit), keeper.all(keptPlan)];
    keeper.keep(keptKit, { ...kit, people: 5 }, 'People');
    expect(keeper.all(keptPlan, plans)).toBe(plans);
    const shown = keeper.single(keptKit);
    await vi.advanceTimersByTimeAsync(500);
    // The server's word for it says what is on screen already.
    expect([sent.length, keeper.single(keptKit) === shown]).toEqual([1, true]);
    expect(useKeeper().all(keptPlan)[0]).toBe(plans[0]);
  });

  it('stands in for what was never kept with its empty value, and lets a thing go', async () => {
    const keeper = await started();
    expect(keeper.single(keptKit)).toEqual(emptyKit());
    expect(keeper.single(keptKit)).toBe(keeper.single(keptKit));
    keeper.remove(keptPlan, plan('').id, 'Delete');
    expect(names(keeper)).toEqual([]);
  });

  it('takes over what others change, but not what it made itself', async () => {
    const keeper = await started();
    const news = (page: string, name: string) =>
      Line.open?.tell('change', { page, label: 'Name', entries: [entry(plan(name), 6)], history: history() });
    news('another page', 'Theirs');
    expect(names(keeper)).toEqual(['Theirs']);
    news(sessionStorage.getItem('uisce:page') ?? '', 'Echo');
    expect(names(keeper)).toEqual(['Theirs']);
  });

  it('keeps what it shows when somebody else was first, until it is told which to keep', async () => {
    const keeper = await started();
    stored = [entry(plan('Theirs'), 6)];
    keeper.keep(keptPlan, plan('Mine'), 'Name');
    await vi.advanceTimersByTimeAsync(500);
    expect([names(keeper), keeper.conflicts.length, sent.length]).toEqual([['Mine'], 1, 0]);
    const [conflict] = keeper.conflicts;
    if (conflict) await keeper.settle(conflict, 'mine');
    expect(sent[0]?.writes[0]).toMatchObject({ version: 6, value: plan('Mine') });
    expect(keeper.conflicts).toEqual([]);
  });

  it('says that the server is away, waits, and undoes nothing before everything has arrived', async () => {
    const keeper = await started();
    away = true;
    keeper.keep(keptPlan, plan('In the dark'), 'Name');
    await vi.advanceTimersByTimeAsync(500);
    expect([keeper.online, useNotices().text]).toEqual([false, expect.stringContaining('does not answer')]);
    await keeper.undo();
    expect(names(keeper)).toEqual(['In the dark']);
    away = false;
    await vi.advanceTimersByTimeAsync(5000);
    expect([keeper.online, sent.length]).toEqual([true, 1]);
    await keeper.undo();
    expect(names(keeper)).toEqual(['First']);
    expect(keeper.undone[0]?.id).toBe(plan('').id);
  });

  it('opens without the server as things last stood, changes of its own and others’ in it, and goes on once it is back', async () => {
    const before = await started();
    await before.keepCopy();
    before.keep(keptPlan, plan('Renamed here'), 'Name');
    await vi.advanceTimersByTimeAsync(500);
    const other = { ...plan('Of the other page'), id: '7a1b0c52-0d5f-4a63-9d0e-b1f0a5f6c002' };
    Line.open?.tell('change', {
      entries: [entry(other, 9)],
      history: history(),
      label: 'x',
      page: 'another',
    });
    await vi.advanceTimersByTimeAsync(10);

    setActivePinia(createPinia());
    away = true;
    const keeper = await started();
    expect([names(keeper), keeper.online]).toEqual([['Renamed here', 'Of the other page'], false]);
    expect(keeper.asOf).toBeDefined();
    keeper.keep(keptPlan, plan('In the dark'), 'Name');
    await vi.advanceTimersByTimeAsync(500);
    expect(names(keeper)).toEqual(['In the dark', 'Of the other page']);
    stored = [entry(plan('Renamed here'), 8), entry(other, 9)];
    away = false;
    await vi.advanceTimersByTimeAsync(5000);
    expect(sent.at(-1)?.writes).toMatchObject([{ version: 8, value: { name: 'In the dark' } }]);

    // Whoever is signed out takes nothing along.
    doorIsShut.value = true;
    await vi.advanceTimersByTimeAsync(10);
    expect(last.size).toBe(0);
    doorIsShut.value = false;
  });

  it('sends what a page left that is closed, though it still counted as open when this one was opened', async () => {
    const write = { thing: 'plan', id: plan('').id, version: 5, value: plan('Closed at once') };
    const left = { id: 'left', change: 'Name', at: '2026-11-25T18:00:00.000Z', writes: [write] };
    localStorage.setItem(
      'uisce:outbox:gone',
      JSON.stringify({ pending: [left], conflicts: [], refused: [] }),
    );
    held = ['uisce:page:gone'];
    await started();
    expect(sent).toEqual([]);
    held = [];
    await vi.advanceTimersByTimeAsync(2_500);
    expect(sent).toMatchObject([{ id: 'left', writes: [write] }]);
    expect(Object.keys(localStorage)).toEqual([]);
  });

  it('without the server and without anything heard before says that it cannot start', async () => {
    away = true;
    await expect(started()).rejects.toThrow(/does not answer/);
  });

  it('does not take a reading that was asked before something was undone', async () => {
    const keeper = await started();
    let arrive: () => void = () => undefined;
    reading = new Promise((resolve) => (arrive = resolve));
    label = 'Name';
    Line.open?.tell('hello', {});
    await vi.advanceTimersByTimeAsync(0);
    keeper.history.undo = 'Name';
    [stored, label] = [[entry(plan('Undone'), 9)], null];
    await keeper.undo();
    reading = undefined;
    arrive();
    await vi.advanceTimersByTimeAsync(0);
    expect([names(keeper), keeper.history.undo]).toEqual([['Undone'], null]);
  });

  it('keeps very many things in as many changes as they take, stops when told, and says how many are there', async () => {
    const keeper = useKeeper();
    await keeper.start();
    const writes = Array.from({ length: 5 }, (_, i) =>
      keeper.write(keptPlan, { ...plan(`Plan ${i}`), id: crypto.randomUUID() }),
    );
    expect(await keeper.keepMany('Many', writes, 2, () => true)).toEqual({ kept: 5, trouble: '' });
    expect(sent.map((c) => c.writes.length)).toEqual([2, 2, 1]);
    sent = [];
    expect(await keeper.keepMany('Many', writes, 2, (share) => share < 0.3)).toEqual({
      kept: 2,
      trouble: '',
    });
    expect(sent).toHaveLength(1);
    // The server goes after the first: what it had stays, and that is said.
    const cut = (share: number) => {
      away = share > 0;
      return true;
    };
    const { kept, trouble } = await keeper.keepMany('Many', writes, 2, cut);
    expect(kept).toBe(2);
    expect(trouble).toMatch(/does not answer/);
  });
});
