<script setup lang="ts">
import GlassDrawing from '../../ui/drink/GlassDrawing.vue';
import SelectField from '../../ui/SelectField.vue';
import TabRow from '../../ui/TabRow.vue';
import { computed } from 'vue';
import { RouterLink } from 'vue-router';
import { useNotebook } from '../../household/use-notebook';
import VersionList from '../VersionList.vue';
import BalancePanel from './BalancePanel.vue';
import KeepPanel from './KeepPanel.vue';
import ReadLines from './ReadLines.vue';
import { useWriting } from './use-writing';

/** Your text on one side; on the other what was understood, the glass filling and the figures answering. */
const { text, ounce, at, of, recipes, current, recipe, clear, beginFrom } = useWriting();
const notebook = useNotebook();
/** The drink that another version is written of. */
const own = computed(() => (of.value === undefined ? undefined : notebook.ownOf(of.value)));
const OUNCES = [
  { value: 'us-oz' as const, title: 'US, 29.6 ml' },
  { value: 'bar-oz' as const, title: 'Bar, 30 ml' },
  { value: 'imperial-oz' as const, title: 'Imperial, 28.4 ml' },
];
const tabs = computed(() =>
  recipes.value.map((r, i) => ({ value: String(i), words: r.name ?? `Recipe ${i + 1}` })),
);
</script>

<template>
  <div class="two-columns">
    <div class="stack">
      <section class="panel stack" aria-labelledby="text-title">
        <div class="panel-head">
          <h2 id="text-title">Your text</h2>
          <v-btn v-if="text" @click="clear">A clean page</v-btn>
        </div>
        <v-textarea
          v-model="text"
          label="A recipe, or several: typed or pasted"
          rows="14"
          auto-grow
          :max-rows="30"
          spellcheck="false"
        />
        <p class="dim">
          A file of recipes, or many at once, comes in by
          <RouterLink to="/notebook/exchange">Files</RouterLink>.
        </p>
        <SelectField
          v-if="recipes.some((r) => r.hasOunces)"
          label="Which ounce does it mean?"
          :value="ounce"
          :choices="OUNCES"
          @choose="ounce = $event"
        />
      </section>
      <KeepPanel v-if="recipe" />
      <section v-if="own" class="panel" aria-labelledby="margin-title">
        <h2 id="margin-title">What it has been</h2>
        <VersionList v-slot="{ row }" :drink="own">
          <v-btn :aria-label="`Write on at version ${row.i + 1}`" @click="beginFrom(row.recipe)"
            >Write on here</v-btn
          >
        </VersionList>
      </section>
    </div>
    <div class="stack">
      <section class="panel" aria-labelledby="read-title">
        <h2 id="read-title">
          What was understood
          <small v-if="current?.partMl" class="dim">· a part taken as {{ current.partMl }} ml</small>
        </h2>
        <TabRow
          v-if="recipes.length > 1"
          :model-value="String(at)"
          name="read-recipes"
          legend="Recipes in the text"
          :choices="tabs"
          @update:model-value="at = Number($event)"
        />
        <p v-if="!current" class="dim">Nothing yet. Try “2 oz gin, ¾ oz lemon juice, 2 barspoons honey”.</p>
        <ReadLines v-else />
      </section>
      <section v-if="recipe" class="panel" aria-label="In its glass">
        <GlassDrawing :recipe="recipe" />
      </section>
      <BalancePanel v-if="recipe" />
    </div>
  </div>
</template>

<style scoped>
a {
  color: inherit;
}
</style>
