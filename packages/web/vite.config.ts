import vue from '@vitejs/plugin-vue';
import { defineConfig } from 'vite';
import { compression } from 'vite-plugin-compression2';
import vuetify from 'vite-plugin-vuetify';

/** The solver stops promptly through shared memory, which browsers allow only to isolated pages. */
const ISOLATION = {
  'Cross-Origin-Opener-Policy': 'same-origin',
  'Cross-Origin-Embedder-Policy': 'require-corp',
};

export default defineConfig({
  root: import.meta.dirname,
  plugins: [
    vue(),
    vuetify({ autoImport: true }),
    // Once, well, and not anew for every browser.
    compression({ include: /\.(js|css)$/, threshold: 1000, logLevel: 'silent' }),
  ],
  resolve: { conditions: ['uisce-source', 'module', 'browser', 'development|production'] },
  // The solver's loader asks for it under Node only.
  worker: { format: 'es', rolldownOptions: { external: ['node:module'] } },
  build: {
    target: 'es2022',
    chunkSizeWarningLimit: 900,
    manifest: true,
    // What is large and wanted late stands by itself, under its own name.
    rolldownOptions: {
      output: {
        codeSplitting: {
          includeDependenciesRecursively: false,
          groups: [
            { name: 'echarts', test: /node_modules\/(echarts|zrender|vue-echarts)\// },
            { name: 'pdf', test: /node_modules\/(@pdf-lib|pdf-lib|pako)\// },
            { name: 'papaparse', test: /node_modules\/papaparse\// },
          ],
        },
      },
    },
  },
  server: {
    port: 4871,
    headers: ISOLATION,
    proxy: { '/api': `http://127.0.0.1:${process.env.UISCE_PORT ?? '4870'}` },
  },
});
