<script setup lang="ts">
import { computed } from 'vue';
import { poursOfEvening, type Evening } from '@uisce/core/evening';
import { useLog } from '../household/use-log';
import { count, listed } from '../words/use-words';
import VerdictRow from '../ui/drink/VerdictRow.vue';

/** What was drunk of an evening, drink by drink, and how it was liked. */
const props = defineProps<{ evening: Evening }>();
const log = useLog();
const rows = computed(() => {
  const byDrink = new Map<string, ReturnType<typeof poursOfEvening>>();
  for (const pour of poursOfEvening(props.evening, log.pours))
    byDrink.set(pour.drink, [...(byDrink.get(pour.drink) ?? []), pour]);
  return [...byDrink.values()].flatMap((pours) => {
    const [first] = pours;
    if (!first) return [];
    const glasses = pours.reduce((sum, p) => sum + p.glasses, 0);
    return [{ first, glasses, who: [...new Set(pours.flatMap((p) => p.for))] }];
  });
});
</script>

<template>
  <div>
    <h3>How were they?</h3>
    <p v-if="rows.length === 0" class="dim">Nothing of that day stands in the log.</p>
    <details v-for="row in rows" :key="row.first.drink">
      <summary>
        <strong>{{ row.first.name }}</strong>{{ ' '
        }}<span class="dim">
          {{ count(row.glasses, 'glass', 'glasses')
          }}<template v-if="row.who.length > 0">, {{ listed(row.who) }}</template
          ><template v-if="row.first.verdict !== null">, {{ row.first.verdict }} of 5</template></span
        >
      </summary>
      <VerdictRow :pour="row.first" />
    </details>
  </div>
</template>

<style scoped>
h3 {
  margin: 0 0 4px;
  font-size: 1rem;
}

summary {
  min-height: 44px;
  padding-top: 10px;
  cursor: pointer;
}
</style>
