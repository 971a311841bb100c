<script setup lang="ts">
import { computed } from 'vue';
import { freshAWeekMinor } from '@uisce/core/plan';
import { useAboutSet } from '../solver/use-about-set';
import { useAnswer } from '../solver/use-answer';
import { useCurve } from '../solver/use-curve';
import { usePlans } from '../household/use-plans';
import { useJudgement } from '../words/judgement';
import { count, useWords } from '../words/use-words';
import CurrencyMismatch from './CurrencyMismatch.vue';
import PlanSwitcher from './PlanSwitcher.vue';

const answers = useAnswer();
const curve = useCurve();
const plans = usePlans();
const words = useWords();
const { found: enough } = useAboutSet('enough');
/** What is bought on the day is beside the money: said as soon as it has been counted. */
const freshWords = computed(() => {
  if (!enough.value || !plans.brief) return '';
  const aWeek = freshAWeekMinor(enough.value.freshMinor, plans.brief);
  const aside = plans.brief.freshMinor;
  if (aWeek + aside === 0) return '';
  const taken = `fresh things about ${words.price(aWeek)} a week`;
  return aside > 0 ? `${words.price(aside)} set aside for fresh things; ${taken}` : taken;
});
const {
  open,
  promise,
  besideWords,
  withWords,
  lensWords,
  obstacleWords,
  leftOver,
  nextMove,
  certainty,
  makeUp,
} = useJudgement();
</script>

<template>
  <header class="sentence">
    <div aria-live="polite" aria-atomic="true">
      <template v-if="curve.preview">
        <h1>
          {{ words.money(curve.previewMinor ?? 0) }} makes
          <span class="copper">{{ count(curve.preview.point.drinksMade, 'drink') }}</span>
        </h1>
        <p>
          <strong :class="{ proven: curve.preview.proven }">{{
            curve.preview.proven ? 'Proven best' : 'A good set'
          }}</strong>
          · {{ words.price((curve.previewMinor ?? 0) - curve.preview.point.spend) }} left over
        </p>
      </template>
      <template v-else>
        <h1 v-if="!plans.brief || !answers.result">Working out what your money makes</h1>
        <h1 v-else-if="answers.result.answer.status === 'infeasible'">
          {{ words.money(plans.brief.moneyNowMinor) }} does not meet what you ask for
        </h1>
        <h1 v-else-if="plans.brief.moneyNowMinor === 0 && makeUp.owned === 0">
          Say what you can spend, and see what it makes
        </h1>
        <h1 v-else>
          {{ words.money(plans.brief.moneyNowMinor) }} makes
          <span class="copper">{{ count(open, 'drink') }}</span> {{ withWords }}
        </h1>
        <p>
          <strong :class="{ proven: answers.proven }">{{ certainty }}</strong><template v-if="promise"
            >: {{ promise }}</template
          >
          <template v-if="obstacleWords"> · {{ obstacleWords }}</template>
          <template v-else-if="answers.result">
            <template v-if="besideWords"> · {{ besideWords }}</template> ·
            {{ words.price(Math.max(0, leftOver)) }} left over<template v-if="freshWords">
              · {{ freshWords }}</template
            ><template v-if="nextMove">
              ·
              <strong>{{
                nextMove.more > 0
                  ? `${words.price(nextMove.more)} more`
                  : nextMove.isKit
                    ? 'What it takes'
                    : 'The next bottle'
              }}</strong>
              adds {{ nextMove.adds.length }}: {{ nextMove.name }}</template
            >
          </template>
          <template v-if="lensWords"> · {{ lensWords }}</template>
        </p>
      </template>
      <CurrencyMismatch />
    </div>
    <PlanSwitcher />
  </header>
</template>

<style scoped>
.sentence {
  display: flex;
  gap: 20px;
  justify-content: space-between;
  align-items: flex-start;

  /* Room for two lines of answer and two below: what is under the hand does not move when it comes. */
  min-height: 118px;
  margin-bottom: 14px;
}

p {
  color: rgb(var(--v-theme-dim));
}

strong {
  color: rgb(var(--v-theme-ink));
}

@media (max-width: 600px) {
  .sentence {
    flex-direction: column;
    gap: 10px;
  }
}
</style>
