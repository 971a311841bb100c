<script setup lang="ts">
import { inSentence } from '@uisce/core/base';
import { computed } from 'vue';
import type { Recipe } from '@uisce/core/catalogue';
import { fillGlass, heightOfMl, radiusAt } from '@uisce/core/glass';
import { useCatalogue } from '../../household/use-catalogue';
import { useHouseSyrup } from '../../words/house-syrup';
import { JOB_COLOUR } from '../theme/tokens';
import { plainName, useWords } from '../../words/use-words';
import { FOOT_MM, glassOutline } from '../drawing/outline';
import { iceShapes } from '../drawing/ice-shapes';

const props = defineProps<{
  recipe: Recipe;
  /** Without labels and words: a small picture among others. */
  plain?: boolean;
  /** Parts that are in, by their place; all where left out. The water is in once `watered` says so. */
  partsIn?: ReadonlySet<number>;
  watered?: boolean;
}>();

const catalogue = useCatalogue();
const words = useWords();

/** Drawing room in px; the glass is scaled into it, a small one no more than so far. */
const ROOM = { width: 420, height: 330, glassWidth: 196, top: 18 };
/** Least distance between two labels. */
const LABEL_STEP = 22;

const glass = computed(() => catalogue.glasses.get(props.recipe.glass));
const house = useHouseSyrup();
const poured = computed(() => house.asPoured(props.recipe));
const fill = computed(() =>
  glass.value ? fillGlass(poured.value.recipe, glass.value, poured.value.kinds) : undefined,
);

/** Ice lies in the glass from the start of the picture, or once the drink has come to it. */
const iced = computed(() => props.partsIn === undefined || props.watered === true);

const drawing = computed(() => {
  const f = fill.value;
  if (!f) return undefined;
  const { inside } = f;
  const brimMm = inside.at(-1)?.[0] ?? 0;
  const widest = Math.max(...inside.map(([, r]) => r));
  const scale = Math.min(
    1.75,
    (ROOM.height - ROOM.top - 12) / (brimMm + f.glass.footMm + FOOT_MM),
    ROOM.glassWidth / (2 * widest + 8),
  );
  const centre = ROOM.glassWidth / 2 + 4;
  const outline = glassOutline(inside, f.glass, { centre, bottom: ROOM.height - 8, scale });
  const { band, y, base } = outline;

  // Floating ice lifts every layer alike.
  const lift = f.liquidMl === 0 ? 1 : (f.liquidMl + f.iceG) / f.liquidMl;
  let ml = 0;
  const slots = poured.value.recipe.slots;
  const isIn = (slot: (typeof slots)[number] | undefined) =>
    props.partsIn === undefined || (slot ? props.partsIn.has(slots.indexOf(slot)) : props.watered === true);
  const layers = f.layers
    .filter((layer) => isIn(layer.slot))
    .map((layer) => {
      const from = heightOfMl(inside, ml * lift);
      ml += layer.ml;
      const to = heightOfMl(inside, ml * lift);
      const kind = catalogue.kinds.get(layer.kindId ?? '');
      return {
        d: band(from, to),
        colour: kind ? `rgb(var(--v-theme-${JOB_COLOUR[kind.job]}))` : 'rgb(var(--v-theme-slate))',
        water: kind === undefined,
        // A syrup's ratio stands in the spec; here it would run off the edge.
        name: kind ? plainName(inSentence(kind)) : 'water from ice',
        amount: words.volume(kind ? layer.ml : Math.round(layer.ml)),
        edge: [centre + radiusAt(inside, (from + to) / 2) * scale, y((from + to) / 2)] as const,
        labelY: y((from + to) / 2),
      };
    });
  spread(layers);
  const surface = heightOfMl(inside, f.liquidMl + f.iceG);
  const top = Math.min(y(brimMm), ...layers.map((l) => l.labelY - 14)) - 8;
  return {
    viewBox: `0 ${top.toFixed(0)} ${props.plain ? ROOM.glassWidth + 8 : ROOM.width} ${(ROOM.height - top).toFixed(0)}`,
    layers,
    wall: outline.wall,
    surface: {
      y: y(surface),
      left: centre - radiusAt(inside, surface) * scale,
      right: centre + radiusAt(inside, surface) * scale,
    },
    ice: !iced.value
      ? []
      : iceShapes(props.recipe.ice, f.iceG, {
          centre,
          top: y(surface),
          bottom: y(0),
          scale,
          halfWidthAt: (py) => radiusAt(inside, (base - py) / scale) * scale,
        }),
    stem: outline.foot,
    handle: outline.handle,
  };
});

/** Move labels apart, from the top down and then up from the floor, so that none lies on another. */
function spread(layers: { labelY: number }[]): void {
  const topDown = [...layers].sort((a, b) => a.labelY - b.labelY);
  topDown.forEach((label, i) => {
    const least = i === 0 ? ROOM.top : (topDown[i - 1] as { labelY: number }).labelY + LABEL_STEP;
    label.labelY = Math.max(label.labelY, least);
  });
  let floor = ROOM.height - 6;
  for (const label of topDown.reverse()) {
    label.labelY = Math.min(label.labelY, floor);
    floor = label.labelY - LABEL_STEP;
  }
}

const spoken = computed(() => {
  const f = fill.value;
  if (!f) return '';
  const ice = f.iceG > 0 ? ` and about ${words.number(f.iceG, 0)} g of ice` : '';
  return `${words.volume(Math.round(f.liquidMl))}${ice} fill ${words.percent(f.share).replace(/[.,]\d/, '')} of a ${inSentence(f.glass)} of ${words.volume(Math.round(f.capacityMl))}${f.verdict === 'short' ? ', and look short in it' : ''}`;
});
</script>

<template>
  <figure v-if="drawing && fill">
    <svg :viewBox="drawing.viewBox" role="img" :aria-label="spoken">
      <path
        v-for="(layer, i) in drawing.layers"
        :key="i"
        class="layer"
        :class="{ water: layer.water }"
        :d="layer.d"
        :style="{ '--job': layer.colour }"
      />
      <path v-for="(shape, i) in drawing.ice" :key="`ice${i}`" class="ice" :d="shape" />
      <line
        class="surface"
        :x1="drawing.surface.left"
        :x2="drawing.surface.right"
        :y1="drawing.surface.y"
        :y2="drawing.surface.y"
      />
      <path class="wall" :d="drawing.wall" />
      <path class="wall" :d="drawing.stem" />
      <path v-if="drawing.handle" class="wall" :d="drawing.handle" />
      <g v-for="(layer, i) in plain ? [] : drawing.layers" :key="`label${i}`">
        <path
          class="pointer"
          :d="`M${layer.edge[0] - 6},${layer.edge[1]}L${ROOM.glassWidth + 14},${layer.labelY - 4}h8`"
        />
        <text :x="ROOM.glassWidth + 26" :y="layer.labelY">
          {{ layer.name }}
          <tspan class="amount">{{ layer.amount }}</tspan>
        </text>
      </g>
    </svg>
    <figcaption v-if="!plain" class="dim">{{ spoken }}.</figcaption>
  </figure>
</template>

<style scoped>
figure {
  margin: 0;
}

svg {
  width: 100%;
  max-width: 460px;
  display: block;
}

.layer {
  fill: color-mix(in srgb, var(--job) 52%, rgb(var(--v-theme-panel)));
  stroke: rgb(var(--v-theme-panel));
  stroke-width: 0.8;
}

.water {
  fill: color-mix(in srgb, var(--job) 18%, rgb(var(--v-theme-panel)));
}

.ice {
  fill: rgb(var(--v-theme-panel));
  fill-opacity: 0.36;
  stroke: rgb(var(--v-theme-panel));
  stroke-width: 1.2;
}

.surface {
  stroke: rgb(var(--v-theme-copper));
  stroke-width: 2;
}

.wall {
  fill: none;
  stroke: rgb(var(--v-theme-ink));
  stroke-width: 1.6;
  stroke-linejoin: round;
}

.pointer {
  fill: none;
  stroke: rgb(var(--v-theme-dim));
  stroke-width: 0.8;
}

text {
  font-size: 16px;
  fill: rgb(var(--v-theme-ink));
}

.amount {
  fill: rgb(var(--v-theme-dim));
}

figcaption {
  margin-top: 4px;
  font-size: 0.9375rem;
}
</style>
