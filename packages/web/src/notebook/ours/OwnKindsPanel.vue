<script setup lang="ts">
import { computed, ref } from 'vue';
import { RouterLink } from 'vue-router';
import type { OwnKind } from '@uisce/core/notebook';
import { formatMoney } from '@uisce/core/base';
import { useNotebook } from '../../household/use-notebook';
import { useSettings } from '../../household/use-settings';
import { useStock } from '../../household/use-stock';
import { useCatalogue } from '../../household/use-catalogue';
import { ALLERGEN_WORDS } from '../../words/trade-words';
import { listed, useWords } from '../../words/use-words';
import OwnKindSheet from '../OwnKindSheet.vue';

/** Kinds that the catalogue lacks: what is known of them, and what is made with them. */
const settings = useSettings();
const notebook = useNotebook();
const stock = useStock();
const catalogue = useCatalogue();
const words = useWords();

const rows = computed(() =>
  notebook.kinds.map((kind) => {
    const drinks = notebook.madeWith(kind.id);
    const held = stock.bottles.some((b) => b.kind === kind.id);
    const { sold } = kind;
    return {
      kind,
      facts: [
        kind.parent ? `a kind of ${catalogue.kindInSentence(kind.parent)}` : '',
        kind.abv > 0 ? `${words.percent(kind.abv)} vol` : '',
        kind.sugarGPerL > 0 ? `${kind.sugarGPerL} g sugar a litre` : '',
        kind.acidGPerL > 0 ? `${kind.acidGPerL} g acid a litre` : '',
        kind.openDays ? `keeps ${kind.openDays} days` : '',
        sold
          ? `${words.size(sold.ml)} for ${formatMoney(sold.priceMinor, sold.currency, settings.current.locale, { exact: true })}`
          : 'nobody sells it',
      ]
        .filter(Boolean)
        .join(', '),
      contains: [
        kind.allergens.length > 0 ? `contains ${listed(kind.allergens.map((a) => ALLERGEN_WORDS[a]))}` : '',
        kind.allergensStated ? '' : 'nobody has said what allergens it holds: read its label',
      ]
        .filter(Boolean)
        .join('; '),
      /** Why it cannot go; empty where it can. */
      needed: drinks.length > 0 ? `in ${listed(drinks)}` : held ? 'there are bottles of it on the Shelf' : '',
    };
  }),
);
const shown = ref(false);
const edited = ref<OwnKind>();
function open(kind?: OwnKind): void {
  edited.value = kind;
  shown.value = true;
}
</script>

<template>
  <section class="panel" aria-labelledby="own-kinds-title">
    <div class="panel-head">
      <h2 id="own-kinds-title">Kinds that the catalogue lacks</h2>
      <v-btn @click="open()">Add one</v-btn>
    </div>
    <ul class="plain-list">
      <li v-for="{ kind, facts, contains, needed } in rows" :key="kind.id">
        <span>
          <strong>{{ kind.name }}</strong> <span class="dim">{{ facts }}</span><template v-if="contains"
            ><br /><span :class="{ rust: !kind.allergensStated }">{{ contains }}</span></template
          ><template v-if="needed"><br />{{ needed }}</template>
        </span>
        <span class="buttons">
          <v-btn :aria-label="`Change ${kind.name}`" @click="open(kind)">Change</v-btn>
          <button
            v-if="!needed"
            type="button"
            class="plain-button link"
            :aria-label="`Delete ${kind.name}`"
            @click="notebook.removeKind(kind)"
          >
            Delete
          </button>
        </span>
      </li>
    </ul>
    <p class="dim">
      One that a drink is made with stays until the drink goes. Bottles of it stand on the
      <RouterLink to="/shelf">Shelf</RouterLink> like any other.
    </p>
    <OwnKindSheet v-model="shown" v-bind="edited ? { kind: edited } : {}" />
  </section>
</template>

<style scoped>
li {
  display: flex;
  justify-content: space-between;
  gap: 12px;
  align-items: center;
  padding: 6px 0;
  border-bottom: 1px solid rgb(var(--v-theme-line));
}

.buttons {
  display: flex;
  flex: none;
  gap: 8px;
  align-items: center;
}

p {
  margin: 8px 0 0;
}

a {
  color: inherit;
}
</style>
