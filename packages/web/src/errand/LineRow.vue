<script setup lang="ts">
import { mdiCheck } from '@mdi/js';
import { computed, ref } from 'vue';
import { foldText, moneyStepMinor } from '@uisce/core/base';
import { lineMinor, priceOf, type ErrandLine } from '@uisce/core/errand';
import { useErrands } from '../household/use-errands';
import CheckField from '../ui/CheckField.vue';
import MoneyField from '../ui/MoneyField.vue';
import { useWords } from '../words/use-words';
import { useErrand } from './use-errand';

/** One line of the list: ticked by a tap anywhere on it; its price opens what was found in the shop. */
const props = defineProps<{ line: ErrandLine; onWay: boolean }>();

const errands = useErrands();
const words = useWords();
const { wareName, wareInSentence, wareSize } = useErrand();

const open = ref(false);
const name = computed(() => wareName(props.line.ware));
const spoken = computed(() => wareInSentence(props.line.ware));
/** Its own words for a label; what says no more than the name is left out. */
const about = computed(() => {
  const { label, count, ware } = props.line;
  const says = foldText(label) === foldText(name.value) ? '' : label;
  const named = ware.is === 'bottle' || ware.is === 'tool' ? says : '';
  const many = count > 1 ? `${count} × ` : '';
  const day = props.line.by ? `by ${words.weekday(props.line.by)}` : '';
  return [named, `${many}${wareSize(ware)}`, day].filter((p) => p !== '').join(', ');
});
const STATE_WORDS = { wanted: '', basket: '', missing: 'not there', left: 'left there' };
const said = computed(() => STATE_WORDS[props.line.state]);
const isTicked = computed(() => props.line.state === 'basket');
const found = computed(() => {
  const { foundMinor, listedMinor } = props.line;
  return foundMinor === null || foundMinor === listedMinor ? 0 : foundMinor - listedMinor;
});
const edit = (change: string, part: Partial<ErrandLine>) => errands.editLine(props.line.id, change, part);

function tick(): void {
  const state = isTicked.value ? 'wanted' : 'basket';
  edit(`${isTicked.value ? 'Put back' : 'Took'} ${spoken.value}`, { state });
}
function price(foundMinor: number): void {
  edit(`Price of ${spoken.value}`, { foundMinor });
}
/** A tenth of what the keys move money by: 50 cents. */
const step = computed(() => Math.max(1, Math.round(moneyStepMinor(words.currency()) / 10)));
const move = (by: number) => price(Math.max(0, priceOf(props.line) + by));
function gone(): void {
  const state = props.line.state === 'missing' ? 'wanted' : 'missing';
  edit(`${name.value} ${state === 'missing' ? 'was not there' : 'was there after all'}`, { state });
  open.value = false;
}
</script>

<template>
  <li :class="[line.state, { open }]">
    <div class="row">
      <button
        v-if="onWay"
        type="button"
        class="plain-button tick"
        :aria-pressed="isTicked"
        :disabled="line.state === 'missing'"
        @click="tick"
      >
        <span class="box" aria-hidden="true">
          <svg v-if="isTicked" viewBox="0 0 24 24"><path :d="mdiCheck" /></svg>
        </span>
        <span class="words"
          ><strong>{{ name }}</strong> <small class="dim">{{ said || about }}</small></span
        >
      </button>
      <div v-else class="tick plain">
        <span class="words"
          ><strong>{{ name }}</strong> <small class="dim">{{ about }}</small></span
        >
      </div>
      <button
        v-if="onWay"
        type="button"
        class="plain-button price"
        :aria-expanded="open"
        :aria-label="`${name}, ${words.price(lineMinor(line))}: what was found`"
        @click="open = !open"
      >
        {{ words.price(lineMinor(line)) }}
        <small v-if="found !== 0" :class="found > 0 ? 'rust' : 'sea'"
          >{{ found > 0 ? '+' : '−' }}{{ words.price(Math.abs(found)) }}</small
        >
      </button>
      <span v-else class="price">{{ words.price(lineMinor(line)) }}</span>
    </div>
    <div v-if="open" class="found">
      <v-btn :aria-label="`${words.price(step)} less`" @click="move(-step)">−</v-btn>
      <MoneyField
        :label="line.count > 1 ? `One ${spoken} costs` : `${name} costs`"
        :minor="priceOf(line)"
        @change="price"
      />
      <v-btn :aria-label="`${words.price(step)} more`" @click="move(step)">+</v-btn>
      <CheckField
        :model-value="line.onOffer"
        label="On offer today"
        @update:model-value="edit(`Offer of ${spoken}`, { onOffer: $event })"
      />
      <v-btn class="gone" @click="gone">{{ line.state === 'missing' ? 'It is there' : 'Not there' }}</v-btn>
    </div>
  </li>
</template>

<style scoped>
li {
  border-bottom: 1px solid rgb(var(--v-theme-line));
}

.row {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  align-items: stretch;
  min-height: 56px;
}

.tick {
  display: grid;
  grid-template-columns: 32px minmax(0, 1fr);
  gap: 12px;
  align-items: center;
  text-align: start;
}

.tick.plain {
  grid-template-columns: minmax(0, 1fr);
}

.box {
  display: grid;
  place-items: center;
  width: 28px;
  height: 28px;
  border: 2px solid rgb(var(--v-theme-dim));
  border-radius: var(--radius);
}

.basket .box {
  color: rgb(var(--v-theme-panel));
  background: rgb(var(--v-theme-sea));
  border-color: rgb(var(--v-theme-sea));
}

.box svg {
  width: 22px;
  fill: currentcolor;
}

.words {
  display: flex;
  flex-direction: column;
}

.words strong {
  font-size: 1.0625rem;
}

.words small {
  font-size: 0.9375rem;
}

.basket strong,
.missing strong,
.left strong {
  font-weight: 400;
  text-decoration: line-through;
}

.price {
  display: flex;
  flex-direction: column;
  justify-content: center;
  min-width: 84px;
  padding-inline-start: 10px;
  text-align: end;
}

button.price {
  text-decoration: underline;
  text-underline-offset: 3px;
}

.found {
  display: grid;
  grid-template-columns: 48px minmax(110px, 160px) 48px minmax(0, 1fr);
  gap: 8px 10px;
  align-items: center;
  padding: 4px 0 12px;
}

.found .v-btn {
  min-width: 48px;
  height: 48px;
}

.found .gone {
  justify-self: end;
  grid-column: 1 / -1;
}

.sea {
  color: rgb(var(--v-theme-sea));
}

@media (max-width: 480px) {
  .found {
    grid-template-columns: 48px minmax(0, 1fr) 48px;
  }

  .found > :nth-child(4) {
    grid-column: 1 / -1;
  }
}
</style>
