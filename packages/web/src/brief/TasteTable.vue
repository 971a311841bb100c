<script setup lang="ts">
import { TASTES, type Taste } from '@uisce/core/drink';
import type { Opinion } from '@uisce/core/plan';
import { usePlans } from '../household/use-plans';

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
const OPINION: Record<Opinion, string> = { like: 'Like', fine: 'Do not mind', no: 'No thanks' };

function say(taste: Taste, opinion: Opinion): void {
  const { brief } = plans;
  if (!brief) return;
  plans.edit(`${WORDS[taste]}: ${OPINION[opinion].toLowerCase()}`, {
    brief: { tastes: { ...brief.tastes, [taste]: opinion } },
  });
}
</script>

<template>
  <div class="tastes">
    <fieldset v-for="taste in TASTES" :key="taste">
      <legend>{{ WORDS[taste] }}</legend>
      <label
        v-for="opinion in ['like', 'fine', 'no'] as const"
        :key="opinion"
        :class="[opinion, { on: (plans.brief?.tastes[taste] ?? 'fine') === opinion }]"
      >
        <input
          type="radio"
          class="sr-only"
          :name="`taste-${taste}`"
          :value="opinion"
          :checked="(plans.brief?.tastes[taste] ?? 'fine') === opinion"
          @change="say(taste, opinion)"
        />
        {{ OPINION[opinion] }}
      </label>
    </fieldset>
  </div>
</template>

<style scoped>
.tastes {
  columns: 2 300px;
  column-gap: 24px;
}

fieldset {
  display: flex;
  align-items: center;
  break-inside: avoid;
  border: 0;
  border-bottom: 1px solid rgb(var(--v-theme-line));
  padding: 3px 0;
}

legend {
  float: inline-start;
  width: 84px;
  font-weight: 650;
}

label {
  flex: 1;
  display: flex;
  align-items: center;
  justify-content: center;
  min-height: 40px;
  padding: 0 6px;
  white-space: nowrap;
  cursor: pointer;
  color: rgb(var(--v-theme-dim));
  border-radius: var(--radius);
}

label.on {
  color: rgb(var(--v-theme-ink));
  font-weight: 650;
  background: rgb(var(--v-theme-wall));
  box-shadow: inset 0 0 0 1px rgb(var(--v-theme-dim));
}

label.like.on {
  background: color-mix(in srgb, rgb(var(--v-theme-sea)) 22%, rgb(var(--v-theme-card)));
}

label.no.on {
  background: color-mix(in srgb, rgb(var(--v-theme-rust)) 18%, rgb(var(--v-theme-card)));
}

label:focus-within {
  outline: 3px solid rgb(var(--v-theme-gorse));
}
</style>
