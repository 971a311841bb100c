<script setup lang="ts">
import SettingsSheet from './SettingsSheet.vue';
import PeoplePanel from '../ui/PeoplePanel.vue';
import AboutPanel from './AboutPanel.vue';
import BackupsPanel from './BackupsPanel.vue';
import DevicesPanel from './DevicesPanel.vue';
import ForgetPanel from './ForgetPanel.vue';
import WholePanel from './WholePanel.vue';

/** How things are written and who is here; devices; the household's data; about. */
defineProps<{ part: string }>();
</script>

<template>
  <DevicesPanel v-if="part === 'devices'" />
  <div v-else-if="part === 'data'" class="two-columns">
    <BackupsPanel />
    <div class="stack">
      <WholePanel />
      <ForgetPanel />
    </div>
  </div>
  <AboutPanel v-else-if="part === 'about'" />
  <div v-else class="two-columns">
    <section class="panel" aria-labelledby="written-title">
      <h2 id="written-title">How things are written</h2>
      <SettingsSheet />
    </section>
    <PeoplePanel />
  </div>
</template>
