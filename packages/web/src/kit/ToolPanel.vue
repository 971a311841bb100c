<script setup lang="ts">
import { lowerFirst } from '@uisce/core/base';
import { computed } from 'vue';
import { useKit } from '../household/use-kit';
import { useCatalogue } from '../household/use-catalogue';
import { listed, useWords } from '../words/use-words';
import CautionLine from '../ui/CautionLine.vue';
import { useOwnership } from './use-ownership';
import { useWall } from './use-wall';
import DateField from '../ui/DateField.vue';

/** What is to be known of the tool, or the kitchen's thing, that was tapped last. */
const props = defineProps<{ id: string }>();
defineEmits<{ close: [] }>();

const kits = useKit();
const catalogue = useCatalogue();
const words = useWords();
const { priceOf } = useWall();
const { setSince } = useOwnership();

const tool = computed(() => catalogue.tools.get(props.id));
const thing = computed(() => catalogue.all.kitchen.find((t) => t.id === props.id));
const name = computed(() => tool.value?.name ?? thing.value?.name ?? '');
const held = computed(() => kits.kit.tools.find((t) => t.id === props.id));
const techniques = computed(() =>
  catalogue.all.techniques.filter(
    (t) =>
      tool.value?.techniques.includes(t.id) ||
      t.needs.some((n) => n.tools.includes(props.id) || n.kitchen.includes(props.id)),
  ),
);
const cautions = computed(() => [
  ...new Set(
    [tool.value?.caution, thing.value?.caution, ...techniques.value.map((t) => t.caution)].filter(
      (c) => c !== undefined,
    ),
  ),
]);
const instead = computed(() => {
  const ids = new Set(
    techniques.value
      .flatMap((t) => t.needs)
      .filter((n) => n.tools.includes(props.id))
      .flatMap((n) => n.kitchen),
  );
  return catalogue.all.kitchen.filter((t) => ids.has(t.id)).map((t) => lowerFirst(t.name));
});
const price = computed(() => priceOf(props.id));
</script>

<template>
  <div class="detail" aria-live="polite">
    <div class="head">
      <strong>{{ name }}</strong>
      <span class="dim"
        >for {{ listed(techniques.map((t) => lowerFirst(t.name))) }}
        <template v-if="price !== undefined && !held"> · {{ words.price(price) }}</template></span
      >
      <button class="plain-button link" type="button" @click="$emit('close')">Close</button>
    </div>
    <p v-if="tool?.note">{{ tool.note }}</p>
    <p v-if="thing">What it makes hard: {{ lowerFirst(thing.hard) }}</p>
    <p v-if="instead.length > 0" class="dim">The kitchen has instead: {{ listed(instead) }}.</p>
    <p v-if="tool?.dishwasher" class="dim">Not in the dishwasher: {{ lowerFirst(tool.dishwasher) }}</p>
    <p v-if="tool?.wears" class="dim">
      Look at the {{ tool.wears.part }} every {{ tool.wears.months }} months: {{ tool.wears.look }}.
    </p>
    <DateField
      v-if="held"
      class="since"
      label="Yours since"
      :value="held.since"
      @change="setSince(id, $event)"
    />
    <CautionLine v-for="caution in cautions" :key="caution">{{ caution }}</CautionLine>
  </div>
</template>

<style scoped>
.detail {
  position: sticky;
  bottom: 10px;
  z-index: 2;
  margin-top: 12px;
  padding: 12px 14px;
  border: 1px solid rgb(var(--v-theme-line));
  border-radius: var(--radius);
  background: rgb(var(--v-theme-wall));
}

.head {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: baseline;
}

.link {
  margin-inline-start: auto;
  min-height: 32px;
}

p {
  margin: 4px 0 0;
}

.since {
  max-width: 240px;
  margin-top: 10px;
}

@media (max-width: 820px) {
  .detail {
    bottom: 76px;
  }
}
</style>
