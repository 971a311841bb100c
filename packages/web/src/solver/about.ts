import type { PriceList } from '@uisce/core/catalogue';
import type { Kit } from '@uisce/core/kit';
import type { HouseholdBrief, LastingResult, Uses } from '@uisce/core/plan';

/** What a question is about: a brief, at these prices, with this kit. */
export interface About {
  /** With what the household's bottles pour. */
  brief: HouseholdBrief;
  prices: PriceList;
  kit: Kit;
  /** What the sizes on offer are for; left out, what is made of all drinks that count. */
  uses?: Uses;
}

/** An answer, and how long it took since the worker took it up; 0 ms when it was settled before. */
export type TimedResult = LastingResult & { ms: number };

/** A set to begin from, and what its sizes were for; proven where it is known to be the best for them. */
export interface From {
  items: string[];
  proven: boolean;
  uses: Uses;
  /** Money that was kept beside it for fresh things. */
  reserveMinor: number;
}
