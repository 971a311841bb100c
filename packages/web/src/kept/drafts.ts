import { planWriteSchema, type PlanWrite } from '@uisce/core/plan';

const key = (planId: string) => `uisce:draft:${planId}`;

/** Keep an edit in the browser until the server has it, so that no reload or crash loses it. */
export function writeDraft(planId: string, draft: PlanWrite): void {
  localStorage.setItem(key(planId), JSON.stringify(draft));
}

/** An edit that never reached the server; undefined when there is none or it cannot be read. */
export function readDraft(planId: string): PlanWrite | undefined {
  try {
    return planWriteSchema.parse(JSON.parse(localStorage.getItem(key(planId)) ?? 'null'));
  } catch {
    return undefined;
  }
}

export function forgetDraft(planId: string): void {
  localStorage.removeItem(key(planId));
}
