<script setup lang="ts">
import { computed, ref } from 'vue';
import { useHomeNetwork } from '../household/use-home-network';

/** The household's passphrase: set, or changed; every other device signs in anew. */
const home = useHomeNetwork();
const LEAST = 12;
const passphrase = ref('');
const old = ref('');
const trouble = ref('');
const said = ref('');
const asksOld = computed(() => !home.isMachine.value);
const has = computed(() => home.state.value?.hasPassphrase ?? false);

async function suggest(): Promise<void> {
  passphrase.value = await home.suggest();
  said.value = 'Write it down, or keep it where you keep such things.';
}
async function set(): Promise<void> {
  trouble.value =
    passphrase.value.length < LEAST ? `At least ${LEAST} letters; a few words are easiest.` : '';
  said.value = '';
  if (trouble.value !== '' || !(await home.setPassphrase(passphrase.value, old.value))) return;
  [passphrase.value, old.value] = ['', ''];
  said.value = 'It holds from now on. Every other device signs in anew.';
}
</script>

<template>
  <form class="panel form" @submit.prevent="set">
    <h2>{{ has ? 'Another passphrase' : 'A passphrase first' }}</h2>
    <v-text-field
      v-if="asksOld"
      v-model="old"
      label="The one that holds now"
      type="password"
      autocomplete="current-password"
      maxlength="200"
    />
    <v-text-field
      v-model="passphrase"
      label="New passphrase"
      autocomplete="new-password"
      maxlength="200"
      :error-messages="trouble ? [trouble] : []"
    />
    <p v-if="said" role="status">{{ said }}</p>
    <div class="buttons">
      <v-btn color="sea" type="submit" :disabled="home.busy.value">{{ has ? 'Change it' : 'Set it' }}</v-btn>
      <v-btn @click="suggest()">Words by chance</v-btn>
    </div>
  </form>
</template>

<style scoped>
.form {
  display: grid;
  gap: 10px;
}

p {
  margin: 0;
}
</style>
