import { dropHeld } from './offline';
import { forgetFound } from './found-store';
import { forgetRemembered } from './snapshot';

/** All of ours but what was never sent: it is sent by whoever signs in next. */
const OURS = /^uisce(?!:outbox:)/;

function forgetIn(storage: Storage): void {
  for (const key of Object.keys(storage)) if (OURS.test(key)) storage.removeItem(key);
}

/** Nothing of the household stays in this browser: what was last heard, what was worked out, what was chosen here. */
export async function forgetHere(): Promise<void> {
  await Promise.all([forgetRemembered(), forgetFound(), dropHeld()]);
  forgetIn(localStorage);
  forgetIn(sessionStorage);
}
