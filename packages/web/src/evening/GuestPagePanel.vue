<script setup lang="ts">
import { computed, onMounted } from 'vue';
import { RouterLink } from 'vue-router';
import { useEvenings } from '../household/use-evenings';
import { useHomeNetwork } from '../household/use-home-network';
import CheckField from '../ui/CheckField.vue';
import QrCode from '../ui/QrCode.vue';
import { guestPageAddress, newPageKey } from './guest-link';
import { useEvening } from './use-evening';

/** The menu on guests' own telephones: an address with a key, which ends with the evening. */
const evenings = useEvenings();
const home = useHomeNetwork();
const { evening } = useEvening();
onMounted(home.load);

const page = computed(() => evening.value?.guestCard ?? null);
const here = computed(() => (page.value ? `/card/${page.value.key}` : ''));
const address = computed(() => guestPageAddress(home.address.value, page.value));
const make = () =>
  evenings.edit('A page for guests', { guestCard: { key: newPageKey(), asks: page.value?.asks ?? true } });
</script>

<template>
  <section v-if="evening" class="panel" aria-labelledby="guest-link-title">
    <div class="panel-head">
      <h2 id="guest-link-title">On your guests’ telephones</h2>
      <v-btn v-if="!page" @click="make">Make a page for them</v-btn>
    </div>
    <p v-if="!page" class="dim">
      They read what is on the menu, what is in it and how strong it is, and ask for a drink; what they ask
      for comes up on the night. Nothing else of the household is seen with it, and it ends with the evening.
    </p>
    <div v-else class="parts">
      <QrCode v-if="address" :text="address" :label="`The page’s address: ${address}`" />
      <div class="stack">
        <p v-if="address" class="address">{{ address }}</p>
        <p v-else class="dim">
          Their telephones reach it once the home network is served:
          <RouterLink to="/settings/devices">Settings, Devices</RouterLink>.
        </p>
        <CheckField
          :model-value="page.asks"
          label="They may ask for a drink"
          @update:model-value="
            evenings.edit('Asking from the page', { guestCard: { ...page, asks: $event } })
          "
        />
        <div class="buttons">
          <a class="link" :href="here" target="_blank" rel="noopener">See it as they do</a>
          <button class="plain-button link" type="button" @click="make">Another key: the old one ends</button>
          <button
            class="plain-button link"
            type="button"
            @click="evenings.edit('No page for guests', { guestCard: null })"
          >
            Delete it
          </button>
        </div>
      </div>
    </div>
  </section>
</template>

<style scoped>
.parts {
  display: grid;
  grid-template-columns: minmax(120px, 200px) minmax(0, 1fr);
  gap: 16px;
  align-items: start;
}

.parts > .stack:only-child {
  grid-column: 1 / -1;
}

.stack {
  gap: 4px;
}

.stack p {
  margin: 0;
}

.address {
  overflow-wrap: anywhere;
}

.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 0 16px;
}

a {
  display: inline-flex;
  align-items: center;
  color: inherit;
}

@media (max-width: 560px) {
  .parts {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
