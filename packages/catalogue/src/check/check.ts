import type { Fault } from '@uisce/core/base';
import {
  balanceFaults,
  glassFaults,
  glossaryFaults,
  idleAllowedWords,
  kindSizeFaults,
  methodFaults,
  nameFaults,
  priceRuleFaults,
  noAlcoholFaults,
  homeMadeFaults,
  garnishFaults,
  harmFaults,
  keepingFaults,
  synonymFaults,
  priceBandFaults,
  publishedFaults,
  uncomparedFaults,
  sameSpecFaults,
  syrupFaults,
  unusedKinds,
} from '@uisce/core/rules';
import { loadAllowedWords, loadCatalogue, loadGlossary, loadPriceLists, loadPublished } from '../load.js';

/** One check and what it found, each fault with its file, path and remedy. */
export interface CheckResult {
  name: string;
  faults: string[];
}

/**
 * Every check of the catalogue beyond its schemas and references (those are made on loading).
 *
 * @param isCommon whether a folded word is in an ordinary dictionary.
 * @param folder where the data is; the shipped data unless told otherwise.
 * @throws CatalogueError when the data cannot even be loaded.
 */
export function checkCatalogue(isCommon: (word: string) => boolean, folder?: string): CheckResult[] {
  const { catalogue, locate } = loadCatalogue(folder);
  const lists = loadPriceLists(catalogue, folder);
  const allowed = loadAllowedWords(folder);
  const at = (faults: Fault[]) => faults.map(locate);
  const published = loadPublished(folder);
  return [
    {
      name: 'every kind is used',
      faults: unusedKinds(catalogue).map(
        (id) => `kinds/: no drink and no stand-in uses ${id}; use it or take it out`,
      ),
    },
    {
      name: 'no brand words',
      faults: [
        ...at(nameFaults(catalogue, lists, isCommon, allowed)),
        ...idleAllowedWords(catalogue, lists, allowed).map(
          (word) => `allowed-words.yaml: no name uses "${word}"; take it out`,
        ),
      ],
    },
    {
      name: 'no brand words in the glossary',
      faults: glossaryFaults(loadGlossary(folder), isCommon).map(
        (f) => `glossary.yaml ${f.pointer}: ${f.detail}`,
      ),
    },
    { name: 'shake and stir rule', faults: at(methodFaults(catalogue)) },
    { name: 'drinks suit their glasses', faults: at(glassFaults(catalogue)) },
    { name: 'strength, sugar and acid in the family’s band', faults: at(balanceFaults(catalogue)) },
    { name: 'no drink twice', faults: at(sameSpecFaults(catalogue)) },
    { name: 'syrups hold the sugar of their strength', faults: at(syrupFaults(catalogue)) },
    { name: 'bottles hold what they say', faults: at(kindSizeFaults(catalogue)) },
    { name: 'nothing strong in what is without alcohol', faults: at(noAlcoholFaults(catalogue)) },
    { name: 'what is made at home comes out as its kind says', faults: at(homeMadeFaults(catalogue)) },
    { name: 'nothing that could harm, and cautions where they belong', faults: at(harmFaults(catalogue)) },
    { name: 'one life for one thing', faults: at(keepingFaults(catalogue)) },
    { name: 'a garnish that makes the drink is a part of it', faults: at(garnishFaults(catalogue)) },
    { name: 'a name leads to one thing', faults: at(synonymFaults(catalogue)) },
    ...lists.map((list) => ({
      name: `${list.name} behaves like a shop`,
      faults: [...priceRuleFaults(list, catalogue), ...priceBandFaults(list, catalogue)].map(
        (f) => `prices of ${list.id} ${f.pointer}: ${f.detail}`,
      ),
    })),
    ...published.map(({ file, list }) => ({
      name: `${list.specs.length} specs as in the ${list.list}`,
      faults: [
        ...publishedFaults(catalogue, list).map((f) => `${file} ${f.pointer}: ${f.detail}`),
        ...at(uncomparedFaults(catalogue, list.source, list)),
      ],
    })),
  ];
}
