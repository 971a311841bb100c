<script setup lang="ts">
import { TASTES, type Taste } from '@uisce/core/drink';
import type { Brief } from '@uisce/core/plan';
import { computed } from 'vue';
import { usePlans } from '../household/use-plans';
import CheckField from '../ui/CheckField.vue';
import SelectField from '../ui/SelectField.vue';

/** What counts for more than the plain number of drinks. All of it is part of what is proven. */
const props = defineProps<{ brief: Brief }>();
const plans = usePlans();

const SHARES: { value: number; title: string }[] = [
  { value: 2, title: 'half' },
  { value: 3, title: 'a third' },
  { value: 4, title: 'a quarter' },
  { value: 5, title: 'a fifth' },
  { value: 10, title: 'a tenth' },
];
const MAX_SHARES = 3;

const free = computed(() => TASTES.filter((t) => !props.brief.shares.some((s) => s.taste === t)));

const tastesFor = (taste: Taste) => [taste, ...free.value].map((t) => ({ value: t, title: t }));

const edit = (change: string, brief: Partial<Brief>) => plans.edit(change, { brief });

function shares(next: Brief['shares']): void {
  edit('Shares of tastes', { shares: next });
}

function change(at: number, part: Partial<Brief['shares'][number]>): void {
  shares(props.brief.shares.map((s, i) => (i === at ? { ...s, ...part } : s)));
}
</script>

<template>
  <section class="panel" aria-labelledby="more-title">
    <h2 id="more-title">
      What counts for more <small class="dim">· nothing: each different drink counts once</small>
    </h2>
    <CheckField
      :model-value="brief.askedForMore"
      label="Drinks people ask for: the twenty most asked for three times, well-known ones twice"
      @update:model-value="edit('Asked-for drinks count more', { askedForMore: $event })"
    />
    <CheckField
      :model-value="brief.likedMore"
      label="What we like: half as much again for each taste, up to twice"
      @update:model-value="edit('What we like counts more', { likedMore: $event })"
    />
    <CheckField
      :model-value="brief.variety"
      label="Variety: what is like another, of one family on one spirit, counts half"
      @update:model-value="edit('Variety', { variety: $event })"
    />
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
      v-if="brief.shares.length < MAX_SHARES"
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
