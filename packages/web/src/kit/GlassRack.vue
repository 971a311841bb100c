<script setup lang="ts">
import { lowerFirst } from '@uisce/core/base';
import { computed, ref } from 'vue';
import { useKit } from '../household/use-kit';
import { count, listed, oneAndMany, useWords } from '../words/use-words';
import { useCatalogue } from '../household/use-catalogue';
import DrinkNames from '../ui/DrinkNames.vue';
import CautionLine from '../ui/CautionLine.vue';
import GlassFigure from './GlassFigure.vue';
import OwnGlass from './OwnGlass.vue';
import { useGlassRack, type RackGlass } from './use-glass-rack';
import { useKitReport } from './use-kit-report';

/** px a mm: the same for every glass, so that they can be compared by eye. */
const SCALE = 0.62;
const ROOM_PX = 150;

const kits = useKit();
const catalogue = useCatalogue();
const words = useWords();
const { rack, spare, drinks } = useGlassRack();
const { report } = useKitReport();

const chosen = ref<string>();
const adding = ref(false);
const shown = computed(() => [...rack.value, ...spare.value].find((g) => g.id === chosen.value));
const fewest = computed(() =>
  listed((report.value?.fewestTypes ?? []).map((id) => catalogue.glassInSentence(id))),
);

/** Say that glasses of a type are there, of the usual size until they are measured. */
function own(glass: RackGlass): void {
  const id = `own-${glass.type.id}-${kits.kit.glasses.length + 1}`;
  const [, many] = oneAndMany(glass.type.name);
  kits.edit(`Own ${lowerFirst(many)}`, {
    glasses: [
      ...kits.kit.glasses,
      { id, name: many, type: glass.type.id, capacityMl: glass.capacityMl, count: glass.count },
    ],
  });
  chosen.value = id;
}
const say = (g: RackGlass) =>
  g.state === 'owned'
    ? `${g.name}, ${g.count} of ${words.volume(Math.round(g.capacityMl))}, yours; ${count(g.fits.length, 'drink')} fit`
    : `${count(g.count, ...oneAndMany(g.name))} of ${words.volume(g.capacityMl)}, ${g.state === 'buy' ? 'to buy' : 'not needed'}, ${words.price(g.priceMinor ?? 0)}`;
</script>

<template>
  <section class="detail" aria-labelledby="glasses-title">
    <div class="panel-head">
      <h2 id="glasses-title">
        Glasses
        <small class="dim"
          >· to one scale, filled to the middle one of {{ count(drinks.length, 'drink')
          }}<template v-if="fewest"> · the fewest kinds that take them all: {{ fewest }}</template></small
        >
      </h2>
    </div>
    <ul class="plain-list rack">
      <li v-for="glass in rack" :key="glass.id">
        <button
          class="plain-button glass"
          :class="{ chosen: chosen === glass.id }"
          type="button"
          :aria-label="say(glass)"
          :aria-pressed="chosen === glass.id"
          @click="chosen = chosen === glass.id ? undefined : glass.id"
        >
          <GlassFigure :glass="glass" :scale="SCALE" :height="ROOM_PX" />
          <span class="name">{{ glass.name }}</span>
          <span class="dim note">{{ glass.count }} × {{ words.volume(Math.round(glass.capacityMl)) }}</span>
          <span v-if="glass.state === 'buy'" class="note copper">{{
            words.price(glass.priceMinor ?? 0)
          }}</span>
          <span v-else class="note">{{ glass.fits.length }} fit</span>
        </button>
      </li>
      <li class="more">
        <button
          class="plain-button glass add"
          type="button"
          :aria-expanded="adding"
          @click="adding = !adding"
        >
          <span aria-hidden="true" class="plus">+</span>
          <span class="name">{{ adding ? 'Fewer' : 'Others' }}</span>
        </button>
      </li>
    </ul>
    <ul v-if="adding" class="plain-list rack thin">
      <li v-for="glass in spare" :key="glass.id">
        <button
          class="plain-button glass"
          :class="{ chosen: chosen === glass.id }"
          type="button"
          :aria-label="say(glass)"
          :aria-pressed="chosen === glass.id"
          @click="chosen = chosen === glass.id ? undefined : glass.id"
        >
          <GlassFigure :glass="glass" :scale="SCALE" :height="ROOM_PX" />
          <span class="name">{{ glass.name }}</span>
          <span class="dim note">{{ glass.fits.length }} fit</span>
        </button>
      </li>
    </ul>
    <div v-if="shown" class="detail" aria-live="polite">
      <p>
        <strong>{{ shown.name }}</strong>
        <span class="dim">
          · {{ words.volume(Math.round(shown.capacityMl)) }} to the brim ·
          <DrinkNames :ids="shown.fits" /> fit well, <DrinkNames :ids="shown.short" /> look short,
          {{ shown.over }} would overflow or must not go in</span
        >
      </p>
      <OwnGlass v-if="shown.state === 'owned'" :id="shown.id" :key="shown.id" @gone="chosen = undefined" />
      <v-btn v-else @click="own(shown)">I have some of these</v-btn>
      <CautionLine v-if="shown.type.caution">{{ shown.type.caution }}</CautionLine>
    </div>
    <CautionLine
      >Ordinary glass cracks from hot after cold; a glass is never the ice scoop: it chips.</CautionLine
    >
  </section>
</template>

<style scoped>
.rack {
  display: flex;
  flex-wrap: wrap;
  gap: 0 6px;
  align-items: flex-end;
  border-bottom: 6px solid rgb(var(--v-theme-wood));
  padding: 0 6px;
}

.thin {
  margin-top: 12px;
  border-bottom-width: 2px;
}

.glass {
  display: flex;
  flex-direction: column;
  align-items: center;
  justify-content: flex-end;
  min-width: 84px;
  max-width: 150px;
  padding: 4px 6px 6px;
  border-radius: var(--radius) var(--radius) 0 0;
}

.glass:hover,
.chosen {
  background: rgb(var(--v-theme-wall));
}

.add {
  min-height: 120px;
}

.plus {
  font-size: 2rem;
  line-height: 1;
  color: rgb(var(--v-theme-dim));
}

.name {
  margin-top: 6px;
  font-size: 0.875rem;
  font-weight: 650;
  text-align: center;
}

.note {
  font-size: 0.8125rem;
}

.detail {
  margin-top: 12px;
  padding: 12px 14px;
  border: 1px solid rgb(var(--v-theme-line));
  border-radius: var(--radius);
  background: rgb(var(--v-theme-wall));
}

.detail p {
  margin: 0 0 8px;
}

@media (max-width: 600px) {
  .rack {
    flex-wrap: nowrap;
    overflow-x: auto;
  }

  .rack li {
    flex: none;
  }
}
</style>
