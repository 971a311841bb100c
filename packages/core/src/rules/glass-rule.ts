import { inSentence } from '../base/in-sentence.js';
import { fitsGlassType } from '../glass/fill.js';
import { capacityMl } from '../glass/profile.js';
import { drinkFigures } from '../drink/figures.js';
import type { Fault } from '../base/fault.js';
import { kindIndex, type Catalogue } from '../catalogue/catalogue.js';

/** Drawn glasses that hold less or more than they say. */
function drawingFaults(catalogue: Catalogue): Fault[] {
  return catalogue.glasses.flatMap((glass, i) => {
    const ml = capacityMl(glass.inside);
    return ml >= glass.minMl && ml <= glass.maxMl
      ? []
      : [
          {
            code: 'glass',
            pointer: `/glasses/${i}/inside`,
            detail: `${glass.id} is drawn holding ${ml.toFixed(0)} ml; it should hold ${glass.minMl} to ${glass.maxMl}`,
          },
        ];
  });
}

/** Drinks that overflow their glass or look short in it, after dilution and with their ice. */
export function glassFaults(catalogue: Catalogue): Fault[] {
  const kinds = kindIndex(catalogue.kinds);
  const glasses = new Map(catalogue.glasses.map((g) => [g.id, g]));
  const faults = catalogue.recipes.flatMap((recipe, i): Fault[] => {
    const glass = glasses.get(recipe.glass);
    if (glass === undefined) return [];
    const fits = fitsGlassType(recipe, glass, kinds);
    const explained = recipe.because?.glass !== undefined;
    const served = drinkFigures(recipe, kinds).servedMl.toFixed(0);
    if (!fits && !explained) {
      return [
        {
          code: 'glass',
          pointer: `/recipes/${i}/glass`,
          detail: `${recipe.id}: ${served} ml and its ice do not suit a ${inSentence(glass)} of ${glass.minMl} to ${glass.maxMl} ml; name another glass, or say why under because: glass`,
        },
      ];
    }
    return fits && explained
      ? [
          {
            code: 'glass',
            pointer: `/recipes/${i}/because/glass`,
            detail: `${recipe.id} suits its glass; take the reason out`,
          },
        ]
      : [];
  });
  return [...drawingFaults(catalogue), ...faults];
}
