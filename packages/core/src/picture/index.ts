export { absorbanceOf, colourOf, lightOf, mixedAbsorbance, seenThrough, UNKNOWN_TINT } from './tint.js';
export type { Absorbance, Light } from './tint.js';
export { drinkAbsorbance } from './drink-colour.js';
