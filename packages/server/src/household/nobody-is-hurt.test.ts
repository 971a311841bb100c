import { formatISO } from 'date-fns';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { ProblemDetails } from '@uisce/core/base';
import { eveningSchema, type GuestView } from '@uisce/core/evening';
import { personSchema } from '@uisce/core/household';
import { kindSchema } from '@uisce/core/catalogue';
import type { Order, PourStep, Round } from '@uisce/core/pouring';
import { bottleThere } from '@uisce/core/stock';
import { catalogue, RunningApp } from '../testing/running-app.js';

const app = new RunningApp();
const KEY = 'k'.repeat(32);
const today = formatISO(new Date(), { representation: 'date' });
const ID = (n: number) => `7a1b0c52-0d5f-4a63-9d0e-b1f0a5f6c${String(n).padStart(3, '0')}`;
const colm = personSchema.parse({
  id: ID(1),
  name: 'Colm',
  limit: null,
  noAlcohol: false,
  allergens: ['nuts'],
  dislikes: [],
});
const gin = (more: object = {}) => ({
  ...kindSchema.parse({
    id: 'own-hazelnut-gin',
    name: 'Hazelnut gin',
    parent: 'dry-gin',
    job: 'base',
    supply: 'bottle',
    abv: 0.4,
  }),
  allergens: ['nuts'],
  allergensStated: true,
  ...more,
});
const bottle = (n: number, kind: string) => ({ ...bottleThere(ID(n), kind), sizeMl: 700, leftMl: 700 });
const evening = eveningSchema.parse({
  id: ID(2),
  name: 'Saturday',
  on: today,
  from: '20:00',
  hours: 4,
  size: 1,
  must: ['gin-and-tonic'],
  never: [],
  guests: [
    {
      id: ID(3),
      name: 'Orla',
      count: 1,
      likes: [],
      dislikes: [],
      allergens: ['molluscs'],
      noAlcohol: false,
      drives: false,
    },
  ],
  atWork: false,
  freezerLitres: null,
  done: [],
  endedOn: null,
  guestCard: { key: KEY, asks: true },
});
const refused = async (method: string, path: string, body: unknown) => {
  const sent = method === 'PUT' ? { value: body, change: 'Another' } : body;
  const answer = await app.call<ProblemDetails>(method, path, sent);
  return { status: answer.status, faults: answer.body.errors ?? [], detail: answer.body.detail };
};

beforeAll(async () => {
  await app.start();
  for (const [path, value] of [
    [`/people/${colm.id}`, colm],
    ['/kinds/own-hazelnut-gin', gin()],
    [`/bottles/${ID(10)}`, bottle(10, 'own-hazelnut-gin')],
    [`/bottles/${ID(11)}`, bottle(11, 'tonic-water')],
    [`/evenings/${evening.id}`, evening],
  ] as const)
    expect((await app.put(path, value)).status, path).toBe(200);
});
afterAll(async () => {
  await app.stop();
  app.remove();
});

const round = (orders: Order[], more: Partial<Round> = {}): { round: Round } => ({
  round: {
    id: ID(20),
    startedAt: `${today}T20:00:00.000Z`,
    way: 'measure',
    tared: true,
    vesselG: 0,
    orders,
    at: '',
    poured: {},
    off: {},
    workFrom: null,
    worked: {},
    ...more,
  },
});
const recipe = catalogue.recipes.find((r) => r.id === 'gin-and-tonic') ?? expect.fail('a gin and tonic');
const withGin: Order['drink'] = {
  ...recipe,
  slots: recipe.slots.map((s) => (s.kind === 'dry-gin' ? { ...s, kind: 'own-hazelnut-gin' } : s)),
};
const order = (who: string[], drink = withGin): Order => ({
  drink,
  of: 'gin-and-tonic',
  count: Math.max(1, who.length),
  for: who,
  cannot: [],
  without: [],
  from: [],
});

describe('somebody who cannot have nuts, where the only gin holds some', () => {
  it('is told what is in it, wherever the drink is offered', async () => {
    const { drinks } = await app.get<{ drinks: { drink: string; allergens: string[]; unknown: string[] }[] }>(
      '/pour/now',
    );
    expect(drinks.find((d) => d.drink === 'gin-and-tonic')).toMatchObject({
      allergens: ['nuts'],
      unknown: [],
    });
    const page = await app.get<GuestView>(`/guest-page/${KEY}`);
    expect(page.drinks).toMatchObject([{ parts: ['Hazelnut gin', 'tonic water'], allergens: ['nuts'] }]);
  });

  it('is not poured it: not from their own page, not in the steps of a round, not in a round by hand', async () => {
    const ask = { name: 'Colm', cannot: ['nuts'], noAlcohol: false, drink: 'gin-and-tonic' };
    expect(await refused('POST', `/guest-page/${KEY}/asks`, ask)).toMatchObject({
      status: 400,
      faults: [{ pointer: '/drink' }],
      detail: expect.stringMatching(/it contains nuts/),
    });
    const steps = { orders: [{ drink: 'gin-and-tonic', for: ['Ann', 'colm'] }] };
    expect(await refused('POST', '/pour/steps', steps)).toMatchObject({
      status: 400,
      faults: [{ pointer: '/orders/0/for' }],
      detail: expect.stringMatching(/not for colm: it contains nuts/),
    });
    expect(await refused('PUT', '/round', round([order(['Colm'])]))).toMatchObject({
      status: 400,
      faults: [{ pointer: '/value/round/orders/0/for' }],
    });
    // Written as it is printed, it is poured from the gin that is here all the same.
    expect((await refused('PUT', '/round', round([order(['Colm'], recipe)]))).status).toBe(400);
    expect((await app.put('/round', round([order(['Ann'])]))).status).toBe(200);
    // A drink that lacks something is made of what is here, too.
    const short = { orders: [{ drink: 'dry-martini', for: ['Colm'] }] };
    expect((await refused('POST', '/pour/steps', short)).detail).toMatch(/not for Colm: it contains nuts/);
  });

  it('holds up no round that is under way, and begins none with them', async () => {
    const begun = round([order(['Bran'])], { id: ID(21) });
    expect((await app.put('/round', begun)).status).toBe(200);
    await app.put(`/people/${ID(4)}`, { ...colm, id: ID(4), name: 'Bran' });
    // A step further, the same orders.
    expect((await app.put('/round', round(begun.round.orders, { id: ID(21), at: '0.1' }))).status).toBe(200);
    expect((await refused('PUT', '/round', round([order(['Bran']), order([])], { id: ID(22) }))).status).toBe(
      400,
    );
  });

  it('has what is made with it washed off first', async () => {
    const { body } = await app.call<{ steps: PourStep[] }>('POST', '/pour/steps', {
      orders: [
        { drink: 'gin-and-tonic', for: ['Ann'] },
        { drink: 'daiquiri', for: ['Colm'] },
      ],
    });
    expect(body.steps[0]).toMatchObject({ act: 'wash', cannot: ['nuts'] });
    const first = body.steps.find((s) => s.order !== null);
    expect(first?.order).toBe(1);
  });
});

it('an ingredient of which nobody has said what it holds is not known, not free', async () => {
  await app.put('/kinds/own-hazelnut-gin', gin({ allergens: [], allergensStated: undefined }));
  const page = await app.get<GuestView>(`/guest-page/${KEY}`);
  expect(page.drinks[0]).toMatchObject({ allergens: [], unknown: ['Hazelnut gin'] });
  const ask = { name: 'Orla', cannot: ['molluscs'], noAlcohol: false, drink: 'gin-and-tonic' };
  expect((await refused('POST', `/guest-page/${KEY}/asks`, ask)).detail).toMatch(
    /nobody has said what is in the/,
  );
  // Whoever can have everything is told, and may.
  expect(
    (await app.call('POST', `/guest-page/${KEY}/asks`, { ...ask, name: 'Rory', cannot: [] })).status,
  ).toBe(204);
  await app.put('/kinds/own-hazelnut-gin', gin({ allergens: [] }));
  expect((await app.get<GuestView>(`/guest-page/${KEY}`)).drinks[0]).toMatchObject({ unknown: [] });
});

it('a drink that must stand on a menu and never is refused, and so is an ingredient that is not taken at all', async () => {
  const both = { ...evening, never: ['gin-and-tonic'] };
  expect(await refused('PUT', `/evenings/${evening.id}`, both)).toMatchObject({
    status: 400,
    faults: [{ pointer: '/value/must/0', code: 'mismatch' }],
  });
  const tobacco = { ...gin(), id: 'own-tobacco', name: 'Tobacco tincture' };
  expect(await refused('PUT', '/kinds/own-tobacco', tobacco)).toMatchObject({
    status: 400,
    faults: [{ pointer: '/value/name', code: 'caution' }],
  });
});
