import { computed } from 'vue';
import { makeUpOf, openCounts, type Brief, type Lift, type MakeUp, type Obstacle } from '@uisce/core/plan';
import { useAnswer } from '../solver/use-answer';
import { usePlans } from '../household/use-plans';
import { useTrade } from '../household/use-trade';
import { useItemWords } from './use-item-words';
import { LASTS_WORDS } from './trade-words';
import { count, inSentence, listed, useWords } from './use-words';

/** What follows "opens 58 drinks". */
export function sayMakeUp({ bought, owned, syrups, mixers, tools, glasses }: MakeUp): string {
  const bottles =
    bought > 0 && owned > 0
      ? `${count(bought, 'bottle')} beside your ${owned}`
      : owned > 0
        ? `your ${count(owned, 'bottle')}`
        : bought > 0
          ? count(bought, 'bottle')
          : '';
  const parts = [
    bottles,
    syrups > 0 ? count(syrups, 'syrup') : '',
    mixers > 0 ? count(mixers, 'mixer') : '',
    tools > 0 ? count(tools, 'tool') : '',
    glasses > 0 ? count(glasses, 'glass', 'glasses') : '',
  ].filter((p) => p !== '');
  return parts.length > 0 ? `with ${listed(parts)}` : '';
}

const SHARE_WORDS: Record<number, string> = {
  2: 'half',
  3: 'a third',
  4: 'a quarter',
  5: 'a fifth',
  10: 'a tenth',
};

/** How the lenses tilt the count, in a few words; nothing when there is none. */
export function sayLenses({ variety, shares }: Pick<Brief, 'variety' | 'shares'>): string {
  const parts = shares.map(
    ({ taste, oneIn }) => `at least ${SHARE_WORDS[oneIn] ?? `one in ${oneIn}`} ${taste}`,
  );
  if (variety) parts.push(`each family counts less after its ${ordinal(variety.after)} drink`);
  return parts.length > 0 ? `Chosen with ${listed(parts)}` : '';
}

function ordinal(n: number): string {
  const ending = n % 100 > 10 && n % 100 < 14 ? 'th' : (['th', 'st', 'nd', 'rd'][n % 10] ?? 'th');
  return `${n}${ending}`;
}

/** The sentence at the top: the judgement, how sure it is, and the next best move. */
export function useJudgement() {
  const answers = useAnswer();
  const plans = usePlans();
  const trade = useTrade();
  const words = useWords();
  const { itemName } = useItemWords();

  const makeUp = computed(() => makeUpOf(answers.result, trade.kinds));

  const open = computed(() => answers.result?.open ?? 0);

  const lensWords = computed(() => (plans.brief ? sayLenses(plans.brief) : ''));

  /** How the drinks are open: "as written 90, with a stand-in 27; without alcohol 19". */
  const openWords = computed(() => {
    const counts = openCounts(answers.result?.answer.drinks ?? [], trade.recipes);
    const parts = [
      counts.withStandIn > 0 ? `as written ${counts.asWritten}, with a stand-in ${counts.withStandIn}` : '',
      counts.withoutAlcohol > 0 ? `without alcohol ${counts.withoutAlcohol}` : '',
    ].filter((p) => p !== '');
    return parts.join('; ');
  });

  /** What the sizes are for: "to last three months at 6 drinks a week". */
  const lastsWords = computed(() => {
    const { brief } = plans;
    if (!brief) return '';
    if (brief.lasts === 'taste') return LASTS_WORDS.taste;
    return `to last ${LASTS_WORDS[brief.lasts]} at ${count(brief.drinksPerWeek, 'drink')} a week`;
  });

  const withWords = computed(() => sayMakeUp(makeUp.value));

  const obstacleWords = computed(() => {
    const obstacle = answers.result?.obstacle;
    return obstacle ? sayObstacle(obstacle) : '';
  });

  function sayObstacle(obstacle: Obstacle): string {
    if (obstacle.kind === 'money') {
      return `What you ask for costs at least ${words.money(obstacle.need)}. Raise the money, or let go of a must-have or a bottle you keep.`;
    }
    if (obstacle.kind === 'limits') {
      return 'What you ask for does not fit your limits on bottles, litres or shelf. Loosen one of them, or let go of a must-have.';
    }
    const names = obstacle.drinks.map((id) => trade.recipes.get(id)?.name ?? id);
    return names.length > 0
      ? `Nothing you allow can open ${listed(names)}: a bottle it leans on is ruled out or not on sale.`
      : 'The bottles you keep and the ones you ruled out contradict each other.';
  }

  const leftOver = computed(() => answers.bottleMoney - (answers.result?.answer.spend ?? 0));

  /** The single bottle that opens most for its price, and the money it needs beyond what is left. */
  const nextMove = computed(() => {
    const lift = answers.result?.explanation.lifts.find((l) => l.opens.length > 0);
    return lift
      ? {
          ...lift,
          more: Math.max(0, lift.price - leftOver.value),
          name: liftName(lift),
          isKit: answers.kitById.has(lift.id),
        }
      : undefined;
  });

  function liftName(lift: Pick<Lift, 'id'>): string {
    return inSentence(itemName(lift.id));
  }

  const certainty = computed(() => {
    const { result } = answers;
    if (answers.failure) return answers.failure;
    if (!result || !answers.current) return 'Working it out';
    if (result.answer.status === 'optimal') {
      // Sizes and what is poured of them went on changing each other.
      if (result.settled === 'no')
        return answers.solving ? 'A good set; proving the best' : 'The best set found';
      if (result.ms === 0) return 'Proven best';
      const seconds = result.ms / 1000;
      const sizes = result.settled === 'larger' ? ', sizes rounded up' : '';
      return `Proven best in ${seconds < 1 ? `${result.ms} ms` : `${words.number(seconds)} s`}${sizes}`;
    }
    if (result.answer.status === 'infeasible') return 'No set of bottles meets every rule';
    return answers.solving ? 'A good set; proving the best' : 'A good set, not proven best';
  });

  return {
    open,
    openWords,
    lastsWords,
    withWords,
    lensWords,
    obstacleWords,
    leftOver,
    nextMove,
    certainty,
    makeUp,
  };
}
