<script setup lang="ts">
import { useId } from 'vue';

defineProps<{ title: string; width: number }>();
const shown = defineModel<boolean>({ required: true });
const id = useId();
</script>

<template>
  <v-dialog v-model="shown" :max-width="width" :aria-labelledby="id">
    <div class="panel sheet">
      <h2 :id="id">{{ title }}</h2>
      <slot />
      <v-btn class="mt-4" @click="shown = false">Close</v-btn>
    </div>
  </v-dialog>
</template>

<style scoped>
.sheet {
  padding: 22px;
  overflow-y: auto;
}
</style>
