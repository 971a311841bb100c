<script setup lang="ts">
import { useNotices } from '../kept/use-notices';

const notices = useNotices();
</script>

<template>
  <v-snackbar v-model="notices.shown" location="bottom end">
    <span role="status">{{ notices.text }}</span>
  </v-snackbar>
</template>
