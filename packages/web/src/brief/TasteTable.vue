<script setup lang="ts">
import { TASTES, type Taste } from '@uisce/core/drink';
import type { Opinion } from '@uisce/core/plan';
import { usePlans } from '../household/use-plans';
import TabRow from '../ui/TabRow.vue';

const plans = usePlans();

const WORDS: Record<Taste, string> = {
  strong: 'Strong',
  sour: 'Sour',
  sweet: 'Sweet',
  bitter: 'Bitter',
  smoky: 'Smoky',
  anise: 'Anise',
  mint: 'Mint',
  coffee: 'Coffee',
  fizzy: 'Fizzy',
  creamy: 'Creamy',
  egg: 'Raw egg',
  hot: 'Hot',
};
const OPINIONS: { value: Opinion; words: string; tone?: 'good' | 'bad' }[] = [
  { value: 'like', words: 'Like', tone: 'good' },
  { value: 'fine', words: 'Do not mind' },
  { value: 'no', words: 'No thanks', tone: 'bad' },
];

function say(taste: Taste, opinion: Opinion): void {
  const { brief } = plans;
  if (!brief) return;
  plans.edit(`${WORDS[taste]}: ${OPINIONS.find((o) => o.value === opinion)?.words.toLowerCase() ?? ''}`, {
    brief: { tastes: { ...brief.tastes, [taste]: opinion } },
  });
}
</script>

<template>
  <div class="tastes">
    <TabRow
      v-for="taste in TASTES"
      :key="taste"
      boxed
      show-legend
      class="taste"
      :name="`taste-${taste}`"
      :legend="WORDS[taste]"
      :choices="OPINIONS"
      :model-value="plans.brief?.tastes[taste] ?? 'fine'"
      @update:model-value="say(taste, $event)"
    />
  </div>
</template>

<style scoped>
.tastes {
  columns: 2 300px;
  column-gap: 24px;
}

.taste {
  break-inside: avoid;
  align-items: center;
  padding: 3px 0;
  border: 0;
  border-radius: 0;
  border-bottom: 1px solid rgb(var(--v-theme-line));
}

.taste :deep(legend) {
  float: inline-start;
  width: 84px;
  font-weight: 650;
}

.taste :deep(label) {
  flex: 1;
  justify-content: center;
  min-height: 40px;
  padding: 0 6px;
  white-space: nowrap;
  color: rgb(var(--v-theme-dim));
  border: 0;
  border-radius: var(--radius);
}

.taste :deep(.on) {
  color: rgb(var(--v-theme-ink));
  background: rgb(var(--v-theme-wall));
  box-shadow: inset 0 0 0 1px rgb(var(--v-theme-dim));
}

.taste :deep(.good.on) {
  background: color-mix(in srgb, rgb(var(--v-theme-sea)) 22%, rgb(var(--v-theme-panel)));
}

.taste :deep(.bad.on) {
  background: color-mix(in srgb, rgb(var(--v-theme-rust)) 18%, rgb(var(--v-theme-panel)));
}

@media (max-width: 360px) {
  .taste :deep(legend) {
    width: 60px;
  }

  .taste :deep(label) {
    padding: 0 2px;
    white-space: normal;
    text-align: center;
  }
}
</style>
