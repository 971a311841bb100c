<script setup lang="ts">
import { count, useWords } from '../words/use-words';
import ShelfDrawing from '../ui/shelf/ShelfDrawing.vue';
import DrinkNames from '../ui/DrinkNames.vue';
import SelectField from '../ui/SelectField.vue';
import { SHELF_MM, useComparison } from './use-comparison';

/** This plan beside another, as two shelves with their differences marked. */
const words = useWords();
const { scale, others, chosenId, other, theirs, failure, change, coldOnly, shelves, judgement, open } =
  useComparison();
</script>

<template>
  <div ref="box">
    <p v-if="others.length === 0">
      Duplicate this plan under “Plans”, change the copy, and compare the two here.
    </p>
    <template v-else>
      <SelectField
        class="which"
        label="Beside"
        :value="other?.id ?? ''"
        :choices="others.map((plan) => ({ value: plan.id, title: plan.name }))"
        @choose="chosenId = $event"
      />
      <p aria-live="polite">
        <strong v-if="judgement">{{ judgement }}</strong>
        <template v-else>{{ failure || 'Working out the other plan.' }}</template>
        <template v-if="change && open(change.added) + open(change.lost) > 0">
          Only there: <DrinkNames :ids="change.added" />. Only here: <DrinkNames :ids="change.lost" />.
        </template>
      </p>
      <section v-for="shelf in shelves" :key="shelf.name" class="shelf">
        <h3>
          {{ shelf.name }}
          <small v-if="shelf.result" class="dim"
            >· {{ words.price(shelf.result.answer.spend) }},
            {{ count(shelf.result.drinksMade, 'drink') }}</small
          >
        </h3>
        <ShelfDrawing
          v-if="shelf.entries.length > 0"
          :entries="shelf.entries"
          :length-mm="SHELF_MM"
          :scale="scale"
          kind="shelf"
          :label="`Bottles of ${shelf.name}`"
          :selected-id="undefined"
        />
      </section>
      <p class="dim">Bottles that only one of the two has stand first, marked “only here”.</p>
      <p v-if="theirs" class="dim">
        In the cold and the cupboard, only here: {{ coldOnly.here }}; only there: {{ coldOnly.there }}.
      </p>
    </template>
  </div>
</template>

<style scoped>
.which {
  max-width: 280px;
  margin-bottom: 10px;
}

.shelf h3 {
  margin: 8px 0 2px;
  font-size: 1rem;
}
</style>
