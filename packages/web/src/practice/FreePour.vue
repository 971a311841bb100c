<script setup lang="ts">
import { computed, defineAsyncComponent } from 'vue';
import { comparedFigures } from '@uisce/core/notebook';
import { SPOUTS, type Spout } from '@uisce/core/practice';
import { useCatalogue } from '../household/use-catalogue';
import CheckField from '../ui/CheckField.vue';
import SelectField from '../ui/SelectField.vue';
import { useWords } from '../words/use-words';
import AimPanel from './AimPanel.vue';
import PourStage from './PourStage.vue';
import { useAim } from './use-aim';
import { useMetronome } from './use-metronome';
import { useTraining } from './use-training';

const ScaleDrawing = defineAsyncComponent(() => import('../ui/drawing/ScaleDrawing.vue'));

/** Pouring by count: one amount or a whole drink; then how near it was. */
const catalogue = useCatalogue();
const words = useWords();
const aim = useAim();
const training = useTraining();
const { spout, seen, onScale, kind, drink, drinks, parts, part, at, poured, made, targetMl } = training;
const { lastMl, lastTarget, isWeighing, taken, held, running, inCupMl, runsMlPerS, recipe } = training;
const beats = useMetronome(held);

const SPOUT_WORDS: Record<Spout, string> = { metal: 'metal spout', slow: 'narrow spout', neck: 'bare neck' };
const spouts = SPOUTS.map((value) => ({ value, title: SPOUT_WORDS[value] }));
const targets = computed(() => aim.targets.value.map((ml) => ({ value: ml, title: words.volume(ml) })));
const kinds = computed(() =>
  ['dry-gin', 'bourbon', 'triple-sec', 'sweet-vermouth', 'simple-syrup', 'rich-syrup']
    .filter((id) => catalogue.kinds.has(id))
    .map((id) => ({ value: id, title: catalogue.kindName(id) })),
);
const whats = computed(() => [
  { value: '', title: 'One amount' },
  ...drinks.value.map((d) => ({ value: d.id, title: d.name })),
]);
const label = computed(() => {
  if (!part.value)
    return drink.value === '' ? `Hold: ${words.volume(targetMl.value)}` : 'Hold: once more from the first';
  return `Hold: ${words.volume(part.value.ml)} ${catalogue.kindInSentence(part.value.kind)}`;
});
/** How the last one was. */
const said = computed(() => {
  const [ml, target] = [lastMl.value, lastTarget.value];
  if (ml === undefined || target === undefined) return '';
  const off = ml - target;
  const share = Math.round((Math.abs(off) / target) * 100);
  const how =
    Math.abs(off) < 0.05
      ? 'just right'
      : `${words.fixed(Math.abs(off), 1)} ml ${off > 0 ? 'too much' : 'too little'}, ${share} %`;
  return `${words.fixed(ml, 1)} ml for ${words.volume(target)}: ${how}.`;
});
const figures = computed(() => {
  if (!made.value || !recipe.value) return '';
  const [was, is] = [
    comparedFigures(recipe.value, catalogue.kinds),
    comparedFigures(made.value, catalogue.kinds),
  ];
  const part = (name: string, a: string, b: string) => (a === b ? '' : `${name} ${b} instead of ${a}`);
  const out = [
    part('strength', words.percent(was.abv), words.percent(is.abv)),
    part('sugar', `${words.fixed(was.sugar, 1)} g`, `${words.fixed(is.sugar, 1)} g`),
    part('acid', `${words.fixed(was.acid, 1)} g`, `${words.fixed(is.acid, 1)} g`),
    part('in the glass', words.volume(Math.round(was.volume)), words.volume(Math.round(is.volume))),
  ].filter(Boolean);
  return out.length === 0
    ? 'It comes out as written.'
    : `It comes out with ${out.join(', ')} (sugar and acid in 100 ml).`;
});
</script>

<template>
  <div class="two-columns">
    <section class="panel" aria-labelledby="stage-title">
      <h2 id="stage-title">
        {{ drink === '' ? 'Pour by count' : recipe?.name }}
        <small v-if="parts.length > 0" class="dim"
          >· part {{ Math.min(at + 1, parts.length) }} of {{ parts.length }}</small
        >
      </h2>
      <PourStage
        :held="held"
        :running="running"
        :in-cup-ml="inCupMl"
        :runs-ml-per-s="runsMlPerS"
        :target-ml="targetMl"
        :seen="seen && !onScale"
        :label="label"
        @hold="training.hold()"
        @let-go="training.letGo()"
      />
      <p v-if="beats.on.value" class="beat display" aria-hidden="true">
        {{ held ? (beats.beat.value % 2 === 0 ? beats.beat.value / 2 : 'and') : '·' }}
      </p>
      <div v-if="onScale" class="scale">
        <ScaleDrawing :reading="taken ?? training.scale.reading.value" :step-g="training.scale.stepG()" />
        <p v-if="isWeighing" class="dim">The scale comes to rest.</p>
      </div>
      <p class="said" role="status">{{ running || isWeighing ? '' : said }}</p>
      <p v-if="poured.length > 0 && !made" class="dim">
        So far {{ poured.map((ml) => words.fixed(ml, 1)).join(' · ') }} ml.
      </p>
      <p v-if="figures">{{ figures }}</p>
      <div class="field-row">
        <SelectField label="What" :value="drink" :choices="whats" @choose="drink = $event" />
        <SelectField
          v-if="drink === ''"
          label="How much"
          :value="targetMl"
          :choices="targets"
          @choose="aim.target.value = $event"
        />
        <SelectField
          v-if="drink === '' && !onScale"
          label="Of"
          :value="kind"
          :choices="kinds"
          @choose="kind = $event"
        />
        <SelectField label="Through a" :value="spout" :choices="spouts" @choose="spout = $event" />
      </div>
      <div class="checks">
        <CheckField v-model="seen" label="See the cup fill" />
        <CheckField v-model="onScale" label="Water, on the scale" />
        <CheckField v-model="beats.on.value" label="Beats to count by" />
        <CheckField v-if="beats.on.value" v-model="beats.sound.value" label="heard" />
      </div>
    </section>
    <AimPanel />
  </div>
</template>

<style scoped>
.beat {
  margin: 4px 0;
  text-align: center;
  font-size: 1.6rem;
}

.said {
  min-height: 1.6em;
  margin: 8px 0;
  font-weight: 700;
}

.checks {
  display: flex;
  flex-wrap: wrap;
  gap: 0 16px;
}

.scale {
  max-width: 320px;
  margin-inline: auto;
}
</style>
