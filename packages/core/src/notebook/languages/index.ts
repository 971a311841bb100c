import { de } from './de.js';
import { en } from './en.js';
import { es } from './es.js';
import { fr } from './fr.js';
import { it } from './it.js';
import type { Language } from './language.js';

export type { Column, Language } from './language.js';

/** The languages that recipes are read in. */
export const LANGUAGES: readonly Language[] = [en, de, fr, es, it];

/** One entry of every language, as alternatives of a pattern; of a language that has none, nothing. */
export function inAnyLanguage(of: (language: Language) => string | undefined): string {
  return LANGUAGES.flatMap((language) => of(language) ?? []).join('|');
}
