<script setup lang="ts">
import { onMounted } from 'vue';
import { offlineState } from '../kept/offline';
import { useHomeNetwork } from '../household/use-home-network';
import CautionLine from '../ui/CautionLine.vue';
import CheckField from '../ui/CheckField.vue';
import DataTable from '../ui/DataTable.vue';
import QrCode from '../ui/QrCode.vue';
import { useWords } from '../words/use-words';
import PassphraseForm from './PassphraseForm.vue';
import TrustSteps from './TrustSteps.vue';

/** The household on every device: the home network's door, how a telephone trusts it, and who is signed in. */
const home = useHomeNetwork();
const words = useWords();
onMounted(home.load);

const OFFLINE_WORDS = {
  no: 'This browser is getting ready to open Uisce without its server.',
  ready:
    'Ready: this browser opens Uisce without its server. What you change meanwhile waits here and is sent.',
  unable: 'This browser cannot open Uisce without its server.',
  refused:
    'This browser passed over the warning without trusting the household’s authority: everything works, but not without the server. Trust it as told here, and that works too.',
} as const;
const COLUMNS = [
  { key: 'device', title: 'Device', names: true },
  { key: 'seen', title: 'Last here' },
  { key: 'do', title: '', narrow: true },
];
</script>

<template>
  <div class="two-columns">
    <section class="panel" aria-labelledby="home-title">
      <h2 id="home-title">In the home network</h2>
      <template v-if="home.state.value">
        <p v-if="home.state.value.refused" class="dim">
          Not served here: {{ home.state.value.refused }}. Your own household, started with
          <code>npm start</code>, has the switch.
        </p>
        <CheckField
          v-else-if="home.isMachine.value"
          :model-value="home.state.value.isOpen"
          :disabled="home.busy.value || !home.state.value.hasPassphrase"
          label="Serve the home network"
          @update:model-value="home.setOpen($event)"
        />
        <p v-if="home.trouble.value" class="rust" role="alert">{{ home.trouble.value }}</p>
        <p class="dim">
          Telephones and tablets in your network then open this household over HTTPS, after they said the
          passphrase. It is served to your network alone, never further; your router decides who is in it.
        </p>
        <div v-if="home.address.value" class="address">
          <QrCode :text="home.address.value" :label="`The address: ${home.address.value}`" />
          <div>
            <p v-for="(a, i) in home.state.value.addresses" :key="a" :class="{ dim: i > 0 }">{{ a }}</p>
          </div>
        </div>
      </template>
      <h3>This browser</h3>
      <p>{{ OFFLINE_WORDS[offlineState] }}</p>
      <CautionLine
        >Whoever has the passphrase reads and changes all of it. Guests get a page of their own: Evening,
        Before.</CautionLine
      >
    </section>
    <div class="stack">
      <PassphraseForm v-if="home.state.value && !home.state.value.refused" />
      <section v-if="!home.state.value?.refused" class="panel" aria-labelledby="sessions-title">
        <div class="panel-head">
          <h2 id="sessions-title">Signed in</h2>
          <v-btn v-if="!home.isMachine.value" @click="home.signOut()">Sign out here</v-btn>
        </div>
        <p v-if="(home.state.value?.sessions.length ?? 0) === 0" class="dim">No other device yet.</p>
        <DataTable
          v-else
          caption="Devices that are signed in"
          :columns="COLUMNS"
          :rows="home.state.value?.sessions ?? []"
          :row-key="(s) => s.id"
        >
          <template #cell-device="{ row }"
            >{{ row.device }}<template v-if="row.isThis">, this one</template></template
          >
          <template #cell-seen="{ row }">{{ words.moment(row.seen) }}</template>
          <template #cell-do="{ row }">
            <v-btn v-if="!row.isThis" :aria-label="`End ${row.device}`" @click="home.end(row.id)">End</v-btn>
          </template>
        </DataTable>
      </section>
      <TrustSteps v-if="home.state.value?.fingerprint" :fingerprint="home.state.value.fingerprint" />
    </div>
  </div>
</template>

<style scoped>
.address {
  display: grid;
  grid-template-columns: minmax(120px, 220px) minmax(0, 1fr);
  gap: 16px;
  align-items: start;
  overflow-wrap: anywhere;
}

.address p {
  margin: 0 0 4px;
}

@media (max-width: 560px) {
  .address {
    grid-template-columns: minmax(0, 1fr);
  }
}

h3 {
  margin: 16px 0 4px;
  font-size: 1rem;
}
</style>
