<script setup lang="ts">
import { ref } from 'vue';
import ChoiceRow from '../ui/ChoiceRow.vue';

/** How a device trusts the household's own authority, once. Where it is found in each system is common practice, and moves now and then. */
defineProps<{ fingerprint: string }>();

const SYSTEMS = [
  { value: 'android', words: 'Android' },
  { value: 'ios', words: 'iPhone, iPad' },
  { value: 'windows', words: 'Windows' },
  { value: 'mac', words: 'Mac' },
  { value: 'linux', words: 'Linux' },
] as const;
type System = (typeof SYSTEMS)[number]['value'];
const STEPS: Record<System, string[]> = {
  android: [
    'Take the certificate along, on that telephone.',
    'Settings, Security, More: install a certificate, “CA certificate”; choose the file.',
    'Look at it under trusted credentials, User, and compare its SHA-256 with what stands here.',
  ],
  ios: [
    'Take the certificate along, in Safari, and allow the profile.',
    'Settings, General, VPN and device management: install it.',
    'Compare its SHA-256 under More details with what stands here.',
    'Settings, General, About, Certificate trust: switch it on.',
  ],
  windows: [
    'Take the certificate along and open it.',
    'Compare its SHA-256 with what stands here (Details; Windows may show SHA-1: then ask certutil -hashfile).',
    'Install it for this user among the trusted root authorities.',
  ],
  mac: [
    'Take the certificate along and open it in Keychain Access, login.',
    'Open it there, compare its SHA-256, and set Trust to always.',
  ],
  linux: [
    'Take the certificate along.',
    'In the browser’s settings, Certificates, Authorities: import it, to identify web sites.',
    'Compare its SHA-256 there with what stands here.',
  ],
};
const system = ref<System>('android');
</script>

<template>
  <section class="panel" aria-labelledby="trust-title">
    <div class="panel-head">
      <h2 id="trust-title">Trusting this household, once a device</h2>
      <a class="link" href="/api/authority.crt" download>Take the certificate along</a>
    </div>
    <p class="dim">
      Without it the browser warns: pass the warning over, and everything works but opening without the
      server.
    </p>
    <ChoiceRow
      name="system"
      legend="On"
      :value="system"
      :choices="SYSTEMS"
      @choose="system = $event as System"
    />
    <ol>
      <li v-for="step in STEPS[system]" :key="step">{{ step }}</li>
    </ol>
    <p>
      SHA-256 <code>{{ fingerprint }}</code>
    </p>
  </section>
</template>

<style scoped>
code {
  overflow-wrap: anywhere;
}

a {
  display: inline-flex;
  align-items: center;
  color: inherit;
}
</style>
