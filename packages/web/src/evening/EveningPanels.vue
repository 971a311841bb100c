<script setup lang="ts">
import { useEvenings } from '../household/use-evenings';
import CautionLine from '../ui/CautionLine.vue';
import MenuPanel from './MenuPanel.vue';
import GuestPagePanel from './GuestPagePanel.vue';
import GuestsPanel from './GuestsPanel.vue';
import BringPanel from './BringPanel.vue';
import MissingPanel from './MissingPanel.vue';
import PapersPanel from './PapersPanel.vue';
import SeatsPanel from './SeatsPanel.vue';
import SchedulePanel from './SchedulePanel.vue';
import { useEvening } from './use-evening';

const evenings = useEvenings();
const { evening, plan } = useEvening();
</script>

<template>
  <section v-if="!evening" class="panel">
    <p>
      Say who comes and when: the menu is found that everyone finds two on, with what is here, and all is
      counted back from the first glass.
    </p>
    <v-btn color="sea" @click="evenings.begin()">Ask somebody round</v-btn>
  </section>
  <div v-else class="stack rows">
    <SchedulePanel v-if="plan" />
    <div class="two-columns">
      <MenuPanel v-if="plan" />
      <div class="stack">
        <SeatsPanel v-if="plan" />
        <GuestsPanel />
      </div>
    </div>
    <template v-if="plan">
      <MissingPanel />
      <div class="two-columns">
        <BringPanel />
        <div class="stack">
          <PapersPanel />
          <GuestPagePanel />
        </div>
      </div>
    </template>
    <CautionLine>
      Water and food out; nobody drives after a drink, and who is under age has none. Ask about allergies
      again at the door. Ice from clean hands, no flame among guests. Some places ask for permission, and
      money at the door can make it a sale: ask your local authority.
    </CautionLine>
  </div>
</template>

<style scoped>
.rows {
  margin-bottom: 14px;
}
</style>
