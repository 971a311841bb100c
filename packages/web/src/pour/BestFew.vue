<script setup lang="ts">
import { computed } from 'vue';
import type { Ranked } from '@uisce/core/pouring';
import { usePouring } from '../household/use-pouring';
import GlassDrawing from '../ui/drink/GlassDrawing.vue';
import { useDrinkWords } from './use-drink-words';
import { useOrder } from '../household/use-order';

/** The few best to pour tonight, drawn as filled glasses. */
const props = defineProps<{ drinks: readonly Ranked[] }>();

const FEW = 4;
const order = useOrder();
const pouring = usePouring();
const say = useDrinkWords();
const few = computed(() =>
  props.drinks.slice(0, FEW).map((d) => ({ ...d, drink: pouring.orderOf(d.now).drink })),
);
</script>

<template>
  <section v-if="few.length > 0" class="panel" aria-labelledby="best-title">
    <h2 id="best-title">
      To pour tonight
      <small class="dim">· what goes off soon, what you like, what you have not had for a while</small>
    </h2>
    <ul class="plain-list few">
      <li v-for="d in few" :key="d.drink.id">
        <button
          type="button"
          class="plain-button glass"
          :disabled="order.isFull.value"
          @click="order.add(d.drink.id)"
        >
          <GlassDrawing :recipe="d.drink" plain />
          <span class="display name">{{ d.drink.name }}</span>
          <span class="dim">{{ say.strength(d.now) }}</span>
          <span class="dim">{{ say.why(d) }}</span>
        </button>
      </li>
    </ul>
  </section>
  <section v-else class="panel">
    <p class="dim">
      Nothing that is here answers to all of that. Ask for less, or look at what is one thing short.
    </p>
  </section>
</template>

<style scoped>
.few {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(150px, 1fr));
  gap: 12px;
}

.glass {
  display: grid;
  gap: 2px;
  width: 100%;
  height: 100%;
  padding: 10px;
  align-content: start;
  border: 1px solid rgb(var(--v-theme-line));
  border-radius: var(--radius);
}

.glass:hover {
  border-color: rgb(var(--v-theme-sea));
}

.glass :deep(svg) {
  height: 170px;
  width: 100%;
}

.name {
  font-size: 1.15rem;
}

.dim {
  font-size: 0.9375rem;
}

@media (max-width: 600px) {
  .few {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }

  .glass :deep(svg) {
    height: 120px;
  }
}
</style>
