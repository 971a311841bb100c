import { computed } from 'vue';
import { useRoute } from 'vue-router';
import { amountMl, daysBetween } from '@uisce/core/base';
import { inGlass, standardDrink } from '@uisce/core/drink';
import { drinkInHand, favourites, type Round } from '@uisce/core/pouring';
import { useLog } from '../household/use-log';
import { usePouring } from '../household/use-pouring';
import { useSettings } from '../household/use-settings';
import { useStock } from '../household/use-stock';
import { useToday } from '../household/use-today';
import { useCatalogue } from '../household/use-catalogue';
import { count, plainName, sayDays, useWords } from '../words/use-words';
import { useRoundInHand } from './use-round-in-hand';
import { useStepWords } from './use-step-words';

/** Below this a bottle's last drinks are worth counting. */
const FEW_DRINKS = 12;

/** What pours now, and what asks to be used. */
function useChoosing() {
  const pouring = usePouring();
  const catalogue = useCatalogue();
  const choosing = computed(() => {
    const n = pouring.count.value;
    if (n === undefined) return { before: 'Looking what pours', figure: '', after: '' };
    const figure = `${count(n, 'drink')} now`;
    const [first] = pouring.asks.value;
    if (!first) return { before: '', figure, after: n === 0 ? ': say on the Shelf what stands there' : '' };
    const name = plainName(catalogue.kindInSentence(first.kind));
    return { before: '', figure, after: `; the ${name} asks to be used in ${first.drinks} of them` };
  });
  const choosingBelow = computed(() => {
    const parts: string[] = [];
    const [first] = pouring.asks.value;
    if (first) parts.push(`it goes off in ${count(first.days, 'day')}`);
    const short = pouring.now.value?.short.length ?? 0;
    if (short > 0)
      parts.push(short === 1 ? '1 more is one thing short' : `${short} more are one thing short`);
    return parts.join(' · ');
  });

  return { choosing, choosingBelow };
}

/** The step that is under way. */
function useMaking() {
  const settings = useSettings();
  const log = useLog();
  const stock = useStock();
  const catalogue = useCatalogue();
  const words = useWords();
  const stepWords = useStepWords();
  const { inHand, current, running } = useRoundInHand();
  const standard = computed(() => standardDrink(settings.current.locale));
  const names = computed(() =>
    (log.round?.orders ?? [])
      .map((o) => (o.count > 1 ? `${o.count} × ${o.drink.name}` : o.drink.name))
      .join(', '),
  );
  const makingNow = computed(() => {
    const step = current.value;
    if (!step) return { before: 'No round is under way', figure: '', after: '' };
    const { figure, name, where } = stepWords.say(step);
    const measured = step.part !== null && step.act !== 'squeeze';
    if (measured)
      return {
        before: `${names.value}: `,
        figure: `${figure} ${name} next`,
        after: where ? `, ${where}` : '',
      };
    if (running.value) return { before: `${names.value}: `, figure: `${name}, `, after: `stop at ${figure}` };
    return { before: `${names.value}: `, figure: `${figure} ${name}`, after: '' };
  });
  const makingBelow = computed(() => {
    const m = inHand.value;
    const step = current.value;
    if (!m || !step) return '';
    const parts = [`${m.place + 1} of ${m.now.length}`];
    const order = step.order === null ? m.orders[0] : m.orders[step.order];
    const kind = step.part?.kind;
    const there = kind === undefined ? undefined : stock.there.get(kind);
    const slot = order?.drink.slots.find((s) => s.kind === kind);
    const each = slot && amountMl(slot.amount);
    if (there && !there.unmeasured && each && order && step.act !== 'squeeze') {
      const left = Math.floor((there.ml - each * order.count) / each);
      if (left >= 0 && left <= FEW_DRINKS)
        parts.push(`${count(left, 'more drink')} in the ${catalogue.kindInSentence(kind ?? '')} after this`);
    }
    // What is done once for all is of no one drink.
    const drink =
      order &&
      (step.order !== null || m.orders.length === 1) &&
      drinkInHand(log.round as Round, m, m.orders.indexOf(order));
    if (drink) {
      // What went over the measure counts.
      const { figures } = inGlass(drink, log.bar.kinds);
      const drinks = figures.ethanolG / standard.value.g;
      parts.push(`${words.percent(figures.abv)} vol, ${words.number(drinks)} ${standard.value.word[1]} each`);
    }
    return parts.join(' · ');
  });

  return { names, makingNow, makingBelow };
}

/** What was poured so far, and what was liked best. */
function useLogSentence() {
  const log = useLog();
  const today = useToday();
  const words = useWords();
  const logNow = computed(() => {
    const glasses = log.pours.reduce((n, p) => n + p.glasses, 0);
    const first = log.pours.reduce((least, p) => (p.on < least ? p.on : least), today.iso());
    const [best] = favourites(log.pours);
    if (glasses === 0) return { before: 'Nothing is written down yet', figure: '', after: '' };
    const days = daysBetween(first, today.iso());
    const before = `${count(glasses, 'drink')} in ${sayDays(Math.max(1, days))}`;
    if (best?.mean === undefined) return { before, figure: '', after: '' };
    return {
      before: `${before}; liked best: `,
      figure: `${best.name}, ${words.number(best.mean)} of 5`,
      after: '',
    };
  });
  const logBelow = computed(() => {
    // As the table below has them: what was given up was drunk by nobody.
    const drunk = log.pours.filter((p) => p.glasses > 0);
    const evenings = new Set(drunk.map((p) => p.on)).size;
    return evenings === 0 ? '' : `${count(evenings, 'evening')}, ${count(drunk.length, 'entry', 'entries')}`;
  });

  return { logNow, logBelow };
}

/** The sentence over the step, whichever part of it is open. */
export function usePourSentence() {
  const route = useRoute();

  const part = computed(() => (route.params.part as string | undefined) ?? '');

  const { choosing, choosingBelow } = useChoosing();
  const { names, makingNow, makingBelow } = useMaking();
  const { logNow, logBelow } = useLogSentence();
  const headline = computed(() => {
    if (part.value === 'round') return makingNow.value;
    if (part.value === 'log') return logNow.value;
    if (part.value === 'served') return { before: 'Poured: ', figure: 'how was it', after: '?' };
    return choosing.value;
  });
  const underline = computed(() => {
    if (part.value === 'round') return makingBelow.value;
    if (part.value === 'log') return logBelow.value;
    if (part.value === 'served') return 'One tap is enough; it teaches what is offered next.';
    return choosingBelow.value;
  });
  return { part, headline, underline, names };
}
