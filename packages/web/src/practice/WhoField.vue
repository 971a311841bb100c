<script setup lang="ts">
import { computed } from 'vue';
import { useLog } from '../household/use-log';
import { usePractice } from '../household/use-practice';
import SelectField from '../ui/SelectField.vue';

/** Whose practice it is, where several people live here. */
const log = useLog();
const practice = usePractice();
const people = computed(() => {
  const names = [...log.people.map((p) => p.name), ...(practice.by ? [practice.by] : [])];
  return [
    { value: '', title: 'Nobody by name' },
    ...[...new Set(names)].map((name) => ({ value: name, title: name })),
  ];
});
</script>

<template>
  <SelectField
    v-if="people.length > 1"
    class="who"
    label="Who practises"
    density="compact"
    :value="practice.by"
    :choices="people"
    @choose="practice.by = $event"
  />
</template>

<style scoped>
.who {
  flex: 0 1 190px;
}
</style>
