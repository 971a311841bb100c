import { mount } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import type { Component } from 'vue';
import { createVuetify } from 'vuetify';

/** A component on a page of its own, with Vuetify and empty stores. */
export function mounted<P extends object>(component: Component, props: P) {
  const pinia = createPinia();
  setActivePinia(pinia);
  return mount(component, {
    props: props as Record<string, unknown>,
    global: { plugins: [createVuetify(), pinia] },
    attachTo: document.body,
  });
}
