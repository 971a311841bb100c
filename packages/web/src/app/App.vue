<script setup lang="ts">
import { onBeforeUnmount, onErrorCaptured, onMounted, ref, watch } from 'vue';
import { useTheme } from 'vuetify';
import KeyHelp from './KeyHelp.vue';
import TheRail from './TheRail.vue';
import { useShortcuts } from './use-shortcuts';
import EmptyHousehold from '../brief/EmptyHousehold.vue';
import { ApiError, OfflineError } from '../kept/client';
import { useAnswer } from '../solver/use-answer';
import { useBatches } from '../household/use-batches';
import { useHistory } from '../kept/use-history';
import { useHousehold } from '../household/use-settings';
import { useKit } from '../household/use-kit';
import { useNotices } from '../kept/use-notices';
import { usePlans } from '../household/use-plans';
import { useTrade } from '../household/use-trade';

const household = useHousehold();
const plans = usePlans();
const trade = useTrade();
const answers = useAnswer();
const history = useHistory();
const notices = useNotices();
const theme = useTheme();

const trouble = ref('');
const keysShown = ref(false);
useShortcuts(() => (keysShown.value = true));

watch(
  () => household.settings.theme,
  (name) => {
    theme.change(name);
  },
  { immediate: true },
);

const saveNow = () => void plans.flush();

/** What a button could not do is said in words; anything unforeseen stays in the console. */
function sayFailure(error: unknown): boolean {
  const known = error instanceof ApiError || error instanceof OfflineError;
  if (known) notices.say(error.message);
  return known;
}

function onRejection(event: PromiseRejectionEvent) {
  if (sayFailure(event.reason)) event.preventDefault();
}

onErrorCaptured((error) => !sayFailure(error));

async function load() {
  try {
    await household.load();
    await Promise.all([trade.load(), plans.load(), useKit().load(), useBatches().load(), history.refresh()]);
    answers.start();
    trouble.value = '';
  } catch (error) {
    trouble.value = (error as Error).message;
  }
}

onMounted(() => {
  addEventListener('pagehide', saveNow);
  addEventListener('unhandledrejection', onRejection);
  void load();
});
onBeforeUnmount(() => {
  removeEventListener('pagehide', saveNow);
  removeEventListener('unhandledrejection', onRejection);
});
</script>

<template>
  <v-app>
    <a class="skip" href="#main">Skip to the answer</a>
    <TheRail @keys="keysShown = true" />
    <main id="main" class="main" tabindex="-1">
      <div v-if="trouble" class="card trouble" role="alert">
        <h1>Uisce could not start</h1>
        <p>{{ trouble }}</p>
        <v-btn @click="load">Try again</v-btn>
      </div>
      <EmptyHousehold v-else-if="plans.loaded && plans.plans.length === 0" />
      <RouterView v-else-if="plans.loaded" />
    </main>
    <KeyHelp v-model="keysShown" />
    <v-snackbar v-model="notices.shown" location="bottom end">
      <span role="status">{{ notices.text }}</span>
    </v-snackbar>
  </v-app>
</template>

<style>
.main {
  flex: 1;
  min-width: 0;
  margin-inline-start: 196px;
  padding: 20px 28px 40px;
  outline: none;
}

.trouble {
  max-width: 520px;
}

.skip {
  position: fixed;
  inset-block-start: -60px;
  inset-inline-start: 8px;
  z-index: 3000;
  padding: 10px 14px;
  background: rgb(var(--v-theme-card));
  color: rgb(var(--v-theme-ink));
}

.skip:focus {
  inset-block-start: 8px;
}

@media (max-width: 820px) {
  .main {
    margin-inline-start: 0;
    padding: 14px 16px 96px;
  }
}
</style>
