/** How big a bottle is to be: the least number of glasses that it pours. */
export const HOW_BIG_GLASSES = { taste: 4, small: 7, full: 14 } as const;
export type HowBig = keyof typeof HOW_BIG_GLASSES;
