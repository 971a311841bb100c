<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue';
import { aimOf, drinksFrom, shiftOf } from '@uisce/core/practice';
import { useCatalogue } from '../household/use-catalogue';
import { useVerdicts } from '../household/use-verdicts';
import DataTable from '../ui/DataTable.vue';
import { useWords } from '../words/use-words';
import { sayHand, useAim } from './use-aim';
import WhoField from './WhoField.vue';

const AimChart = defineAsyncComponent(() => import('./AimChart.vue'));

/** How the last pours lie about what was aimed at, and what that does to a drink and to a bottle. */
const catalogue = useCatalogue();
const verdicts = useVerdicts();
const words = useWords();
const { last, target, byTarget } = useAim();

const LITRE_ML = 1000;
const aim = computed(() => aimOf(last.value));
const mean = computed(() => (target.value ?? 0) * (1 + (aim.value?.bias ?? 0)));
const bottle = computed(() => {
  if (!aim.value?.isOff || target.value === undefined) return '';
  const [meant, really] = [drinksFrom(LITRE_ML, target.value), drinksFrom(LITRE_ML, mean.value)];
  return meant === really ? '' : `A litre lasts ${really} drinks of it instead of ${meant}.`;
});
/** The best liked drink that this hand was trained for: what it does to it. */
const shift = computed(() => {
  const kind = last.value.at(-1)?.kind;
  if (!aim.value?.isOff || !kind) return '';
  const recipe = verdicts.liked
    .flatMap((l) => catalogue.recipes.get(l.drink) ?? [])
    .find((r) => r.slots.some((s) => s.kind === kind || s.or.includes(kind)));
  const part = recipe?.slots.find((s) => s.kind === kind || s.or.includes(kind));
  const found = recipe && part && shiftOf(recipe, part.kind, aim.value.bias, catalogue.kinds);
  if (!recipe || !found) return '';
  return `A ${recipe.name} poured so has ${words.percent(found.after.abv)} vol instead of ${words.percent(found.before.abv)}, and ${words.fixed(found.after.sugar, 1)} g of sugar in 100 ml instead of ${words.fixed(found.before.sugar, 1)}.`;
});
const COLUMNS = [
  { key: 'target', title: 'For', names: true },
  { key: 'mean', title: 'You pour', figures: true },
  { key: 'within', title: 'Within 5 %', figures: true },
  { key: 'hand', title: 'Your hand' },
];
const rows = computed(() =>
  byTarget.value.map(({ ml, aim: a }) => ({
    ml,
    target: words.volume(ml),
    mean: `${words.fixed(ml * (1 + a.bias), 1)}${a.spread === undefined ? '' : ` ± ${words.fixed(ml * a.spread, 1)}`}`,
    within: `${Math.round(a.within * 100)} %`,
    hand: sayHand(a),
  })),
);
const asTable = ref(false);
</script>

<template>
  <section class="panel" aria-labelledby="aim-title">
    <div class="panel-head">
      <h2 id="aim-title">
        How near <small v-if="aim" class="dim">· the last {{ aim.trials }}</small>
      </h2>
      <WhoField />
      <button v-if="aim" class="plain-button link" type="button" @click="asTable = !asTable">
        {{ asTable ? 'Drawn' : 'Table' }}
      </button>
    </div>
    <p v-if="!aim" class="dim">
      Pour a few, and they stand here: too much to the right, too little to the left.
    </p>
    <template v-else>
      <DataTable
        v-if="asTable"
        caption="The last pours"
        :columns="[
          { key: 'at', title: 'When', names: true },
          { key: 'ml', title: 'Poured, ml', figures: true },
        ]"
        :rows="
          [...last]
            .reverse()
            .map((t) => ({ id: t.id, at: words.dayAt(t.at), ml: words.fixed(t.pouredMl, 1) }))
        "
        :row-key="(r) => r.id"
        :most="220"
      />
      <AimChart v-else :trials="last" />
      <p v-if="bottle">{{ bottle }}</p>
      <p v-if="shift">{{ shift }}</p>
      <DataTable caption="How each amount goes" :columns="COLUMNS" :rows="rows" :row-key="(r) => r.ml" />
    </template>
  </section>
</template>
