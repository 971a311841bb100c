<script setup lang="ts">
import { mdiTriangleOutline } from '@mdi/js';
</script>

<template>
  <p class="caution">
    <svg viewBox="0 0 24 24" role="img" aria-label="Caution"><path :d="mdiTriangleOutline" /></svg>
    <span><slot /></span>
  </p>
</template>
