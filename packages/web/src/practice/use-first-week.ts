import { computed } from 'vue';
import { FIRST_STEPS, firstWeek, type FirstStep } from '@uisce/core/practice';
import { useBatches } from '../household/use-batches';
import { useKit } from '../household/use-kit';
import { useLog } from '../household/use-log';
import { usePlans } from '../household/use-plans';
import { usePractice } from '../household/use-practice';
import { useStock } from '../household/use-stock';
import { useCatalogue } from '../household/use-catalogue';

const WORDS: Record<FirstStep, { title: string; about: string; to: string }> = {
  brief: { title: 'Say what you have to spend', about: 'Money, tastes and place: the Brief.', to: '/brief' },
  kit: {
    title: 'Look in the cupboards',
    about: 'What the kitchen has is often enough: the Kit.',
    to: '/kit',
  },
  bottle: {
    title: 'Put a first bottle on the shelf',
    about: 'Buy what the plan says, or write down what is there.',
    to: '/errand',
  },
  pours: {
    title: 'Ten pours by count',
    about: 'With water, here: your hand learns what 30 ml is.',
    to: '/practice',
  },
  syrup: {
    title: 'Make a first syrup',
    about: 'Sugar and water, one to one, at the scale: the Bench.',
    to: '/bench',
  },
  built: {
    title: 'Pour a first drink over ice',
    about: 'Built or stirred: nothing to shake yet.',
    to: '/pour',
  },
  shaken: {
    title: 'Shake a first one',
    about: 'Twelve seconds, hard, with ice. Open the tin away from your face.',
    to: '/pour',
  },
  liked: {
    title: 'Say how it was',
    about: 'One tap: from then on the house learns what you like.',
    to: '/pour/log',
  },
};

/** The first steps, ticked by what was really done. */
export function useFirstWeek() {
  const batches = useBatches();
  const kits = useKit();
  const log = useLog();
  const plans = usePlans();
  const practice = usePractice();
  const stock = useStock();
  const catalogue = useCatalogue();
  const done = computed(() =>
    firstWeek({
      plans: plans.plans,
      kit: kits.kit,
      bottles: stock.bottles,
      trials: practice.trials,
      batches: batches.batches,
      pours: log.pours,
      recipes: catalogue.recipes,
    }),
  );
  const steps = computed(() => FIRST_STEPS.map((step) => ({ step, ...WORDS[step], done: done.value[step] })));
  return { steps };
}
