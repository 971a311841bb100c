import { randomUUID } from 'node:crypto';
import { formatISO } from 'date-fns';
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import { addDays, type ProblemDetails } from '@uisce/core/base';
import { menuIsOpen, eveningSchema, type GuestAsk, type Evening, type GuestView } from '@uisce/core/evening';
import { HomeClient } from '../testing/home-client.js';
import { RunningApp } from '../testing/running-app.js';

const KEY = 'k'.repeat(32);
const today = formatISO(new Date(), { representation: 'date' });
const app = new RunningApp();
const evening = (more: Partial<Evening> = {}): Evening =>
  eveningSchema.parse({
    id: '7a1b0c52-0d5f-4a63-9d0e-b1f0a5f6c001',
    name: 'Saturday',
    on: today,
    from: '20:00',
    hours: 4,
    size: 3,
    guests: [
      {
        id: randomUUID(),
        name: 'Aoife',
        count: 1,
        likes: [],
        dislikes: [],
        allergens: ['nuts'],
        noAlcohol: false,
        drives: false,
      },
    ],
    must: ['whiskey-sour', 'negroni', 'no-alcohol-highball'].slice(0, 2),
    never: [],
    atWork: false,
    freezerLitres: null,
    done: [],
    endedOn: null,
    guestCard: { key: KEY, asks: true },
    ...more,
  });
const put = (value: Evening) => app.put(`/evenings/${value.id}`, value);
const ask = (more: object = {}, client?: HomeClient) => {
  const body = { name: 'Aoife', cannot: [], without: [], noAlcohol: false, drink: 'negroni', ...more };
  return client
    ? client.call('POST', `/api/guest-page/${KEY}/asks`, body)
    : app.call<ProblemDetails>('POST', `/guest-page/${KEY}/asks`, body);
};

beforeAll(async () => {
  await app.start();
  expect((await put(evening())).status).toBe(200);
});
afterAll(async () => {
  await app.stop();
  app.remove();
});

describe('a menu for guests', () => {
  it('is not found by a key of other letters, however many bytes they take', async () => {
    // As many letters as the key has, and twice as many bytes.
    for (const key of ['é'.repeat(32), '𝄞'.repeat(16), 'x'.repeat(33)])
      expect((await app.call('GET', `/guest-page/${encodeURIComponent(key)}`)).status).toBe(404);
  });

  it('is read from the home network with its key and without a passphrase, and says nothing else of the household', async () => {
    await app.call('POST', '/access/passphrase', { passphrase: 'a lamp in the window' });
    await app.call('POST', '/access/home', { open: true });
    const guest = new HomeClient(app);
    const menu = await guest.call('GET', `/api/guest-page/${KEY}`);
    const view = JSON.parse(menu.text) as GuestView;
    expect(view.drinks.map((d) => d.name)).toEqual(['Negroni', 'Whiskey sour']);
    expect(Object.keys(view).sort()).toEqual([
      'asks',
      'drinks',
      'from',
      'house',
      'ingredients',
      'isWhole',
      'locale',
      'name',
      'on',
    ]);
    expect(view.isWhole).toBe(false);
    // Who comes, and what they cannot have, is nobody else's to read.
    expect(menu.text).not.toContain('Aoife');
    expect(menu.text).not.toContain('nuts');
    const sour = view.drinks.find((d) => d.id === 'whiskey-sour');
    expect(sour?.parts).toContain('bourbon');
    expect(sour?.allergens).toContain('egg');
    for (const path of ['/api/evenings', '/api/kept', '/api/asks', `/api/evenings/${evening().id}`])
      expect((await guest.call('GET', path)).status, path).toBe(401);
    expect((await guest.call('GET', `/api/guest-page/${'x'.repeat(32)}`)).status).toBe(404);
    expect((await ask({}, guest)).status).toBe(204);
  });

  it('takes what can be served, and says why where it cannot', async () => {
    expect((await ask({ name: 'Bran', drink: 'whiskey-sour' })).status).toBe(204);
    const refused = async (more: object) => ((await ask(more)) as { body: ProblemDetails }).body.detail;
    expect(await refused({ drink: 'whiskey-sour', cannot: ['egg'] })).toMatch(/it contains egg/);
    expect(await refused({ drink: 'whiskey-sour', without: ['lemon-juice'] })).toMatch(
      /there is lemon juice in it/,
    );
    expect(await refused({ noAlcohol: true })).toMatch(/there is alcohol in it/);
    expect(await refused({ drink: 'daiquiri' })).toMatch(/not on the menu/);
    expect((await ask({ name: '  ' })).status).toBe(400);
    const asks = await app.get<{ value: GuestAsk }[]>('/asks');
    expect(asks.map(({ value: a }) => [a.name, a.drink, a.state])).toEqual([
      ['Aoife', 'negroni', 'waiting'],
      ['Bran', 'whiskey-sour', 'waiting'],
    ]);
  });

  it('is limited, can be for reading only, and ends with its evening', async () => {
    const many = await Promise.all(Array.from({ length: 25 }, (_, i) => ask({ name: `Guest ${i}` })));
    expect(many.map((a) => a.status)).toContain(429);
    await put(evening({ guestCard: { key: KEY, asks: false } }));
    expect((await app.get<GuestView>(`/guest-page/${KEY}`)).asks).toBe(false);
    expect([403, 429]).toContain((await ask()).status);
    for (const over of [{ endedOn: today }, { on: addDays(today, -3) }, { guestCard: null }]) {
      await put(evening(over));
      expect((await app.call('GET', `/guest-page/${KEY}`)).status).toBe(404);
    }
  });

  it('is open by the household’s clock, wherever the machine’s stands', async () => {
    await put(evening({ on: '2026-11-25' }));
    const at = async (instant: string, timeZone: string) => {
      await app.put('/zone', { timeZone });
      vi.useFakeTimers({ toFake: ['Date'], now: new Date(instant) });
      const { status } = await app.call('GET', `/guest-page/${KEY}`);
      vi.useRealTimers();
      return status;
    };
    // 01:00 and 06:00 of the next day in Auckland; still the day before in Honolulu.
    expect(await at('2026-11-25T12:00:00Z', 'Pacific/Auckland')).toBe(200);
    expect(await at('2026-11-25T17:00:00Z', 'Pacific/Auckland')).toBe(404);
    expect(await at('2026-11-26T14:59:00Z', 'Pacific/Honolulu')).toBe(200);
    expect(await at('2026-11-26T15:00:00Z', 'Pacific/Honolulu')).toBe(404);
    await app.put('/zone', { timeZone: null });
    await put(evening());
  });

  it('is open until five in the morning after', () => {
    const open = (day: string, hour: number) =>
      menuIsOpen({ on: '2026-11-28', endedOn: null }, { day, minutes: hour * 60 });
    expect([open('2026-11-20', 9), open('2026-11-28', 23), open('2026-11-29', 4)]).toEqual([
      true,
      true,
      true,
    ]);
    expect([open('2026-11-29', 5), open('2026-11-30', 1)]).toEqual([false, false]);
  });
});
