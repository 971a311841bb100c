import type { Brief, Catalogue, CurvePoint, Explanation, Obstacle, PlanAnswer, PriceList } from '@uisce/core';

/** What an item id of an answer stands for. */
export interface AnswerItem {
  id: string;
  kindId: string;
  bottleId?: string;
  owned: boolean;
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
  dropped: { recipeId: string; disliked: string[]; uncounted: boolean }[];
  /** Why there is no answer. */
  obstacle?: Obstacle;
  /** Milliseconds since the worker took the request up. */
  ms: number;
}

export type WorkerRequest =
  /** `latest` holds the number of the newest request; anything older stops. */
  | { kind: 'load'; catalogue: Catalogue; latest: SharedArrayBuffer | null }
  | { kind: 'plan'; id: number; brief: Brief; prices: PriceList; start: string[] | null }
  | { kind: 'curve'; id: number; brief: Brief; prices: PriceList };

export type WorkerReply =
  | { kind: 'plan'; id: number; result: PlanResult; done: boolean }
  | { kind: 'curve'; id: number; points: CurvePoint[]; everything: number; done: boolean }
  | { kind: 'failed'; id: number; message: string };
