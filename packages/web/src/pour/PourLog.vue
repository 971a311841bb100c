<script setup lang="ts">
import { useTitle } from '@vueuse/core';
import { defineAsyncComponent } from 'vue';
import { useLog } from '../household/use-log';
import { titleOf } from '../words/title';
import EveningCalendar from './EveningCalendar.vue';
import FavouritesPanel from './FavouritesPanel.vue';
import LearntPanel from './LearntPanel.vue';
import LogTable from './LogTable.vue';
import SpentPanel from './SpentPanel.vue';

/** What was poured, and what it says. */
const WeeksChart = defineAsyncComponent(() => import('./WeeksChart.vue'));

const log = useLog();
useTitle(titleOf('The log', 'Pour'));
</script>

<template>
  <section v-if="log.pours.length === 0" class="panel">
    <p>
      Nothing is written down yet. Make a round, or put drinks on the tray and write them down as poured: from
      then on levels fall by themselves, and the Shelf knows your pace.
    </p>
  </section>
  <div v-else class="two-columns">
    <div class="stack">
      <LearntPanel />
      <LogTable />
    </div>
    <div class="stack">
      <FavouritesPanel />
      <WeeksChart />
      <EveningCalendar />
      <SpentPanel />
    </div>
  </div>
</template>
