import { createRouter, createWebHistory } from 'vue-router';

/** The steps of the work that exist so far, by the digit that opens them. */
export const STEPS = [
  { digit: '1', name: 'Brief', path: '/brief' },
  { digit: '2', name: 'Kit', path: '/kit' },
  { digit: '3', name: 'Plan', path: '/plan' },
  { digit: '5', name: 'Bench', path: '/bench' },
  { digit: '9', name: 'Notebook', path: '/notebook' },
] as const;

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', redirect: '/plan' },
    { path: '/brief', component: () => import('../brief/BriefView.vue'), meta: { title: 'Brief' } },
    { path: '/kit', component: () => import('../kit/KitView.vue'), meta: { title: 'Kit' } },
    { path: '/plan', component: () => import('../plan/PlanView.vue'), meta: { title: 'Plan' } },
    { path: '/bench/:batch?', component: () => import('../bench/BenchView.vue'), meta: { title: 'Bench' } },
    {
      path: '/notebook/:drink?',
      component: () => import('../notebook/NotebookView.vue'),
      meta: { title: 'Notebook' },
    },
    { path: '/:rest(.*)*', redirect: '/plan' },
  ],
});

router.afterEach((to) => {
  document.title = typeof to.meta.title === 'string' ? `${to.meta.title} · Uisce` : 'Uisce';
});
