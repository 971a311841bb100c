import { withArticle } from '@uisce/core/base';
import { computed } from 'vue';
import { useKitReport } from './use-kit-report';
import { useAnswer } from '../solver/use-answer';
import { useKit } from '../household/use-kit';
import { useCatalogue } from '../household/use-catalogue';
import { count, listed, oneAndMany, useWords } from '../words/use-words';
import type { KitOffer } from '@uisce/core/kit';
import type { KitScope } from '@uisce/core/plan';

/** More than this are counted, not named. */
const MAX_NAMED = 3;

/** The drinks in question, in words. */
const OF_WHAT: Record<KitScope, string> = {
  planned: 'of your plan',
  wanted: 'that you must have',
  counted: 'that count',
};

/** The judgement on the kit: what can be made already, and what covers the rest. */
export function useKitSentence() {
  const answers = useAnswer();
  const kits = useKit();
  const catalogue = useCatalogue();
  const words = useWords();
  const { report, current, failure } = useKitReport();

  /** "a €9 fine strainer", "2 coupes for €12.90". */
  function sayOffer({ entry, sets, priceMinor }: KitOffer): string {
    const price = words.price(priceMinor);
    if (entry.tool !== undefined) return withArticle(`${price} ${catalogue.toolInSentence(entry.tool)}`);
    const glass = oneAndMany(catalogue.glassInSentence(entry.glass ?? ''));
    return `${count(entry.pieces * sets, ...glass)} for ${price}`;
  }

  const drinks = computed(() => report.value?.cover.drinks ?? 0);
  const ready = computed(() => report.value?.cover.ready.length ?? 0);

  /** Which drinks they are. */
  const ofWhat = computed(() => OF_WHAT[report.value?.scope ?? 'counted']);

  /** What follows "You can already make 41 of the 58 drinks of your plan". */
  const rest = computed(() => {
    const cover = report.value?.cover;
    if (!cover || cover.buy.length === 0) return '';
    const more = cover.drinks - cover.ready.length - cover.beyond.length;
    const what = cover.beyond.length === 0 ? 'the rest' : `${more} more`;
    const one = cover.buy.length === 1;
    return cover.buy.length <= MAX_NAMED
      ? `; ${listed(cover.buy.map(sayOffer))} ${one ? 'covers' : 'cover'} ${what}`
      : `; ${count(cover.buy.length, 'thing')} for ${words.price(cover.costMinor)} cover ${what}`;
  });

  const certainty = computed(() => {
    if (failure.value) return failure.value;
    if (!report.value || !current.value) return 'Working it out';
    return report.value.cover.buy.length > 0 ? 'Cheapest set, proven' : 'Nothing to buy';
  });

  /** How the plan treats it: what of the list its money buys. */
  const inPlan = computed(() => {
    const { kit } = kits;
    const cover = report.value?.cover;
    const wait = report.value?.waiting ?? 0;
    const more = wait > 0 ? `; more tools than it buys would add ${count(wait, 'drink')}` : '';
    if (!kit.said) return 'the plan leaves tools and glasses out until you say what is there';
    if (!kit.inPlan) return 'the plan’s money leaves them out';
    const bought = answers.result?.kit.filter((k) => answers.result?.answer.items.includes(k.id)) ?? [];
    const cost = bought.reduce((sum, k) => sum + k.priceMinor, 0);
    if (bought.length > 0)
      return `the plan’s money buys ${bought.length === cover?.buy.length ? 'them' : bought.length} for ${words.price(cost)}${more}`;
    return cover && cover.buy.length > 0
      ? 'the plan’s money buys none of them: bottles add more'
      : more.replace('; ', '');
  });

  /** The one thing that adds most. */
  const next = computed(() => {
    const best = report.value?.cover.buy[0];
    return best && best.closes.length > 0 ? { words: sayOffer(best), adds: best.closes.length } : undefined;
  });

  return { drinks, ready, ofWhat, rest, certainty, inPlan, next, report, sayOffer };
}
