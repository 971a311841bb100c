import { computed } from 'vue';
import { countDrinks, makeUpOf, openCounts, type Brief, type MakeUp, type Obstacle } from '@uisce/core/plan';
import { useAnswer } from '../solver/use-answer';
import { usePlans } from '../household/use-plans';
import { useCatalogue } from '../household/use-catalogue';
import { useItemWords } from './use-item-words';
import { count, listed, useWords } from './use-words';

/** What follows "makes 58 drinks". */
export function sayMakeUp({ bought, owned, syrups, mixers, seasonings, tools, glasses }: MakeUp): string {
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
    seasonings > 0 ? count(seasonings, 'seasoning') : '',
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

/** What a set is best at beside the plain count, where the brief asks for more than that; nothing where it does not. */
export function sayLenses({
  askedForMore,
  likedMore,
  variety,
  shares,
}: Pick<Brief, 'askedForMore' | 'likedMore' | 'variety' | 'shares'>): string {
  const parts = [
    ...(askedForMore ? ['the drinks people ask for most'] : []),
    ...(likedMore ? ['what you like'] : []),
    ...(variety ? ['drinks that differ'] : []),
    ...shares.map(({ taste, oneIn }) => `at least ${SHARE_WORDS[oneIn] ?? `one in ${oneIn}`} ${taste}`),
  ];
  return parts.length > 0 ? `Chosen for ${listed(parts)}` : '';
}

/** Why no set meets what is asked for. */
function useObstacle() {
  const answers = useAnswer();
  const catalogue = useCatalogue();
  const words = useWords();
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
    const names = obstacle.drinks.map((id) => catalogue.recipes.get(id)?.name ?? id);
    return names.length > 0
      ? `Nothing you allow can make ${listed(names)}: a bottle it leans on is ruled out or not on sale.`
      : 'The bottles you keep and the ones you ruled out contradict each other.';
  }

  return { obstacleWords };
}

/** The single bottle that adds most for its price, and the money it needs beyond what is left. */
function useNextMove() {
  const answers = useAnswer();
  const { itemInSentence } = useItemWords();
  const leftOver = computed(() => answers.bottleMoney - (answers.result?.answer.spend ?? 0));

  const nextMove = computed(() => {
    const lift = answers.result?.explanation.lifts.find((l) => l.adds.length > 0);
    return lift
      ? {
          ...lift,
          more: Math.max(0, lift.price - leftOver.value),
          name: itemInSentence(lift.id),
          isKit: answers.kitById.has(lift.id),
        }
      : undefined;
  });

  return { leftOver, nextMove };
}

/** The sentence at the top: the judgement, how sure it is, and the next best move. */
export function useJudgement() {
  const answers = useAnswer();
  const plans = usePlans();
  const catalogue = useCatalogue();
  const words = useWords();

  const makeUp = computed(() => makeUpOf(answers.result, catalogue.kinds));

  const open = computed(() => answers.result?.drinksMade ?? 0);

  const lensWords = computed(() => (plans.brief ? sayLenses(plans.brief) : ''));

  /** What is proven, and what a stand-in takes off it. */
  const promise = computed(() => {
    const { result } = answers;
    if (result?.answer.status !== 'optimal' || !answers.current) return '';
    const { withStandIn } = openCounts(result.answer.drinks, catalogue.recipes);
    const standIns = `; a stand-in counts a little less (${withStandIn} of them)`;
    return `no other set for this money is worth more${withStandIn > 0 ? standIns : ''}`;
  });

  /** What stands beside the count: "8 of the 20 most asked for, 12 with wine bought on the day; 17 more without alcohol". */
  const besideWords = computed(() => {
    const { result } = answers;
    if (!result) return '';
    const twenty = catalogue.all.askedFor.length;
    const wine = countDrinks(result.forTheDay, catalogue.recipes);
    const soft = countDrinks(
      result.soft.map((d) => d.id),
      catalogue.recipes,
    );
    return [
      twenty > 0 ? `${result.askedFor.length} of the ${twenty} most asked for` : '',
      wine > 0 ? `${wine} with wine bought on the day` : '',
      soft > 0 ? `${soft} more without alcohol` : '',
    ]
      .filter((p) => p !== '')
      .join(', ');
  });

  const withWords = computed(() => sayMakeUp(makeUp.value));

  const { obstacleWords } = useObstacle();
  const { leftOver, nextMove } = useNextMove();
  const certainty = computed(() => {
    const { result } = answers;
    if (answers.failure) return answers.failure;
    if (!result || !answers.current) return 'Working it out';
    if (result.answer.status === 'optimal') {
      if (result.ms === 0) return 'Proven best';
      const seconds = result.ms / 1000;
      return `Proven best in ${seconds < 1 ? `${result.ms} ms` : `${words.number(seconds)} s`}`;
    }
    if (result.answer.status === 'infeasible') return 'No set of bottles meets every rule';
    return answers.solving ? 'A good set; proving the best' : 'A good set, not proven best';
  });

  return {
    open,
    promise,
    besideWords,
    withWords,
    lensWords,
    obstacleWords,
    leftOver,
    nextMove,
    certainty,
    makeUp,
  };
}
