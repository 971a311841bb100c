import { get, keys, set } from 'idb-keyval';
import { foundStore as store } from '../kept/found-store';
import type { About } from './about';
import solverUrl from './solver.worker?worker&url';

/** What of the solver's work this browser keeps: the last of each, with the question it answers. */
type Work = 'answer' | 'curve' | 'kit';

/** What is remembered is checked so long after it was shown, when the page has been drawn. */
export const CHECK_AFTER_MS = 800;

/** One thing found: the question, and what was the answer. */
interface Found {
  question: string;
  answer: unknown;
}

/**
 * The whole question in words, the same only where the answer is. The built solver's name carries a
 * hash of its code, so that another release answers anew.
 */
export function questionKey(about: About, catalogueTag: string, ...more: unknown[]): string {
  return JSON.stringify([solverUrl, catalogueTag, about, ...more]);
}

/** What this browser has found before to just this question. Where it keeps nothing, nothing. */
export async function recall<T>(work: Work, question: string): Promise<T | undefined> {
  const found = await get<Found>(work, store).catch(() => undefined);
  return found?.question === question ? (found.answer as T) : undefined;
}

/** Keep what was found for the next time that the page is opened. */
export async function remember(work: Work, question: string, answer: unknown): Promise<void> {
  // A browser that keeps nothing, or has no room, works it out again.
  await set(work, { question, answer }, store).catch(() => undefined);
}

/** Whether this browser has an answer to anything: then the solver need not hurry. */
export async function remembersAny(): Promise<boolean> {
  return (await keys(store).catch(() => [])).length > 0;
}
