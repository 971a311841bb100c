import { computed } from 'vue';
import { foldText } from '@uisce/core/base';
import type { Kind } from '@uisce/core/catalogue';
import { namesInLanguages } from '@uisce/core/notebook';
import { useCatalogue } from '../household/use-catalogue';

/** A kind to choose, found by any name that anybody has for it. */
export interface KindChoice {
  value: string;
  title: string;
  /** All its names, folded. */
  also: string;
}

/** Every kind there is, for a field that is typed into: by any synonym, in any of the trade's languages. */
export function useKindChoices(titleOf: (kind: Kind) => string = (k) => k.name) {
  const catalogue = useCatalogue();
  const choices = computed<KindChoice[]>(() =>
    catalogue.all.kinds
      .map((k) => ({
        value: k.id,
        title: titleOf(k),
        also: foldText([titleOf(k), ...k.also, ...namesInLanguages(k.id)].join(' ')),
      }))
      .sort((a, b) => a.title.localeCompare(b.title)),
  );
  const matches = (_: string, query: string, item?: { raw: KindChoice }) =>
    item?.raw.also.includes(foldText(query)) ?? false;
  /** The likeliest first, then all of them. */
  const nearFirst = (near: readonly string[]): KindChoice[] => [
    ...near.flatMap((id) => choices.value.find((c) => c.value === id) ?? []),
    ...choices.value.filter((c) => !near.includes(c.value)),
  ];
  return { choices, matches, nearFirst };
}
