<script setup lang="ts">
import { lowerFirst } from '@uisce/core/base';
import { RouterLink } from 'vue-router';
import { useBatches } from '../household/use-batches';
import { useEvenings } from '../household/use-evenings';
import { useCatalogue } from '../household/use-catalogue';
import SelectField from '../ui/SelectField.vue';
import { count, listed, useWords } from '../words/use-words';
import { useMenuWords } from './use-menu-words';
import { useEvening } from './use-evening';
import { SIZES, CRITERIA, useMenu, useMenuWishes } from './use-menu';

/** The menu: what stands on it, how often it is poured, what is short for it, what is mixed ahead, what could stand there instead. */
const batches = useBatches();
const evenings = useEvenings();
const catalogue = useCatalogue();
const words = useWords();
const { drinkName, saySwap } = useMenuWords();
const { evening, plan, isAsking } = useEvening();
const { rows, cannot, mix } = useMenu();
const { never, keep, take, wanted, choices, want, first } = useMenuWishes();
</script>

<template>
  <section v-if="evening && plan" class="panel" aria-labelledby="menu-title">
    <div class="panel-head">
      <h2 id="menu-title">
        The menu
        <small class="dim"
          >· {{ plan.drinks.length }} of {{ plan.candidates }} you could pour,
          {{ count(plan.menu.score.parts, 'part')
          }}<template v-if="isAsking">, looking again</template></small
        >
      </h2>
      <SelectField
        label="On it"
        :value="evening.size"
        :choices="SIZES"
        @choose="evenings.edit(`${$event} on the menu`, { size: $event })"
      />
    </div>
    <ul class="plain-list drinks">
      <li v-for="row in rows" :key="row.id">
        <div class="line">
          <RouterLink v-if="catalogue.recipes.has(row.id)" :to="`/notebook/${row.id}`">{{
            row.name
          }}</RouterLink>
          <strong v-else>{{ row.name }}</strong>
          <span class="dim">{{ count(row.glasses, 'pour') }}</span>
          <span :class="row.missing.length > 0 ? 'copper' : 'there'">{{ row.short }}</span>
        </div>
        <div class="how">
          <p v-if="row.contains">{{ row.contains }}</p>
          <p v-if="row.how" class="dim">{{ row.how }}</p>
        </div>
        <span class="buttons">
          <v-btn
            v-if="row.ahead"
            :disabled="batches.onBench !== undefined"
            :aria-label="`Mix ${row.name} at the scale`"
            @click="mix(row, row.ahead.glasses)"
            >Mix it</v-btn
          >
          <v-btn
            :aria-pressed="evening.must.includes(row.id)"
            :aria-label="`Keep ${row.name}`"
            @click="keep(row.id, !evening.must.includes(row.id))"
            >{{ evening.must.includes(row.id) ? 'Kept' : 'Keep' }}</v-btn
          >
          <v-btn :aria-label="`Another instead of ${row.name}`" @click="never(row.id)">Another</v-btn>
        </span>
      </li>
    </ul>
    <p v-if="cannot.length > 0" class="rust">
      {{ listed(cannot) }} cannot stand on it: what it takes is neither here nor sold, or hands or glasses for
      it are missing.
    </p>
    <h3 v-if="plan.swaps.length > 0">Swap one</h3>
    <ul class="plain-list">
      <li v-for="swap in plan.swaps" :key="swap.out" class="swap">
        <span>{{ saySwap(swap) }}.</span>
        <v-btn
          :aria-label="`Take ${drinkName(swap.in)} instead of ${drinkName(swap.out)}`"
          @click="take(swap)"
          >Swap</v-btn
        >
      </li>
    </ul>
    <p v-if="evening.never.length > 0" class="dim">
      Left out: {{ listed(evening.never.map(drinkName)) }}.
      <button
        class="plain-button link"
        type="button"
        @click="evenings.edit('Nothing is left out', { never: [] })"
      >
        Put them back
      </button>
    </p>
    <details>
      <summary class="link">A drink that must stand on it; what decides first</summary>
      <v-autocomplete
        :model-value="wanted"
        :items="choices"
        label="Must stand on it"
        clearable
        @update:model-value="want"
      />
      <ol class="plain-list order" aria-label="What decides between two menus, the first that differs">
        <li v-for="(criterion, i) in evening.order" :key="criterion">
          <span>{{ i + 1 }}. {{ CRITERIA[criterion] }}</span>
          <v-btn
            v-if="i > 0"
            :aria-label="`${lowerFirst(CRITERIA[criterion])} decides sooner`"
            @click="first(criterion)"
            >Sooner</v-btn
          >
        </li>
      </ol>
    </details>
    <p class="dim small">
      Prices are those of {{ catalogue.prices?.name }}; {{ words.price(plan.menu.score.money) }} is missing
      for all pours together.
    </p>
  </section>
</template>

<style scoped>
.drinks > li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 2px 14px;
  align-items: center;
  padding: 8px 0;
  border-bottom: 1px solid rgb(var(--v-theme-line));
}

.line {
  display: flex;
  flex-wrap: wrap;
  gap: 0 12px;
}

.how {
  grid-row: 2;
}

.how > p {
  margin: 0;
}

.drinks .buttons {
  grid-row: 1 / span 2;
  grid-column: 2;
}

.swap,
.order > li {
  display: flex;
  gap: 10px;
  justify-content: space-between;
  align-items: center;
}

h3 {
  margin: 12px 0 4px;
  font-size: 1rem;
}

a {
  color: inherit;
  font-weight: 650;
}

.how,
.small {
  font-size: 0.9375rem;
}

.there {
  color: rgb(var(--v-theme-sea));
}

.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}

.panel-head > :last-child {
  max-width: 140px;
}

summary {
  display: flex;
  align-items: center;
  cursor: pointer;
}

@media (max-width: 700px) {
  .drinks > li {
    grid-template-columns: minmax(0, 1fr);
  }

  .drinks .buttons {
    grid-row: auto;
    grid-column: 1;
  }
}
</style>
