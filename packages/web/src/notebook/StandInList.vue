<script setup lang="ts">
import { computed } from 'vue';
import { amountMl } from '@uisce/core/base';
import { matchOf, type Recipe } from '@uisce/core/catalogue';
import { useCatalogue } from '../household/use-catalogue';
import { listed, useWords } from '../words/use-words';

const props = defineProps<{ recipe: Recipe }>();

const catalogue = useCatalogue();
const words = useWords();

/** Each part with what may be poured in its place, nearest first, and how much of it. */
const parts = computed(() =>
  props.recipe.slots.flatMap((slot) => {
    const exact = [slot.kind, ...slot.or];
    const ways = catalogue.all.standIns
      .filter((s) => exact.includes(s.for))
      .sort((a, b) => b.match - a.match)
      .map((s) => {
        const ml = amountMl(slot.amount);
        const names = s.with.map((k, i) => {
          const share = s.parts?.[i] ?? 1;
          const name = catalogue.kindInSentence(k);
          return ml === undefined || slot.amount.measure === 'dash'
            ? name
            : `${words.volume(ml * share)} ${name}`;
        });
        return { key: s.with.join('+'), poured: listed(names), match: s.match, changes: s.changes };
      });
    return ways.length > 0 ? [{ kind: slot.kind, ways }] : [];
  }),
);
</script>

<template>
  <section aria-labelledby="stand-ins-title">
    <h2 id="stand-ins-title">Stand-ins <small class="dim">· and what they change</small></h2>
    <dl v-if="parts.length > 0">
      <template v-for="part in parts" :key="part.kind">
        <dt>{{ catalogue.kindName(part.kind) }}</dt>
        <dd v-for="way in part.ways" :key="way.key">
          {{ way.poured }} <span class="dim">· {{ matchOf(way.match) }}. {{ way.changes }}</span>
        </dd>
      </template>
    </dl>
    <p v-else class="dim">Nothing stands in for any part of it.</p>
  </section>
</template>

<style scoped>
dl {
  margin: 0;
}

dt {
  margin-top: 6px;
  font-weight: 700;
}

dd {
  margin: 2px 0 4px;
}
</style>
