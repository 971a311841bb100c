import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Order } from '@uisce/core/pouring';
import { bottleThere, type Bottle } from '@uisce/core/stock';
import { SMALL_CATALOGUE, smallPlan } from '../testing/small-house';
import { openPage, SmallServer } from '../testing/small-server';
import { useLog } from './use-log';
import { useStock } from './use-stock';

vi.mock('idb-keyval', () => import('../testing/small-database'));

const ID = (n: number) => `00000000-0000-4000-8000-00000000000${n}`;
const bottle = (n: number, kind: string, more: Partial<Bottle> = {}): [string, string, unknown] => [
  'bottle',
  ID(n),
  { ...bottleThere(ID(n), kind), sizeMl: 700, leftMl: 700, ...more },
];
const order = (id: string, count = 1, who: string[] = []): Order => {
  const drink =
    SMALL_CATALOGUE.recipes.find((r) => r.id === id) ?? expect.fail(`no ${id} in the small house`);
  return { drink, of: id, count, for: who, cannot: [], without: [], from: [] };
};

let server: SmallServer;
/** A page of the small house at a moment, with these bottles. */
async function opened(now: string, ...bottles: [string, string, unknown][]): Promise<void> {
  vi.useFakeTimers({ now: new Date(now) });
  localStorage.clear();
  server = new SmallServer([['plan', smallPlan(0).id, smallPlan(4500)], ...bottles]);
  await openPage();
}
const sent = async () => {
  await vi.advanceTimersByTimeAsync(3000);
  return server.changes;
};
const left = () => Object.fromEntries(useStock().bottles.map((b) => [b.id.at(-1), b.leftMl]));
const whole = () =>
  opened('2026-11-25T21:00:00', bottle(1, 'gin'), bottle(2, 'bitter'), bottle(3, 'vermouth'));
beforeEach(() => vi.useRealTimers());

describe('what is poured', () => {
  it('falls in its bottles and stands in the log, as one change', async () => {
    await whole();
    useLog().writeDown([order('negroni', 2, ['Ann', 'Bo'])]);
    // Thirty of each in two glasses.
    expect(left()).toEqual({ 1: 640, 2: 640, 3: 640 });
    expect(useLog().pours).toMatchObject([
      { drink: 'negroni', glasses: 2, for: ['Ann', 'Bo'], on: '2026-11-25' },
    ]);
    const [change, ...more] = await sent();
    expect(more).toEqual([]);
    expect(change?.change).toBe('Poured negroni');
    expect(change?.writes.map((w) => w.thing).sort()).toEqual(['bottle', 'bottle', 'bottle', 'pour']);
  });

  it('comes out of the bottle that was opened first, then out of the next', async () => {
    await opened(
      ...['2026-11-25T21:00:00' as const],
      bottle(1, 'gin', { openedOn: '2026-11-20' }),
      bottle(2, 'gin', { openedOn: '2026-10-01', leftMl: 40 }),
      bottle(3, 'bitter'),
      bottle(4, 'vermouth'),
    );
    useLog().writeDown([order('negroni', 2)]);
    expect(left()).toMatchObject({ 1: 680, 2: 0 });
    expect(useStock().bottles.find((b) => b.id === ID(2))?.finishedOn).toBe('2026-11-25');
  });

  it('costs what its bottles cost, where all of it is known, and nothing is said where it is not', async () => {
    const paid = (priceMinor: number) => ({ priceMinor, currency: 'EUR' });
    await opened(
      ...['2026-11-25T21:00:00' as const],
      bottle(1, 'gin', paid(2100)),
      bottle(2, 'bitter', paid(1400)),
      bottle(3, 'vermouth', paid(700)),
    );
    useLog().writeDown([order('negroni')]);
    // 30 ml at 3, 2 and 1 cent a ml.
    expect(useLog().pours[0]).toMatchObject({ costMinor: 180, currency: 'EUR' });
    await whole();
    useLog().writeDown([order('negroni')]);
    expect(useLog().pours[0]?.costMinor).toBeNull();
  });

  it('after midnight is of the evening before; on another evening it is of its eight o’clock', async () => {
    await opened('2026-11-26T02:30:00', bottle(1, 'gin'), bottle(2, 'bitter'), bottle(3, 'vermouth'));
    useLog().writeDown([order('negroni')]);
    useLog().writeDown([order('negroni')], '2026-11-20', 4);
    expect(useLog().pours.map((p) => [p.on, new Date(p.at).getHours(), p.verdict])).toEqual([
      ['2026-11-25', 2, null],
      ['2026-11-20', 20, 4],
    ]);
  });

  it('taken back stands in its bottles again, and the entry is gone', async () => {
    await whole();
    useLog().writeDown([order('negroni', 3)]);
    const [pour] = useLog().pours;
    useLog().takeBack(pour?.id ?? '');
    expect([left(), useLog().pours]).toEqual([{ 1: 700, 2: 700, 3: 700 }, []]);
    await sent();
    expect(server.changes.at(-1)?.change).toBe('Took back negroni');
  });

  it('is rated without touching its bottles', async () => {
    await whole();
    useLog().writeDown([order('negroni')]);
    useLog().edit(useLog().pours[0]?.id ?? '', 'Rated', { verdict: 5 });
    expect(useLog().pours[0]?.verdict).toBe(5);
    expect(left()).toEqual({ 1: 670, 2: 670, 3: 670 });
  });

  it('of what nobody measured takes nothing off it, and is written down all the same', async () => {
    await opened(
      '2026-11-25T21:00:00',
      bottle(1, 'gin', { leftMl: null }),
      bottle(2, 'bitter'),
      bottle(3, 'vermouth'),
    );
    useLog().writeDown([order('negroni')]);
    expect(left()).toEqual({ 1: null, 2: 670, 3: 670 });
    expect(useLog().pours[0]?.parts.map((p) => p.ml)).toEqual([30, 30, 30]);
  });
});

describe('a round under way', () => {
  it('is kept where another device finds it, and is over once it is finished', async () => {
    await whole();
    const log = useLog();
    log.begin([order('negroni')], 'measure');
    expect(log.round?.orders.map((o) => o.of)).toEqual(['negroni']);
    log.keepRound(null, 'Put away');
    expect(log.round).toBeNull();
    expect(log.pours).toEqual([]);
  });
});

describe('who drinks here', () => {
  it('is listed by name, and goes', async () => {
    await whole();
    const log = useLog();
    const person = (n: number, name: string) => ({
      id: ID(n),
      name,
      limit: null,
      noAlcohol: false,
      drives: false,
      allergens: [],
      without: [],
      dislikes: [],
      likes: [],
    });
    log.keepPerson(person(8, 'Maeve'), 'In');
    log.keepPerson(person(9, 'Bo'), 'In');
    expect(log.people.map((p) => p.name)).toEqual(['Bo', 'Maeve']);
    log.removePerson(person(9, 'Bo'));
    expect(log.people.map((p) => p.name)).toEqual(['Maeve']);
  });
});
