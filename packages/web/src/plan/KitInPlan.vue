<script setup lang="ts">
import { computed } from 'vue';
import { useKit } from '../household/use-kit';
import { useQuestion } from '../solver/use-question';
import { useAnswer } from '../solver/use-answer';
import { useItemWords } from '../words/use-item-words';
import { count, useWords } from '../words/use-words';

/** Tools, glasses and packs of sugar and the like that the plan's money buys beside the bottles. */
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
/** Proper tools beside hands and the kitchen, and what each brings. */
const WAY_WORDS = {
  professional: 'proper tools',
  home: 'hands and the kitchen',
  leave: 'tools and glasses left out',
};
const { found: ways } = useQuestion('kitWays', () => answers.proven && kits.kit.said && { of: {} });
const waysWords = computed(() =>
  (ways.value ?? [])
    .map(({ way, open, pieces, kitMinor }) => {
      const cost = pieces > 0 ? `, ${count(pieces, 'thing')} for ${words.price(kitMinor)}` : '';
      return `${WAY_WORDS[way]} ${count(open, 'drink')}${cost}`;
    })
    .join('; '),
);
const costOf = (things: readonly { priceMinor: number }[]) =>
  things.reduce((sum, k) => sum + k.priceMinor, 0);
/** What the money buys beside bottles, each with the drinks that lean on it. */
const groups = computed(() =>
  [
    { title: 'Tools and glasses', to: '/kit', things: bought.value },
    { title: 'For the syrups', to: '/bench', things: packs.value },
  ].filter((g) => g.things.length > 0),
);
</script>

<template>
  <p v-if="waysWords" class="kit">
    With the same money: {{ waysWords }}. <RouterLink to="/kit">How you work</RouterLink>
  </p>
  <p v-if="groups.length > 0" class="kit">
    <template v-for="(group, g) in groups" :key="group.title">
      {{ g > 0 ? '\u00a0· ' : '' }}<RouterLink :to="group.to">{{ group.title }}</RouterLink
      >{{ g > 0 ? '' : ' from the same money' }}, {{ words.price(costOf(group.things)) }}:
      <span v-for="(k, i) in group.things" :key="k.id"
        >{{ i > 0 ? ', ' : '' }}<strong>{{ k.name }}</strong> {{ words.price(k.priceMinor) }}
        <span class="dim">({{ k.leaning }})</span></span
      >
    </template>
  </p>
</template>

<style scoped>
.kit {
  margin: 8px 0 0;
  padding-top: 8px;
  border-top: 1px solid rgb(var(--v-theme-line));
  font-size: 0.9375rem;
}

a {
  color: inherit;
  font-weight: 700;
}
</style>
