import { standardDrink } from '@uisce/core/drink';
import type { PourNow, Ranked } from '@uisce/core/pouring';
import { amountMl, daysBetween } from '@uisce/core/base';
import { useSettings } from '../household/use-settings';
import { useToday } from '../household/use-today';
import { useCatalogue } from '../household/use-catalogue';
import { plainName, listed, sayDays, useWords } from '../words/use-words';

const SECONDS_A_MINUTE = 60;
/** Above so many glasses nobody counts them. */
const MANY_GLASSES = 20;
/** So many parts tell one drink from another at a glance. */
const PARTS_SAID = 3;

/** What is said of a drink that can be poured. */
export function useDrinkWords() {
  const settings = useSettings();
  const today = useToday();
  const catalogue = useCatalogue();
  const words = useWords();
  const nameOf = (kind: string) => plainName(catalogue.kindInSentence(kind));

  /** How many before something is out: "5, then the dry gin is out". */
  function glasses({ glasses: n, runsOut }: PourNow): string {
    if (!Number.isFinite(n) || n > MANY_GLASSES) return 'plenty';
    return runsOut ? `${n}, then no ${nameOf(runsOut)}` : String(n);
  }
  /** What is in it, in a few words: its largest parts by what is poured of them. */
  function parts({ drink }: PourNow): string {
    const most = drink.slots
      .filter((s) => !s.optional)
      .map((s) => ({ kind: s.kind, ml: amountMl(s.amount) ?? 0 }))
      .sort((a, b) => b.ml - a.ml)
      .slice(0, PARTS_SAID);
    return [...new Set(most.map((s) => nameOf(s.kind)))].join(', ');
  }
  /** Why it is offered where it is. */
  function why({ now, record, turning }: Ranked): string {
    const parts: string[] = [];
    if (turning) parts.push(`uses the ${nameOf(turning.kind)}`);
    if (record?.mean !== undefined) parts.push(`liked ${words.number(record.mean)} of 5`);
    if (record) {
      const days = daysBetween(record.lastOn, today.iso());
      parts.push(days < 1 ? 'poured today' : `last ${sayDays(days)} ago`);
    } else parts.push('never poured here');
    if (now.match < 1) parts.push('with a stand-in');
    return parts.join(', ');
  }
  /** What is poured in place of what is asked for, and what has to be there. */
  function notes({ standIns, ifThere }: PourNow): string {
    const instead = standIns.map(
      (s) => `${listed(s.kinds.map(nameOf))} for ${nameOf(s.asked)}: ${s.changes}`,
    );
    const there = ifThere.length > 0 ? [`If there is ${listed(ifThere.map(nameOf))}.`] : [];
    return [...instead, ...there].join(' ');
  }
  function time(seconds: number): string {
    if (seconds < SECONDS_A_MINUTE) return `${words.number(seconds, 0)} s`;
    return `${words.number(Math.round(seconds / 30) / 2)} min`;
  }
  function strength({ glass: { figures } }: PourNow): string {
    const standard = standardDrink(settings.current.locale);
    const drinks = figures.ethanolG / standard.g;
    return drinks < 0.05
      ? 'no alcohol'
      : `${words.percent(figures.abv)}, ${words.number(drinks)} ${drinks === 1 ? standard.word[0] : standard.word[1]}`;
  }
  return { glasses, parts, why, notes, time, strength, nameOf };
}
