import { ref, shallowRef } from 'vue';

/** Whether this browser opens Uisce without its server: not yet, yes, never here, or refused because of the certificate. */
export const offlineState = ref<'no' | 'ready' | 'unable' | 'refused'>('no');
/** Takes a new version over and reloads; undefined while there is none. */
export const takeOver = shallowRef<() => void>();

/** What is asked for at a start, beside what is kept: held for when the server is away, under the name that the worker uses. */
const CACHE = 'uisce-api';
const WANTED = ['/api/catalogue', '/api/glossary', '/api/price-lists'];
const LOOK_FOR_NEWS_MS = 60 * 60_000;

/** Hold what this page has fetched already, before the worker was there to do so. */
async function warm(shops: readonly string[]): Promise<void> {
  const cache = await caches.open(CACHE);
  await Promise.all(
    [...WANTED, ...shops.map((id) => `/api/price-lists/${id}`)].map((path) =>
      cache.add(path).catch(() => undefined),
    ),
  );
}

/** Let nothing that was held stay in this browser. */
export async function dropHeld(): Promise<void> {
  if ('caches' in globalThis) await caches.delete(CACHE).catch(() => false);
}

/**
 * From now on Uisce opens here without its server, and asks before a new version takes over.
 *
 * @param shops ids of price lists to hold; @param ready is called once it is so.
 */
export async function openOffline(shops: readonly string[], ready: () => Promise<void>): Promise<void> {
  if (import.meta.env.DEV) return;
  if (!('serviceWorker' in navigator)) {
    offlineState.value = 'unable';
    return;
  }
  const { Workbox } = await import('workbox-window');
  const worker = new Workbox('/sw.js');
  worker.addEventListener('waiting', () => {
    takeOver.value = () => {
      worker.addEventListener('controlling', () => location.reload());
      worker.messageSkipWaiting();
    };
  });
  try {
    const registration = await worker.register();
    setInterval(() => void registration?.update().catch(() => undefined), LOOK_FOR_NEWS_MS);
  } catch {
    // Browsers register no worker under a certificate that they do not trust.
    offlineState.value = 'refused';
    return;
  }
  await navigator.serviceWorker.ready;
  await warm(shops);
  await ready();
  offlineState.value = 'ready';
}
