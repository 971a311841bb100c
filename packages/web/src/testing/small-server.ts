import { createPinia, setActivePinia } from 'pinia';
import { vi } from 'vitest';
import { PROBLEMS, problemType, type ProblemName } from '@uisce/core/base';
import type { PriceList } from '@uisce/core/catalogue';
import { defaultSettings } from '@uisce/core/household';
import type { Applied, ChangeWrite, KeptEntry } from '@uisce/core/kept';
import { useCatalogue } from '../household/use-catalogue';
import { useKeeper } from '../kept/use-keeper';
import { SMALL_CATALOGUE, SMALL_SHOP } from './small-house';

/** A refusal as the real server words it. */
export function refusal(name: ProblemName, detail: string): Response {
  const { status, title } = PROBLEMS[name];
  return new Response(JSON.stringify({ type: problemType(name), title, status, detail }), { status });
}

/** What the small house knows and what its shop asks: a test that needs more puts it here, and what was here back. */
export const served = { catalogue: SMALL_CATALOGUE, shop: SMALL_SHOP };

/** A server of the small house: it answers what a page asks while it opens, and takes every change. */
export class SmallServer {
  readonly entries = new Map<string, KeptEntry>();
  readonly changes: ChangeWrite[] = [];
  catalogueTag = '"one"';
  /** What else it answers, by method and path; what comes of it is sent as JSON; nothing, or an answer of its own, as it is. */
  readonly also = new Map<string, (body: unknown) => unknown>();
  /** What it was asked of those, in turn. */
  readonly asked: [what: string, body: unknown][] = [];
  private version = 0;

  constructor(things: [thing: string, id: string, value: unknown][] = []) {
    this.store('settings', 'household', { ...defaultSettings(), priceListId: SMALL_SHOP.id });
    things.forEach(([thing, id, value]) => this.store(thing, id, value));
    vi.stubGlobal('EventSource', EventTarget);
    vi.stubGlobal('navigator', {
      userAgent: 'X11; Linux Chrome/1',
      hardwareConcurrency: 2,
      locks: {
        request: (_name: string, _options: unknown, use: (lock: object) => unknown) =>
          Promise.resolve(use({})),
        query: () => Promise.resolve({ held: [] }),
      },
    });
    vi.stubGlobal('fetch', (path: string, init?: { body?: string; method?: string }) =>
      this.answer(path, init?.body, init?.method),
    );
  }

  private store(thing: string, id: string, value: unknown): KeptEntry {
    const entry = { thing, id, version: ++this.version, value };
    this.entries.set(`${thing}/${id}`, entry);
    return entry;
  }

  private answer(path: string, body?: string, method = 'GET'): Promise<Response> {
    const history = { undo: this.changes.at(-1)?.change ?? null, redo: null };
    const json = (value: unknown) =>
      Promise.resolve(
        new Response(JSON.stringify(value), {
          headers: { 'content-type': 'application/json', etag: this.catalogueTag },
        }),
      );
    if (path === '/api/catalogue') return json(served.catalogue);
    if (path === '/api/price-lists') return json([{ id: SMALL_SHOP.id, name: 'Corner', currency: 'EUR' }]);
    if (path === `/api/price-lists/${SMALL_SHOP.id}`) return json(served.shop satisfies PriceList);
    if (path === '/api/kept') return json({ entries: [...this.entries.values()], setAside: [], history });
    if (path === '/api/changes' && !this.also.has('POST /changes')) {
      const change = JSON.parse(body ?? '{}') as ChangeWrite;
      this.changes.push(change);
      const entries = change.writes.map(({ thing, id, value }) => this.store(thing, id, value));
      return json({ entries, history } satisfies Applied);
    }
    const what = `${method} ${path.replace('/api', '')}`;
    const also = this.also.get(what);
    if (also) {
      const sent: unknown = body === undefined ? undefined : JSON.parse(body);
      this.asked.push([what, sent]);
      const answered = also(sent);
      if (answered instanceof Response) return Promise.resolve(answered);
      return answered === undefined ? Promise.resolve(new Response(null, { status: 204 })) : json(answered);
    }
    return Promise.reject(new TypeError(`nothing at ${path}`));
  }
}

/** Open a page: empty stores, and everything read. */
export async function openPage(): Promise<void> {
  setActivePinia(createPinia());
  const catalogue = useCatalogue();
  await Promise.all([useKeeper().start(), catalogue.load()]);
  await catalogue.readPrices();
}
