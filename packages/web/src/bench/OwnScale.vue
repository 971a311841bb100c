<script setup lang="ts">
import { computed } from 'vue';
import { pouredG, type BatchRecord } from '@uisce/core/bench';
import { useBatchWords } from '../words/batch-words';
import TypedReading from '../ui/TypedReading.vue';

/** What a scale of the reader's own shows for the part that is being poured, tared or jar and all. */
const props = defineProps<{ record: BatchRecord; readingG: number }>();
const emit = defineEmits<{ take: [grams: number] }>();

const MAX_G = 20_000;

const { grams } = useBatchWords();
/** The jar and all that is in it: a scale that was not tared shows more than that. */
const beforeG = computed(() => {
  const { tared, jarG, inG } = props.record;
  return tared ? 0 : inG.reduce((sum, g) => sum + g, jarG);
});
const label = computed(
  () => `Or your own scale, ${props.record.tared ? 'tared' : 'jar and all'}: ${grams(props.readingG)}`,
);
</script>

<template>
  <TypedReading
    :label="label"
    suffix="g"
    :above="beforeG"
    :most="MAX_G"
    button="Mine shows this"
    @take="emit('take', pouredG($event, record))"
  />
</template>
