export { LANGUAGES } from './languages/index.js';
export { namesInLanguages, SURE, KindMatcher } from './kind-matcher.js';
export { readLine, LINE_NOTES, type LineNote, type Ounce, type ReadLine } from './read-line.js';
export { readRecipes, readText, readNamed, type ReadRecipe } from './read-text.js';
export { familiesLike } from './likeness.js';
export { slotOf, recipeFrom } from './draft.js';
export {
  judge,
  COMPARED_FIGURES,
  type ComparedFigure,
  type FamilyPlace,
  type DrinkJudgement,
} from './judge.js';
export { balance, withAmounts, WISHES, type Wish, type Balanced } from './balance.js';
export {
  recipeOfOwn,
  withOwn,
  withVersion,
  goneBack,
  ownDrinkSchema,
  type OwnDrink,
  ownKindSchema,
  type OwnKind,
  OWN,
} from './own-drink.js';
export { withoutDrink, type Collection } from './collection.js';
export { sayLine, sayRecipe, sayRecipes, recipeRows, RECIPE_COLUMNS } from './say-recipe.js';
export { jsonLdOf, recipesOfJsonLd, textOfJsonLd, type JsonLdRecipe } from './json-ld.js';
export type { Tasting } from './tasting.js';
export {
  verdictsOf,
  likedVersion,
  likedDrinks,
  bestOfFamilies,
  favouritesOf,
  type Verdict,
  type Liked,
  type LikedDrink,
} from './verdicts.js';
export { specDifferences, comparedFigures, type SpecDifference } from './differences.js';
export { notebookJsonSchema, notebookFile, notebookFileSchema, type NotebookFile } from './notebook-file.js';
export { recipesOfTable } from './table-text.js';
export { type IncomingStanding, IncomingDrinks } from './incoming.js';
export { bookletOf } from './booklet.js';
export { withLine, withLineAdded } from './edit-text.js';
export { plainText } from './plain-text.js';
