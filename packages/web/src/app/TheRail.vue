<script setup lang="ts">
import { mdiKeyboardOutline } from '@mdi/js';
import { useSettings } from '../household/use-settings';
import { usePlans } from '../household/use-plans';
import { computed } from 'vue';
import { useRoute } from 'vue-router';
import SettingsMenu from './SettingsMenu.vue';
import { GROUPS, stepAt } from './steps';
import { useStepFigures } from './use-step-figures';

defineEmits<{ keys: [] }>();

const settings = useSettings();
const plans = usePlans();
const figures = useStepFigures();
const route = useRoute();
/** The step that the page belongs to, whichever part of it is open. */
const here = computed(() => stepAt(route.path));
</script>

<template>
  <nav class="rail" aria-label="Steps">
    <div class="head">
      <p class="name display">uisce</p>
      <p class="place">{{ settings.current.household || 'Your home bar' }}</p>
      <p v-if="plans.current" class="place">{{ plans.current.name }}</p>
    </div>
    <section v-for="group in GROUPS" :key="group.name" :aria-label="group.name">
      <p class="group" aria-hidden="true">{{ group.name }}</p>
      <ul class="plain-list">
        <li v-for="step in group.steps" :key="step.path">
          <RouterLink
            :to="step.path"
            class="step"
            :class="{ here: step === here }"
            :aria-current="step === here ? 'page' : undefined"
          >
            <span class="digit" aria-hidden="true">{{ step.digit }}</span>
            <span class="word">{{ step.name }}</span>
            <span class="figure">{{ figures[step.name] }}</span>
          </RouterLink>
        </li>
      </ul>
    </section>
    <div class="foot">
      <button class="plain-button keys" type="button" aria-label="Keys" @click="$emit('keys')">
        <svg viewBox="0 0 24 24" aria-hidden="true"><path :d="mdiKeyboardOutline" /></svg>
        <span>Keys ?</span>
      </button>
      <SettingsMenu />
    </div>
  </nav>
</template>

<style scoped>
.rail {
  position: fixed;
  inset-block: 0;
  inset-inline-start: 0;
  z-index: 1000;
  width: 196px;
  display: flex;
  flex-direction: column;
  padding: 22px 0 12px;
  overflow-y: auto;
  background: rgb(var(--v-theme-bog));
  color: #f3efe6;
}

.head {
  padding: 0 22px 10px;
}

.name {
  font-size: 1.9rem;
  line-height: 1.2;
  margin: 0 0 6px;
}

.place {
  margin: 0;
  font-size: 0.8125rem;
  color: rgb(var(--v-theme-bead));
}

.group {
  margin: 0;
  padding: 12px 22px 4px;
  font-size: 0.8125rem;
  color: rgb(var(--v-theme-bead));
}

.step {
  display: flex;
  align-items: baseline;
  gap: 12px;
  min-height: 44px;
  padding: 10px 18px;
  color: inherit;
  text-decoration: none;
  border-inline-start: 4px solid transparent;
}

.step:hover {
  background: rgb(255 255 255 / 5%);
}

.here {
  background: rgb(120 187 176 / 16%);
  border-inline-start-color: rgb(var(--v-theme-gorse));
}

.digit {
  font-size: 0.8125rem;
  color: rgb(var(--v-theme-bead));
}

.word {
  font-weight: 650;
}

.figure {
  margin-inline-start: auto;
  font-size: 0.875rem;
  color: rgb(var(--v-theme-bead));
}

.here .figure {
  color: #e3c98a;
}

.foot {
  margin-top: auto;
  padding: 0 14px;
}

.keys {
  display: flex;
  align-items: center;
  gap: 8px;
  min-height: 44px;
  padding: 0 8px;
  font-size: 0.8125rem;
  color: rgb(var(--v-theme-bead));
}

.keys svg {
  width: 18px;
  fill: currentcolor;
}
</style>
