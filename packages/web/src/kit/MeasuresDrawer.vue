<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { useAdvice } from '../solver/use-advice';
import { useAnswer } from '../solver/use-answer';
import { useKit } from '../household/use-kit';
import { useTrade } from '../household/use-trade';
import { inSentence, useWords } from '../words/use-words';
import { useOwnMeasure } from '../words/own-measure';
import CautionLine from '../ui/CautionLine.vue';
import CalibrateCard from './CalibrateCard.vue';
import VesselDrawing from './VesselDrawing.vue';
import type { Advice } from '../solver/tasks/questions';

/** Amounts that recipes ask for most (common practice). */
const USUAL_ML = [60, 50, 45, 30, 22.5, 20, 15, 10, 7.5, 5];

const advice = useAdvice();
const answers = useAnswer();
const kits = useKit();
const trade = useTrade();
const words = useWords();
const own = useOwnMeasure();

const weighing = ref(false);
const scores = ref<Advice<'jiggers'>>();
const found = advice.on('jiggers');
watch(found, (now) => {
  if (now) scores.value = now;
});
watch(
  [() => kits.kit.vessels, () => answers.current],
  () => {
    if (answers.current) advice.ask('jiggers', {});
  },
  { immediate: true },
);

const share = (part: number) => `${words.number(part * 100, 0)} %`;
const best = computed(() => scores.value?.scores[0]);
const answer = computed(() => {
  if (!scores.value || !best.value) return '';
  const bought = `a ${inSentence(best.value.jigger.name)} would meet ${share(best.value.met)}`;
  if (kits.kit.vessels.length === 0) return `none yet; ${bought} of what recipes ask for within 5 %`;
  return `yours meet ${share(scores.value.own.met)} of what recipes ask for within 5 %; ${bought}`;
});
const rows = computed(() => USUAL_ML.map((ml) => ({ ml, plan: own.planFor(ml) })));
const onSale = computed(() =>
  trade.catalogue.jiggers.filter((j) => !kits.kit.vessels.some((v) => v.id === j.id)),
);

function addLike(event: Event): void {
  const select = event.target as HTMLSelectElement;
  const like = trade.catalogue.jiggers.find((j) => j.id === select.value);
  select.value = '';
  if (!like) return;
  const name = like.name.slice(0, 60);
  kits.edit(`Own ${inSentence(name)}`, {
    vessels: [...kits.kit.vessels, { id: like.id, name, cups: like.cups }],
  });
}
function remove(id: string, name: string): void {
  kits.edit(`No ${inSentence(name)}`, { vessels: kits.kit.vessels.filter((v) => v.id !== id) });
}
</script>

<template>
  <section class="card" aria-labelledby="measures-title">
    <div class="card-head">
      <h2 id="measures-title">
        Measures <small class="dim">· {{ answer }}</small>
      </h2>
      <v-btn :aria-expanded="weighing" @click="weighing = !weighing">{{
        weighing ? 'Put the scale away' : 'Weigh a vessel'
      }}</v-btn>
    </div>
    <CalibrateCard v-if="weighing" @kept="weighing = false" />
    <div class="drawer">
      <ul class="plain-list vessels">
        <li v-for="vessel in kits.kit.vessels" :key="vessel.id">
          <VesselDrawing :cups="vessel.cups" :name="vessel.name" />
          <strong>{{ vessel.name }}</strong>
          <button class="plain-button link dim" type="button" @click="remove(vessel.id, vessel.name)">
            not mine
          </button>
        </li>
        <li v-if="kits.kit.vessels.length === 0" class="dim empty">
          No measure yet. Weigh the water a shot glass holds, or add a jigger like yours.
        </li>
        <li class="like">
          <label
            ><span class="dim">I have one like this</span>
            <select class="field" @change="addLike">
              <option value="">Choose</option>
              <option v-for="j in onSale" :key="j.id" :value="j.id">{{ j.name }}</option>
            </select></label
          >
        </li>
      </ul>
      <div class="scroll">
        <table v-if="kits.kit.vessels.length > 0">
          <caption class="sr-only">
            How to measure the usual amounts
          </caption>
          <tbody>
            <tr v-for="{ ml, plan } in rows" :key="ml">
              <th scope="row">{{ words.volume(ml) }}</th>
              <td v-if="plan">{{ own.sayFills(plan) }}</td>
              <td v-if="plan" class="error" :class="plan.meets ? 'dim' : 'rust'">{{ own.sayError(plan) }}</td>
            </tr>
          </tbody>
        </table>
      </div>
    </div>
    <label class="check">
      <input
        type="checkbox"
        :checked="kits.kit.ownMeasures"
        :disabled="kits.kit.vessels.length === 0"
        @change="kits.edit('Own measures', { ownMeasures: ($event.target as HTMLInputElement).checked })"
      />
      Read every spec in my measures too
    </label>
    <details v-if="scores">
      <summary>Which one jigger would measure the whole Notebook best</summary>
      <table>
        <thead>
          <tr>
            <th scope="col">With the spoons beside it</th>
            <th scope="col" class="error">Within 5 %</th>
            <th scope="col" class="error">Fills</th>
            <th scope="col" class="error">Off by</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="s in scores.scores" :key="s.jigger.id">
            <td>{{ s.jigger.name }}</td>
            <td class="error">{{ share(s.met) }}</td>
            <td class="error">{{ words.number(s.fills, 2) }}</td>
            <td class="error">{{ words.number(s.error * 100) }} %</td>
          </tr>
        </tbody>
      </table>
    </details>
    <CautionLine v-if="rows.some((r) => r.plan && !r.plan.meets)">
      In rust: more than 5 % off. A tall narrow cup forgives: the same error in level is a smaller error in
      volume.
    </CautionLine>
  </section>
</template>

<style scoped>
.drawer {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.3fr);
  gap: 20px;
  align-items: start;
}

.vessels {
  display: flex;
  flex-wrap: wrap;
  gap: 14px 22px;
  align-items: flex-end;
}

.vessels li {
  display: grid;
  gap: 2px;
  justify-items: start;
  max-width: 100%;
}

.like,
.empty {
  flex-basis: 100%;
}

.like label {
  display: grid;
  gap: 4px;
}

.link {
  min-height: 32px;
  text-decoration: underline;
  text-underline-offset: 3px;
}

.scroll {
  overflow-x: auto;
}

table {
  width: 100%;
  border-collapse: collapse;
}

th,
td {
  padding: 5px 10px 5px 0;
  text-align: start;
  vertical-align: baseline;
  border-bottom: 1px solid rgb(var(--v-theme-line));
}

th[scope='row'] {
  white-space: nowrap;
}

.error {
  text-align: end;
}

.rust {
  color: rgb(var(--v-theme-rust));
}

.check {
  display: flex;
  gap: 10px;
  align-items: center;
  min-height: 44px;
  margin-top: 8px;
}

.check input {
  width: 20px;
  height: 20px;
  accent-color: rgb(var(--v-theme-sea));
}

summary {
  min-height: 44px;
  padding: 10px 0;
  cursor: pointer;
}

@media (max-width: 820px) {
  .drawer {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
