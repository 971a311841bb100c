<script setup lang="ts">
import { matchOf } from '@uisce/core/catalogue';
import { JOB_WORD } from '../ui/theme/tokens';
import { sayDays, useWords } from '../words/use-words';
import CautionLine from '../ui/CautionLine.vue';
import SizeAdvice from './SizeAdvice.vue';
import { useDecisions } from './use-decisions';
import WhyThis from './WhyThis.vue';
import PricesPerLitre from '../ui/PricesPerLitre.vue';
import ChoiceRow from '../ui/ChoiceRow.vue';
import { CHOICES, useBottle } from './use-bottle';

const props = defineProps<{ itemId: string }>();
const emit = defineEmits<{ close: [] }>();

const words = useWords();
const decisions = useDecisions();
const { item, kind, bottle, holds, madeWords, keepsDays, reason, drinks, judgement, state } =
  useBottle(props);
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
