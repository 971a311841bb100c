<script setup lang="ts">
import { lowerFirst } from '@uisce/core/base';
import { computed } from 'vue';
import { useKit } from '../household/use-kit';
import { useCatalogue } from '../household/use-catalogue';
import { count, listed, useWords } from '../words/use-words';
import { useKitReport } from './use-kit-report';

const MAX_NAMED = 3;

const kits = useKit();
const catalogue = useCatalogue();
const words = useWords();
const { report } = useKitReport();

const rows = computed(() =>
  (report.value?.sets ?? []).map((s) => ({
    ...s,
    price:
      s.priceMinor === undefined
        ? 'not sold here'
        : s.priceMinor === 0
          ? 'nothing'
          : words.price(s.priceMinor),
    missed: s.missing
      .slice(0, MAX_NAMED)
      .map(
        (id) =>
          catalogue.recipes.get(id)?.name ?? catalogue.all.recipes.find((r) => r.group === id)?.name ?? id,
      ),
  })),
);
/** Most drinks, then fewest goes for a round, then least money. */
const best = computed(
  () =>
    [...rows.value].sort(
      (a, b) =>
        b.covered.length - a.covered.length ||
        (a.goes ?? Infinity) - (b.goes ?? Infinity) ||
        (a.priceMinor ?? Infinity) - (b.priceMinor ?? Infinity),
    )[0],
);
const people = computed(() => kits.kit.people);
</script>

<template>
  <section v-if="rows.length > 0" class="panel" aria-labelledby="sets-title">
    <h2 id="sets-title">
      Ways to start
      <small v-if="best" class="dim"
        >· for {{ people }}: {{ lowerFirst(best.set.name) }};
        {{ kits.kit.glasses.length > 0 ? 'from the glasses that are there' : 'glasses apart' }}</small
      >
    </h2>
    <ul class="plain-list">
      <li v-for="row in rows" :key="row.set.id" class="set" :class="{ best: row.set.id === best?.set.id }">
        <div class="line">
          <strong>{{ row.set.name }}</strong>
          <span class="price">{{ row.price }}</span>
        </div>
        <p>
          {{ count(row.covered.length, 'drink') }} ·
          <template v-if="row.atOnce > 0"
            >{{ row.atOnce }} at a time, {{ count(row.goes ?? 0, 'go', 'goes') }} for a round of
            {{ people }}</template
          ><template v-else>nothing to shake in</template>
        </p>
        <p class="dim">{{ row.set.hard }} {{ row.set.cleaning }}</p>
        <p v-if="row.missed.length > 0" class="dim">
          Leaves out
          {{
            listed(
              row.missing.length > row.missed.length
                ? [...row.missed, `${row.missing.length - row.missed.length} more`]
                : row.missed,
            )
          }}.
        </p>
      </li>
    </ul>
    <p class="dim">
      With your other tools{{ kits.kit.attitude === 'professional' ? '' : ' and your kitchen’s things' }}
      beside it.
    </p>
  </section>
</template>

<style scoped>
.set {
  padding: 8px 0 8px 10px;
  border-bottom: 1px solid rgb(var(--v-theme-line));
  border-inline-start: 4px solid transparent;
}

.best {
  border-inline-start-color: rgb(var(--v-theme-gorse));
}

.line {
  display: flex;
  justify-content: space-between;
  gap: 12px;
}

p {
  margin: 2px 0 0;
}
</style>
