import type { Catalogue, PricedBottle, PriceList } from '@uisce/core/catalogue';
import type { GlassPriority, Glassware } from '@uisce/core/glass';
import type { Kit, KitCover, SetReport } from '@uisce/core/kit';
import type { JiggerScore, MeasureScore } from '@uisce/core/measure';
import type {
  Brief,
  Change,
  Explanation,
  Growth,
  Obstacle,
  Purchase,
  Steadiness,
  Ties,
  WhyIn,
  WhyNot,
} from '@uisce/core/plan';
import type { CurvePoint, PlanAnswer, Stretch } from '@uisce/core/planner';

/** What an item id of an answer stands for. */
export interface AnswerItem {
  id: string;
  kindId: string;
  owned: boolean;
  /** What it costs the plan; what is shown anywhere. */
  priceMinor: number;
  /** The bottle on sale, or the batch made at home; absent when it is owned and no such bottle is sold. */
  bottle?: PricedBottle;
}

/** Tools or glasses that an item id stands for. */
export interface KitAnswerItem {
  id: string;
  toolId?: string;
  glassId?: string;
  /** Glasses in all sets together; 1 for a tool. */
  pieces: number;
  priceMinor: number;
}

/** A set for one brief, explained. */
export interface PlanResult {
  budget: number;
  answer: PlanAnswer;
  /** Drinks in reach, variants of one drink counted once. */
  open: number;
  explanation: Explanation;
  /** Every item on sale or owned, by id. */
  items: AnswerItem[];
  /** Every tool and set of glasses on sale that the kit lacks. */
  kit: KitAnswerItem[];
  dropped: { recipeId: string; disliked: string[]; uncounted: boolean }[];
  /** Why there is no answer. */
  obstacle?: Obstacle;
  /** Milliseconds since the worker took the request up; 0 when the answer was settled before. */
  ms: number;
}

/** A school's purchases in order, and what each leaves open. */
export interface SchoolCurve {
  id: string;
  name: string;
  rule: string;
  steps: { itemId: string; spend: number; value: number; open: number; opened: string[] }[];
}

/** One month of the ladder, beside the best that its money could have bought. */
export interface MonthRung {
  budget: number;
  spend: number;
  bought: string[];
  value: number;
  open: number;
  opened: string[];
  bestValue: number;
  bestOpen: number;
}

/** A buying ladder, and what skipping one month would do. */
export interface LadderResult {
  rungs: MonthRung[];
  total: number;
  bound: number;
  proven: boolean;
  /** For each month that could be skipped: the change over all months, and in the last one. */
  skips: { month: number; total: number; last: number }[];
}

/** Which drinks the kit is judged by: those that the plan's bottles open, the must-haves, or all that count. */
export const KIT_SCOPES = ['planned', 'wanted', 'counted'] as const;
export type KitScope = (typeof KIT_SCOPES)[number];

/** The kit against the drinks it is for. */
export interface KitReport {
  scope: KitScope;
  /** Recipes in question, by id. */
  drinks: string[];
  cover: KitCover;
  /** How many drinks (variants counted once) cannot do without a technique, and how many it dresses. */
  techniques: { id: string; needed: number; finishing: number }[];
  sets: SetReport[];
  /** The fewest glass types on sale that take every drink in question. */
  fewestTypes: string[];
}

/** Questions about the answer to a brief. Money in minor units. */
export type Question =
  | { ask: 'why'; answer: PlanAnswer; itemId: string }
  | { ask: 'ties'; answer: PlanAnswer; most: number }
  | { ask: 'steadiness'; draws: number }
  | { ask: 'schools'; most: number; base: string; drinks: string[] }
  | { ask: 'ladder'; months: number }
  | { ask: 'grow'; answer: PlanAnswer; drinks: string[] }
  | { ask: 'guests'; answer: PlanAnswer; guests: number }
  | { ask: 'shopping'; answer: PlanAnswer }
  | { ask: 'kit'; answer: PlanAnswer; scope: KitScope }
  | { ask: 'glasses'; menu: string[]; guests: number; first: GlassPriority }
  | { ask: 'jiggers' }
  | { ask: 'gift'; moneyMinor: number; usualKitchen: boolean }
  /** The best set for the brief it is asked about, which may be another plan's. */
  | { ask: 'best' };

export type Advice =
  | { ask: 'why'; itemId: string; why?: WhyIn; whyNot?: WhyNot }
  | { ask: 'ties'; ties: Ties }
  | { ask: 'steadiness'; steadiness: Steadiness }
  | { ask: 'schools'; curves: SchoolCurve[] }
  | { ask: 'ladder'; ladder: LadderResult | null }
  | { ask: 'grow'; growth: Growth }
  | { ask: 'guests'; change: Change }
  | { ask: 'shopping'; order: Purchase[] }
  | { ask: 'kit'; report: KitReport }
  | { ask: 'glasses'; glassware: Glassware }
  | { ask: 'jiggers'; scores: JiggerScore[]; own: MeasureScore }
  | { ask: 'gift'; cover: KitCover }
  | { ask: 'best'; result: PlanResult };

interface About {
  id: number;
  brief: Brief;
  prices: PriceList;
  kit: Kit;
}

export type WorkerRequest =
  /** `latest` holds the number of the newest request; anything older stops. */
  | { kind: 'load'; catalogue: Catalogue; latest: SharedArrayBuffer | null }
  /** `start` is a set to begin from; when it is known to be the best it is only explained. */
  | (About & { kind: 'plan'; start: string[] | null; startProven: boolean })
  /** The part-th of so many workers settles every so-many-th stretch. */
  | (About & { kind: 'curve'; part: number; of: number })
  | (About & { kind: 'advice'; question: Question });

export type WorkerReply =
  | { kind: 'plan'; id: number; result: PlanResult; done: boolean }
  /** Stretches settled since the last reply; rough points stand for those not settled yet. */
  | {
      kind: 'curve';
      id: number;
      rough: CurvePoint[];
      settled: { stretch: Stretch; points: CurvePoint[] }[];
      stretches: number;
      everything: number;
      done: boolean;
    }
  | { kind: 'advice'; id: number; advice: Advice; progress: number; done: boolean }
  | { kind: 'failed'; id: number; message: string };
