<script setup lang="ts">
import BeyondPanel from './BeyondPanel.vue';
import BottlePanel from './BottlePanel.vue';
import CautionLine from '../ui/CautionLine.vue';
import DrinksInReach from './DrinksInReach.vue';
import EnoughPanel from './EnoughPanel.vue';
import KitInPlan from './KitInPlan.vue';
import OneBottleOff from './OneBottleOff.vue';
import SchoolsPanel from './SchoolsPanel.vue';
import { useShelfEntries } from './use-shelf-entries';
import ShelfDrawing from '../ui/shelf/ShelfDrawing.vue';
import WaterlinePanel from './waterline/WaterlinePanel.vue';
import { usePlans } from '../household/use-plans';
import { useWords } from '../words/use-words';
import { useBottleShown } from './use-bottle-shown';

const plans = usePlans();
const words = useWords();
const { shelf, cold, usedMm } = useShelfEntries();
const { lengthMm, scale, coldLengthMm, selected, select, close } = useBottleShown();
</script>

<template>
  <section class="panel" aria-labelledby="shelf-title">
    <h2 id="shelf-title" class="sr-only">Your shelf</h2>
    <div ref="shelfCard">
      <ShelfDrawing
        :entries="shelf"
        :length-mm="lengthMm"
        :scale="scale"
        :kind="plans.brief?.place.spot ?? 'shelf'"
        label="Bottles on the shelf"
        :selected-id="selected"
        @select="select($event.id)"
      />
    </div>
    <p class="dim legend">
      {{ words.number(usedMm / 10, 0) }} of {{ words.number(lengthMm / 10, 0) }} cm used · number on the label
      = drinks that lean on the bottle · dashed = not bought
    </p>
    <KitInPlan />
  </section>
  <div class="pair">
    <WaterlinePanel />
    <BottlePanel v-if="selected" :item-id="selected" @close="close" />
    <OneBottleOff v-else @select="select" />
  </div>
  <section v-if="cold.length > 0" class="panel below" aria-labelledby="cold-title">
    <h2 id="cold-title">
      In the cold and the cupboard <small class="dim">· made at home, opened wine, mixers</small>
    </h2>
    <ShelfDrawing
      :entries="cold"
      :length-mm="coldLengthMm"
      :scale="scale"
      kind="fridge"
      label="Things kept in the fridge"
      :selected-id="selected"
      @select="select($event.id)"
    />
    <CautionLine
      >Date every syrup and opened wine; look before use, and throw away anything cloudy or
      growing.</CautionLine
    >
  </section>
  <EnoughPanel class="below" />
  <SchoolsPanel class="below" />
  <BeyondPanel class="below" />
  <DrinksInReach class="below" />
  <p class="dim below">
    Citrus, eggs, cream, herbs and ice{{ plans.brief?.keepsWine ? '' : ', wine and bubbles' }} are bought on
    the day and are not in the money above.
  </p>
  <CautionLine
    >For adults of drinking age. Nobody drives after a drink; not when pregnant, nor with medicines that do
    not mix.</CautionLine
  >
</template>

<style scoped>
.pair {
  display: grid;
  grid-template-columns: minmax(0, 1.2fr) minmax(0, 1fr);
  gap: 14px;
  margin-top: 14px;
  align-items: start;
}

.pair > :last-child {
  min-height: 100%;
}

.below {
  margin-top: 14px;
}

/* What is far down the page is laid out when it comes into view: the waterline moves freely above it. */
section.below {
  content-visibility: auto;
  contain-intrinsic-size: auto 500px;
}

.legend {
  margin: 4px 0 0;
  font-size: 0.875rem;
  text-align: end;
}

@media (max-width: 820px) {
  .pair {
    grid-template-columns: minmax(0, 1fr);
  }

  .legend {
    text-align: start;
  }
}
</style>
