<script setup lang="ts">
import { mdiMinus, mdiPlus } from '@mdi/js';
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import { upperFirst } from '@uisce/core/base';
import { bottlesFor, compileRound, MAX_GLASSES, sayOrder } from '@uisce/core/pouring';
import type { Bottle } from '@uisce/core/stock';
import { useCatalogue } from '../household/use-catalogue';
import { useLog } from '../household/use-log';
import { useStock } from '../household/use-stock';
import { useToday } from '../household/use-today';
import CheckField from '../ui/CheckField.vue';
import DateField from '../ui/DateField.vue';
import SelectField from '../ui/SelectField.vue';
import TabRow from '../ui/TabRow.vue';
import { count, useWords } from '../words/use-words';
import { useDrinkWords } from './use-drink-words';
import { useOrder } from '../household/use-order';

/** The round that is put together: how many of each, for whom, measured how. */
const log = useLog();
const order = useOrder();
const router = useRouter();
const say = useDrinkWords();
const today = useToday();
const stock = useStock();
const catalogue = useCatalogue();
const words = useWords();

const WAYS = [
  { value: 'measure', words: 'by measure' },
  { value: 'scale', words: 'by weight' },
] as const;
const compiled = computed(() =>
  order.orders.value.length === 0
    ? undefined
    : compileRound(order.orders.value, log.bar.kit, log.bar.catalogue, log.bar.kinds),
);
const explained = computed(() => (compiled.value ? sayOrder(compiled.value, say.nameOf) : ''));
/** Parts that more than one bottle could give, each with its bottles. */
function bottleChoices({ pourable, drink }: (typeof order.lines.value)[number]['now']) {
  return [...new Set(drink.slots.map((s) => s.kind))].flatMap((kind) => {
    const bottles = bottlesFor(pourable.recipe, kind, stock.standing, stock.here.kinds);
    // Four cans of one soda are no choice.
    const unlike = new Set(bottles.map((b) => [b.kind, b.label, b.abv, b.sipping].join('|')));
    if (unlike.size < 2) return [];
    const titleOf = (b: Bottle) => {
      const named = [catalogue.kinds.get(b.kind)?.name ?? b.kind, b.label ?? ''].filter(Boolean).join(', ');
      const left = b.leftMl === null ? '' : ` · ${words.number(b.leftMl, 0)} ml left`;
      return `${named}${left}${b.sipping ? ' · kept for sipping' : ''}`;
    };
    const usual = { value: null, title: 'as usual, what is open first' };
    return [{ kind, choices: [usual, ...bottles.map((b) => ({ value: b.id, title: titleOf(b) }))] }];
  });
}
/** Each with its optional parts that are here. */
const lines = computed(() =>
  order.lines.value.map((l) => ({
    ...l,
    choices: bottleChoices(l.now),
    optional: [...new Set(l.now.drink.slots.filter((s) => s.optional).map((s) => s.kind))],
  })),
);
const day = ref<string | null>(null);

function toggle(drink: string, was: readonly string[], name: string, on: boolean): void {
  order.setFor(drink, on ? [...was, name] : was.filter((n) => n !== name));
}
/** Who of the household cannot have it, and why. */
const notFor = (drink: string) =>
  log.people.flatMap((p) => {
    const why = order.against(drink, p.name);
    if (why !== '') return [`Not for ${p.name}: ${why}.`];
    const line = order.lines.value.find((l) => l.drink === drink);
    const asks = p.drives && line?.for.includes(p.name) && !line.now.glass.noAlcohol;
    return asks ? [`${p.name} drives as a rule: not tonight, if this is for them.`] : [];
  });
async function make(): Promise<void> {
  order.make();
  await router.push('/pour/round');
}
function writeDown(): void {
  order.writeDown(day.value && day.value <= today.iso() ? day.value : undefined);
  day.value = null;
}
</script>

<template>
  <section class="panel" aria-labelledby="tray-title">
    <h2 id="tray-title">
      This round
      <small v-if="order.glasses.value > 0" class="dim"
        >· {{ count(order.glasses.value, 'glass', 'glasses')
        }}<template v-if="compiled">, about {{ say.time(compiled.seconds) }}</template></small
      >
    </h2>
    <p v-if="order.lines.value.length === 0" class="dim">
      Tap a drink, and it stands here; several are made in one go, up to {{ MAX_GLASSES }} glasses.
    </p>
    <ul v-else class="plain-list">
      <li v-for="line in lines" :key="line.drink">
        <div class="line">
          <span>{{ line.name }}</span>
          <span class="steps">
            <v-btn
              class="icon"
              :aria-label="`One ${line.name} fewer`"
              @click="order.setCount(line.drink, line.count - 1)"
            >
              <svg viewBox="0 0 24 24" aria-hidden="true"><path :d="mdiMinus" /></svg>
            </v-btn>
            <strong>{{ line.count }}</strong>
            <v-btn
              class="icon"
              :aria-label="`One ${line.name} more`"
              :disabled="order.glasses.value >= MAX_GLASSES"
              @click="order.setCount(line.drink, line.count + 1)"
            >
              <svg viewBox="0 0 24 24" aria-hidden="true"><path :d="mdiPlus" /></svg>
            </v-btn>
          </span>
        </div>
        <div v-if="log.people.length > 0" class="who">
          <CheckField
            v-for="p in log.people"
            :key="p.id"
            :model-value="line.for.includes(p.name)"
            :label="p.name"
            :disabled="!line.for.includes(p.name) && order.against(line.drink, p.name) !== ''"
            :about="`drinks the ${line.name}`"
            @update:model-value="toggle(line.drink, line.for, p.name, $event)"
          />
        </div>
        <div v-if="line.optional.length > 0" class="who">
          <CheckField
            v-for="kind in line.optional"
            :key="kind"
            :model-value="!line.without?.includes(kind)"
            :label="`With ${say.nameOf(kind)}`"
            :about="`in the ${line.name}; it is as good without`"
            @update:model-value="order.setWithout(line.drink, kind, !$event)"
          />
        </div>
        <details v-if="line.choices.length > 0" class="which">
          <summary class="link">Which bottle</summary>
          <SelectField
            v-for="{ kind, choices } in line.choices"
            :key="kind"
            :label="upperFirst(say.nameOf(kind))"
            :value="line.chosen?.[kind] ?? null"
            :choices="choices"
            @choose="order.choose(line.drink, kind, $event)"
          />
        </details>
        <p v-for="why in notFor(line.drink)" :key="why" class="rust small">{{ why }}</p>
      </li>
    </ul>
    <template v-if="order.lines.value.length > 0">
      <p v-for="why in order.refused.value" :key="why" class="rust" role="alert">{{ why }}</p>
      <p v-if="explained" class="dim small">{{ explained }}</p>
      <TabRow v-model="order.way.value" name="measured-by" legend="Measured" :choices="WAYS" show-legend />
      <div class="buttons">
        <v-btn color="sea" :disabled="log.round !== null || order.refused.value.length > 0" @click="make"
          >Make it, step by step</v-btn
        >
        <p v-if="log.round" class="dim small">A round is half made: finish it first, or cancel it.</p>
        <details>
          <summary class="link">Already poured? Write it down</summary>
          <DateField label="On the evening of (today, if empty)" :value="day" @change="day = $event" />
          <v-btn @click="writeDown">Write it down</v-btn>
        </details>
      </div>
    </template>
  </section>
</template>

<style scoped>
.line {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 10px;
  font-weight: 650;
}

.steps {
  display: flex;
  align-items: center;
  gap: 6px;
}

.icon {
  min-width: 44px;
  padding: 0;
}

.icon svg {
  width: 20px;
  fill: currentcolor;
}

.who {
  display: flex;
  flex-wrap: wrap;
  gap: 0 12px;
}

.which {
  display: grid;
  gap: 8px;
}

.small {
  font-size: 0.9375rem;
}

.buttons {
  display: grid;
  gap: 8px;
  margin-top: 8px;
}

details > * {
  margin-top: 8px;
}

summary {
  cursor: pointer;
}
</style>
