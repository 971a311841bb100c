<script setup lang="ts">
import { computed } from 'vue';
import { RouterLink } from 'vue-router';
import type { Taste } from '@uisce/core/drink';
import { opinionOf } from '@uisce/core/plan';
import { specsLearnt, tastesLearnt, type TasteLearnt } from '@uisce/core/pouring';
import { useLog } from '../household/use-log';
import { usePlans } from '../household/use-plans';
import { useCatalogue } from '../household/use-catalogue';
import { count, useWords } from '../words/use-words';

/** What the verdicts say, as questions: nothing is changed by itself. */
const log = useLog();
const plans = usePlans();
const catalogue = useCatalogue();
const words = useWords();

const tastes = computed(() => {
  const { brief } = plans;
  return brief ? tastesLearnt(log.pours, catalogue.recipes, catalogue.kinds, (t) => opinionOf(brief, t)) : [];
});
const specs = computed(() => specsLearnt(log.pours, catalogue.recipes));
const SUGGESTS = { like: 'Count them more', fine: 'Count them as any other', no: 'Leave them out' } as const;

function take({ taste, suggests }: TasteLearnt): void {
  const { brief } = plans;
  if (!brief) return;
  const said: Partial<Record<Taste, 'like' | 'fine' | 'no'>> = { ...brief.tastes, [taste]: suggests };
  plans.edit(`Taste: ${taste}`, { brief: { tastes: said } });
}
</script>

<template>
  <section v-if="tastes.length > 0 || specs.length > 0" class="panel" aria-labelledby="learnt-title">
    <h2 id="learnt-title">What your verdicts say <small class="dim">· you decide</small></h2>
    <p v-for="t in tastes" :key="t.taste" class="row">
      <span
        >You rate {{ t.taste }} drinks {{ words.number(t.mean) }} of 5, others {{ words.number(t.others) }}
        <span class="dim">({{ count(t.verdicts, 'verdict') }})</span>.</span
      >
      <v-btn @click="take(t)">{{ SUGGESTS[t.suggests] }} in the Brief</v-btn>
    </p>
    <p v-for="s in specs" :key="`${s.drink}${s.tasted}`" class="row">
      <span>
        {{ s.times }} times the <RouterLink :to="`/notebook/${s.drink}`">{{ s.name }}</RouterLink> was
        {{ s.tasted.replace('-', ' ')
        }}<template v-if="s.change"
          >: try {{ words.volume(s.change.toMl) }} {{ catalogue.kindInSentence(s.change.kind) }} where it says
          {{ words.volume(s.change.fromMl) }}</template
        >.
      </span>
    </p>
  </section>
</template>

<style scoped>
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 14px;
  align-items: center;
  justify-content: space-between;
  margin: 4px 0;
}

a {
  color: inherit;
}
</style>
