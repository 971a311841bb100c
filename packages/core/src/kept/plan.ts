import { upgradeBrief } from '../plan/brief.js';
import { strangersInBrief } from '../plan/strangers.js';
import { planSchema } from '../plan/plan.js';
import { describeKept } from './descriptor.js';

/** Named plans: each a brief. */
export const keptPlan = describeKept({
  name: 'plan',
  path: 'plans',
  schema: planSchema,
  idOf: (plan) => plan.id,
  noun: 'plan',
  title: (plan) => `“${plan.name}”`,
  upgrade: upgradePlan,
  faults: ({ brief }, { catalogue }) => strangersInBrief(brief, catalogue),
});

/** Until the fourth migration a plan told itself when it was changed; now its row does. */
function upgradePlan(stored: unknown): unknown {
  if (typeof stored !== 'object' || stored === null) return stored;
  const { updatedAt: _, ...plan } = stored as Record<string, unknown>;
  return { ...plan, brief: upgradeBrief(plan['brief']) };
}
