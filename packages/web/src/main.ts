import '@fontsource-variable/atkinson-hyperlegible-next';
import '@fontsource-variable/literata';
import { createPinia } from 'pinia';
import { createApp } from 'vue';
import App from './App.vue';
import { router } from './router';
import { rememberedTheme } from './stores/household';
import { makeVuetify } from './theme/vuetify';
import './theme/base.css';

createApp(App).use(createPinia()).use(router).use(makeVuetify(rememberedTheme())).mount('#app');
