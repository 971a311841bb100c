<script setup lang="ts">
import { TASTES, type Taste } from '@uisce/core/drink';
import type { Brief } from '@uisce/core/plan';
import { computed } from 'vue';
import { usePlans } from '../household/use-plans';
import NumberField from '../ui/NumberField.vue';
import CheckField from '../ui/CheckField.vue';
import SelectField from '../ui/SelectField.vue';

/** Lenses: variety among families, and shares of tastes. Both are part of what is proven. */
const props = defineProps<{ brief: Brief }>();
const plans = usePlans();

type Factor = NonNullable<Brief['variety']>['factor'];
const FACTORS: { value: Factor; title: string }[] = [
  { value: 0.75, title: 'three quarters' },
  { value: 0.5, title: 'half' },
  { value: 0.25, title: 'a quarter' },
  { value: 0, title: 'nothing' },
];
const SHARES: { value: number; title: string }[] = [
  { value: 2, title: 'half' },
  { value: 3, title: 'a third' },
  { value: 4, title: 'a quarter' },
  { value: 5, title: 'a fifth' },
  { value: 10, title: 'a tenth' },
];
const MOST_SHARES = 3;
const USUAL_AFTER = 8;

const free = computed(() => TASTES.filter((t) => !props.brief.shares.some((s) => s.taste === t)));

const tastesFor = (taste: Taste) => [taste, ...free.value].map((t) => ({ value: t, title: t }));

function variety(part: Partial<NonNullable<Brief['variety']>> | null): void {
  const before = props.brief.variety ?? { after: USUAL_AFTER, factor: 0.5 as Factor };
  plans.edit('Variety', { brief: { variety: part && { ...before, ...part } } });
}

function shares(next: Brief['shares']): void {
  plans.edit('Shares of tastes', { brief: { shares: next } });
}

function change(at: number, part: Partial<Brief['shares'][number]>): void {
  shares(props.brief.shares.map((s, i) => (i === at ? { ...s, ...part } : s)));
}
</script>

<template>
  <section class="card" aria-labelledby="lens-title">
    <h2 id="lens-title">Balance <small class="dim">· so that no one thing crowds the rest out</small></h2>
    <CheckField
      :model-value="brief.variety !== null"
      label="A family of drinks counts less after its first few"
      @update:model-value="variety($event ? {} : null)"
    />
    <div v-if="brief.variety" class="line">
      <NumberField
        label="After"
        suffix="drinks of a family"
        :value="brief.variety.after"
        :least="1"
        :most="50"
        @change="variety({ after: Math.round($event ?? 1) })"
      />
      <SelectField
        label="each further one counts"
        :value="brief.variety.factor"
        :choices="FACTORS"
        @choose="variety({ factor: $event })"
      />
    </div>
    <div v-for="(share, i) in brief.shares" :key="share.taste" class="line">
      <SelectField
        label="At least"
        :value="share.oneIn"
        :choices="SHARES"
        @choose="change(i, { oneIn: $event })"
      />
      <SelectField
        label="of this taste"
        :value="share.taste"
        :choices="tastesFor(share.taste)"
        @choose="change(i, { taste: $event })"
      />
      <button
        class="plain-button link"
        type="button"
        :aria-label="`No share for ${share.taste}`"
        @click="shares(brief.shares.filter((_, at) => at !== i))"
      >
        let go
      </button>
    </div>
    <button
      v-if="brief.shares.length < MOST_SHARES"
      class="plain-button link"
      type="button"
      @click="
        shares([
          ...brief.shares,
          { taste: free.includes('bitter') ? 'bitter' : (free[0] as Taste), oneIn: 4 },
        ])
      "
    >
      Ask for a share of a taste
    </button>
    <p v-if="brief.shares.length > 0" class="dim">Drinks beyond that share do not count until it is met.</p>
  </section>
</template>

<style scoped>
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 10px;
  align-items: center;
  min-height: 44px;
}

p {
  margin: 4px 0 0;
}
</style>
