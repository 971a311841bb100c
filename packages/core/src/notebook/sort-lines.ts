import { foldText } from '../base/fold.js';
import type { KindMatcher } from './kind-matcher.js';
import { inAnyLanguage } from './languages/index.js';
import { looksLikeMethod } from './method-words.js';
import { GARNISHED, looksLikeGarnish, looksMeasured, looksNamed } from './read-line.js';

const HEADING = new RegExp(`^(?:${inAnyLanguage((l) => l.text.headings)})\\s*:?\\s*$`, 'u');
const GLASS = new RegExp(`^(?:${inAnyLanguage((l) => l.text.glass)})\\s*[:–-]\\s*`, 'iu');
/** Longer than this a line names nothing. */
export const LONGEST_NAME = 60;
/** "Method: shake", "Ice: crushed": what follows tells how it is made. */
const LABEL = new RegExp(`^(?:${inAnyLanguage((l) => l.text.labels)})\\s*[:–-]\\s*(?=\\S)`, 'iu');
/** "Ice", by itself among the parts, is no part. */
const LABEL_ALONE = new RegExp(`^(?:[-•*]\\s*)?(?:${inAnyLanguage((l) => l.text.labels)})$`, 'iu');
/** "Serves: 2", "Prep time: 5 minutes": no part of it. */
const ASIDE = new RegExp(`^(?:${inAnyLanguage((l) => l.text.asideLabels)})\\b\\s*(?::|[–-]\\s|\\d)`, 'iu');

/** What a line is; `named` is an ingredient without an amount, if what stands beside it is measured. */
export type Said =
  'blank' | 'heading' | 'garnish' | 'glass' | 'measured' | 'named' | 'method' | 'aside' | 'other';

/** What a line is by itself. */
export function said(line: string, matcher: KindMatcher): Said {
  const text = line.trim();
  if (text === '' || /^[-–—=_*#~]{3,}$/.test(text)) return 'blank';
  const folded = foldText(text);
  if (HEADING.test(folded.replace(/^#+\s*/, ''))) return 'heading';
  if (ASIDE.test(folded)) return 'aside';
  if (LABEL.test(folded) || LABEL_ALONE.test(folded)) return 'method';
  if (GARNISHED.test(folded)) return 'garnish';
  if (GLASS.test(folded)) return 'glass';
  const isProse = /[.!]$/.test(text) && text.split(' ').length > 4;
  if (!isProse && looksMeasured(text, matcher)) return 'measured';
  if (!isProse && looksLikeGarnish(text)) return 'garnish';
  if (!isProse && looksNamed(text, matcher)) return 'named';
  return looksLikeMethod(text) || text.length > LONGEST_NAME ? 'method' : 'other';
}

/**
 * Lines that name an ingredient without an amount are parts where they stand among what is measured, or right below it;
 * one alone above it is a name.
 */
export function withNamed(kinds: readonly Said[]): Said[] {
  const all = [...kinds];
  const isPart = (i: number) => all[i] === 'measured' || all[i] === 'garnish';
  all.forEach((is, i) => {
    if (is === 'named' && isPart(i - 1)) all[i] = 'measured';
  });
  // Upwards: below a name, above what is measured.
  for (let i = all.length - 1; i >= 0; i--)
    if (all[i] === 'named' && all[i + 1] === 'measured' && !['blank', undefined].includes(all[i - 1]))
      all[i] = 'measured';
  return all.map((is) => (is === 'named' ? 'other' : is));
}
