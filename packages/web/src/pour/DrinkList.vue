<script setup lang="ts">
import { computed, ref } from 'vue';
import { RouterLink } from 'vue-router';
import { drinkKey } from '@uisce/core/catalogue';
import type { Ranked } from '@uisce/core/pouring';
import { useMayHold } from '../ui/drink/use-warnings';
import { count } from '../words/use-words';
import { useDrinkWords } from './use-drink-words';
import { usePouring } from '../household/use-pouring';
import { useOrder } from '../household/use-order';

/** Every drink that can be poured now. */
const props = defineProps<{ drinks: readonly Ranked[] }>();

const order = useOrder();
const pouring = usePouring();
const say = useDrinkWords();
const { sayHolds } = useMayHold();
/** So many are built at first; the rest when they are asked for. */
const PAGE = 40;
const shown = ref(PAGE);
const rows = computed(() =>
  props.drinks.slice(0, shown.value).map((d) => ({
    id: d.now.pourable.recipe.id,
    name: d.now.pourable.recipe.name,
    parts: say.parts(d.now),
    others: (pouring.now.value?.variants.get(drinkKey(d.now.pourable.recipe)) ?? []).map((n) => ({
      id: n.pourable.recipe.id,
      name: n.pourable.recipe.name,
    })),
    why: say.why(d),
    notes: say.notes(d.now),
    contains: sayHolds(d.now.glass).join(' '),
    strength: say.strength(d.now),
    time: say.time(d.now.pourable.seconds),
    glasses: say.glasses(d.now),
  })),
);
</script>

<template>
  <section v-if="rows.length > 0" class="panel" aria-labelledby="all-title">
    <h2 id="all-title">
      {{ count(drinks.length, 'drink') }} that can be poured
      <small class="dim">· in the order this house would want them</small>
    </h2>
    <ul class="plain-list">
      <li v-for="row in rows" :key="row.id">
        <div>
          <RouterLink :to="`/notebook/${row.id}`">{{ row.name }}</RouterLink>
          <span class="under">{{ row.parts }}</span>
          <span class="dim under">{{ row.why }}</span>
          <span v-if="row.notes" class="dim under">{{ row.notes }}</span>
          <span v-if="row.contains" class="under">{{ row.contains }}</span>
          <span v-if="row.others.length > 0" class="dim under"
            >Or
            <template v-for="(o, i) in row.others" :key="o.id"
              ><template v-if="i > 0">, </template
              ><button
                class="plain-button link"
                type="button"
                :disabled="order.isFull.value"
                @click="order.add(o.id)"
              >
                {{ o.name }}
              </button></template
            ></span
          >
        </div>
        <div class="meta">
          <span>{{ row.strength }}</span>
          <span class="time">{{ row.time }}</span>
          <span><span class="sr-only">Glasses of it: </span>{{ row.glasses }}</span>
        </div>
        <v-btn :disabled="order.isFull.value" :aria-label="`Pour ${row.name}`" @click="order.add(row.id)"
          >Pour</v-btn
        >
      </li>
    </ul>
    <v-btn v-if="shown < drinks.length" class="more" @click="shown = drinks.length"
      >All {{ drinks.length }} of them</v-btn
    >
  </section>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr) auto;
  gap: 4px 16px;
  align-items: center;
  padding: 8px 0;
  border-bottom: 1px solid rgb(var(--v-theme-line));
}

a {
  color: inherit;
  font-weight: 650;
}

.under {
  display: block;
  font-size: 0.9375rem;
}

.meta {
  display: grid;
  grid-template-columns: minmax(0, 1.2fr) 60px minmax(0, 1fr);
  gap: 10px;
  font-size: 0.9375rem;
}

.time {
  text-align: end;
}

.more {
  margin-top: 10px;
}

@media (max-width: 700px) {
  li {
    grid-template-columns: minmax(0, 1fr) auto;
  }

  .meta {
    display: flex;
    flex-wrap: wrap;
    grid-column: 1 / -1;
    grid-row: 2;
    gap: 0 14px;
    color: rgb(var(--v-theme-dim));
  }
}
</style>
