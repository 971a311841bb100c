import type { PriceList } from '@uisce/core/catalogue';
import type { Kit } from '@uisce/core/kit';
import type { HouseholdBrief, PlanResult } from '@uisce/core/plan';

/** What a question is about: a brief, at these prices, with this kit. */
export interface About {
  /** With what the household's bottles pour. */
  brief: HouseholdBrief;
  prices: PriceList;
  kit: Kit;
}

/** An answer, and how long it took since the worker took it up; 0 ms when it was settled before. */
export type TimedResult = PlanResult & { ms: number };

/** A set to begin from; proven where it is known to be the best. */
export interface From {
  items: string[];
  proven: boolean;
}
