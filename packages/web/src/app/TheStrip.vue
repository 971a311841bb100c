<script setup lang="ts">
import { onClickOutside, onKeyStroke } from '@vueuse/core';
import { computed, ref, useTemplateRef, watch } from 'vue';
import { useRoute } from 'vue-router';
import SettingsMenu from './SettingsMenu.vue';
import { GROUPS, stepAt } from './steps';
import { useStepFigures } from './use-step-figures';

/** The rail of a phone: the groups at the foot, in reach of a thumb; a touch opens a group's steps above them. */
const route = useRoute();
const figures = useStepFigures();
const opened = ref<string>();
const strip = useTemplateRef('strip');

const here = computed(() => stepAt(route.path));
const groups = computed(() =>
  GROUPS.map((group) => {
    const current = group.steps.find((s) => s === here.value);
    return { ...group, current, word: current?.name ?? '' };
  }),
);
const shown = computed(() => GROUPS.find((group) => group.name === opened.value));

function touch(name: string): void {
  opened.value = opened.value === name ? undefined : name;
}

const close = () => (opened.value = undefined);
watch(() => route.path, close);
onClickOutside(strip, close);
onKeyStroke('Escape', close);
</script>

<template>
  <nav ref="strip" class="rail strip" aria-label="Steps">
    <ul v-if="shown" id="group-steps" class="plain-list steps">
      <li v-for="step in shown.steps" :key="step.path">
        <RouterLink :to="step.path" class="step" active-class="here" @click="close">
          <span class="word">{{ step.name }}</span>
          <span class="figure">{{ figures[step.name] }}</span>
        </RouterLink>
      </li>
    </ul>
    <ul class="plain-list groups">
      <li v-for="group in groups" :key="group.name">
        <button
          type="button"
          class="plain-button group"
          :class="{ here: group.current }"
          :aria-expanded="group.steps.length > 1 ? opened === group.name : undefined"
          :aria-controls="group.steps.length > 1 ? 'group-steps' : undefined"
          :aria-current="group.current ? 'true' : undefined"
          @click="touch(group.name)"
        >
          <span class="word">{{ group.name }}</span>
          <span class="figure">{{ group.word || '\u00a0' }}</span>
        </button>
      </li>
      <li class="settings"><SettingsMenu /></li>
    </ul>
  </nav>
</template>

<style scoped>
.strip {
  position: fixed;
  inset-block-end: 0;
  inset-inline: 0;
  z-index: 1000;
  background: rgb(var(--v-theme-bog));
  color: #f3efe6;
}

.groups {
  display: flex;
  align-items: stretch;
}

.groups li {
  flex: 1;
}

.settings {
  flex: none !important;
  display: flex;
  align-items: center;
}

.group {
  display: flex;
  flex-direction: column;
  align-items: center;
  justify-content: center;
  width: 100%;
  min-height: 60px;
  padding: 6px;
  border-block-start: 4px solid transparent;
}

.group.here {
  background: rgb(120 187 176 / 16%);
  border-block-start-color: rgb(var(--v-theme-gorse));
}

.steps {
  border-block-end: 1px solid rgb(255 255 255 / 16%);
}

.step {
  display: flex;
  align-items: center;
  gap: 12px;
  min-height: 56px;
  padding: 8px 20px;
  color: inherit;
  text-decoration: none;
  border-inline-start: 4px solid transparent;
}

.step.here {
  border-inline-start-color: rgb(var(--v-theme-gorse));
}

.word {
  font-weight: 650;
}

.figure {
  font-size: 0.8125rem;
  white-space: nowrap;
  color: rgb(var(--v-theme-bead));
}

.step .figure {
  margin-inline-start: auto;
}

.here .figure {
  color: #e3c98a;
}
</style>
