<script setup lang="ts">
import { MAX_EVENING_NAME } from '@uisce/core/evening';
import { useCatalogue } from '../household/use-catalogue';
import { useEvenings } from '../household/use-evenings';
import AppDialog from '../ui/AppDialog.vue';
import CannotFields from '../ui/CannotFields.vue';
import CheckField from '../ui/CheckField.vue';
import CheckGroup from '../ui/CheckGroup.vue';
import DateField from '../ui/DateField.vue';
import NumberField from '../ui/NumberField.vue';
import { TASTE_CHOICES } from '../words/trade-words';
import { listed } from '../words/use-words';
import { useEvening } from './use-evening';
import { say, useGuestDraft, useParty } from './use-guests';

/** Who comes and when. */
const catalogue = useCatalogue();
const evenings = useEvenings();
const { evening } = useEvening();
const { open, draft, trouble, inBook, add, edit, keep, forget, against, isKnown, remove, fromBook } =
  useGuestDraft();
const { thirst, setThirst, rename, known } = useParty();
</script>

<template>
  <section v-if="evening" class="panel" aria-labelledby="guests-title">
    <div class="panel-head">
      <h2 id="guests-title">Who comes, and when</h2>
      <v-btn @click="add()">Add a guest</v-btn>
    </div>
    <ul class="plain-list">
      <li v-for="g in evening.guests" :key="g.id">
        <button class="plain-button link" type="button" @click="edit(g)">{{ g.name }}</button>
        <span class="dim">{{ say(g, catalogue.kindInSentence) }}</span>
      </li>
      <li v-for="p in known()" :key="p.id">
        <v-btn @click="fromBook(p)">{{ p.name }} is there too</v-btn>
      </li>
    </ul>
    <div class="field-row">
      <v-text-field
        label="Called"
        :maxlength="MAX_EVENING_NAME"
        :model-value="evening.name"
        @change="rename(($event.target as HTMLInputElement).value)"
      />
      <DateField
        label="On"
        :value="evening.on"
        @change="$event && evenings.edit('Another day', { on: $event })"
      />
      <v-text-field
        type="time"
        label="First glass"
        :model-value="evening.from"
        @change="
          evenings.edit('Another hour', { from: ($event.target as HTMLInputElement).value || evening.from })
        "
      />
      <NumberField
        label="For"
        suffix="hours"
        :value="evening.hours"
        :least="1"
        :most="12"
        @change="$event && evenings.edit('How long', { hours: Math.round($event) })"
      />
      <NumberField
        label="Freezer"
        suffix="litres"
        :value="evening.freezerLitres"
        :least="1"
        :most="500"
        optional
        @change="evenings.edit('Room in the freezer', { freezerLitres: $event })"
      />
    </div>
    <div class="field-row">
      <NumberField
        v-for="(pours, hour) in thirst"
        :key="hour"
        :label="hour === 0 ? 'Each has, in the first hour' : `In hour ${hour + 1}`"
        suffix="pours"
        :value="pours"
        :least="0"
        :most="5"
        @change="setThirst(hour, $event)"
      />
    </div>
    <CheckField
      :model-value="evening.atWork"
      label="Nobody is at home from nine to five on weekdays"
      @update:model-value="evenings.edit('Hours at work', { atWork: $event })"
    />
    <button class="plain-button link dim" type="button" @click="evenings.giveUp()">Call it off</button>
    <AppDialog v-model="open" :title="draft?.name || 'A guest'" :width="540">
      <form v-if="draft" class="stack" @submit.prevent="keep">
        <v-text-field
          v-model="draft.name"
          label="Name"
          maxlength="60"
          :error-messages="trouble ? [trouble] : []"
        />
        <NumberField
          label="How many they are"
          suffix="people"
          :value="draft.count"
          :least="1"
          :most="30"
          @change="draft = { ...draft, count: Math.round($event ?? 1) }"
        />
        <CheckField v-model="draft.drives" label="Drives: nothing with alcohol" />
        <CheckGroup v-model="draft.likes" legend="Likes" :choices="TASTE_CHOICES" />
        <CannotFields v-model="draft" about="not at all" />
        <p v-if="against.length > 0" class="rust" role="status">
          {{ draft.name.trim() || 'Somebody' }} likes {{ listed(against) }} and cannot or will not have it:
          take one of the two back, or nothing pleases them.
        </p>
        <CheckField
          v-model="inBook"
          :label="isKnown ? 'Write it into the household’s book too' : 'Save them in the household’s book'"
        />
        <div class="buttons">
          <v-btn color="sea" type="submit">Save</v-btn>
          <v-btn v-if="evening.guests.some((g) => g.id === draft?.id)" @click="remove">Does not come</v-btn>
          <v-btn v-if="isKnown" @click="forget">Forget {{ draft.name }}</v-btn>
        </div>
      </form>
    </AppDialog>
  </section>
</template>

<style scoped>
li {
  display: flex;
  flex-wrap: wrap;
  gap: 0 12px;
  align-items: center;
}

.field-row {
  margin-top: 10px;
}
</style>
