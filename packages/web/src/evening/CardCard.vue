<script setup lang="ts">
import { computed } from 'vue';
import { RouterLink } from 'vue-router';
import { useEvenings } from '../household/use-evenings';
import SelectField from '../ui/SelectField.vue';
import { count, inSentence, listed, useWords } from '../words/use-words';
import { useTrade } from '../household/use-trade';
import { useEvening } from './use-evening';

/** The card: what stands on it, how often it is poured, what is short for it, and what may be mixed ahead. */
const evenings = useEvenings();
const trade = useTrade();
const words = useWords();
const { evening, plan, isAsking } = useEvening();

const SIZES = [2, 3, 4, 5].map((value) => ({ value, title: `${value} drinks` }));
const FREEZER = {
  liquid: 'from the freezer it stays liquid',
  thick: 'from the freezer it pours thick',
  slush: 'in the fridge: the freezer makes slush of it',
} as const;
const batchOf = computed(() => new Map((plan.value?.batches ?? []).map((b) => [b.drink, b.batch])));
const rows = computed(() =>
  (plan.value?.drinks ?? []).map((d) => {
    const batch = batchOf.value.get(d.id);
    const short = d.missing.map(
      (m) => `${m.count > 1 ? `${m.count} × ` : ''}${inSentence(trade.kindName(m.kind))}`,
    );
    return {
      ...d,
      short: short.length > 0 ? `short: ${listed(short)}` : 'all there',
      ahead: batch
        ? `mixed ahead: ${words.volume(Math.round(batch.volumeMl))}, ${words.volume(Math.round(batch.glassMl))} a glass, ${words.percent(batch.abv)} vol; ${FREEZER[batch.freezer]}`
        : '',
    };
  }),
);
function never(id: string): void {
  const e = evening.value;
  if (e)
    evenings.edit(`Not ${trade.recipes.get(id)?.name ?? id}`, {
      never: [...e.never, id],
      must: e.must.filter((m) => m !== id),
    });
}
function keep(id: string, on: boolean): void {
  const e = evening.value;
  if (e)
    evenings.edit(`${on ? 'Keep' : 'Free'} ${trade.recipes.get(id)?.name ?? id}`, {
      must: on ? [...e.must, id] : e.must.filter((m) => m !== id),
    });
}
</script>

<template>
  <section v-if="evening && plan" class="card" aria-labelledby="card-title">
    <div class="card-head">
      <h2 id="card-title">
        The card
        <small class="dim"
          >· {{ plan.drinks.length }} of {{ plan.candidates }} you could pour,
          {{ count(plan.card.score.parts, 'part')
          }}<template v-if="isAsking">, looking again</template></small
        >
      </h2>
      <SelectField
        label="On it"
        :value="evening.size"
        :choices="SIZES"
        @choose="evenings.edit(`${$event} on the card`, { size: $event })"
      />
    </div>
    <ul class="plain-list">
      <li v-for="row in rows" :key="row.id">
        <div>
          <RouterLink :to="`/notebook/${row.id}`">{{ row.name }}</RouterLink>
          <span class="dim under"
            >{{ count(row.glasses, 'pour') }}<template v-if="row.ahead"> · {{ row.ahead }}</template></span
          >
        </div>
        <span :class="row.missing.length > 0 ? 'copper' : 'there'">{{ row.short }}</span>
        <span class="buttons">
          <v-btn
            :aria-pressed="evening.must.includes(row.id)"
            :aria-label="`Keep ${row.name}`"
            @click="keep(row.id, !evening.must.includes(row.id))"
            >{{ evening.must.includes(row.id) ? 'Kept' : 'Keep' }}</v-btn
          >
          <v-btn :aria-label="`Another instead of ${row.name}`" @click="never(row.id)">Another</v-btn>
        </span>
      </li>
    </ul>
    <p v-if="evening.never.length > 0" class="dim">
      Left out: {{ listed(evening.never.map((id) => trade.recipes.get(id)?.name ?? id)) }}.
      <button
        class="plain-button link"
        type="button"
        @click="evenings.edit('Nothing is left out', { never: [] })"
      >
        Take them back
      </button>
    </p>
  </section>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: minmax(0, 1.4fr) minmax(0, 1fr) auto;
  gap: 6px 14px;
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

.there {
  color: rgb(var(--v-theme-sea));
}

.buttons {
  display: flex;
  gap: 6px;
}

.card-head > :last-child {
  max-width: 140px;
}

@media (max-width: 700px) {
  li {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
