<script setup lang="ts">
import { daysOnceOpen, matchOf } from '@uisce/core/catalogue';
import { computed } from 'vue';
import { useAnswer } from '../solver/use-answer';
import { useStock } from '../household/use-stock';
import { useCatalogue } from '../household/use-catalogue';
import { JOB_WORD } from '../ui/theme/tokens';
import { count, sayDays, useWords } from '../words/use-words';
import CautionLine from '../ui/CautionLine.vue';
import { useMayHold } from '../ui/drink/use-warnings';
import SizeAdvice from './SizeAdvice.vue';
import { useDecisions } from './use-decisions';
import WhyThis from './WhyThis.vue';
import PricesPerLitre from '../ui/PricesPerLitre.vue';
import ChoiceRow from '../ui/ChoiceRow.vue';

const props = defineProps<{ itemId: string }>();
const emit = defineEmits<{ close: [] }>();

const answers = useAnswer();
const stock = useStock();
const catalogue = useCatalogue();
const words = useWords();
const decisions = useDecisions();

const item = computed(() => answers.itemById.get(props.itemId));
const kind = computed(() => catalogue.kinds.get(item.value?.kindId ?? ''));
const bottle = computed(() => item.value?.bottle);
const { sayHolds } = useMayHold();
/** What its bottles hold here, a stated ingredient or not. */
const holds = computed(() => {
  const here = stock.here.kinds.get(kind.value?.id ?? '');
  return here ? sayHolds({ allergens: here.allergens, unknown: here.allergensStated ? [] : [here.id] }) : [];
});
/** What is made at home: of what it is worth, and how much of a whole batch the packs hold. */
const madeWords = computed(() => {
  const share = answers.result?.batchShares[kind.value?.id ?? ''] ?? 1;
  const worth = `made of ${words.price(bottle.value?.priceMinor ?? 0)} worth`;
  const ml = words.volume(Math.floor((bottle.value?.ml ?? 0) * share));
  return share < 1 ? `${worth} a whole batch; the packs are shared: enough for ${ml} of it` : worth;
});
const keepsDays = computed(() => kind.value && daysOnceOpen(kind.value, bottle.value));
const reason = computed(() => answers.result?.explanation.reasons.find((r) => r.id === props.itemId));
const lift = computed(() => answers.result?.explanation.lifts.find((l) => l.id === props.itemId));
const drinks = computed(() =>
  [...(reason.value?.leaning ?? lift.value?.adds ?? [])]
    .map((d) => ({ ...d, name: catalogue.recipes.get(d.id)?.name ?? d.id }))
    .sort((a, b) => a.name.localeCompare(b.name)),
);
const judgement = computed(() => {
  if (!reason.value)
    return lift.value ? `Would add ${count(lift.value.adds.length, 'drink')}` : 'Adds nothing more from here';
  const { leaning, closes } = reason.value;
  const lean = `${count(leaning.length, 'drink')} ${leaning.length === 1 ? 'leans' : 'lean'} on it`;
  return closes.length === leaning.length ? lean : `${lean}; ${closes.length} would close without it`;
});
const state = computed(() => {
  const kindId = kind.value?.id ?? '';
  if (decisions.isOwned(kindId)) return 'own';
  if (decisions.isNever(kindId)) return 'never';
  return decisions.isKept(props.itemId) ? 'keep' : 'free';
});
const CHOICES = [
  { value: 'free', words: 'Let the plan decide' },
  { value: 'keep', words: 'Keep always' },
  { value: 'never', words: 'Never' },
  { value: 'own', words: 'I own it' },
] as const;
</script>

<template>
  <section v-if="kind" class="panel detail" aria-labelledby="bottle-title" @keydown.esc.stop="emit('close')">
    <header>
      <h2 id="bottle-title" class="display" tabindex="-1">{{ kind.name }}</h2>
      <v-btn size="small" height="36" @click="emit('close')">Close</v-btn>
    </header>
    <p class="judgement">{{ judgement }}</p>
    <p class="dim facts">
      {{ JOB_WORD[kind.job] }}<template v-if="kind.abv > 0"> · {{ words.percent(kind.abv) }} vol</template>
      <template v-if="bottle">
        · {{ bottle.label }}, {{ words.size(bottle.ml) }},
        {{ item?.made ? madeWords : words.price(bottle.priceMinor) }}</template
      >
      <template v-if="keepsDays">
        · {{ sayDays(keepsDays) }} once open{{ kind.storage === 'fridge' ? ', in the fridge' : '' }}</template
      >
    </p>
    <ChoiceRow
      name="decision"
      :legend="`What to do with ${kind.name}`"
      hide-legend
      :value="state"
      :choices="CHOICES"
      @choose="decisions.decide(itemId, kind.id, $event)"
    />
    <WhyThis :item-id="itemId" />
    <SizeAdvice v-if="kind.supply === 'bottle' || kind.supply === 'mixer'" :kind="kind" />
    <PricesPerLitre v-if="kind.supply === 'bottle'" :kind="kind.id" />
    <CautionLine v-if="kind.caution">{{ kind.caution }}</CautionLine>
    <CautionLine v-for="held in holds" :key="held">{{ held }}</CautionLine>
    <h3 class="leaning">{{ reason ? 'Drinks that lean on it' : 'Drinks it would add' }}</h3>
    <ul class="plain-list drinks">
      <li v-for="drink in drinks" :key="drink.id">
        <span>{{ drink.name }}</span>
        <span v-if="drink.fit < 1" class="dim">with a {{ matchOf(drink.fit) }} stand-in</span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.detail {
  display: flex;
  flex-direction: column;
}

header {
  display: flex;
  justify-content: space-between;
  gap: 12px;
}

h2.display {
  font-family: var(--display);
  font-size: 1.4rem;
  margin: 0;
  outline: none;
}

.judgement {
  margin: 4px 0 2px;
  font-weight: 700;
  color: rgb(var(--v-theme-copper));
}

.facts {
  margin: 2px 0;
  font-size: 0.9375rem;
}

.leaning {
  margin: 10px 0 2px;
  font-size: 1rem;
}

.drinks {
  columns: 2 180px;
  font-size: 0.9375rem;
}

.drinks li {
  display: flex;
  flex-direction: column;
  padding: 3px 0;
  break-inside: avoid;
}

.drinks .dim {
  font-size: 0.875rem;
}
</style>
