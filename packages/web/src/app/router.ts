import { createRouter, createWebHistory } from 'vue-router';
import { STEPS } from './steps';

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', redirect: '/plan' },
    // Pages of the Notebook of their own go before its drinks, whose ids they could be.
    {
      path: '/notebook/write/:drink?',
      component: () => import('../notebook/write/WriteView.vue'),
      meta: { title: 'Writing' },
    },
    {
      path: '/notebook/liked',
      component: () => import('../notebook/liked/LikedView.vue'),
      meta: { title: 'Liked' },
    },
    {
      path: '/notebook/ours',
      component: () => import('../notebook/ours/OursView.vue'),
      meta: { title: 'Ours' },
    },
    {
      path: '/notebook/exchange',
      component: () => import('../notebook/exchange/ExchangeView.vue'),
      meta: { title: 'Files' },
    },
    ...STEPS.map(({ path, rest, view, name }) => ({
      path: `${path}${rest}`,
      component: view,
      meta: { title: name },
    })),
    {
      path: '/settings/:part(devices|data|about)?',
      component: () => import('../settings/SettingsView.vue'),
      meta: { title: 'Settings' },
    },
    { path: '/:rest(.*)*', redirect: '/plan' },
  ],
});

router.afterEach((to) => {
  document.title = typeof to.meta.title === 'string' ? `${to.meta.title} · Uisce` : 'Uisce';
});
