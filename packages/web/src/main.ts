import '@fontsource-variable/atkinson-hyperlegible-next';
import '@fontsource-variable/literata';
import { createPinia } from 'pinia';
import { createApp } from 'vue';
import App from './app/App.vue';
import { router } from './app/router';
import { rememberedTheme } from './household/use-settings';
import { makeVuetify } from './ui/theme/vuetify';
import './ui/theme/base.css';

createApp(App).use(createPinia()).use(router).use(makeVuetify(rememberedTheme.value)).mount('#app');
