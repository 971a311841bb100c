<script setup lang="ts">
import { upperFirst, lowerFirst } from '@uisce/core/base';
import { computed } from 'vue';
import { freshAWeekMinor, packItemId, type Brief } from '@uisce/core/plan';
import { ATTITUDES, COUNT_CHOICES, HOW_BIG, SOFT_DRINKS, SPOT_CHOICES } from './brief-choices';
import ChoiceRow from '../ui/ChoiceRow.vue';
import CountsMore from './CountsMore.vue';
import MoneyField from '../ui/MoneyField.vue';
import NumberField from '../ui/NumberField.vue';
import LimitsPanel from './LimitsPanel.vue';
import TasteTable from './TasteTable.vue';
import CautionLine from '../ui/CautionLine.vue';
import { usePlans } from '../household/use-plans';
import { useStock } from '../household/use-stock';
import { useCatalogue } from '../household/use-catalogue';
import CheckField from '../ui/CheckField.vue';
import { useAboutSet } from '../solver/use-about-set';
import { useWords } from '../words/use-words';

const plans = usePlans();
const catalogue = useCatalogue();
const stock = useStock();
const words = useWords();

const brief = computed(() => plans.brief);

const drinks = computed(() =>
  catalogue.all.recipes
    .map((r) => ({ value: r.id, title: r.name }))
    .sort((a, b) => a.title.localeCompare(b.title)),
);
/** What may be owned already: kinds, and what of the pantry the plan would buy. */
const ownable = computed(() => {
  const sold = new Set(catalogue.prices?.pantry.map((p) => p.pantry));
  return [
    ...catalogue.all.kinds
      .filter((k) => !k.abstract && k.supply !== 'fresh')
      .map((k) => ({ value: k.id, title: k.name })),
    ...catalogue.all.pantry
      .filter((p) => sold.has(p.id))
      .map((p) => ({ value: packItemId(p.id), title: upperFirst(p.name) })),
  ].sort((a, b) => a.title.localeCompare(b.title));
});
const owned = computed(() => [...stock.owned, ...(brief.value?.ownedPantry ?? []).map(packItemId)]);
function own(ids: readonly string[]): void {
  const packs = new Map(catalogue.all.pantry.map((p) => [packItemId(p.id), p.id]));
  const kinds = ids.filter((id) => !packs.has(id));
  const bottles = [
    ...kinds.filter((id) => !stock.isOwned(id)).flatMap(stock.ownWrites),
    ...stock.owned.filter((id) => !kinds.includes(id)).flatMap(stock.disownWrites),
  ];
  plans.edit('What I own', { brief: { ownedPantry: ids.flatMap((id) => packs.get(id) ?? []) } }, bottles);
}
const kept = computed(() => {
  const named = (b: string) => catalogue.kindName(catalogue.bottles.get(b)?.kind ?? b);
  return [
    ...(brief.value?.keepBottles ?? []).map((id) => ({ id, words: `${named(id)}: always` })),
    ...(brief.value?.neverKinds ?? []).map((id) => ({ id, words: `${catalogue.kindName(id)}: never` })),
  ];
});

const { found: enough } = useAboutSet('enough');
/** What the plan's drinks would take a week, once that has been counted. */
const freshHint = computed(() =>
  brief.value && enough.value
    ? `These drinks take about ${words.price(freshAWeekMinor(enough.value.freshMinor, brief.value))} a week`
    : '',
);
const bigWords = computed(() =>
  lowerFirst(HOW_BIG.find((choice) => choice.value === brief.value?.howBig)?.words ?? ''),
);

const edit = (change: string, part: Partial<Brief>) => plans.edit(change, { brief: part });
const place = (part: Partial<Brief['place']>) => {
  if (brief.value) edit('Where the bar stands', { place: { ...brief.value.place, ...part } });
};
function letGo(id: string): void {
  if (!brief.value) return;
  edit('Left to the plan', {
    keepBottles: brief.value.keepBottles.filter((b) => b !== id),
    neverKinds: brief.value.neverKinds.filter((k) => k !== id),
  });
}
</script>

<template>
  <p v-if="brief?.broughtUp" class="panel news" role="status">
    This brief was written before the question became simpler. How long it should last is now how big bottles
    are:
    {{ bigWords }}. Wine is bought for the day, drinks without alcohol are counted beside, and money for fresh
    things is an amount of its own: look below whether all of it suits you.
    <v-btn size="small" height="40" @click="edit('Read what changed', { broughtUp: false })">All right</v-btn>
  </p>
  <div v-if="brief" class="brief">
    <div class="column">
      <section class="panel" aria-labelledby="money-title">
        <h2 id="money-title">
          Money
          <small class="dim">· the bottles come out of this</small>
        </h2>
        <div class="two">
          <MoneyField
            label="Now"
            :minor="brief.moneyNowMinor"
            @change="edit('Money now', { moneyNowMinor: $event })"
          />
          <MoneyField
            label="Each month after"
            :minor="brief.moneyPerMonthMinor"
            @change="edit('Money a month', { moneyPerMonthMinor: $event })"
          />
          <MoneyField
            label="Set aside for fresh things"
            :minor="brief.freshMinor"
            @change="edit('Money for fresh things', { freshMinor: $event })"
          />
          <p v-if="freshHint" class="dim fresh">{{ freshHint }}</p>
        </div>
      </section>
      <section class="panel" aria-labelledby="taste-title">
        <h2 id="taste-title">Taste <small class="dim">· no thanks leaves the drink out</small></h2>
        <TasteTable />
        <CautionLine v-if="brief.tastes.egg !== 'no'">
          Raw egg: fresh or pasteurised, and not for anyone vulnerable.
        </CautionLine>
      </section>
      <CountsMore :brief="brief" />
      <section class="panel" aria-labelledby="attitude-title">
        <h2 id="attitude-title" class="sr-only">Stand-ins, and which drinks count</h2>
        <ChoiceRow
          name="attitude"
          legend="How near must a stand-in be?"
          :value="brief.attitude"
          :choices="ATTITUDES"
          @choose="edit('Stand-ins', { attitude: $event })"
        />
        <ChoiceRow
          name="count"
          legend="Which drinks count?"
          :value="brief.count"
          :choices="COUNT_CHOICES"
          @choose="edit('Which drinks count', { count: $event })"
        />
        <ChoiceRow
          name="soft"
          legend="Drinks without alcohol"
          :value="brief.soft"
          :choices="SOFT_DRINKS"
          @choose="edit('Drinks without alcohol', { soft: $event })"
        />
      </section>
    </div>
    <div class="column">
      <section class="panel" aria-labelledby="have-title">
        <h2 id="have-title">Must-haves and what is there already</h2>
        <v-autocomplete
          :model-value="brief.mustDrinks"
          :items="drinks"
          label="Drinks I must have"
          multiple
          chips
          closable-chips
          class="mb-3"
          @update:model-value="edit('Must-have drinks', { mustDrinks: $event as string[] })"
        />
        <v-autocomplete
          :model-value="owned"
          :items="ownable"
          label="What I already own"
          multiple
          chips
          closable-chips
          @update:model-value="own($event as string[])"
        />
        <ul v-if="kept.length > 0" class="plain-list kept" aria-label="Decided on the Plan">
          <li v-for="k in kept" :key="k.id">
            {{ k.words }}
            <button class="plain-button link" type="button" @click="letGo(k.id)">leave it to the plan</button>
          </li>
        </ul>
      </section>
      <section class="panel" aria-labelledby="place-title">
        <h2 id="place-title">Place</h2>
        <ChoiceRow
          name="spot"
          legend="Where the bar stands"
          :value="brief.place.spot"
          :choices="SPOT_CHOICES"
          @choose="place({ spot: $event })"
        />
        <div class="two">
          <NumberField
            label="Length"
            suffix="cm"
            :value="brief.place.lengthMm / 10"
            :least="20"
            :most="1000"
            @change="place({ lengthMm: Math.round(($event ?? 90) * 10) })"
          />
          <CheckField
            :model-value="brief.place.keepTo"
            label="Every bottle must stand on it"
            @update:model-value="place({ keepTo: $event })"
          />
        </div>
      </section>
      <LimitsPanel :brief="brief" />
    </div>
  </div>
</template>

<style scoped>
.brief {
  display: grid;
  grid-template-columns: minmax(0, 1.1fr) minmax(0, 1fr);
  gap: 14px;
  align-items: start;
}

.column {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 14px;
}

.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 14px;
  align-items: start;
}

.kept {
  margin-top: 10px;
}

.kept li {
  min-height: 32px;
}

.link {
  color: rgb(var(--v-theme-dim));
}

@media (max-width: 1000px) {
  .brief {
    grid-template-columns: minmax(0, 1fr);
  }
}

.fresh {
  margin: 0;
  align-self: center;
}

.news {
  margin: 0 0 14px;
}
</style>
