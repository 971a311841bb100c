<script setup lang="ts">
import { useDocumentVisibility, useEventListener, useMediaQuery } from '@vueuse/core';
import { computed, defineAsyncComponent, onErrorCaptured, ref, watch } from 'vue';
import { useRoute } from 'vue-router';
import { useTheme } from 'vuetify';
import { useAsks } from '../household/use-asks';
import { usePlans } from '../household/use-plans';
import { useSettings } from '../household/use-settings';
import { ApiError, OfflineError } from '../kept/client';
import { useKeeper } from '../kept/use-keeper';
import { useNotices } from '../kept/use-notices';
import { doorIsShut } from '../kept/door';
import { dropHeld, takeOver } from '../kept/offline';
import NoticeBar from './NoticeBar.vue';
import KeyHelp from './KeyHelp.vue';
import { stepAt } from './steps';
import TheRail from './TheRail.vue';
import TheStrip from './TheStrip.vue';
import { useShortcuts } from './use-shortcuts';
import { useStart } from './use-start';
import { useBenchTimer } from '../bench/use-bench-timer';

// What is seldom seen is fetched when it is.
const SignIn = defineAsyncComponent(() => import('./SignIn.vue'));
const UpdateBar = defineAsyncComponent(() => import('./UpdateBar.vue'));
const AwayBar = defineAsyncComponent(() => import('./AwayBar.vue'));
const ConflictBar = defineAsyncComponent(() => import('./ConflictBar.vue'));
const EmptyHousehold = defineAsyncComponent(() => import('../brief/EmptyHousehold.vue'));
const RefusedBar = defineAsyncComponent(() => import('./RefusedBar.vue'));
const SetAsideBar = defineAsyncComponent(() => import('./SetAsideBar.vue'));

const keeper = useKeeper();
const settings = useSettings();
const plans = usePlans();
const notices = useNotices();
useAsks();
const theme = useTheme();
const route = useRoute();

const { trouble, ready, load } = useStart();
useBenchTimer();
const keysShown = ref(false);
const isNarrow = useMediaQuery('(max-width: 820px)');
useShortcuts(() => (keysShown.value = true));

/** Steps about a plan say how to begin while there is none; the others work without. */
const waitsForPlan = computed(() => plans.plans.length === 0 && stepAt(route.path)?.needsPlan === true);

watch(
  () => settings.look,
  (name) => {
    theme.change(name);
  },
  { immediate: true },
);

/** What a button could not do is said in words; anything unforeseen stays in the console. */
function sayFailure(error: unknown): boolean {
  const known = error instanceof ApiError || error instanceof OfflineError;
  if (known) notices.say(error.message);
  return known;
}
useEventListener('unhandledrejection', (event) => {
  if (sayFailure(event.reason)) event.preventDefault();
});
onErrorCaptured((error) => !sayFailure(error));

// Whoever leaves the page has meant what is on it.
const visibility = useDocumentVisibility();
watch(visibility, () => void keeper.flush());
useEventListener('pagehide', () => void keeper.flush());

watch(doorIsShut, (shut) => {
  if (shut) void dropHeld();
});
/** Signed in: a page that stood goes on where it was, with all that waits. */
function goOn(): void {
  if (!ready.value) return location.reload();
  doorIsShut.value = false;
  keeper.resume();
}
</script>

<template>
  <v-app>
    <a class="skip" href="#main">Skip to the answer</a>
    <TheStrip v-if="isNarrow && !doorIsShut" />
    <TheRail v-else-if="!doorIsShut" @keys="keysShown = true" />
    <main id="main" class="main" tabindex="-1">
      <SignIn v-if="doorIsShut" @open="goOn" />
      <div v-if="trouble && !doorIsShut" class="panel trouble" role="alert">
        <h1>Uisce could not start</h1>
        <p>{{ trouble }}</p>
        <v-btn @click="load">Try again</v-btn>
      </div>
      <!-- What is being typed is still there when the door is open again. -->
      <div v-else-if="ready" v-show="!doorIsShut">
        <UpdateBar v-if="takeOver" />
        <AwayBar v-if="keeper.asOf" />
        <ConflictBar v-if="keeper.conflicts.length > 0" />
        <RefusedBar v-if="keeper.refused.length > 0" />
        <SetAsideBar v-if="keeper.setAside.length > 0" />
        <EmptyHousehold v-if="waitsForPlan" />
        <RouterView v-else />
      </div>
    </main>
    <KeyHelp v-model="keysShown" />
    <NoticeBar />
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
  background: rgb(var(--v-theme-panel));
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
