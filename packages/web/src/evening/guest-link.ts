import type { GuestPage } from '@uisce/core/evening';

const KEY_BYTES = 24;

/** A key that nobody guesses: 24 bytes of chance, as base64url. */
export function newPageKey(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(KEY_BYTES));
  return btoa(String.fromCharCode(...bytes))
    .replaceAll('+', '-')
    .replaceAll('/', '_');
}

/** Where guests open it; empty while the home network is not served. */
export function guestPageAddress(home: string, page: GuestPage | null): string {
  return home === '' || page === null ? '' : `${home}/card/${page.key}`;
}
