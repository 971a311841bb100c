<script setup lang="ts">
import { useEventListener } from '@vueuse/core';
import { computed, onMounted, ref } from 'vue';
import { useTheme } from 'vuetify';
import { listed, upperFirst } from '@uisce/core/base';
import { standardDrink } from '@uisce/core/drink';
import type { GuestDrink } from '@uisce/core/evening';
import CautionLine from '../ui/CautionLine.vue';
import CheckField from '../ui/CheckField.vue';
import CheckGroup from '../ui/CheckGroup.vue';
import { ALLERGEN_CHOICES, ALLERGEN_WORDS } from '../words/trade-words';
import { useGuestPage } from './use-guest-page';

/** The menu of an evening on a guest's telephone: what there is, what is in it, how strong it is, and asking for one. */
const key = location.pathname.split('/').at(-1) ?? '';
const { view, trouble, said, me, isNamed, load, against, ask } = useGuestPage(key);
onMounted(load);
// Looked at again, it may have changed.
useEventListener(document, 'visibilitychange', () => {
  if (document.visibilityState === 'visible') void load();
});

/** What somebody cannot have is asked in a fold; whoever said something sees it. */
const saysCannot = ref(me.value.cannot.length + me.value.without.length > 0 || me.value.noAlcohol);
const theme = useTheme();
const isNight = computed(() => theme.global.name.value === 'night');
const format = (options: Intl.NumberFormatOptions) =>
  new Intl.NumberFormat(view.value?.locale ?? 'en-IE', options);
const when = computed(() =>
  view.value
    ? `${new Intl.DateTimeFormat(view.value.locale, { weekday: 'long', day: 'numeric', month: 'long', timeZone: 'UTC' }).format(new Date(`${view.value.on}T00:00:00Z`))}, from ${view.value.from}`
    : '',
);
const parts = (d: GuestDrink) => upperFirst(listed(d.parts));
const LITTLE_ABV = 0.0005;
function strength({ abv, ethanolG, noAlcohol }: GuestDrink): string {
  if (noAlcohol) return abv < LITTLE_ABV ? 'Without alcohol' : 'Without alcohol: under 0.5 % vol';
  const standard = standardDrink(view.value?.locale ?? 'en-IE');
  const percent = format({ style: 'percent', minimumFractionDigits: 1, maximumFractionDigits: 1 }).format(
    abv,
  );
  return `${percent} vol, ${format({ maximumFractionDigits: 1 }).format(ethanolG / standard.g)} ${standard.word[1]}`;
}
const contains = ({ allergens, mayHold, unknown }: GuestDrink) =>
  [
    allergens.length > 0 ? `contains ${listed(allergens.map((a) => ALLERGEN_WORDS[a]))}` : '',
    mayHold.length > 0 ? `may hold ${listed(mayHold.map((a) => ALLERGEN_WORDS[a]))}` : '',
    unknown.length > 0 ? `not known what is in the ${listed(unknown)}` : '',
  ]
    .filter(Boolean)
    .join('; ');
</script>

<template>
  <v-app>
    <main class="page">
      <header v-if="view">
        <p class="dim house">{{ view.house || 'The house' }}</p>
        <h1>{{ view.name }}</h1>
        <p class="dim">{{ when }}</p>
      </header>
      <h1 v-else-if="!trouble">The menu is on its way</h1>
      <h1 v-else>No menu here</h1>
      <p v-if="trouble" class="rust" role="alert">{{ trouble }}.</p>
      <p v-if="said" class="sea" role="status">{{ said }}</p>
      <template v-if="view">
        <section v-if="view.asks" class="panel" aria-labelledby="me-title">
          <h2 id="me-title">You</h2>
          <v-text-field
            v-model="me.name"
            label="Your name, to ask for a drink"
            maxlength="40"
            autocomplete="given-name"
          />
          <button
            class="plain-button link"
            type="button"
            :aria-expanded="saysCannot"
            @click="saysCannot = !saysCannot"
          >
            What you cannot have
          </button>
          <template v-if="saysCannot">
            <CheckField v-model="me.noAlcohol" label="I drink no alcohol" />
            <CheckGroup v-model="me.cannot" legend="I cannot have" :choices="ALLERGEN_CHOICES" />
            <v-autocomplete
              v-model="me.without"
              :items="view.ingredients"
              item-title="name"
              item-value="id"
              label="Nor any of these ingredients"
              multiple
              chips
              closable-chips
            />
          </template>
        </section>
        <section aria-label="The menu">
          <ul class="plain-list">
            <li v-for="d in view.drinks" :key="d.id" class="drink" :class="{ past: against(d) }">
              <h2>{{ d.name }}</h2>
              <p>{{ parts(d) }}</p>
              <p class="dim">
                <span :class="{ free: d.noAlcohol }">{{ strength(d) }}</span><template v-if="contains(d)">
                  · {{ contains(d) }}</template
                >
              </p>
              <p v-if="against(d)" class="rust">Not for you: {{ against(d) }}.</p>
              <v-btn
                v-else-if="view.asks"
                :disabled="!isNamed"
                :aria-label="`Ask for ${d.name}`"
                @click="ask(d)"
                >Ask for one</v-btn
              >
            </li>
          </ul>
          <p v-if="!view.isWhole" class="dim">The rest of the menu is being chosen.</p>
        </section>
        <section v-if="me.asked.length > 0" class="panel" aria-labelledby="asked-title">
          <h2 id="asked-title">You asked for</h2>
          <ul class="plain-list">
            <li v-for="a in me.asked" :key="a.at">
              {{ a.drink }},
              {{ new Intl.DateTimeFormat(view.locale, { timeStyle: 'short' }).format(new Date(a.at)) }}
            </li>
          </ul>
        </section>
        <CautionLine>
          Tell the house what you cannot have before you drink: this list is of what is usually in it. Water
          is on the table. Nobody drives after a drink, and who is under age has none.
        </CautionLine>
      </template>
      <p>
        <button class="plain-button link dim" type="button" @click="theme.change(isNight ? 'day' : 'night')">
          {{ isNight ? 'Lighter' : 'Darker' }}
        </button>
      </p>
    </main>
  </v-app>
</template>

<style scoped>
.page {
  display: grid;
  align-content: start;
  gap: 14px;
  width: 100%;
  max-width: 560px;
  margin: 0 auto;
  padding: 20px 16px 40px;
  color: rgb(var(--v-theme-ink));
}

h1 {
  margin: 0;
  font-size: 1.9rem;
  line-height: 1.2;
}

p,
.house {
  margin: 0;
}

.drink {
  display: grid;
  gap: 4px;
  justify-items: start;
  padding: 14px 0;
  border-block-end: 1px solid rgb(var(--v-theme-line));
}

.drink h2 {
  margin: 0;
  font-size: 1.35rem;
}

.past h2 {
  color: rgb(var(--v-theme-dim));
}

.free {
  padding: 1px 8px;
  color: rgb(var(--v-theme-sea));
  border: 1px solid currentcolor;
  border-radius: var(--radius);
}

.sea {
  color: rgb(var(--v-theme-sea));
  font-weight: 650;
}
</style>
