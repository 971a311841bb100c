import { readdirSync, readFileSync, renameSync, statSync, writeFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import type { Catalogue, PriceList } from '@uisce/core/catalogue';
import type { Glossary } from '@uisce/core/practice';
import { loadCatalogue, loadGlossary, loadPriceLists } from './load.js';
import { BUILT, DATA } from './place.js';

/** The catalogue and the shops' prices that come with the program. */
export interface Shipped {
  catalogue: Catalogue;
  shops: PriceList[];
  glossary: Glossary;
}

/** Tells one state of the data files from another: names within the folder, times and sizes. */
function stampOf(folder: string): string {
  return readdirSync(folder, { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile())
    .map((entry) => join(entry.parentPath, entry.name))
    .sort()
    .map((file) => `${relative(folder, file)} ${statSync(file).mtimeMs} ${statSync(file).size}`)
    .join('\n');
}

/** Read and check the data, and keep it as the build's. */
export function buildShipped(folder = DATA, built = BUILT): Shipped {
  const { catalogue } = loadCatalogue(folder);
  const shipped = { catalogue, shops: loadPriceLists(catalogue, folder), glossary: loadGlossary(folder) };
  const beside = `${built}.${process.pid}`;
  writeFileSync(beside, JSON.stringify({ stamp: stampOf(folder), ...shipped }));
  renameSync(beside, built);
  return shipped;
}

/**
 * The shipped catalogue and shops: what the build read, if the data files are still those, else they
 * are read and checked anew.
 *
 * @throws CatalogueError naming file, path, fault and remedy.
 */
export function loadShipped(folder = DATA, built = BUILT): Shipped {
  try {
    const { stamp, catalogue, shops, glossary } = JSON.parse(readFileSync(built, 'utf8')) as Shipped & {
      stamp: string;
    };
    if (stamp === stampOf(folder)) return { catalogue, shops, glossary };
  } catch {
    // Nothing was built, or not to its end: read the data.
  }
  const { catalogue } = loadCatalogue(folder);
  return { catalogue, shops: loadPriceLists(catalogue, folder), glossary: loadGlossary(folder) };
}
