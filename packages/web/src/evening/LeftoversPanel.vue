<script setup lang="ts">
import { computed, ref } from 'vue';
import { leftovers, shelved, toUseSoon, type Evening } from '@uisce/core/evening';
import { recipeOfBatch } from '@uisce/core/bench';
import { useBatches } from '../household/use-batches';
import { useLog } from '../household/use-log';
import { useStock } from '../household/use-stock';
import { useToday } from '../household/use-today';
import { useCatalogue } from '../household/use-catalogue';
import CautionLine from '../ui/CautionLine.vue';
import NumberField from '../ui/NumberField.vue';
import { useWords } from '../words/use-words';

/** What is left: juice onto the shelf with its new date, and all that must be used within days. */
const props = defineProps<{ evening: Evening }>();
const batches = useBatches();
const log = useLog();
const stock = useStock();
const today = useToday();
const catalogue = useCatalogue();
const words = useWords();

/** What was pressed is known as what the evening's pours took of it, and a little that always stays in the jug. */
const juiceMl = (kind: string) => catalogue.kinds.get(kind)?.juiceMl ?? 0;
const pressed = computed(() => {
  const all = new Map<string, number>();
  for (const p of log.pours)
    if (p.on === props.evening.on)
      for (const { kind, ml } of p.parts) if (juiceMl(kind) > 0) all.set(kind, (all.get(kind) ?? 0) + ml);
  return all;
});
const expected = computed(
  () =>
    new Map(
      leftovers(
        props.evening,
        new Map(
          [...pressed.value].map(([kind, ml]) => [kind, Math.ceil(ml / juiceMl(kind)) * juiceMl(kind)]),
        ),
        log.pours,
        catalogue.kinds,
      ).map((l) => [l.kind, l]),
    ),
);
const typed = ref<Record<string, number>>({});
const isNew = computed(() => props.evening.endedOn !== null && props.evening.endedOn >= today.iso());
const rows = computed(() =>
  [...pressed.value.keys()].map((kind) => ({
    kind,
    name: catalogue.kindName(kind),
    ml: typed.value[kind] ?? expected.value.get(kind)?.ml ?? 0,
  })),
);
function shelve(kind: string, ml: number): void {
  stock.keep(
    `${catalogue.kindName(kind)}, left over`,
    // Pressed for the evening, it is of that day, however late it is put away.
    ...shelved({ kind, ml }, props.evening.on, stock.bottles, catalogue.kinds, () => crypto.randomUUID()),
  );
}
const kept = (kind: string) => stock.standing.some((b) => b.kind === kind && b.openedOn === props.evening.on);
const soon = computed(() =>
  toUseSoon(
    stock.bottles,
    batches.onShelf.flatMap((b) => {
      const kind = recipeOfBatch(b, catalogue.all.homeMade)?.makes;
      return kind ? [{ kind, leftMl: b.remainingMl, until: b.useBy }] : [];
    }),
    catalogue.kinds,
    today.iso(),
  ).map((l) => ({
    id: `${l.kind} ${l.until ?? ''} ${l.ml}`,
    text: `${catalogue.kindName(l.kind)}${l.ml > 0 ? `, ${words.volume(Math.round(l.ml))}` : ''}`,
    until: l.until ? words.weekday(l.until) : '',
  })),
);
</script>

<template>
  <div>
    <template v-if="isNew && rows.length > 0">
      <h3>What is left in the jugs?</h3>
      <div v-for="row in rows" :key="row.kind" class="left">
        <NumberField
          :label="row.name"
          suffix="ml left"
          :value="row.ml"
          :least="0"
          :most="5000"
          @change="typed[row.kind] = $event ?? 0"
        />
        <v-btn
          :disabled="row.ml < 10 || kept(row.kind)"
          :aria-label="`${row.name} to the shelf`"
          @click="shelve(row.kind, row.ml)"
          >{{ kept(row.kind) ? 'On the shelf' : 'To the shelf' }}</v-btn
        >
      </div>
    </template>
    <h3>To be used within days</h3>
    <ul v-if="soon.length > 0" class="plain-list">
      <li v-for="s in soon" :key="s.id">
        <span>{{ s.text }}</span><span class="dim">by {{ s.until }}</span>
      </li>
    </ul>
    <p v-else class="dim">Nothing presses.</p>
    <CautionLine>What stood warm all evening, or smells of yeast, goes down the sink.</CautionLine>
  </div>
</template>

<style scoped>
h3 {
  margin: 0 0 6px;
  font-size: 1rem;
}

.left {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 10px;
  align-items: center;
  margin-bottom: 8px;
}

li {
  display: flex;
  justify-content: space-between;
  gap: 12px;
  padding: 4px 0;
}
</style>
