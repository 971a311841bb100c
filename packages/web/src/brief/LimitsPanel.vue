<script setup lang="ts">
import type { Brief } from '@uisce/core/plan';
import { HOW_BIG, SYRUPS, WINE } from './brief-choices';
import PriceFile from './PriceFile.vue';
import { usePlans } from '../household/use-plans';
import CautionLine from '../ui/CautionLine.vue';
import ChoiceRow from '../ui/ChoiceRow.vue';
import NumberField from '../ui/NumberField.vue';

/** How much there may be, how big bottles should be, what is made and kept, and at which prices. */
const props = defineProps<{ brief: Brief }>();
const plans = usePlans();

const edit = (change: string, part: Partial<Brief>) => plans.edit(change, { brief: part });
const limits = (part: Partial<Brief['limits']>) =>
  edit('Limits', { limits: { ...props.brief.limits, ...part } });
</script>

<template>
  <section class="panel" aria-labelledby="limits-title">
    <h2 id="limits-title">Limits, sizes and prices</h2>
    <div class="two">
      <NumberField
        label="At most"
        suffix="bottles"
        optional
        :value="brief.limits.bottles"
        :least="1"
        :most="500"
        @change="limits({ bottles: $event === null ? null : Math.round($event) })"
      />
      <NumberField
        label="Liquor kept at home"
        suffix="litres"
        optional
        :value="brief.limits.liquorMl === null ? null : brief.limits.liquorMl / 1000"
        :least="0.1"
        :most="1000"
        @change="limits({ liquorMl: $event === null ? null : Math.round($event * 1000) })"
      />
    </div>
    <CautionLine>
      How much liquor one may keep at home differs by place: ask your local authority, and set the limit here.
    </CautionLine>
    <ChoiceRow
      class="mt-4"
      name="how-big"
      legend="How big?"
      :value="brief.howBig"
      :choices="HOW_BIG"
      @choose="edit('How big', { howBig: $event })"
    />
    <NumberField
      label="We drink"
      suffix="drinks a week"
      :value="brief.drinksPerWeek"
      :least="1"
      :most="500"
      @change="edit('Drinks a week', { drinksPerWeek: Math.round($event ?? 1) })"
    />
    <p class="dim note">
      One bottle of a kind, of any size that pours so many glasses; what goes off sooner, as many as you drink
      by then. How far it all goes stands on the Plan.
    </p>
    <ChoiceRow
      name="wine"
      legend="Wine and bubbles"
      :value="brief.keepsWine ? 'keep' : 'day'"
      :choices="WINE"
      @choose="edit('Wine and bubbles', { keepsWine: $event === 'keep' })"
    />
    <ChoiceRow
      name="syrups"
      legend="Making syrups at home"
      :value="brief.makesSyrups ? (brief.mostTrouble === 3 ? 'love' : 'fine') : 'never'"
      :choices="SYRUPS"
      @choose="
        edit('Syrups', {
          makesSyrups: $event !== 'never',
          mostTrouble: $event === 'fine' ? 2 : 3,
        })
      "
    />
    <PriceFile class="mt-3" />
  </section>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 14px;
  align-items: start;
}

.note {
  margin: 0 0 12px;
  font-size: 0.9375rem;
}
</style>
