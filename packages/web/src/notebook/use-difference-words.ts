import { withArticle } from '@uisce/core/base';
import { sayGarnish } from '@uisce/core/drink';
import { specDifferences, type SpecDifference } from '@uisce/core/notebook';
import type { Recipe } from '@uisce/core/catalogue';
import { useCatalogue } from '../household/use-catalogue';
import { METHOD_WORDS } from '../words/trade-words';
import { listed, useWords } from '../words/use-words';

/** What is otherwise in one spec than in another, in words. */
export function useDifferenceWords() {
  const catalogue = useCatalogue();
  const words = useWords();
  const kindName = (kind: string) => catalogue.kindInSentence(kind);

  function say(d: SpecDifference): string {
    switch (d.of) {
      case 'part':
        if (d.to === undefined) return `no ${kindName(d.kind)}`;
        if (d.from === undefined) return `${words.amount(d.to)} ${kindName(d.kind)} new`;
        return `${words.amount(d.to)} ${kindName(d.kind)}, not ${words.amount(d.from)}`;
      case 'method':
        return `${METHOD_WORDS[d.to as Recipe['method']]}, not ${METHOD_WORDS[d.from as Recipe['method']]}`;
      case 'glass':
        return `in ${withArticle(catalogue.glassInSentence(d.to))}`;
      case 'ice':
        return d.to === 'none' ? 'without ice in the glass' : `${d.to} in the glass`;
      case 'garnish':
        return d.to.length === 0 ? 'no garnish' : `garnished with ${sayGarnish(d.to, catalogue.kinds)}`;
      case 'name':
        return `called ${d.to}`;
    }
  }
  const sayAll = (of: readonly SpecDifference[]) =>
    of.length === 0 ? 'the same in substance' : listed(of.map(say));
  return { say, sayAll, between: (a: Recipe, b: Recipe) => sayAll(specDifferences(a, b)) };
}
