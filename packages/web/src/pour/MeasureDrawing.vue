<script setup lang="ts">
import { computed } from 'vue';
import { insideOfCapacity } from '@uisce/core/glass';
import { glassFor, ICE_IN_TIN_G, vesselsOf } from '@uisce/core/pouring';
import { useKit } from '../household/use-kit';
import { useLog } from '../household/use-log';
import { useCatalogue } from '../household/use-catalogue';
import ScaleDrawing from '../ui/drawing/ScaleDrawing.vue';
import VesselDrawing from '../ui/drawing/VesselDrawing.vue';
import { JOB_COLOUR } from '../ui/theme/tokens';
import { useOwnMeasure } from '../words/own-measure';
import { useWords } from '../words/use-words';
import { useRoundInHand } from './use-round-in-hand';

/** How the amount in hand is measured: in the household's own measures, or on the scale. */
const kits = useKit();
const log = useLog();
const own = useOwnMeasure();
const catalogue = useCatalogue();
const words = useWords();
const { inHand, current, targetG } = useRoundInHand();

const TIN: [number, number][] = [
  [0, 30],
  [6, 32],
  [150, 44],
];
const TIN_TYPE = { footMm: 3, stem: false, handle: false };
/** A scale for the kitchen shows whole grams; below this, tenths are asked for. */
const FINE_BELOW_G = 10;

const ml = computed(() => current.value?.part?.ml ?? undefined);
const byScale = computed(() => log.round?.way === 'scale' && targetG.value !== undefined);
const plan = computed(() => (own.isMeasured(ml.value) ? own.planFor(ml.value) : undefined));
/** The measures that are filled, each with how far. */
const measures = computed(() =>
  kits.kit.vessels.flatMap((vessel) => {
    const fills = plan.value?.fills.filter((f) => f.vesselId === vessel.id) ?? [];
    return fills.length > 0 ? [{ vessel, filled: new Map(fills.map((f) => [f.cup, f.ml])) }] : [];
  }),
);
/** What is in the tin or glass by now, ml. */
const inIt = computed(() => {
  const step = current.value;
  return (inHand.value?.now ?? [])
    .filter((s) => s.done && s.load === step?.load && s.into === step?.into && s.act !== 'rinse')
    .reduce((sum, s) => sum + (s.part?.ml ?? 0), 0);
});
const vessel = computed(() => {
  const step = current.value;
  const order = inHand.value?.orders[step?.order ?? 0];
  if (!step || !order) return undefined;
  const kind = catalogue.kinds.get(step.part?.kind ?? '');
  const colour = kind ? JOB_COLOUR[kind.job] : 'slate';
  const more = { waterMl: inIt.value, lineMl: inIt.value + (ml.value ?? 0), colour };
  if (step.into !== 'glass' && step.into !== null && step.into !== 'beside' && step.into !== 'bowl') {
    const { capacityMl } = vesselsOf(kits.kit, catalogue.all)[step.into];
    return { inside: insideOfCapacity(TIN, capacityMl - ICE_IN_TIN_G), type: TIN_TYPE, ...more };
  }
  const glass = catalogue.glasses.get(order.drink.glass);
  const mine = glassFor(order.drink, kits.kit, log.bar.kinds);
  const type = (mine && catalogue.glasses.get(mine.type)) ?? glass;
  if (!type) return undefined;
  const inside = mine ? insideOfCapacity(type.inside, mine.capacityMl) : type.inside;
  return { inside, type, ...more };
});
const shownG = computed(() => {
  const target = targetG.value ?? 0;
  return log.round?.tared ? 0 : target - (current.value?.part?.g ?? 0);
});
const target = computed(() => words.number(targetG.value ?? 0, (targetG.value ?? 0) < FINE_BELOW_G ? 1 : 0));
</script>

<template>
  <div class="measures">
    <template v-if="byScale">
      <ScaleDrawing :reading="{ g: shownG, stable: true }" :step-g="1" :vessel="vessel" />
      <p class="stop">
        Stop at <strong class="display">{{ target }} g</strong>
        <span class="dim">{{
          log.round?.tared ? 'with the scale set to nothing first' : 'with all that is in'
        }}</span>
      </p>
    </template>
    <template v-else-if="measures.length > 0 && plan">
      <figure v-for="m in measures" :key="m.vessel.id">
        <VesselDrawing :cups="m.vessel.cups" :name="m.vessel.name" :filled="m.filled" />
        <figcaption class="dim">{{ m.vessel.name }}</figcaption>
      </figure>
      <p class="fills">
        {{ own.sayFills(plan) }} <span class="dim">· {{ own.sayError(plan) }}</span>
      </p>
    </template>
    <p v-else-if="targetG" class="dim">Or on a scale: {{ target }} g.</p>
  </div>
</template>

<style scoped>
.measures {
  display: flex;
  flex-wrap: wrap;
  gap: 14px 28px;
  align-items: end;
}

.measures > :deep(.scale) {
  flex: 0 1 260px;
}

.stop,
.fills {
  flex: 1 1 220px;
  margin: 0;
  font-size: 1.75rem;
  line-height: 1.25;
}

.stop .dim,
.fills .dim {
  display: block;
  font-size: 1.0625rem;
}

.stop strong {
  font-size: 2.6rem;
}

figure {
  margin: 0;
}

figure :deep(svg) {
  height: 190px;
  width: auto;
}
</style>
