export type { KitAttitude } from './attitude.js';
export { radiusAt, volumeToMl, capacityMl, insideOfCapacity, heightOfMl } from './profile.js';
export { fitInGlass, RIGHT_FILL } from './fit.js';
export { fillGlass, fitsGlassType } from './fill.js';
export { servedDrink, standsIn, glassServes, type ServedDrink } from './serves.js';
export {
  chooseGlasses,
  type GlassSource,
  type GlassLot,
  type Glassware,
  MAX_MENU_DRINKS,
  type GlassPriority,
} from './glassware.js';
