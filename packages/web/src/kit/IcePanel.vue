<script setup lang="ts">
import { capacityMl } from '@uisce/core/glass';
import { iceKit, iceOf, pieceG } from '@uisce/core/ice';
import { computed } from 'vue';
import NumberField from '../ui/NumberField.vue';
import { useIce } from '../household/use-ice';
import { useKit } from '../household/use-kit';
import { useCatalogue } from '../household/use-catalogue';
import { count, useWords } from '../words/use-words';
import { useEveningMenu } from './use-evening-menu';

/** Ice for the evening against what the trays make in a day. */
const kits = useKit();
const catalogue = useCatalogue();
const freezer = useIce();
const words = useWords();
const { menu, guests } = useEveningMenu();

const ices = computed(() =>
  menu.value.flatMap((id) => {
    const recipe = catalogue.recipes.get(id);
    const glass = catalogue.glasses.get(recipe?.glass ?? '');
    return recipe && glass ? [iceOf(recipe, capacityMl(glass.inside), catalogue.kinds)] : [];
  }),
);
/** A tray from the kitchen does until there is a better one. */
const standingIn = computed(() =>
  kits.kit.moulds.length > 0 || kits.kit.attitude === 'professional'
    ? []
    : catalogue.all.kitchen.flatMap(({ id, mould }) =>
        mould && kits.kit.kitchen.includes(id) ? [{ id: mould, count: 1 }] : [],
      ),
);
const trays = computed(() =>
  [...kits.kit.moulds, ...standingIn.value].flatMap(({ id, count: n }) => {
    const mould = catalogue.all.moulds.find((m) => m.id === id);
    return mould ? [{ mould, count: n }] : [];
  }),
);
const ice = computed(() => iceKit(ices.value, guests.value, trays.value));
const kilos = (g: number) => `${words.number(g / 1000)} kg`;

const countOf = (id: string) => kits.kit.moulds.find((m) => m.id === id)?.count ?? 0;
function set(id: string, n: number): void {
  const moulds = kits.kit.moulds.filter((m) => m.id !== id);
  kits.edit('Ice trays', { moulds: n > 0 ? [...moulds, { id, count: n }] : moulds });
}
const priceOf = (id: string) => catalogue.prices?.kit.find((k) => k.mould === id)?.priceMinor;
</script>

<template>
  <section class="panel" aria-labelledby="ice-title">
    <h2 id="ice-title">
      Ice
      <small class="dim"
        >· {{ kilos(ice.neededG) }} for {{ count(guests, 'guest') }}, each drink of the menu once{{
          ice.daysAhead === undefined
            ? ''
            : ice.daysAhead <= 1
              ? ', frozen the day before'
              : `, start ${ice.daysAhead} days ahead`
        }}</small
      >
    </h2>
    <p>
      {{ standingIn.length > 0 ? 'The kitchen’s tray makes' : 'Your trays make' }}
      <strong>{{ count(ice.cubesADay, 'cube') }}</strong><template v-if="ice.blocksADay > 0">
        and {{ count(ice.blocksADay, 'block') }}</template
      >
      a day, {{ kilos(ice.gramsADay) }}.
      <template v-if="ice.blocks > 0"
        >{{ count(ice.blocks, 'drink asks', 'drinks ask') }} for one large piece.</template
      >
    </p>
    <ul class="plain-list">
      <li v-for="mould in catalogue.all.moulds" :key="mould.id" class="row">
        <span
          >{{ mould.name }}
          <span class="dim"
            >· {{ mould.pieces }} of {{ words.number(pieceG(mould), 0) }} g in {{ mould.hours }} h</span
          ></span
        >
        <span v-if="countOf(mould.id) === 0 && priceOf(mould.id) !== undefined" class="dim">{{
          words.price(priceOf(mould.id) ?? 0)
        }}</span>
        <span class="stepper">
          <button
            class="plain-button"
            type="button"
            :aria-label="`One ${mould.name} fewer`"
            :disabled="countOf(mould.id) === 0"
            @click="set(mould.id, countOf(mould.id) - 1)"
          >
            −
          </button>
          <strong>{{ countOf(mould.id) }}</strong>
          <button
            class="plain-button"
            type="button"
            :aria-label="`One ${mould.name} more`"
            :disabled="countOf(mould.id) >= 50"
            @click="set(mould.id, countOf(mould.id) + 1)"
          >
            +
          </button>
        </span>
      </li>
    </ul>
    <div class="field-row">
      <NumberField
        label="Of your own, in the freezer"
        suffix="g"
        :value="freezer.left.value.ownG"
        :least="0"
        :most="50000"
        @change="freezer.count({ ownG: $event ?? 0 })"
      />
      <NumberField
        label="Bought, in bags"
        suffix="g"
        :value="freezer.left.value.boughtG"
        :least="0"
        :most="50000"
        @change="freezer.count({ boughtG: $event ?? 0 })"
      />
    </div>
    <p class="dim">
      Bought ice is for the shaker, your own for the glasses; what you pour is taken off. An evening makes and
      buys only what is not there yet.
    </p>
    <p class="dim">
      Empty trays into freezer bags and refill at once; a shaken drink takes about 150 g beside what is
      served.
    </p>
  </section>
</template>

<style scoped>
.row {
  display: flex;
  gap: 12px;
  align-items: center;
  border-bottom: 1px solid rgb(var(--v-theme-line));
}

.row > :first-child {
  flex: 1;
}

.stepper {
  display: flex;
  align-items: center;
}

.stepper button {
  min-width: 44px;
  min-height: 44px;
  font-size: 1.25rem;
  text-align: center;
}

.stepper button:disabled {
  opacity: 0.4;
}

p {
  margin: 6px 0;
}
</style>
