// How long ten thousand recipes take to be read and held against the library, beside another reader of their lines.
import { createRequire } from 'node:module';
import { install } from '../bootstrap.mjs';
import { quantile } from './served.mjs';

install();
const { build } = await import('../build.mjs');
build();
const { loadShipped } = await import('../../packages/catalogue/dist/index.js');
const { kindIndex } = await import('../../packages/core/dist/catalogue/index.js');
const notebook = await import('../../packages/core/dist/notebook/index.js');
const { parseIngredient } = createRequire(new URL('../../packages/catalogue/package.json', import.meta.url))(
  'parse-ingredient',
);

const RUNS = 3;
const RECIPES = 10_000;
const { catalogue } = loadShipped();
const kinds = kindIndex(catalogue.kinds);
const LETTERS = 26;
const letter = (n) => String.fromCharCode(65 + (n % LETTERS));
const many = Array.from({ length: RECIPES }, (_, i) => {
  const recipe = catalogue.recipes[i % catalogue.recipes.length];
  return { ...recipe, name: `${recipe.name} ${letter(i)}${letter(i / LETTERS)}${letter(i / LETTERS ** 2)}` };
});
const text = notebook.sayRecipes(many, kinds);
const lines = many.flatMap((r) => r.slots.map((s) => notebook.sayLine(s, kinds)));
const seconds = (run) => {
  const times = Array.from({ length: RUNS }, () => {
    const began = performance.now();
    run();
    return (performance.now() - began) / 1000;
  });
  return quantile(times, 0.5);
};

let found = 0;
const reading = seconds(() => {
  const read = notebook.readRecipes(text, new notebook.KindMatcher(catalogue.kinds), 'us-oz');
  const incoming = new notebook.IncomingDrinks(catalogue.recipes, []);
  found = read.length;
  for (const one of read) {
    const recipe = notebook.recipeFrom(one, 'own-read', catalogue.recipes, kinds);
    if (recipe) incoming.take(recipe);
  }
});
const theirs = seconds(() => {
  for (const line of lines) parseIngredient(line);
});
console.log(
  `${RECIPES} recipes as text (${found} read, their kinds matched, held against the library): ${reading.toFixed(1)} s, ` +
    `${(reading / theirs).toFixed(1)} times the amounts and units of their ${lines.length} lines alone by another reader (${theirs.toFixed(1)} s)`,
);
