/** A step of the work: the digit that opens it, its name, and where it is. */
export interface Step {
  digit: string;
  name: string;
  path: string;
  /** Whether it is about the open plan, and waits for one. */
  needsPlan: boolean;
}

/** The steps that exist, in the groups and the order of the work. A group without steps is not shown. */
export const GROUPS: readonly { name: string; steps: readonly Step[] }[] = [
  {
    name: 'To get',
    steps: [
      { digit: '1', name: 'Brief', path: '/brief', needsPlan: true },
      { digit: '2', name: 'Kit', path: '/kit', needsPlan: false },
      { digit: '3', name: 'Plan', path: '/plan', needsPlan: true },
      { digit: '4', name: 'Errand', path: '/errand', needsPlan: false },
    ],
  },
  {
    name: 'To make',
    steps: [
      { digit: '5', name: 'Bench', path: '/bench', needsPlan: false },
      { digit: '6', name: 'Shelf', path: '/shelf', needsPlan: false },
    ],
  },
  {
    name: 'To pour',
    steps: [
      { digit: '7', name: 'Pour', path: '/pour', needsPlan: false },
      { digit: '8', name: 'Evening', path: '/evening', needsPlan: false },
    ],
  },
  {
    name: 'To keep',
    steps: [
      { digit: '9', name: 'Notebook', path: '/notebook', needsPlan: false },
      { digit: '0', name: 'Practice', path: '/practice', needsPlan: false },
    ],
  },
];

export const STEPS: readonly Step[] = GROUPS.flatMap((group) => group.steps);

/** The step that an address belongs to. */
export function stepAt(path: string): Step | undefined {
  return STEPS.find((step) => path === step.path || path.startsWith(`${step.path}/`));
}
