<script setup lang="ts">
import { useSchools } from './use-schools';
import { count, useWords } from '../words/use-words';
import { useItemWords } from '../words/use-item-words';
import DrinkNames from '../ui/DrinkNames.vue';
import CheckField from '../ui/CheckField.vue';
import DataTable from '../ui/DataTable.vue';
import { SCHOOL_COLUMNS, useSchoolWords } from './use-school-words';

/** The rules of thumb at the reader's own money, tastes and prices. */
const schools = useSchools();
const words = useWords();
const { itemName } = useItemWords();
const { spread, money, drinksMade, rows, verdict, bases, drinks } = useSchoolWords();
</script>

<template>
  <section class="panel" aria-labelledby="schools-title">
    <h2 id="schools-title">
      Rules of thumb <small class="dim">· each at your money, tastes and prices</small>
    </h2>
    <p v-if="verdict" class="verdict">{{ verdict }}</p>
    <p v-else class="dim">
      {{ schools.failure || 'Following each rule.' }}
    </p>
    <ul class="plain-list rows">
      <li v-for="row in rows" :key="row.id">
        <div class="row">
          <button
            class="plain-button name"
            type="button"
            :aria-expanded="spread === row.id"
            @click="spread = spread === row.id ? undefined : row.id"
          >
            <strong>{{ row.name }}</strong> <span class="dim">{{ row.rule }}</span>
          </button>
          <span class="figure"
            >{{ count(row.drinksMade, 'drink')
            }}<span class="dim">{{
              drinksMade > row.drinksMade ? `, ${drinksMade - row.drinksMade} fewer` : ''
            }}</span></span
          >
          <span class="dim followed">as people follow it {{ row.followed }}</span>
          <CheckField
            class="draw"
            :model-value="schools.shown.includes(row.id)"
            label="draw"
            :about="`${row.name} beside the waterline`"
            @update:model-value="schools.toggle(row.id)"
          />
        </div>
        <v-autocomplete
          v-if="row.id === 'one-deep' && spread === row.id"
          v-model="schools.base"
          :items="bases"
          label="The base you love"
          class="mb-2"
        />
        <v-autocomplete
          v-if="row.id === 'drink-by-drink' && spread === row.id"
          :model-value="schools.drinks"
          :items="drinks"
          label="The drinks, in the order you want them"
          multiple
          chips
          closable-chips
          class="mb-2"
          @update:model-value="schools.wanted = $event as string[]"
        />
        <DataTable
          v-if="spread === row.id"
          :caption="`What ${row.name} buys`"
          :columns="SCHOOL_COLUMNS"
          :rows="row.steps"
          :row-key="(step) => step.itemId"
          :row-class="(step) => (step.spend > money ? 'past' : '')"
          :most="300"
        >
          <template #cell-item="{ row: step }">{{ itemName(step.itemId) }}</template>
          <template #cell-spend="{ row: step }">{{ words.price(step.spend) }}</template>
          <template #cell-added="{ row: step }"><DrinkNames :ids="step.added" /></template>
        </DataTable>
      </li>
    </ul>
    <p class="dim foot">
      Each rule with its own bottles in its own order, from what you own on; mixers, syrups, tools and glasses
      are chosen best for it from the same money. As people follow it: its list alone, with simple syrup and
      soda water.
    </p>
  </section>
</template>

<style scoped>
.verdict {
  margin: 0 0 6px;
}

li {
  border-top: 1px solid rgb(var(--v-theme-line));
}

.row {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  align-items: center;
  min-height: 44px;
}

.name {
  flex: 1 1 260px;
  min-height: 44px;
  text-align: start;
}

.figure {
  min-width: 150px;
}

.followed {
  min-width: 170px;
  font-size: 0.875rem;
}

.foot {
  margin: 6px 0 0;
  font-size: 0.875rem;
}
</style>
