import { createSharedComposable } from '@vueuse/core';
import { computed, ref } from 'vue';
import type { AccessState, Who } from '@uisce/core/household';
import { api } from '../kept/client';
import { forgetHere } from '../kept/forget-here';
import { useKeeper } from '../kept/use-keeper';
import { useRequest } from '../kept/use-request';

/** The home network's door: whether it is open, where, and who is signed in. */
export const useHomeNetwork = createSharedComposable(() => {
  const keeper = useKeeper();
  const state = ref<AccessState>();
  const who = ref<Who>();
  const { busy, trouble, tried } = useRequest(load);

  async function load(): Promise<void> {
    state.value = await api<AccessState>('/access').catch(() => state.value);
    who.value = await api<Who>('/session').catch(() => who.value);
  }
  const setOpen = (open: boolean) => tried(() => api('/access/home', { method: 'POST', body: { open } }));
  const setPassphrase = (passphrase: string, old: string) =>
    tried(() =>
      api('/access/passphrase', {
        method: 'POST',
        body: { passphrase, ...(old === '' ? {} : { old }) },
      }),
    );
  const end = (id: string) => tried(() => api(`/access/sessions/${id}`, { method: 'DELETE' }));
  async function signOut(): Promise<void> {
    // What still waits is sent before the door shuts; what cannot be stays, and is sent by whoever signs in next.
    await keeper.flush();
    if (!(await tried(() => api('/session', { method: 'DELETE' })))) return;
    await forgetHere();
    location.assign('/');
  }
  const suggest = async () => (await api<{ passphrase: string }>('/access/suggestion')).passphrase;

  /** Whether this is the machine that Uisce runs on. */
  const isMachine = computed(() => who.value?.place !== 'home');
  /** Where others reach it, the likeliest first; empty while the home network is not served. */
  const address = computed(() => state.value?.addresses[0] ?? '');

  return { state, trouble, busy, isMachine, address, load, setOpen, setPassphrase, end, signOut, suggest };
});
