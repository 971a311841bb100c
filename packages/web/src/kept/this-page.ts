/** An open page: what tells it from others, and a name that people recognise. */
export interface ThisPage {
  id: string;
  name: string;
}

const ID_KEY = 'uisce:page';
const lockOf = (id: string) => `uisce:page:${id}`;

/** "Firefox on Linux", from what the browser says of itself. */
export function browserName(agent: string): string {
  const browser = /Firefox/.test(agent)
    ? 'Firefox'
    : /Edg\//.test(agent)
      ? 'Edge'
      : /Chrom/.test(agent)
        ? 'Chromium'
        : /Safari/.test(agent)
          ? 'Safari'
          : 'a browser';
  const system = /Android/.test(agent)
    ? 'Android'
    : /iPhone|iPad/.test(agent)
      ? 'iOS'
      : /Windows/.test(agent)
        ? 'Windows'
        : /Mac OS/.test(agent)
          ? 'macOS'
          : /Linux/.test(agent)
            ? 'Linux'
            : 'some machine';
  return `${browser} on ${system}`;
}

/** What a page that is reloaded may take to let go of its own lock, on a busy machine. */
const RELOAD_MS = 1000;

/** Take a page's lock until it is left; false when another page has it. @param waitMs how long it may still have it. */
function take(id: string, waitMs: number): Promise<boolean> {
  const patience = waitMs > 0 ? { signal: AbortSignal.timeout(waitMs) } : { ifAvailable: true };
  return new Promise((resolve) => {
    const held = navigator.locks.request(lockOf(id), patience, (lock) => {
      resolve(lock !== null);
      return lock === null ? undefined : left();
    });
    // Nothing else ends it but that it was waited for long enough.
    held.catch(() => resolve(false));
  });
}

function isReload(): boolean {
  const [opened] = performance.getEntriesByType('navigation') as PerformanceNavigationTiming[];
  return opened?.type === 'reload';
}

/** Resolves when the page is left. One that the browser wakes up again begins anew, since another may have gone on with its work. */
function left(): Promise<void> {
  window.addEventListener('pageshow', ({ persisted }) => {
    if (persisted) location.reload();
  });
  return new Promise((resolve) => addEventListener('pagehide', () => resolve(), { once: true }));
}

async function find(): Promise<ThisPage> {
  const name = browserName(navigator.userAgent);
  const known = sessionStorage.getItem(ID_KEY);
  // A reload keeps its page; a tab that was duplicated takes a new one.
  if (known !== null && (await take(known, isReload() ? RELOAD_MS : 0))) return { id: known, name };
  const id = crypto.randomUUID();
  sessionStorage.setItem(ID_KEY, id);
  await take(id, 0);
  return { id, name };
}

let found: Promise<ThisPage> | undefined;

/** This page's own id, which a reload keeps, and its name. */
export function thisPage(): Promise<ThisPage> {
  found ??= find();
  return found;
}

/** Whether a page is still open somewhere in this browser. */
export async function isOpen(id: string): Promise<boolean> {
  const { held = [] } = await navigator.locks.query();
  return held.some((lock) => lock.name === lockOf(id));
}
