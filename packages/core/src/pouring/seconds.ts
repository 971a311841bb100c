/**
 * How long hands take, in seconds (assumptions, common practice at a home bar). Shaking and stirring end where the
 * curve of water has gone flat.
 */
export const SECONDS = {
  wash: 30,
  squeezeFruit: 15,
  chillGlass: 4,
  warm: 20,
  rinse: 10,
  press: 12,
  measure: 8,
  drops: 4,
  beat: 90,
  dryShake: 12,
  ice: 5,
  shake: 12,
  stir: 35,
  stirHot: 8,
  blend: 20,
  swizzle: 15,
  heat: 240,
  strainGlass: 6,
  fineStrainGlass: 9,
  topGlass: 6,
  lift: 3,
  turn: 4,
  stirWell: 8,
  churn: 15,
  whip: 30,
  floatGlass: 10,
  garnishGlass: 8,
  serve: 4,
} as const;
