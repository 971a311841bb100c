import '@fontsource-variable/atkinson-hyperlegible-next';
import '@fontsource-variable/literata';
import { createApp } from 'vue';
import { makeVuetify } from '../ui/theme/vuetify';
import '../ui/theme/base.css';
import GuestPage from './GuestPage.vue';

/** The menu that guests open: all they are given of the household. As dark as their telephone is. */
const isDark = matchMedia('(prefers-color-scheme: dark)').matches;
createApp(GuestPage)
  .use(makeVuetify(isDark ? 'night' : 'day'))
  .mount('#app');
