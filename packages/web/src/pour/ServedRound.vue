<script setup lang="ts">
import { computed } from 'vue';
import { RouterLink, useRoute } from 'vue-router';
import { eveningSoFar } from '@uisce/core/pouring';
import { standardDrink } from '@uisce/core/drink';
import { useKeeper } from '../kept/use-keeper';
import { useLog } from '../household/use-log';
import { useSettings } from '../household/use-settings';
import { useStock } from '../household/use-stock';
import { useCatalogue } from '../household/use-catalogue';
import CautionLine from '../ui/CautionLine.vue';
import { count, useWords } from '../words/use-words';
import VerdictRow from '../ui/drink/VerdictRow.vue';

/** What was just served: how it was liked, and what it took. */
const settings = useSettings();
const keeper = useKeeper();
const log = useLog();
const route = useRoute();
const stock = useStock();
const catalogue = useCatalogue();
const words = useWords();

const pours = computed(() => log.pours.filter((p) => p.round === route.params.round));
/** What its bottles hold now. */
const took = computed(() => {
  const byId = new Map(stock.bottles.map((b) => [b.id, b]));
  const all = new Map<string, number>();
  for (const d of pours.value.flatMap((p) => p.parts.flatMap((part) => part.drawn)))
    if (d.from === 'bottle') all.set(d.id, (all.get(d.id) ?? 0) + d.ml);
  return [...all].flatMap(([id, ml]) => {
    const bottle = byId.get(id);
    if (!bottle || ml === 0) return [];
    const name = catalogue.kindInSentence(bottle.kind);
    const left =
      bottle.leftMl === null
        ? 'not measured'
        : bottle.leftMl === 0
          ? 'empty now'
          : `${words.volume(Math.round(bottle.leftMl))} left`;
    return [{ id, text: `${words.volume(Math.round(ml * 10) / 10)} of ${name}`, left }];
  });
});
const standard = computed(() => standardDrink(settings.current.locale));
const evening = computed(() =>
  eveningSoFar(
    log.pours,
    log.evening(),
    standard.value,
    (name) => log.people.find((p) => p.name === name)?.limit ?? null,
  ),
);
</script>

<template>
  <section v-if="pours.length === 0" class="panel">
    <p>
      This round is not in the log: it was taken back.
      <RouterLink to="/pour">Choose what to pour</RouterLink>.
    </p>
  </section>
  <div v-else class="two-columns">
    <div class="stack">
      <section v-for="pour in pours" :key="pour.id" class="panel" :aria-label="pour.name">
        <h2>
          {{ pour.name }}
          <small class="dim"
            >· {{ count(pour.glasses, 'glass', 'glasses')
            }}<template v-if="pour.for.length > 0">, for {{ pour.for.join(' and ') }}</template></small
          >
        </h2>
        <VerdictRow :pour="pour" />
      </section>
    </div>
    <div class="stack">
      <section class="panel" aria-labelledby="took-title">
        <h2 id="took-title">What it took</h2>
        <ul class="plain-list">
          <li v-for="t in took" :key="t.id">
            <span>{{ t.text }}</span><span class="dim">{{ t.left }}</span>
          </li>
        </ul>
        <p v-if="keeper.history.undo !== null">
          <v-btn @click="keeper.undo({ thing: 'pour', id: pours[0]?.id ?? '' })">Undo this round</v-btn>
        </p>
      </section>
      <section v-if="evening.length > 0" class="panel" aria-labelledby="evening-title">
        <h2 id="evening-title">Tonight so far</h2>
        <p v-for="s in evening" :key="s.name">
          <strong>{{ s.name }}</strong>: {{ words.number(s.standard) }} {{ standard.word[1]
          }}<template v-if="s.limit !== null"> of the {{ words.number(s.limit) }} set for an evening</template
          ><template v-if="s.past">; that is the limit they set: water now</template
          ><template v-else>; water between</template>.
        </p>
        <CautionLine
          >Nobody drives after it. Standard drinks are a sum, not a judgement of how anybody is.</CautionLine
        >
      </section>
      <p>
        <RouterLink to="/pour">Another round</RouterLink> · <RouterLink to="/pour/log">The log</RouterLink>
      </p>
    </div>
  </div>
</template>

<style scoped>
li {
  display: flex;
  justify-content: space-between;
  gap: 12px;
  padding: 4px 0;
}

a {
  color: inherit;
}
</style>
