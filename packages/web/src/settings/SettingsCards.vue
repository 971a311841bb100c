<script setup lang="ts">
import SettingsSheet from '../app/SettingsSheet.vue';
import BackupsCard from './BackupsCard.vue';

/** How things are written, and the household's data. */
</script>

<template>
  <div class="two-columns">
    <BackupsCard />
    <section class="card" aria-labelledby="written-title">
      <h2 id="written-title">How things are written</h2>
      <SettingsSheet />
    </section>
  </div>
</template>
