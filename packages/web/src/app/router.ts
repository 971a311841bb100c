import { createRouter, createWebHistory } from 'vue-router';

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', redirect: '/plan' },
    { path: '/brief', component: () => import('../brief/BriefView.vue'), meta: { title: 'Brief' } },
    { path: '/kit', component: () => import('../kit/KitView.vue'), meta: { title: 'Kit' } },
    // A bottle has an address of its own: the kind it is of.
    { path: '/plan/:bottle?', component: () => import('../plan/PlanView.vue'), meta: { title: 'Plan' } },
    { path: '/errand', component: () => import('../errand/ErrandView.vue'), meta: { title: 'Errand' } },
    { path: '/shelf', component: () => import('../shelf/ShelfView.vue'), meta: { title: 'Shelf' } },
    {
      path: '/pour/:part(round|log|served)?/:round?',
      component: () => import('../pour/PourView.vue'),
      meta: { title: 'Pour' },
    },
    {
      path: '/evening/:part(night|past)?',
      component: () => import('../evening/EveningView.vue'),
      meta: { title: 'Evening' },
    },
    { path: '/bench/:batch?', component: () => import('../bench/BenchView.vue'), meta: { title: 'Bench' } },
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
    {
      path: '/notebook/:drink?',
      component: () => import('../notebook/NotebookView.vue'),
      meta: { title: 'Notebook' },
    },
    {
      path: '/practice/:part(cards|words|sums|balance|week)?',
      component: () => import('../practice/PracticeView.vue'),
      meta: { title: 'Practice' },
    },
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
