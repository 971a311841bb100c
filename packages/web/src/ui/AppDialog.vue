<script setup lang="ts">
import { useId } from 'vue';

/** A sheet over the page, with its title and a way out. */
withDefaults(defineProps<{ title: string; width?: number }>(), { width: 460 });
const shown = defineModel<boolean>({ required: true });
const id = useId();
</script>

<template>
  <v-dialog v-model="shown" :max-width="width" :aria-labelledby="id">
    <div class="card sheet">
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
