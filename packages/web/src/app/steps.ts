import type { RouteComponent } from 'vue-router';

/** A step of the work: the digit that opens it, its name, and where it is. */
export interface Step {
  digit: string;
  name: string;
  path: string;
  /** Whether it is about the open plan, and waits for one. */
  needsPlan: boolean;
  /** The parts of its address behind its path. */
  rest: string;
  view: () => Promise<RouteComponent>;
}

const step = (digit: string, name: string, view: Step['view'], more: Partial<Step> = {}): Step => ({
  digit,
  name,
  path: `/${name.toLowerCase()}`,
  needsPlan: false,
  rest: '',
  view,
  ...more,
});

/**
 * The steps that exist, in the groups and the order of the work: a new one is a line here and a folder by its name, whose
 * `…View.vue` is its screen. Routes, keys and the rail follow from here; what it may import and which of its files are
 * fetched first follow from the folder.
 */
export const GROUPS: readonly { name: string; steps: readonly Step[] }[] = [
  {
    name: 'To get',
    steps: [
      step('1', 'Brief', () => import('../brief/BriefView.vue'), { needsPlan: true }),
      step('2', 'Kit', () => import('../kit/KitView.vue')),
      // A bottle has an address of its own: the kind it is of.
      step('3', 'Plan', () => import('../plan/PlanView.vue'), { needsPlan: true, rest: '/:bottle?' }),
      step('4', 'Errand', () => import('../errand/ErrandView.vue')),
    ],
  },
  {
    name: 'To make',
    steps: [
      step('5', 'Bench', () => import('../bench/BenchView.vue'), { rest: '/:batch?' }),
      step('6', 'Shelf', () => import('../shelf/ShelfView.vue')),
    ],
  },
  {
    name: 'To pour',
    steps: [
      step('7', 'Pour', () => import('../pour/PourView.vue'), {
        rest: '/:part(round|log|served)?/:round?',
      }),
      step('8', 'Evening', () => import('../evening/EveningView.vue'), { rest: '/:part(night|past)?' }),
    ],
  },
  {
    name: 'To keep',
    steps: [
      step('9', 'Notebook', () => import('../notebook/NotebookView.vue'), { rest: '/:drink?' }),
      step('0', 'Practice', () => import('../practice/PracticeView.vue'), {
        rest: '/:part(cards|words|sums|balance|week)?',
      }),
    ],
  },
];

export const STEPS: readonly Step[] = GROUPS.flatMap((group) => group.steps);

/** The step that an address belongs to. */
export function stepAt(path: string): Step | undefined {
  return STEPS.find((one) => path === one.path || path.startsWith(`${one.path}/`));
}
