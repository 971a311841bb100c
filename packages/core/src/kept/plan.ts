import { mergeFields } from '../base/merge.js';
import { upgradeBrief } from '../plan/brief.js';
import { strangersInBrief } from '../plan/strangers.js';
import { planSchema, type Plan } from '../plan/plan.js';
import { describeKept } from './descriptor.js';

/** Named plans: each a brief. */
export const keptPlan = describeKept({
  name: 'plan',
  path: 'plans',
  schema: planSchema,
  idOf: (plan) => plan.id,
  noun: 'plan',
  title: (plan) => `“${plan.name}”`,
  merge: mergePlans,
  upgrade: upgradePlan,
  faults: ({ brief }, { catalogue }) => strangersInBrief(brief, catalogue),
});

/** The brief field by field: money that was put aside or spent on either side holds. */
function mergePlans(base: Plan, mine: Plan, theirs: Plan, isTold: boolean): Plan | undefined {
  const brief = mergeFields(base.brief, mine.brief, theirs.brief, isTold ? [] : ['moneyNowMinor']);
  const rest = ({ brief: _, ...plan }: Plan) => plan;
  const plan = mergeFields(rest(base), rest(mine), rest(theirs));
  return brief && plan && { ...plan, brief };
}

/** Until the fourth migration a plan told itself when it was changed; now its row does. */
function upgradePlan(stored: unknown): unknown {
  if (typeof stored !== 'object' || stored === null) return stored;
  const { updatedAt: _, ...plan } = stored as Record<string, unknown>;
  return { ...plan, brief: upgradeBrief(plan['brief']) };
}
