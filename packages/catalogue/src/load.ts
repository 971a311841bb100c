import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { parse } from 'yaml';
import { z } from 'zod';
import {
  catalogueFaults,
  glassSchema,
  kindIndex,
  kindSchema,
  priceListFaults,
  priceListSchema,
  recipeFileSchema,
  standInSchema,
  type Catalogue,
  type CatalogueText,
  type PriceList,
} from '@uisce/core';

const DATA = fileURLToPath(new URL('../data/', import.meta.url));

/** A data file that does not hold what it should: names the file, the path in it, and the fault. */
export class CatalogueError extends Error {
  constructor(readonly faults: string[]) {
    super(`the catalogue has faults:\n${faults.join('\n')}`);
    this.name = 'CatalogueError';
  }
}

const provenance = z.string().min(20);

function read<T extends z.ZodType>(file: string, schema: T): { text: z.input<T>; data: z.output<T> } {
  const text = parse(readFileSync(join(DATA, file), 'utf8')) as z.input<T>;
  const result = schema.safeParse(text);
  if (!result.success) {
    throw new CatalogueError(result.error.issues.map((i) => `${file} /${i.path.join('/')}: ${i.message}`));
  }
  return { text, data: result.data };
}

function yamlFiles(folder: string): string[] {
  return readdirSync(join(DATA, folder))
    .filter((name) => name.endsWith('.yaml'))
    .sort()
    .map((name) => `${folder}/${name}`);
}

export interface LoadedCatalogue {
  /** Validated, amounts read. */
  catalogue: Catalogue;
  /** The same with amounts as text, to send over the wire. */
  text: CatalogueText;
}

/**
 * Read and check every data file of the catalogue.
 *
 * @throws CatalogueError naming file, path and fault.
 */
export function loadCatalogue(): LoadedCatalogue {
  const kinds = read('kinds.yaml', z.strictObject({ provenance, kinds: z.array(kindSchema) }));
  const standIns = read('stand-ins.yaml', z.strictObject({ provenance, standIns: z.array(standInSchema) }));
  const glasses = read('glasses.yaml', z.strictObject({ provenance, glasses: z.array(glassSchema) }));
  const files = yamlFiles('recipes').map((file) => read(file, recipeFileSchema));
  const catalogue: Catalogue = {
    kinds: kinds.data.kinds,
    standIns: standIns.data.standIns,
    glasses: glasses.data.glasses,
    recipes: files.flatMap((f) => f.data.recipes),
  };
  const faults = catalogueFaults(catalogue);
  if (faults.length > 0) throw new CatalogueError(faults.map((f) => `${f.path}: ${f.message}`));
  const text: CatalogueText = {
    kinds: kinds.text.kinds,
    standIns: standIns.text.standIns,
    glasses: glasses.text.glasses,
    recipes: files.flatMap((f) => f.text.recipes),
  };
  return { catalogue, text };
}

/**
 * Read and check the shipped price lists against the catalogue.
 *
 * @throws CatalogueError naming file, path and fault.
 */
export function loadPriceLists(catalogue: Catalogue): PriceList[] {
  const kinds = kindIndex(catalogue.kinds);
  return yamlFiles('prices').map((file) => {
    const { data } = read(file, priceListSchema);
    const faults = priceListFaults(data, kinds);
    if (faults.length > 0) throw new CatalogueError(faults.map((f) => `${file} ${f.path}: ${f.message}`));
    return data;
  });
}
