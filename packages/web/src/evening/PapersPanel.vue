<script setup lang="ts">
import SelectField from '../ui/SelectField.vue';
import { MENU_LOOKS } from './paper/menu-pdf';
import { usePapers } from './use-papers';

/** On paper and in the calendar: the menu for the table, the list for the kitchen, the list for the shop, the schedule with alarms. */
const { look, printMenu, printSchedule, printShopping, toCalendar } = usePapers();
</script>

<template>
  <section class="panel" aria-labelledby="papers-title">
    <h2 id="papers-title">On paper, and in the calendar</h2>
    <div class="papers">
      <SelectField label="The menu looks like" :value="look" :choices="MENU_LOOKS" @choose="look = $event" />
      <v-btn @click="printMenu">The menu (PDF)</v-btn>
      <v-btn @click="printSchedule">What to do when (PDF)</v-btn>
      <v-btn @click="printShopping">Shopping list (PDF)</v-btn>
      <v-btn @click="toCalendar">Into the calendar, with alarms</v-btn>
    </div>
  </section>
</template>

<style scoped>
.papers {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
}

.papers > :first-child {
  flex: 1 1 240px;
}
</style>
