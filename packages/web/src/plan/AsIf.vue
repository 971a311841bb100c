<script setup lang="ts">
import { usePlans } from '../household/use-plans';
import { count, useWords } from '../words/use-words';
import TabRow from '../ui/TabRow.vue';
import { WAYS, useAsIf } from './use-as-if';

/** The same brief as if nothing were owned, or as if more were: nothing of it is kept. */
const plans = usePlans();
const words = useWords();
const { way, too, choices, asks, found, failure, more, makeUp } = useAsIf();
</script>

<template>
  <div>
    <TabRow v-model="way" name="as-if" legend="As if what" :choices="WAYS" />
    <v-autocomplete
      v-if="way === 'too'"
      v-model="too"
      :items="choices"
      label="Bottles I might be given"
      multiple
      chips
      closable-chips
    />
    <p aria-live="polite">
      <template v-if="!asks">Choose a bottle: the plan is solved with it, and nothing is kept.</template>
      <template v-else-if="!found">{{ failure || 'Working it out.' }}</template>
      <template v-else>
        <strong
          >{{ words.money(plans.brief?.moneyNowMinor ?? 0) }} would make
          {{ count(found.drinksMade, 'drink') }}</strong
        >
        {{ makeUp }}:
        {{ more === 0 ? 'as many as now' : `${Math.abs(more)} ${more > 0 ? 'more' : 'fewer'} than now` }}.
      </template>
    </p>
  </div>
</template>
