import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { load as parseYaml } from 'js-yaml';
import { z } from 'zod';
import {
  familySchema,
  glassSchema,
  homeMadeSchema,
  kindIndex,
  kindSchema,
  priceListSchema,
  recipeFileSchema,
  sourceSchema,
  standInSchema,
  jiggerSchema,
  kitchenThingSchema,
  mouldSchema,
  pantrySchema,
  starterSetSchema,
  techniqueSchema,
  toolSchema,
  usualGlassSchema,
  type Catalogue,
  type PriceList,
} from '@uisce/core/catalogue';
import { idSchema, type Fault } from '@uisce/core/base';
import { glossarySchema, type Glossary } from '@uisce/core/practice';
import { withBatchesPriced } from '@uisce/core/prices';
import {
  catalogueFaults,
  priceListFaults,
  publishedListSchema,
  kitPriceFaults,
  type PublishedList,
} from '@uisce/core/rules';
import { DATA } from './place.js';

/** The words of the trade; references between them are checked. */
export function loadGlossary(folder = DATA): Glossary {
  const glossary = read(folder, 'glossary.yaml', glossarySchema);
  const ids = new Set(glossary.words.map((w) => w.id));
  const faults = glossary.words.flatMap((w, i) =>
    w.see.filter((id) => !ids.has(id)).map((id) => `glossary.yaml /words/${i}/see: there is no word "${id}"`),
  );
  if (ids.size < glossary.words.length) faults.push('glossary.yaml: a word is there twice');
  if (faults.length > 0) throw new CatalogueError(faults);
  return glossary;
}

/** A data file that does not hold what it should: names the file, the path in it, and the remedy. */
export class CatalogueError extends Error {
  constructor(readonly faults: string[]) {
    super(`the catalogue has faults:\n${faults.join('\n')}`);
    this.name = 'CatalogueError';
  }
}

const provenance = z.string().min(20);

function read<T extends z.ZodType>(folder: string, file: string, schema: T): z.output<T> {
  let text: unknown;
  try {
    text = parseYaml(readFileSync(join(folder, file), 'utf8'));
  } catch (error) {
    throw new CatalogueError([`${file}: not YAML: ${(error as Error).message}`]);
  }
  const result = schema.safeParse(text);
  if (!result.success) {
    throw new CatalogueError(
      result.error.issues.map(
        (i) => `${file} /${i.path.join('/')}: ${i.message}; docs/catalogue.md shows what an entry holds`,
      ),
    );
  }
  return result.data;
}

function yamlFiles(folder: string, name: string): string[] {
  return readdirSync(join(folder, name))
    .filter((file) => file.endsWith('.yaml'))
    .sort()
    .map((file) => `${name}/${file}`);
}

/** Where each entry of a list that is spread over files comes from. */
type Origins = Partial<Record<keyof Catalogue, { file: string; index: number }[]>>;

export interface LoadedCatalogue {
  /** Validated, amounts read. */
  catalogue: Catalogue;
  /** Say a fault of the whole catalogue with the file it stands in and the path there. */
  locate(fault: Fault): string;
}

function locator(origins: Origins): (fault: Fault) => string {
  return ({ pointer, detail }) => {
    const [, list, at, ...rest] = pointer.split('/');
    const origin = origins[list as keyof Catalogue]?.[Number(at)];
    if (origin === undefined) return `${pointer}: ${detail}`;
    return `${origin.file} /${[list, origin.index, ...rest].join('/')}: ${detail}`;
  };
}

/**
 * Read and check every data file of the catalogue.
 *
 * @param folder where the files are; the shipped data unless told otherwise.
 * @throws CatalogueError naming file, path, fault and remedy.
 */
export function loadCatalogue(folder = DATA): LoadedCatalogue {
  const origins: Origins = {};
  const gather = <T extends z.ZodType>(list: keyof Catalogue, files: string[], schema: T, beside = {}) => {
    const file = z.strictObject({ provenance, ...beside, [list]: z.array(schema) });
    const parts = files.map((name) => ({
      name,
      entries: (read(folder, name, file) as Record<string, unknown>)[list] as z.output<T>[],
    }));
    origins[list] = parts.flatMap(({ name, entries }) => entries.map((_, index) => ({ file: name, index })));
    return parts.flatMap(({ entries }) => entries);
  };
  const recipes = gather('recipes', yamlFiles(folder, 'recipes'), recipeFileSchema.shape.recipes.element);
  const kinds = gather('kinds', yamlFiles(folder, 'kinds'), kindSchema);
  const beside = { oneForTwo: z.number().min(0).max(1) };
  const standIns = gather('standIns', ['stand-ins.yaml'], standInSchema, beside);
  const askedFor = gather('askedFor', ['asked-for.yaml'], idSchema);
  const { oneForTwo } = read(folder, 'stand-ins.yaml', z.looseObject(beside));
  const glasses = gather('glasses', ['glasses.yaml'], glassSchema);
  const families = gather('families', ['families.yaml'], familySchema);
  const sources = gather('sources', ['sources.yaml'], sourceSchema);
  const techniques = gather('techniques', ['techniques.yaml'], techniqueSchema);
  const tools = gather('tools', ['tools.yaml'], toolSchema);
  const homeMade = gather('homeMade', ['home-made.yaml'], homeMadeSchema);
  const pantry = gather('pantry', ['pantry.yaml'], pantrySchema);
  const kitchen = gather('kitchen', ['kitchen.yaml'], kitchenThingSchema);
  const usualGlasses = gather('usualGlasses', ['usual-glasses.yaml'], usualGlassSchema);
  const starterSets = gather('starterSets', ['starter-sets.yaml'], starterSetSchema);
  const moulds = gather('moulds', ['moulds.yaml'], mouldSchema);
  const jiggers = gather('jiggers', ['jiggers.yaml'], jiggerSchema);
  const catalogue: Catalogue = {
    kinds,
    standIns,
    oneForTwo,
    glasses,
    recipes,
    askedFor,
    families,
    sources,
    techniques,
    tools,
    homeMade,
    kitchen,
    usualGlasses,
    pantry,
    starterSets,
    moulds,
    jiggers,
  };
  const locate = locator(origins);
  const faults = catalogueFaults(catalogue);
  if (faults.length > 0) throw new CatalogueError(faults.map(locate));
  return { catalogue, locate };
}

/**
 * Read and check the shipped price lists against the catalogue.
 *
 * @throws CatalogueError naming file, path and fault.
 */
export function loadPriceLists(catalogue: Catalogue, folder = DATA): PriceList[] {
  const kinds = kindIndex(catalogue.kinds);
  return yamlFiles(folder, 'prices').map((file) => {
    const data = read(folder, file, priceListSchema);
    const faults = [...priceListFaults(data, kinds), ...kitPriceFaults(data, catalogue)];
    if (faults.length > 0) throw new CatalogueError(faults.map((f) => `${file} ${f.pointer}: ${f.detail}`));
    return withBatchesPriced(data, catalogue);
  });
}

/** Published lists our specs are compared with, by file. */
export function loadPublished(folder = DATA): { file: string; list: PublishedList }[] {
  return yamlFiles(folder, 'published').map((file) => ({
    file,
    list: read(folder, file, publishedListSchema),
  }));
}

/** Reviewed words that may stand in names though no dictionary has them. */
export function loadAllowedWords(folder = DATA): Set<string> {
  const schema = z.strictObject({ provenance, words: z.array(z.string().regex(/^[a-z]+$/)) });
  return new Set(read(folder, 'allowed-words.yaml', schema).words);
}
