import vue from '@vitejs/plugin-vue';
import { defineConfig } from 'vite';
import vuetify from 'vite-plugin-vuetify';

/** The solver stops promptly through shared memory, which browsers allow only to isolated pages. */
const ISOLATION = {
  'Cross-Origin-Opener-Policy': 'same-origin',
  'Cross-Origin-Embedder-Policy': 'require-corp',
};

export default defineConfig({
  root: import.meta.dirname,
  plugins: [vue(), vuetify({ autoImport: true })],
  resolve: { conditions: ['uisce-source', 'module', 'browser', 'development|production'] },
  // The solver's loader asks for it under Node only.
  worker: { format: 'es', rolldownOptions: { external: ['node:module'] } },
  build: { target: 'es2022', chunkSizeWarningLimit: 900 },
  server: {
    port: 4871,
    headers: ISOLATION,
    proxy: { '/api': `http://127.0.0.1:${process.env.UISCE_PORT ?? '4870'}` },
  },
});
