<script setup lang="ts">
import { useEvenings } from '../household/use-evenings';
import CautionLine from '../ui/CautionLine.vue';
import CardCard from './CardCard.vue';
import GuestsCard from './GuestsCard.vue';
import MissingCard from './MissingCard.vue';
import SeatsCard from './SeatsCard.vue';
import TideCard from './TideCard.vue';
import { useEvening } from './use-evening';

const evenings = useEvenings();
const { evening, plan } = useEvening();
</script>

<template>
  <section v-if="!evening" class="card">
    <p>
      Say who comes and when: the card is found that everyone finds two on, with what is here, and all is
      counted back from the first glass.
    </p>
    <v-btn color="sea" @click="evenings.begin()">Ask somebody round</v-btn>
  </section>
  <template v-else>
    <TideCard v-if="plan" class="tide" />
    <div class="two-columns">
      <div class="stack">
        <CardCard v-if="plan" />
        <MissingCard v-if="plan" />
      </div>
      <div class="stack">
        <SeatsCard v-if="plan" />
        <GuestsCard />
      </div>
    </div>
    <CautionLine>
      Water and food out; nobody drives after a drink, and who is under age has none. Ask about allergies
      again at the door. Ice from clean hands, no flame among guests. Some places ask for permission, and
      money at the door can make it a sale: ask your local authority.
    </CautionLine>
  </template>
</template>

<style scoped>
.tide {
  margin-bottom: 14px;
}
</style>
