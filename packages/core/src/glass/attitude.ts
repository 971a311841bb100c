/** What may cover a technique: proper tools; tools or the kitchen's things; the kitchen's alone, nothing bought. */
export const KIT_ATTITUDES = ['professional', 'home', 'kitchen'] as const;
export type KitAttitude = (typeof KIT_ATTITUDES)[number];
