<script setup lang="ts">
import { computed } from 'vue';
import { mdiKeyboardOutline } from '@mdi/js';
import { STEPS } from './router';
import { useAnswer } from '../solver/use-answer';
import { useBatches } from '../household/use-batches';
import { useHousehold } from '../household/use-settings';
import { usePlans } from '../household/use-plans';
import { useTrade } from '../household/use-trade';
import { useKitFigure } from '../words/kit-figure';
import { count, useWords } from '../words/use-words';
import SettingsMenu from './SettingsMenu.vue';

defineEmits<{ keys: [] }>();

const answers = useAnswer();
const household = useHousehold();
const plans = usePlans();
const trade = useTrade();
const words = useWords();
const kitFigure = useKitFigure();
const batches = useBatches();
const benchFigure = computed(() => {
  const n = batches.onShelf.length + (batches.onBench ? 1 : 0);
  return n > 0 ? count(n, 'batch', 'batches') : '';
});

const figures = computed<Record<string, string>>(() => ({
  Brief: plans.brief ? words.money(plans.brief.moneyNowMinor) : '',
  Bench: benchFigure.value,
  Kit: kitFigure.value,
  Notebook: trade.drinkCount > 0 ? String(trade.drinkCount) : '',
  Plan: answers.result ? count(answers.result.open, 'drink') : '',
}));
</script>

<template>
  <nav class="rail" aria-label="Steps">
    <div class="head">
      <p class="name display">uisce</p>
      <p class="place">{{ household.settings.household || 'Your home bar' }}</p>
      <p v-if="plans.current" class="place">{{ plans.current.name }}</p>
    </div>
    <ul class="plain-list steps">
      <li v-for="step in STEPS" :key="step.path">
        <RouterLink :to="step.path" class="step" active-class="here">
          <span class="digit" aria-hidden="true">{{ step.digit }}</span>
          <span class="word">{{ step.name }}</span>
          <span class="figure">{{ figures[step.name] }}</span>
        </RouterLink>
      </li>
    </ul>
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
  background: rgb(var(--v-theme-bog));
  color: #f3efe6;
}

.head {
  padding: 0 22px 18px;
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

.step {
  display: flex;
  align-items: baseline;
  gap: 12px;
  min-height: 44px;
  padding: 10px 18px 10px 18px;
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

@media (max-width: 820px) {
  .rail {
    inset-block: auto 0;
    inset-inline: 0;
    width: auto;
    flex-direction: row;
    align-items: stretch;
    padding: 0;
  }

  .head,
  .keys {
    display: none;
  }

  .steps {
    display: flex;
    flex: 1;
    min-width: 0;
    overflow-x: auto;
  }

  .steps li {
    flex: 1;
  }

  .step {
    flex-direction: column;
    gap: 0;
    align-items: center;
    min-height: 60px;
    padding: 8px 6px;
    border-inline-start: 0;
    border-block-start: 4px solid transparent;
  }

  .here {
    border-block-start-color: rgb(var(--v-theme-gorse));
  }

  .digit {
    display: none;
  }

  .figure {
    margin: 0;
    font-size: 0.75rem;
    white-space: nowrap;
  }

  .foot {
    margin: 0;
    display: flex;
    align-items: center;
  }
}
</style>
