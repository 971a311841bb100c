<script setup lang="ts">
import { computed } from 'vue';
import { contentG, pouredG, type BatchRecord } from '@uisce/core/bench';
import { useBatchWords } from '../words/batch-words';
import TypedReading from '../ui/TypedReading.vue';

/** What a scale of the reader's own shows for the part that is being poured, tared or jar and all. */
const props = defineProps<{ record: BatchRecord; readingG: number }>();
const emit = defineEmits<{ take: [grams: number, divisionG: number] }>();

const MAX_G = 20_000;

const { grams } = useBatchWords();
/** The jar and all that is in it: a scale that was not tared shows more than that. */
const beforeG = computed(() => {
  const { tared, jarG } = props.record;
  return tared ? 0 : jarG + contentG(props.record);
});
const label = computed(
  () => `Or your own scale, ${props.record.tared ? 'tared' : 'jar and all'}: ${grams(props.readingG)}`,
);
/** A scale that shows whole grams is met within one; one that shows tenths within a tenth. */
const FINE_G = 0.1;
const divisionG = (shown: number) => (Number.isInteger(shown) ? 1 : FINE_G);
</script>

<template>
  <TypedReading
    :label="label"
    suffix="g"
    :above="beforeG"
    :most="MAX_G"
    button="Mine shows this"
    @take="emit('take', pouredG($event, record), divisionG($event))"
  />
</template>
