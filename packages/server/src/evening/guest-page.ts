import { inSentence } from '@uisce/core/base';
import { randomUUID, timingSafeEqual } from 'node:crypto';
import { rateLimit } from 'express-rate-limit';
import {
  askedSchema,
  cannotServe,
  ingredientsOf,
  menuIsOpen,
  guestDrinks,
  guestViewSchema,
  menuHere,
  MAX_ASKS,
  type GuestAsk,
  type GuestAsked,
  type Evening,
  type GuestView,
} from '@uisce/core/evening';
import { keptAsk, keptEvening, keptSettings, ONLY_ID, type ChangeWrite, type World } from '@uisce/core/kept';
import { pourables } from '@uisce/core/pouring';
import { addressOf } from '../access/door.js';
import type { Api } from '../http/api.js';
import { HttpProblem } from '../http/problem.js';
import { houseMoment } from '../kept/house-clock.js';
import { houseNow, pricesNow } from '../kept/house-now.js';
import type { Library } from '../kept/library.js';
import type { KeptStore } from '../kept/store.js';

/** So many asks a minute from one address: a table of guests behind one router has room, a machine has not. */
const ASKS_A_MINUTE = 20;
const MINUTE_MS = 60_000;

/** Whether two keys are the same, told in the same time either way; lengths are of bytes, not of letters. */
function same(a: string, b: string): boolean {
  const [one, other] = [Buffer.from(a), Buffer.from(b)];
  return one.length === other.length && timingSafeEqual(one, other);
}

/** The menus that guests may read: each by its key, while its evening lasts. */
class GuestMenus {
  constructor(
    private readonly store: KeptStore,
    private readonly world: World,
    private readonly library: Library,
  ) {}

  /** The evening of a key, while its menu is open; every key is looked at for as long. */
  eveningOf(key: string): Evening {
    const now = houseMoment(this.store);
    const found = this.store
      .list(keptEvening)
      .map((e) => e.value)
      .filter((e) => e.guestCard !== null && same(e.guestCard.key, key));
    const open = found.find((e) => menuIsOpen(e, now));
    if (open === undefined)
      throw new HttpProblem('not-found', 'there is no menu here, or its evening is over');
    return open;
  }

  viewOf(evening: Evening): GuestView {
    const { catalogue } = this.library;
    const house = houseNow(this.store, this.library);
    const recipes = catalogue.recipes.filter((r) => evening.must.includes(r.id));
    const ready = pourables({ ...catalogue, recipes }, house.minMatch);
    const { household = '', locale = 'en-IE' } = this.store.get(keptSettings, ONLY_ID)?.value ?? {};
    const menu = menuHere(evening, {
      ...house,
      catalogue,
      ready,
      prices: pricesNow(this.store, this.world, this.library),
    });
    const nameOf = (id: string) => {
      const kind = house.kinds.get(id);
      return kind ? inSentence(kind) : id;
    };
    const drinks = guestDrinks(evening, menu, nameOf);
    return {
      house: household,
      name: evening.name,
      on: evening.on,
      from: evening.from,
      locale,
      drinks,
      ingredients: ingredientsOf(drinks, nameOf),
      isWhole: evening.must.length >= evening.size,
      asks: evening.guestCard?.asks ?? false,
    };
  }

  /** What a guest asks for as a change, or why not. */
  changeOf(key: string, asked: GuestAsked): ChangeWrite {
    const evening = this.eveningOf(key);
    if (!evening.guestCard?.asks)
      throw new HttpProblem('not-here', 'this menu is for reading: ask the house');
    const { drinks, ingredients } = this.viewOf(evening);
    const drink = drinks.find((d) => d.id === asked.drink);
    const fault = (pointer: string, detail: string) =>
      HttpProblem.faults(detail, [{ code: 'mismatch', pointer, detail }]);
    if (drink === undefined) throw fault('/drink', 'it is not on the menu');
    const cannot = cannotServe(asked, drink, (id) => ingredients.find((i) => i.id === id)?.name ?? id);
    if (cannot !== undefined) throw fault('/drink', cannot);
    const before = this.store.list(keptAsk).filter((a) => a.value.evening === evening.id);
    if (before.length >= MAX_ASKS) throw new HttpProblem('too-many-tries', 'the list is full: ask the house');
    const [id, at] = [randomUUID(), new Date().toISOString()];
    const ask: GuestAsk = { id, evening: evening.id, at, state: 'waiting', ...asked };
    return {
      id: randomUUID(),
      change: `${asked.name} asks for ${drink.name}`.slice(0, 120),
      writes: [{ thing: keptAsk.name, id, value: ask, version: null }],
    };
  }
}

/** How often one address may ask. */
const limitedAsks = () =>
  rateLimit({
    windowMs: MINUTE_MS,
    limit: ASKS_A_MINUTE,
    // What was refused for its own faults counts too.
    keyGenerator: addressOf,
    handler: () => {
      throw new HttpProblem('too-many-tries', 'that was a lot at once: wait a minute', {
        headers: { 'retry-after': '60' },
      });
    },
    standardHeaders: false,
    legacyHeaders: false,
  });

/** The menu of an evening, for guests: with its key and without a passphrase. Nothing else of the household is reached with it. */
export function guestPageRoutes(api: Api, store: KeptStore, world: World, library: Library): void {
  const menus = new GuestMenus(store, world, library);
  const limited = limitedAsks();
  api
    .on(
      {
        method: 'get',
        path: '/guest-page/{key}',
        summary: 'The menu of an evening, for guests who were given its key',
        open: true,
        answer: guestViewSchema,
        problems: ['not-found'],
      },
      (req, res) =>
        res.set('cache-control', 'no-store').json(menus.viewOf(menus.eveningOf(String(req.params.key)))),
    )
    .on(
      {
        method: 'post',
        path: '/guest-page/{key}/asks',
        summary: 'A guest asks for a drink of the menu',
        open: true,
        before: limited,
        body: askedSchema,
        status: 204,
        problems: ['not-found', 'not-here', 'too-many-tries'],
      },
      async (req, res, asked) => {
        const key = String(req.params.key);
        await store.apply(() => menus.changeOf(key, asked), { page: '', name: 'the guests’ page' });
        res.status(204).end();
      },
    );
}
