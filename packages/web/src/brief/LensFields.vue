<script setup lang="ts">
import { TASTES, type Taste } from '@uisce/core/drink';
import type { Brief } from '@uisce/core/plan';
import { computed } from 'vue';
import { usePlans } from '../household/use-plans';
import NumberField from '../ui/NumberField.vue';

/** Lenses: variety among families, and shares of tastes. Both are part of what is proven. */
const props = defineProps<{ brief: Brief }>();
const plans = usePlans();

const FACTORS = [
  { value: 0.75, words: 'three quarters' },
  { value: 0.5, words: 'half' },
  { value: 0.25, words: 'a quarter' },
  { value: 0, words: 'nothing' },
] as const;
const SHARES = [
  { value: 2, words: 'half' },
  { value: 3, words: 'a third' },
  { value: 4, words: 'a quarter' },
  { value: 5, words: 'a fifth' },
  { value: 10, words: 'a tenth' },
] as const;
const MOST_SHARES = 3;
const USUAL_AFTER = 8;

type Factor = NonNullable<Brief['variety']>['factor'];
const free = computed(() => TASTES.filter((t) => !props.brief.shares.some((s) => s.taste === t)));

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
    <label class="check">
      <input
        type="checkbox"
        :checked="brief.variety !== null"
        @change="variety(($event.target as HTMLInputElement).checked ? {} : null)"
      />
      A family of drinks counts less after its first few
    </label>
    <div v-if="brief.variety" class="line">
      <NumberField
        label="After"
        suffix="drinks of a family"
        :value="brief.variety.after"
        :least="1"
        :most="50"
        @change="variety({ after: Math.round($event ?? 1) })"
      />
      <label
        >each further one counts
        <select
          class="field"
          :value="brief.variety.factor"
          @change="variety({ factor: Number(($event.target as HTMLSelectElement).value) as Factor })"
        >
          <option v-for="f in FACTORS" :key="f.value" :value="f.value">{{ f.words }}</option>
        </select>
      </label>
    </div>
    <div v-for="(share, i) in brief.shares" :key="share.taste" class="line">
      <label
        >At least
        <select
          class="field"
          :value="share.oneIn"
          @change="change(i, { oneIn: Number(($event.target as HTMLSelectElement).value) })"
        >
          <option v-for="s in SHARES" :key="s.value" :value="s.value">{{ s.words }}</option>
        </select>
      </label>
      <label
        ><span class="sr-only">of this taste</span>
        <select
          class="field"
          :value="share.taste"
          @change="change(i, { taste: ($event.target as HTMLSelectElement).value as Taste })"
        >
          <option :value="share.taste">{{ share.taste }}</option>
          <option v-for="t in free" :key="t" :value="t">{{ t }}</option>
        </select>
      </label>
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
.check,
.line,
.line label {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 10px;
  align-items: center;
  min-height: 44px;
}

.line {
  gap: 6px 16px;
}

.check input {
  flex: none;
  width: 20px;
  height: 20px;
  accent-color: rgb(var(--v-theme-sea));
}

.field {
  width: auto;
}

.link {
  min-height: 44px;
  text-decoration: underline;
  text-underline-offset: 3px;
}

p {
  margin: 4px 0 0;
}
</style>
