<script setup lang="ts">
import { useWakeLock } from '@vueuse/core';
import { computed, onBeforeUnmount, onMounted, ref } from 'vue';
import { insideOfCapacity } from '@uisce/core/glass';
import { enlarged, metG, takeIn, type BatchRecord } from '@uisce/core/bench';
import { useBatches } from '../household/use-batches';
import { useBatchWords } from '../words/batch-words';
import { useWords } from '../words/use-words';
import NumberField from '../ui/NumberField.vue';
import ScaleDrawing from '../ui/drawing/ScaleDrawing.vue';
import CautionLine from '../ui/CautionLine.vue';
import BottleStep from './BottleStep.vue';
import { JAR, JAR_TYPE } from './jar';
import OwnScale from './OwnScale.vue';
import ActStep from './ActStep.vue';
import StrainStep from './StrainStep.vue';
import TooMuchLine from './TooMuchLine.vue';
import TopUpStep from './TopUpStep.vue';
import { useBenchScale } from './use-bench-scale';
import { useWeighing } from './use-weighing';
import CheckField from '../ui/CheckField.vue';

/** One batch at the scale, a step at a time; whatever is done is kept at once. */
const props = defineProps<{ record: BatchRecord }>();

const batches = useBatches();
const words = useWords();
const { recipeName, partName, grams, byDrops, cautionOf } = useBatchWords();
const record = computed(() => props.record);
const { recipe, weighing, isHot, sayStep } = useWeighing(record);
const batch = computed(() => weighing.value?.batch);
const now = computed(() => weighing.value?.now);
const target = computed(() => weighing.value?.target);
const steps = computed(() => weighing.value?.steps ?? []);

const large = ref(false);
const wake = useWakeLock();
onMounted(() => void wake.request('screen').catch(() => undefined));
onBeforeUnmount(() => void wake.release().catch(() => undefined));

const part = computed(() => (now.value?.do === 'add' ? recipe.value?.from[now.value.part] : undefined));
const {
  scale,
  jarOn,
  mustTare,
  shownG,
  left,
  pouredG,
  tare,
  putJarOn,
  pour,
  pourToLine,
  SPOON_G,
  SPLASH_G,
  DROP_G,
} = useBenchScale(record, target, part);

function takeGrams(shown: number, divisionG: number): void {
  const step = now.value;
  // What the scale cannot tell from the mark is at the mark.
  const g = metG(shown, target.value?.addG ?? shown, divisionG);
  if (step?.do !== 'add') return;
  const named = part.value ? partName(part.value) : '';
  pouredG.value = 0;
  batches.keep(takeIn(record.value, step.part, g), `${grams(g)} ${named}`);
}
function isIn(): void {
  takeGrams(shownG.value, scale.stepG());
  if (record.value.tared) tare();
}
/** What an overshoot has done: said until the batch is bottled. */
const overshoot = computed(() => {
  const b = batch.value;
  const p = weighing.value?.planned;
  if (!b || !p) return '';
  if (record.value.strained.length > 0 && b.massG < p.massG * 0.995)
    return `What came through makes ${words.number(b.volumeMl, 0)} ml instead of ${words.number(p.volumeMl, 0)}. The ratio stays exact.`;
  if (b.massG <= p.massG * 1.0005 || (weighing.value?.balanced.factor ?? 1) <= 1) return '';
  const more = words.number((b.massG / p.massG - 1) * 100, 1);
  const room = weighing.value?.fits
    ? `it still fits your ${words.number(record.value.bottleMl, 0)} ml`
    : `more than your ${words.number(record.value.bottleMl, 0)} ml holds: keep the rest in another`;
  return `Overshot by ${more} %: everything else grows with it, to ${words.number(b.volumeMl, 0)} ml; ${room}. The ratio stays exact.`;
});

const act = computed(() => (now.value?.do === 'act' ? now.value : undefined));
function enlarge(factor: number): void {
  batches.keep(enlarged(record.value, factor), 'A larger batch');
}
const vessel = computed(() =>
  jarOn.value
    ? {
        inside: insideOfCapacity(JAR, Math.max(record.value.bottleMl, batch.value?.volumeMl ?? 0) * 1.08),
        type: JAR_TYPE,
        waterMl: (weighing.value?.soFar.volumeMl ?? 0) + Math.max(0, pouredG.value) * 0.75,
        lineMl: batch.value?.volumeMl ?? 0,
        colour: 'gorse',
      }
    : undefined,
);
</script>

<template>
  <section class="panel" :class="{ large }" aria-labelledby="weigh-title">
    <div class="panel-head">
      <h2 id="weigh-title">{{ recipeName(recipe) }} at the scale</h2>
      <CheckField v-model="large" label="From across the room" />
    </div>
    <ol class="plain-list strip" aria-label="Steps">
      <li
        v-for="({ step, done }, i) in steps"
        :key="i"
        :class="{ done, here: step === now }"
        :aria-current="step === now ? 'step' : undefined"
      >
        {{ sayStep(step) }}
      </li>
    </ol>
    <div class="bench">
      <ScaleDrawing :reading="scale.reading.value" :step-g="scale.stepG()" :vessel="vessel" />
      <div class="doing">
        <p v-if="overshoot" class="over" role="status">{{ overshoot }}</p>
        <TooMuchLine
          v-for="much in weighing?.tooMuch ?? []"
          :key="much.part"
          :recipe="recipe"
          :much="much"
          :ml="(weighing?.planned.volumeMl ?? 0) * much.factor"
          @enlarge="enlarge(much.factor)"
        />
        <template v-if="now?.do === 'add' && target && part">
          <p class="big display" aria-live="polite">
            <template v-if="!jarOn">Put the jar on the scale</template>
            <template v-else-if="mustTare">Tare: the jar should read nothing</template>
            <template v-else-if="record.tared">Add {{ grams(target.addG) }} {{ partName(part) }}</template>
            <template v-else>{{ partName(part) }}: stop at {{ grams(target.readingG) }}</template>
          </p>
          <p v-if="jarOn && !mustTare" class="dim">
            {{ left > 0.05 ? `${grams(left)} to go` : left < -0.5 ? `${grams(-left)} too much` : 'there' }}
            <template v-if="part.hot"> · hot</template
            ><template v-if="part.cold"> · once the pan is off the heat</template>
            <template v-if="byDrops(part)"> · one drop at a time</template>
          </p>
          <div v-if="!jarOn" class="buttons">
            <NumberField
              label="The empty jar weighs"
              suffix="g"
              :value="record.jarG"
              :least="0"
              :most="20000"
              @change="batches.edit(record.id, 'The jar', { jarG: $event ?? 0 })"
            />
            <v-btn color="sea" @click="putJarOn">Put the jar on</v-btn>
          </div>
          <div v-else class="buttons">
            <v-btn v-if="record.tared" @click="tare">Tare</v-btn>
            <v-btn v-if="byDrops(part)" @click="pour(DROP_G)">A drop</v-btn>
            <v-btn v-else @click="pour(SPOON_G)">A spoonful</v-btn>
            <v-btn v-if="!byDrops(part)" @click="pour(SPLASH_G)">A splash</v-btn>
            <v-btn @click="pourToLine">Pour to the mark</v-btn>
            <v-btn color="sea" :disabled="!scale.reading.value.stable || shownG <= 0" @click="isIn"
              >It is in</v-btn
            >
          </div>
          <OwnScale :record="record" :reading-g="target.readingG" @take="takeGrams" />
          <CautionLine v-if="cautionOf(part)">{{ cautionOf(part) }}</CautionLine>
        </template>
        <StrainStep
          v-else-if="act?.what.do === 'strain' && weighing"
          :key="`strain-${act.act}`"
          :record="record"
          :step="act"
          :meant-g="weighing.soFar.massG"
          :is-hot="isHot"
        />
        <ActStep v-else-if="act" :key="act.act" :record="record" :step="act" :is-hot="isHot" />
        <TopUpStep
          v-else-if="now?.do === 'top-up' && weighing"
          :record="record"
          :mass-g="weighing.soFar.massG"
        />
        <BottleStep v-else-if="now?.do === 'bottle' && batch" :record="record" :batch="batch" />
        <div class="buttons quiet">
          <CheckField
            :model-value="record.tared"
            label="I tare before each part"
            @update:model-value="batches.edit(record.id, 'Taring', { tared: $event })"
          />
          <button class="plain-button link dim" type="button" @click="batches.remove(record.id)">
            Cancel it
          </button>
        </div>
      </div>
    </div>
    <p class="dim">Every step is kept as you go: close the page, and go on tomorrow.</p>
  </section>
</template>

<style scoped>
.strip {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin-bottom: 14px;
}

.strip li {
  padding: 4px 10px;
  border: 1px solid rgb(var(--v-theme-line));
  border-radius: var(--radius);
  color: rgb(var(--v-theme-dim));
}

.strip .done {
  text-decoration: line-through;
}

.strip .here {
  border-color: rgb(var(--v-theme-gorse));
  color: rgb(var(--v-theme-ink));
  font-weight: 700;
}

.bench {
  display: grid;
  grid-template-columns: minmax(0, 280px) minmax(0, 1fr);
  gap: 22px;
  align-items: center;
}

.doing {
  display: grid;
  gap: 10px;
}

.big {
  font-size: 1.5rem;
  line-height: 1.2;
  margin: 0;
}

.large .big {
  font-size: 2.6rem;
}

.large .doing {
  font-size: 1.5rem;
}

.large .bench {
  grid-template-columns: minmax(0, 340px) minmax(0, 1fr);
}

p {
  margin: 0;
}

.over {
  padding: 8px 12px;
  border-inline-start: 4px solid rgb(var(--v-theme-copper));
}

.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
}

.quiet {
  justify-content: space-between;
}

@media (max-width: 700px) {
  .bench,
  .large .bench {
    grid-template-columns: minmax(0, 1fr);
  }

  .large .big {
    font-size: 2rem;
  }
}
</style>
