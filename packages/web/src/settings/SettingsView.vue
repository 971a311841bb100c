<script setup lang="ts">
import { computed } from 'vue';
import { useRoute } from 'vue-router';
import { useHomeNetwork } from '../household/use-home-network';
import { useLog } from '../household/use-log';
import { useSettings } from '../household/use-settings';
import AnswerHead from '../ui/AnswerHead.vue';
import { later } from '../ui/later';
import PartLinks from '../ui/PartLinks.vue';
import { count } from '../words/use-words';
import { useBackups } from './use-backups';

const SettingsPanels = later(() => import('./SettingsPanels.vue'));

const home = useHomeNetwork();
const settings = useSettings();
const log = useLog();
const route = useRoute();
const { last, sayWhen, load } = useBackups();
void load();
void home.load();

const part = computed(() => (typeof route.params.part === 'string' ? route.params.part : ''));
const PARTS = [
  { to: '/settings', words: 'Household', part: '' },
  { to: '/settings/devices', words: 'Devices', part: 'devices' },
  { to: '/settings/data', words: 'Data', part: 'data' },
  { to: '/settings/about', words: 'About', part: 'about' },
];
const safe = computed(() =>
  last.value
    ? { before: 'Safe: ', figure: `backed up ${sayWhen(last.value)}`, after: '' }
    : { before: 'Your data: ', figure: 'no backup yet', after: '' },
);
const devices = computed(() => {
  const state = home.state.value;
  if (!state?.isOpen) return { before: 'Open on ', figure: 'this machine alone', after: '' };
  return {
    before: 'Open in the home network: ',
    figure: count(state.sessions.length, 'device'),
    after: ' signed in',
  };
});
const here = computed(() => ({
  before: `${settings.current.household || 'Your home bar'}: `,
  figure: log.people.length === 0 ? 'nobody named yet' : count(log.people.length, 'person', 'people'),
  after: log.people.length === 0 ? '' : ' by name',
}));
const head = computed(() =>
  part.value === 'data'
    ? { ...safe.value, underline: 'Everything is yours to take along, and to forget' }
    : part.value === 'devices'
      ? { ...devices.value, underline: home.address.value }
      : part.value === 'about'
        ? {
            before: 'Uisce ',
            figure: __VERSION__,
            after: '',
            underline: 'A household’s bar, on its own machine',
          }
        : { ...here.value, underline: last.value ? `Backed up ${sayWhen(last.value)}` : 'No backup yet' },
);
</script>

<template>
  <AnswerHead v-bind="head">
    <PartLinks :parts="PARTS" :part="part" label="Parts of Settings" />
  </AnswerHead>
  <SettingsPanels :part="part" />
</template>
