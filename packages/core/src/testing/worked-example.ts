import type { PlanProblemInput } from '../planner/problem.js';

/** The worked example that is published with the format: six bottles, seven drinks. */
export const WORKED_EXAMPLE: PlanProblemInput = (() => {
  const prices = {
    'dry-gin-70': 1750,
    'white-rum-70': 1600,
    'triple-sec-50': 1900,
    'sweet-vermouth-75': 950,
    'red-bitter-70': 1800,
    'bourbon-70': 2400,
  };
  const slot = (...kinds: [string, number][]) => ({
    any: kinds.map(([kind, fit]) => ({ all: [kind], fit })),
  });
  const drink = (id: string, ...kinds: string[]) => ({ id, slots: kinds.map((k) => slot([k, 1])) });
  return {
    format: 'uisce-plan-problem/1',
    budget: 20000,
    items: Object.entries(prices).map(([id, price]) => ({ id, provides: [id.replace(/-\d+$/, '')], price })),
    drinks: [
      drink('rum-sour', 'white-rum'),
      drink('bourbon-sour', 'bourbon'),
      drink('gin-sour', 'dry-gin'),
      drink('bitter-thirds', 'dry-gin', 'sweet-vermouth', 'red-bitter'),
      drink('amber-thirds', 'bourbon', 'sweet-vermouth', 'red-bitter'),
      drink('white-sour', 'dry-gin', 'triple-sec'),
      { id: 'rye-and-vermouth', slots: [slot(['rye', 1], ['bourbon', 0.85]), slot(['sweet-vermouth', 1])] },
    ],
    minFit: 0.75,
  };
})();

/** Its whole frontier as published, checked there by trying all 64 sets. */
export const WORKED_FRONTIER: [spend: number, value: number, items: string[]][] = [
  [0, 0, []],
  [1600, 1, ['white-rum-70']],
  [3350, 2, ['dry-gin-70', 'white-rum-70']],
  [4950, 2.85, ['bourbon-70', 'sweet-vermouth-75', 'white-rum-70']],
  [5250, 3, ['dry-gin-70', 'triple-sec-50', 'white-rum-70']],
  [6700, 3.85, ['bourbon-70', 'dry-gin-70', 'sweet-vermouth-75', 'white-rum-70']],
  [6900, 4.85, ['bourbon-70', 'dry-gin-70', 'red-bitter-70', 'sweet-vermouth-75']],
  [8500, 5.85, ['bourbon-70', 'dry-gin-70', 'red-bitter-70', 'sweet-vermouth-75', 'white-rum-70']],
  [
    10400,
    6.85,
    ['bourbon-70', 'dry-gin-70', 'red-bitter-70', 'sweet-vermouth-75', 'triple-sec-50', 'white-rum-70'],
  ],
];
