<script setup lang="ts">
import { useTitle } from '@vueuse/core';
import { computed, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { usePouring } from '../household/use-pouring';
import { useCatalogue } from '../household/use-catalogue';
import { useNotices } from '../kept/use-notices';
import CautionLine from '../ui/CautionLine.vue';
import { titleOf } from '../words/title';
import { later } from '../ui/later';
import BestFew from './BestFew.vue';
import PourFilters from './PourFilters.vue';
import RoundTray from './RoundTray.vue';
import { useFilters } from './use-filters';
import { useOrder } from '../household/use-order';

// The list comes once the few best are painted: a long one is built in a task of its own.
const DrinkList = later(() => import('./DrinkList.vue'));
const OneShort = later(() => import('./OneShort.vue'));
const PeoplePanel = later(() => import('../ui/PeoplePanel.vue'));

/** What to pour: the few best drawn, then all; what is put on the tray is made together. */
const pouring = usePouring();
pouring.begin();
const { shown } = useFilters();
const isReady = computed(() => pouring.ready.value !== undefined);
useTitle(titleOf('Pour', ''));

// A drink that was looked at elsewhere comes onto the tray, if it can be poured.
const notices = useNotices();
const order = useOrder();
const route = useRoute();
const router = useRouter();
const catalogue = useCatalogue();
watch(
  [() => route.query.add, isReady],
  ([add, ready]) => {
    if (typeof add !== 'string' || !ready) return;
    if (pouring.find(add)) order.add(add);
    else {
      const name = catalogue.recipes.get(add)?.name ?? add;
      notices.say(`${name} cannot be poured from what is here: see what it lacks below, or in the Notebook.`);
    }
    void router.replace({ path: '/pour' });
  },
  { immediate: true },
);
</script>

<template>
  <div class="choose">
    <div class="stack">
      <PourFilters />
      <p v-if="!isReady" class="panel dim">Looking along the shelf.</p>
      <template v-else>
        <BestFew :drinks="shown" />
        <DrinkList :drinks="shown" />
        <OneShort />
      </template>
    </div>
    <div class="stack side">
      <RoundTray class="tray" />
      <PeoplePanel />
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
