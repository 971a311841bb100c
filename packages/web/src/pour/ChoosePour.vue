<script setup lang="ts">
import { useTitle } from '@vueuse/core';
import { computed } from 'vue';
import { usePouring } from '../household/use-pouring';
import CautionLine from '../ui/CautionLine.vue';
import { titleOf } from '../words/title';
import BestFew from './BestFew.vue';
import DrinkList from './DrinkList.vue';
import OneShort from './OneShort.vue';
import PeopleCard from './PeopleCard.vue';
import PourFilters from './PourFilters.vue';
import RoundTray from './RoundTray.vue';
import { useFilters } from './use-filters';

/** What to pour: the few best drawn, then all; what is put on the tray is made together. */
const pouring = usePouring();
pouring.begin();
const { shown } = useFilters();
const isReady = computed(() => pouring.ready.value !== undefined);
useTitle(titleOf('Pour', ''));
</script>

<template>
  <div class="choose">
    <div class="stack">
      <PourFilters />
      <p v-if="!isReady" class="card dim">Looking along the shelf.</p>
      <template v-else>
        <BestFew :drinks="shown" />
        <DrinkList :drinks="shown" />
        <OneShort />
      </template>
    </div>
    <div class="stack side">
      <RoundTray class="tray" />
      <PeopleCard />
    </div>
  </div>
  <CautionLine>
    For adults of drinking age. Nobody drives after drinking, nor drinks when pregnant. Ask a doctor or a
    pharmacist about medicines.
  </CautionLine>
</template>

<style scoped>
.choose {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 300px;
  gap: 14px;
  align-items: start;
}

.side {
  position: sticky;
  inset-block-start: 14px;
}

@media (max-width: 1080px) {
  .choose {
    grid-template-columns: minmax(0, 1fr);
  }

  .side {
    display: contents;
  }

  .tray {
    order: -1;
  }
}
</style>
