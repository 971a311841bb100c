<script setup lang="ts">
import { useEvenings } from '../household/use-evenings';
import CautionLine from '../ui/CautionLine.vue';
import MenuCard from './MenuCard.vue';
import GuestPageCard from './GuestPageCard.vue';
import GuestsCard from './GuestsCard.vue';
import BringCard from './BringCard.vue';
import MissingCard from './MissingCard.vue';
import PapersCard from './PapersCard.vue';
import SeatsCard from './SeatsCard.vue';
import ScheduleCard from './ScheduleCard.vue';
import { useEvening } from './use-evening';

const evenings = useEvenings();
const { evening, plan } = useEvening();
</script>

<template>
  <section v-if="!evening" class="card">
    <p>
      Say who comes and when: the menu is found that everyone finds two on, with what is here, and all is
      counted back from the first glass.
    </p>
    <v-btn color="sea" @click="evenings.begin()">Ask somebody round</v-btn>
  </section>
  <div v-else class="stack rows">
    <ScheduleCard v-if="plan" />
    <div class="two-columns">
      <MenuCard v-if="plan" />
      <div class="stack">
        <SeatsCard v-if="plan" />
        <GuestsCard />
      </div>
    </div>
    <template v-if="plan">
      <MissingCard />
      <div class="two-columns">
        <BringCard />
        <div class="stack">
          <PapersCard />
          <GuestPageCard />
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
