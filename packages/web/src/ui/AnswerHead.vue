<script setup lang="ts">
import PlanSwitcher from './PlanSwitcher.vue';

/** The sentence that is a screen's answer, how sure it is, and what can be done about it beside it. */
defineProps<{
  /** What is said while there is no answer yet; empty once there is. */
  waiting?: string;
  before: string;
  /** The figure that matters. */
  figure: string;
  after?: string;
  underline: string;
  /** Whether undo and the plans stand elsewhere. */
  bare?: boolean;
}>();
</script>

<template>
  <header class="sentence head">
    <div aria-live="polite" aria-atomic="true">
      <h1 v-if="waiting">{{ waiting }}</h1>
      <h1 v-else>
        {{ before }}<span class="copper">{{ figure }}</span
        >{{ after }}
      </h1>
      <p v-if="underline" class="dim">{{ underline }}<slot name="underline" /></p>
    </div>
    <slot />
    <PlanSwitcher v-if="!bare" />
  </header>
</template>
