<script setup lang="ts">
import { lowerFirst } from '@uisce/core/base';
import { orderAdvice, takesHerbs, wearReminders } from '@uisce/core/kit';
import { computed } from 'vue';
import { useAnswer } from '../solver/use-answer';
import { useKit } from '../household/use-kit';
import { usePlans } from '../household/use-plans';
import { useCatalogue } from '../household/use-catalogue';
import { useJudgement } from '../words/judgement';
import { useToday } from '../household/use-today';
import { useWords } from '../words/use-words';
import CautionLine from '../ui/CautionLine.vue';
import { useOwnership } from './use-ownership';
import { useWall } from './use-wall';
import CheckField from '../ui/CheckField.vue';

const answers = useAnswer();
const kits = useKit();
const plans = usePlans();
const catalogue = useCatalogue();
const words = useWords();
const { makeUp } = useJudgement();
const { priceOf } = useWall();
const { toggleTool } = useOwnership();
const today = useToday();

const order = computed(() =>
  orderAdvice(
    {
      entertains: kits.kit.entertains,
      makesSyrups: plans.brief?.makesSyrups ?? false,
      bottles: makeUp.value.bought + makeUp.value.owned,
      herbs: takesHerbs(
        answers.made.flatMap((d) => catalogue.recipes.get(d.id) ?? []),
        catalogue.kinds,
      ),
    },
    kits.kit,
  ).map((advice) => ({
    ...advice,
    name: catalogue.tools.get(advice.toolId)?.name ?? advice.toolId,
    price: priceOf(advice.toolId),
  })),
);
const lacking = computed(() => order.value.filter((o) => !o.owned));
const lackingMinor = computed(() => lacking.value.reduce((sum, o) => sum + (o.price ?? 0), 0));
const reminders = computed(() => wearReminders(kits.kit, catalogue.all, today.iso()));
const handWash = computed(() =>
  kits.kit.tools.flatMap(({ id }) => {
    const tool = catalogue.tools.get(id);
    return tool?.dishwasher === undefined ? [] : [{ name: tool.name, why: tool.dishwasher }];
  }),
);
const cautions = computed(() =>
  [
    ...kits.kit.tools.map((t) => catalogue.tools.get(t.id)),
    ...kits.kit.kitchen.map((id) => catalogue.all.kitchen.find((t) => t.id === id)),
  ].flatMap((thing) => (thing?.caution === undefined ? [] : [{ name: thing.name, words: thing.caution }])),
);
</script>

<template>
  <section class="panel" aria-labelledby="order-title">
    <h2 id="order-title">
      Order and care
      <small class="dim"
        >·
        {{
          lacking.length === 0 ? 'all there' : `${lacking.length} lacking, ${words.price(lackingMinor)}`
        }}</small
      >
    </h2>
    <ul class="plain-list">
      <li v-for="o in order" :key="o.toolId" class="row">
        <CheckField :model-value="o.owned" :label="o.name" @update:model-value="toggleTool(o.toolId)"
          ><strong>{{ o.name }}</strong> <span class="dim">{{ o.why }}</span></CheckField
        >
        <span v-if="!o.owned && o.price !== undefined" class="price">{{ words.price(o.price) }}</span>
      </li>
    </ul>
    <template v-if="reminders.length > 0">
      <h3>Look at, and replace when worn</h3>
      <ul class="plain-list">
        <li v-for="r in reminders" :key="r.tool.id" class="row">
          <span
            ><strong>{{ r.tool.name }}, {{ r.tool.wears?.part }}</strong>
            <span class="dim"> · {{ r.tool.wears?.look }}</span></span
          >
          <span :class="r.overdue ? 'rust' : 'dim price'">{{ r.overdue ? 'now' : words.day(r.due) }}</span>
        </li>
      </ul>
    </template>
    <template v-if="handWash.length > 0">
      <h3>Not in the dishwasher</h3>
      <p v-for="h in handWash" :key="h.name" class="dim">
        <strong>{{ h.name }}</strong>: {{ lowerFirst(h.why) }}
      </p>
    </template>
    <CautionLine v-for="c in cautions" :key="c.name"
      ><strong>{{ c.name }}.</strong> {{ c.words }}</CautionLine
    >
  </section>
</template>

<style scoped>
h3 {
  margin: 14px 0 4px;
  font-size: 0.9375rem;
}

p {
  margin: 0 0 4px;
}

.row {
  display: flex;
  gap: 12px;
  justify-content: space-between;
  align-items: center;
  min-height: 44px;
  padding: 4px 0;
  border-bottom: 1px solid rgb(var(--v-theme-line));
}

.price {
  white-space: nowrap;
}

.rust {
  color: rgb(var(--v-theme-rust));
  font-weight: 700;
}
</style>
