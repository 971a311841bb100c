<script setup lang="ts">
import { upperFirst } from '@uisce/core/base';
import { ref, useTemplateRef, onMounted } from 'vue';
import { api, ApiError, OfflineError } from '../kept/client';
import { thisPage } from '../kept/this-page';

/** The home network's door: the household's passphrase, once a device. */
const emit = defineEmits<{ open: [] }>();

const passphrase = ref('');
const trouble = ref('');
const busy = ref(false);
const field = useTemplateRef<{ focus(): void }>('field');
onMounted(() => field.value?.focus());

async function signIn(): Promise<void> {
  if (passphrase.value === '') {
    trouble.value = 'Type the household’s passphrase.';
    return;
  }
  [busy.value, trouble.value] = [true, ''];
  try {
    const { name: device } = await thisPage();
    await api('/session', { method: 'POST', body: { passphrase: passphrase.value, device } });
    emit('open');
  } catch (error) {
    if (!(error instanceof ApiError) && !(error instanceof OfflineError)) throw error;
    trouble.value = `${upperFirst(error.message)}.`;
    busy.value = false;
  }
}
</script>

<template>
  <form class="panel door" @submit.prevent="signIn">
    <h1>Uisce</h1>
    <p>This household’s passphrase opens it on this device; it stays open until you sign out.</p>
    <v-text-field
      ref="field"
      v-model="passphrase"
      label="Passphrase"
      type="password"
      autocomplete="current-password"
      maxlength="200"
      :error-messages="trouble ? [trouble] : []"
    />
    <v-btn color="sea" type="submit" :disabled="busy">Open</v-btn>
  </form>
</template>

<style scoped>
.door {
  display: grid;
  gap: 12px;
  max-width: 420px;
  margin: 10vh auto 0;
}

h1,
p {
  margin: 0;
}
</style>
