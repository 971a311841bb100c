export { KEEPS_AS, type KeepsAs } from './keeps-as.js';
export {
  daysOnceOpen,
  JOBS,
  type Job,
  SILHOUETTES,
  type Silhouette,
  SUPPLIES,
  ALLERGENS,
  type Allergen,
  kindSchema,
  type Kind,
} from './kind.js';
export {
  drinkKey,
  iceInMaking,
  FAMILIES,
  METHODS,
  REGIONS,
  type Region,
  ICE,
  type Ice,
  type Canon,
  type Era,
  type Recipe,
  type Slot,
  type Family,
  type Method,
  recipeFileSchema,
} from './recipe.js';
export { garnishKinds, isRead, type Garnish, type SaidGarnish } from './garnish.js';
export { readGarnish } from './read-garnish.js';
export { matchOf, standInSchema } from './stand-in.js';
export { glassSchema, type Glass } from './glass.js';
export { priceListSchema, type PriceList, type PriceListSummary } from './price-list.js';
export { emptyCatalogue, kindIndex, kindAndAncestors, catalogueSchema, type Catalogue } from './catalogue.js';
export { familySchema } from './family.js';
export {
  techniqueSchema,
  type Technique,
  toolSchema,
  type Tool,
  kitchenThingSchema,
  type KitchenThing,
  usualGlassSchema,
  starterSetSchema,
  mouldSchema,
} from './tool.js';
export { type Cup, jiggerSchema } from './jigger.js';
export {
  ACTS,
  pantrySchema,
  type BenchAct,
  type HomeMadePart,
  homeMadeSchema,
  type HomeMade,
} from './home-made.js';
export { sourceSchema } from './source.js';
