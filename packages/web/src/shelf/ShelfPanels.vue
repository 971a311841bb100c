<script setup lang="ts">
import { useTitle } from '@vueuse/core';
import { computed, nextTick, ref } from 'vue';
import { useStock } from '../household/use-stock';
import { useCatalogue } from '../household/use-catalogue';
import CautionLine from '../ui/CautionLine.vue';
import { titleOf } from '../words/title';
import { useToday } from '../household/use-today';
import { useWords } from '../words/use-words';
import AddBottle from './AddBottle.vue';
import BottleRow from './BottleRow.vue';
import BottleSheet from './BottleSheet.vue';
import ForecastPanel from './ForecastPanel.vue';
import FreshPanel from './FreshPanel.vue';
import PackPanel from './PackPanel.vue';
import StockFile from './StockFile.vue';
import StockTaking from './StockTaking.vue';
import UseUpPanel from './UseUpPanel.vue';
import { useShelf } from './use-shelf';

const stock = useStock();
const catalogue = useCatalogue();
const today = useToday();
const words = useWords();
const { onShelf, sipping, cold, cupboard } = useShelf();

const chosenId = ref<string>();
const chosen = computed(() => stock.standing.find((b) => b.id === chosenId.value));
useTitle(computed(() => titleOf('Shelf', chosen.value ? catalogue.kindName(chosen.value.kind) : '')));

let left: Element | null = null;
async function choose(id: string): Promise<void> {
  if (chosenId.value === id) return close();
  left = document.activeElement;
  chosenId.value = id;
  await nextTick();
}
function close(): void {
  chosenId.value = undefined;
  if (left instanceof HTMLElement) left.focus();
}
function level(id: string, leftMl: number): void {
  const bottle = stock.standing.find((b) => b.id === id);
  if (!bottle) return;
  const isOpen = bottle.sizeMl !== null && leftMl < bottle.sizeMl;
  stock.edit(id, `Level of ${catalogue.kindInSentence(bottle.kind)}`, {
    leftMl,
    openedOn: bottle.openedOn ?? (isOpen ? today.iso() : null),
  });
}
/** What a drink of a finished bottle came to: its price over the drinks it poured. */
const finished = computed(() =>
  stock.finished.map((b) => {
    const pour = stock.pours(b.kind);
    const drinks = pour > 0 && b.sizeMl !== null ? b.sizeMl / pour : undefined;
    const each =
      drinks !== undefined && b.priceMinor !== null ? words.price(Math.round(b.priceMinor / drinks)) : '';
    return { bottle: b, name: catalogue.kindName(b.kind), each };
  }),
);
</script>

<template>
  <div class="stack">
    <section class="panel" aria-labelledby="shelf-title">
      <h2 id="shelf-title">
        On the shelf
        <small class="dim">· tap a bottle, then drag its level, or use ↑ ↓ by tenths</small>
      </h2>
      <p v-if="onShelf.length === 0" class="dim">
        Nothing here yet: type below what you have, or tap “I own it” beside a bottle in the Plan.
      </p>
      <BottleRow
        v-else
        :standing="onShelf"
        :chosen-id="chosenId"
        board="wood"
        @choose="choose"
        @level="level"
      />
      <template v-if="sipping.length > 0">
        <h3>Kept for sipping <small class="dim">· no recipe pours these</small></h3>
        <BottleRow :standing="sipping" :chosen-id="chosenId" board="wood" @choose="choose" @level="level" />
      </template>
    </section>
    <BottleSheet v-if="chosen" :key="chosen.id" :bottle="chosen" @close="close" />
    <div class="two-columns">
      <div class="stack">
        <section v-if="cold.length > 0" class="panel" aria-labelledby="cold-title">
          <h2 id="cold-title">In the cold <small class="dim">· opened wine, cordials</small></h2>
          <BottleRow :standing="cold" :chosen-id="chosenId" board="cold" @choose="choose" @level="level" />
        </section>
        <section v-if="cupboard.length > 0" class="panel" aria-labelledby="cupboard-title">
          <h2 id="cupboard-title">In the cupboard</h2>
          <BottleRow
            :standing="cupboard"
            :chosen-id="chosenId"
            board="wood"
            @choose="choose"
            @level="level"
          />
        </section>
        <FreshPanel />
        <PackPanel />
        <StockTaking />
        <AddBottle />
        <StockFile />
      </div>
      <div class="stack">
        <UseUpPanel />
        <ForecastPanel />
        <section v-if="finished.length > 0" class="panel" aria-labelledby="finished-title">
          <h2 id="finished-title">Finished <small class="dim">· what a drink of it came to</small></h2>
          <ul class="plain-list finished">
            <li v-for="f in finished" :key="f.bottle.id">
              <span>{{ f.name }}</span>
              <span class="dim">{{ words.shortDay(f.bottle.finishedOn ?? '') }}</span>
              <span>{{ f.each }}</span>
            </li>
          </ul>
        </section>
      </div>
    </div>
  </div>
  <CautionLine>
    For adults of drinking age. How much liquor one may keep at home differs by place: ask your local
    authority.
  </CautionLine>
</template>

<style scoped>
h3 {
  margin: 14px 0 4px;
  font-size: 1rem;
}

.finished li {
  display: grid;
  grid-template-columns: 1fr auto 90px;
  gap: 12px;
  min-height: 32px;
  align-items: center;
  border-bottom: 1px solid rgb(var(--v-theme-line));
}

.finished li > :last-child {
  text-align: end;
}
</style>
