<script setup lang="ts">
import SettingsSheet from '../app/SettingsSheet.vue';
import PeopleCard from '../ui/PeopleCard.vue';
import AboutCard from './AboutCard.vue';
import BackupsCard from './BackupsCard.vue';
import DevicesCard from './DevicesCard.vue';
import ForgetCard from './ForgetCard.vue';
import WholeCard from './WholeCard.vue';

/** How things are written and who is here; devices; the household's data; about. */
defineProps<{ part: string }>();
</script>

<template>
  <DevicesCard v-if="part === 'devices'" />
  <div v-else-if="part === 'data'" class="two-columns">
    <BackupsCard />
    <div class="stack">
      <WholeCard />
      <ForgetCard />
    </div>
  </div>
  <AboutCard v-else-if="part === 'about'" />
  <div v-else class="two-columns">
    <section class="card" aria-labelledby="written-title">
      <h2 id="written-title">How things are written</h2>
      <SettingsSheet />
    </section>
    <PeopleCard />
  </div>
</template>
