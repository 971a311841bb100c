import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Announcement } from '@uisce/core/kept';
import { liveLine } from './live-line';
import { dropHeld, offlineState, openOffline, takeOver } from './offline';

const worker = vi.hoisted(() => ({
  told: new Map<string, () => void>(),
  register: (): Promise<unknown> => Promise.resolve({ update: () => Promise.resolve() }),
  skipped: 0,
}));
vi.mock('workbox-window', () => ({
  Workbox: class {
    addEventListener = (what: string, then: () => void) => worker.told.set(what, then);
    messageSkipWaiting = () => (worker.skipped += 1);
    register = () => worker.register();
  },
}));

const held = new Set<string>();
/** A browser that takes workers, and a cache in which one path cannot be put. */
function browser(more: object = { serviceWorker: { ready: Promise.resolve() } }, refuses = ''): void {
  held.clear();
  const add = (path: string) =>
    path === refuses ? Promise.reject(new TypeError('gone')) : Promise.resolve(void held.add(path));
  vi.stubGlobal('navigator', more);
  vi.stubGlobal('caches', {
    open: () => Promise.resolve({ add }),
    delete: () => Promise.resolve(held.clear()),
  });
}
beforeEach(() => {
  vi.stubEnv('DEV', false);
  vi.useFakeTimers();
  offlineState.value = 'no';
  takeOver.value = undefined;
  worker.told.clear();
  worker.register = () => Promise.resolve({ update: () => Promise.resolve() });
});
afterEach(() => {
  vi.unstubAllEnvs();
  vi.unstubAllGlobals();
  vi.useRealTimers();
});

describe('opening without the server', () => {
  it('is ready once the worker is there, what a start asks for is held, and the household is kept', async () => {
    browser();
    const ready = vi.fn(() => Promise.resolve());
    await openOffline(['corner', 'harbour'], ready);
    expect([...held].sort()).toEqual([
      ...['/api/catalogue', '/api/glossary', '/api/price-lists'],
      ...['/api/price-lists/corner', '/api/price-lists/harbour'],
    ]);
    expect([ready.mock.calls.length, offlineState.value]).toEqual([1, 'ready']);
  });

  it('does without a price list that cannot be had', async () => {
    browser({ serviceWorker: { ready: Promise.resolve() } }, '/api/price-lists/corner');
    await openOffline(['corner'], () => Promise.resolve());
    expect([held.size, offlineState.value]).toEqual([3, 'ready']);
  });

  it('says so where the browser has no workers, or takes none under this certificate', async () => {
    browser({});
    await openOffline([], () => Promise.resolve());
    expect(offlineState.value).toBe('unable');
    browser();
    worker.register = () => Promise.reject(new DOMException('no', 'SecurityError'));
    await openOffline([], () => Promise.resolve());
    expect([offlineState.value, held.size]).toEqual(['refused', 0]);
  });

  it('asks before a new version takes over, and reloads only then', async () => {
    browser();
    const reload = vi.fn();
    vi.stubGlobal('location', { reload });
    await openOffline([], () => Promise.resolve());
    expect(takeOver.value).toBeUndefined();
    worker.told.get('waiting')?.();
    expect(worker.skipped).toBe(0);
    takeOver.value?.();
    expect([worker.skipped, reload.mock.calls.length]).toEqual([1, 0]);
    worker.told.get('controlling')?.();
    expect(reload).toHaveBeenCalledOnce();
  });

  it('lets go of all that was held', async () => {
    browser();
    await openOffline(['corner'], () => Promise.resolve());
    await dropHeld();
    expect(held.size).toBe(0);
  });
});

describe('the line to the server', () => {
  const lines: EventTarget[] = [];
  const open = new Set<EventTarget>();
  class Line extends EventTarget {
    constructor(readonly address: string) {
      super();
      lines.push(this);
      open.add(this);
    }
    close = () => open.delete(this);
  }
  const seen = (state: 'visible' | 'hidden') => {
    vi.spyOn(document, 'visibilityState', 'get').mockReturnValue(state);
    document.dispatchEvent(new Event('visibilitychange'));
  };

  it('tells what it hears, is shut while nobody sees the page, and opened anew when somebody does', () => {
    vi.stubGlobal('EventSource', Line);
    const heard: string[] = [];
    liveLine({
      hello: () => heard.push('hello'),
      restored: () => heard.push('restored'),
      change: (news: Announcement) => heard.push(news.label),
    });
    const tell = (what: string, data?: object) =>
      lines.at(-1)?.dispatchEvent(new MessageEvent(what, { data: JSON.stringify(data ?? {}) }));
    tell('hello');
    tell('change', { label: 'Money now' });
    seen('hidden');
    expect(open.size).toBe(0);
    seen('visible');
    expect([open.size, lines.length]).toEqual([1, 2]);
    tell('restored');
    expect(heard).toEqual(['hello', 'Money now', 'restored']);
    dispatchEvent(new Event('pagehide'));
    expect(open.size).toBe(0);
  });
});
