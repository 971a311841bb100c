<script setup lang="ts">
import { usePlans } from '../household/use-plans';
import { count } from '../words/use-words';
import { useMustDrinks } from '../ui/drink/use-must-drinks';
import DrinkSpec from './DrinkSpec.vue';
import TabRow from '../ui/TabRow.vue';
import { useDrinksInReach } from './use-drinks-in-reach';

const plans = usePlans();
const must = useMustDrinks();
const { sought, shown, spread, rows, tabs } = useDrinksInReach();
</script>

<template>
  <section class="panel" aria-labelledby="drinks-title">
    <div class="panel-head">
      <h2 id="drinks-title">Drinks <small class="dim">· with what they lean on</small></h2>
      <v-text-field v-model="sought" class="find" type="search" label="Find among these" autocomplete="off" />
    </div>
    <TabRow v-model="shown" name="drinks-shown" legend="Which drinks" :choices="tabs" />
    <ul class="plain-list rows">
      <li v-for="{ recipe, note } in rows" :key="recipe.id">
        <button
          class="plain-button row"
          type="button"
          :aria-expanded="spread === recipe.id"
          @click="spread = spread === recipe.id ? undefined : recipe.id"
        >
          <strong>{{ recipe.name }}</strong>
          <span class="dim">{{ note }}</span>
        </button>
        <div v-if="spread === recipe.id">
          <DrinkSpec :recipe="recipe" />
          <v-btn size="small" height="40" class="mb-3" @click="must.toggle(recipe.id)">
            {{ plans.brief?.mustDrinks.includes(recipe.id) ? 'No longer a must-have' : 'I must have this' }}
          </v-btn>
        </div>
      </li>
    </ul>
    <p v-if="rows.length === 0" class="dim">
      {{ sought ? `No drink here is called or holds “${sought}”.` : `${count(0, 'drink')} here.` }}
    </p>
  </section>
</template>

<style scoped>
.find {
  width: 220px;
}

.rows {
  columns: 3 280px;
  column-gap: 28px;
}

.rows li {
  break-inside: avoid;
  border-bottom: 1px solid rgb(var(--v-theme-line));
}

.row {
  display: flex;
  flex-wrap: wrap;
  gap: 0 10px;
  width: 100%;
  min-height: 40px;
  padding: 8px 0;
}

.row .dim {
  font-size: 0.9375rem;
}
</style>
