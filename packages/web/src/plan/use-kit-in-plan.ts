import { computed } from 'vue';
import { useKit } from '../household/use-kit';
import { useQuestion } from '../solver/use-question';
import { useAnswer } from '../solver/use-answer';
import { useItemWords } from '../words/use-item-words';
import { count, useWords } from '../words/use-words';

const WAY_WORDS = {
  professional: 'proper tools',
  home: 'hands and the kitchen',
  leave: 'tools and glasses left out',
};
export const costOf = (things: readonly { priceMinor: number }[]) =>
  things.reduce((sum, k) => sum + k.priceMinor, 0);

/** What the money buys beside bottles; and proper tools beside hands and the kitchen, with what each brings. */
export function useKitInPlan() {
  const answers = useAnswer();
  const kits = useKit();
  const words = useWords();
  const { itemInSentence } = useItemWords();
  const bought = computed(() => {
    const reasons = new Map(answers.result?.explanation.reasons.map((r) => [r.id, r]));
    return (answers.result?.kit ?? []).flatMap((k) => {
      const reason = reasons.get(k.id);
      return reason ? [{ ...k, name: itemInSentence(k.id), leaning: reason.leaning.length }] : [];
    });
  });
  const packs = computed(() => {
    const reasons = new Map(answers.result?.explanation.reasons.map((r) => [r.id, r]));
    return (answers.result?.packs ?? []).flatMap((p) => {
      const reason = reasons.get(p.id);
      if (!reason || p.owned) return [];
      const name = `${itemInSentence(p.id)}, ${words.mass(p.g)}`;
      return [{ ...p, name, leaning: reason.leaning.length }];
    });
  });
  const { found: ways } = useQuestion('kitWays', () => answers.proven && kits.kit.said && { of: {} });
  const waysWords = computed(() =>
    (ways.value ?? [])
      .map(({ way, open, pieces, kitMinor }) => {
        const cost = pieces > 0 ? `, ${count(pieces, 'thing')} for ${words.price(kitMinor)}` : '';
        return `${WAY_WORDS[way]} ${count(open, 'drink')}${cost}`;
      })
      .join('; '),
  );
  /** What the money buys beside bottles, each with the drinks that lean on it. */
  const groups = computed(() =>
    [
      { title: 'Tools and glasses', to: '/kit', things: bought.value },
      { title: 'For the syrups', to: '/bench', things: packs.value },
    ].filter((g) => g.things.length > 0),
  );

  return { waysWords, groups };
}
