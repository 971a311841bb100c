<script setup lang="ts">
import { computed, ref } from 'vue';
import { inGlass, refusalOf, sayRefusal, standardDrink } from '@uisce/core/drink';
import { servingOf, usualServing } from '@uisce/core/pouring';
import type { Bottle } from '@uisce/core/stock';
import { useCatalogue } from '../household/use-catalogue';
import { useLimits } from '../household/use-limits';
import { useLog } from '../household/use-log';
import { useSettings } from '../household/use-settings';
import { useStock } from '../household/use-stock';
import CautionLine from '../ui/CautionLine.vue';
import CheckField from '../ui/CheckField.vue';
import NumberField from '../ui/NumberField.vue';
import { useWords } from '../words/use-words';

/** A glass of one bottle by itself, neat, on ice or as wine: written down and counted like any drink. */
const props = defineProps<{ bottle: Bottle }>();

const catalogue = useCatalogue();
const settings = useSettings();
const limitsOf = useLimits();
const log = useLog();
const stock = useStock();
const words = useWords();

/** As strong as this bottle is, whichever of its kind is poured first. */
const kind = computed(() => {
  const usual = stock.here.kinds.get(props.bottle.kind);
  return usual && { ...usual, abv: props.bottle.abv ?? usual.abv };
});
const usualMl = computed(() => (kind.value ? usualServing(kind.value).ml : 0));
const own = ref<number | null>(null);
const ml = computed(() => own.value ?? usualMl.value);
const names = ref<string[]>([]);
const glasses = computed(() => Math.max(1, names.value.length));

const glass = computed(() =>
  kind.value
    ? inGlass(servingOf(kind.value, ml.value), new Map([...stock.here.kinds, [kind.value.id, kind.value]]))
    : undefined,
);
const people = computed(() =>
  log.people.map(({ name }) => {
    const refusal = glass.value && refusalOf(limitsOf(name), glass.value);
    return { name, why: refusal ? sayRefusal(refusal, (k) => catalogue.kindInSentence(k)) : '' };
  }),
);
const standard = computed(() => standardDrink(settings.current.locale));
const figure = computed(() =>
  glass.value && !glass.value.noAlcohol
    ? `${words.number(glass.value.figures.ethanolG / standard.value.g)} ${standard.value.word[1]} a glass`
    : 'no alcohol',
);
const isEnough = computed(() => (props.bottle.leftMl ?? Infinity) >= ml.value * glasses.value);
function toggle(name: string, on: boolean): void {
  names.value = on ? [...names.value, name] : names.value.filter((n) => n !== name);
}
function pour(): void {
  const served = names.value.filter((n) => people.value.some((p) => p.name === n && p.why === ''));
  log.pourNeat(props.bottle, { ml: ml.value, glasses: Math.max(1, served.length), for: served });
  names.value = [];
}
</script>

<template>
  <details v-if="kind && glass" class="neat">
    <summary class="link">Pour a glass of it by itself</summary>
    <div class="row">
      <NumberField
        label="In a glass"
        suffix="ml"
        :value="ml"
        :least="5"
        :most="1000"
        @change="own = $event"
      />
      <CheckField
        v-for="p in people"
        :key="p.name"
        :model-value="names.includes(p.name)"
        :label="p.name"
        :disabled="p.why !== ''"
        about="has one"
        @update:model-value="toggle(p.name, $event)"
      />
      <v-btn :disabled="!isEnough" @click="pour">It is poured</v-btn>
    </div>
    <p class="dim">{{ figure }}<template v-if="!isEnough">; there is not so much left in it</template>.</p>
    <template v-for="p in people" :key="p.name">
      <p v-if="p.why" class="rust">Not for {{ p.name }}: {{ p.why }}.</p>
    </template>
    <CautionLine v-if="!glass.noAlcohol">For adults of drinking age; nobody drives after it.</CautionLine>
  </details>
</template>

<style scoped>
.neat {
  margin-top: 10px;
}

.row {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 14px;
  align-items: center;
  margin-top: 8px;
}

/* An amount is short, however wide the card. */
.row > :first-child {
  flex: 0 1 150px;
}

summary {
  cursor: pointer;
}

p {
  margin: 4px 0;
}
</style>
