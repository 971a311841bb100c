import { planSchema } from '@uisce/core/plan';
import type { Api } from '../http/api.js';
import { BOATHOUSE } from './boathouse.js';

/** The demo's brief, so that an empty household can look at one without leaving its own data. */
export function demoRoutes(api: Api): void {
  api.on(
    {
      method: 'get',
      path: '/demo/plan',
      summary: 'The plan of the demo household, to begin from',
      answer: planSchema.pick({ name: true, brief: true }),
    },
    (_req, res) => res.json(BOATHOUSE.plans[0]),
  );
}
