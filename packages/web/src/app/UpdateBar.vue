<script setup lang="ts">
import { takeOver } from '../kept/offline';

/** A new version is there: it waits until it is asked to take over. */
</script>

<template>
  <div v-if="takeOver" class="panel bar" role="status">
    <p>A new version of Uisce is here. What you have changed is safe either way.</p>
    <v-btn color="sea" @click="takeOver()">Take it over now</v-btn>
    <v-btn @click="takeOver = undefined">Later</v-btn>
  </div>
</template>

<style scoped>
.bar {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: center;
  margin-bottom: 14px;
}

p {
  margin: 0;
  flex: 1 1 240px;
}
</style>
