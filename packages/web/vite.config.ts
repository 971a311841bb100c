import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import vue from '@vitejs/plugin-vue';
import { defineConfig } from 'vite';
import { compression } from 'vite-plugin-compression2';
import { VitePWA } from 'vite-plugin-pwa';
import vuetify from 'vite-plugin-vuetify';
import { licences } from './build/licences';

/** The solver stops promptly through shared memory, which browsers allow only to isolated pages. */
const ISOLATION = {
  'Cross-Origin-Opener-Policy': 'same-origin',
  'Cross-Origin-Embedder-Policy': 'require-corp',
};
const ROOT = join(import.meta.dirname, '../..');
const { version } = JSON.parse(readFileSync(join(ROOT, 'package.json'), 'utf8')) as { version: string };
/** What most steps share: the core, and what is kept of the household. */
const HOUSEHOLD = /packages\/(core\/src|web\/src\/(kept|household))\//;
const MAX_HELD_BYTES = 4 * 1024 * 1024;

export default defineConfig({
  root: import.meta.dirname,
  define: { __VERSION__: JSON.stringify(version) },
  plugins: [
    vue(),
    vuetify({ autoImport: true }),
    licences(ROOT),
    // Once, well, and not anew for every browser.
    compression({ include: /\.(js|css)$/, threshold: 1000, logLevel: 'silent' }),
    VitePWA({
      // The page registers its worker itself, when nobody waits for it; a new one asks before it takes over.
      injectRegister: false,
      registerType: 'prompt',
      manifest: {
        id: '/',
        name: 'Uisce',
        short_name: 'Uisce',
        start_url: '/',
        scope: '/',
        display: 'standalone',
        description: 'Plan, stock and pour a home bar',
        lang: 'en',
        background_color: '#F3EFE6',
        theme_color: '#18272A',
        icons: [
          { src: '/icon-192.png', sizes: '192x192', type: 'image/png' },
          { src: '/icon-512.png', sizes: '512x512', type: 'image/png' },
          { src: '/icon-maskable.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
          { src: '/icon.svg', sizes: 'any', type: 'image/svg+xml' },
        ],
      },
      workbox: {
        globPatterns: ['**/*.{js,css,html,svg,png,woff2,wasm}'],
        globIgnores: ['guest-page.html'],
        maximumFileSizeToCacheInBytes: MAX_HELD_BYTES,
        // What is kept is held by the page itself, change by change; what came with the program is held here.
        runtimeCaching: [
          {
            urlPattern: /\/api\/(catalogue|glossary|price-lists(\/[\w-]+)?)$/,
            handler: 'NetworkFirst',
            options: { cacheName: 'uisce-api', networkTimeoutSeconds: 5 },
          },
        ],
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/api\//, /^\/card\//],
        clientsClaim: true,
        cleanupOutdatedCaches: true,
        sourcemap: false,
      },
    }),
  ],
  resolve: { conditions: ['uisce-source', 'module', 'browser', 'development|production'] },
  // The solver's loader asks for it under Node only.
  worker: { format: 'es', rolldownOptions: { external: ['node:module'] } },
  build: {
    target: 'es2022',
    chunkSizeWarningLimit: 900,
    manifest: true,
    rolldownOptions: {
      // The household's pages, and the card for guests, which is all that they are given.
      input: [join(import.meta.dirname, 'index.html'), join(import.meta.dirname, 'guest-page.html')],
      output: {
        // What is large and wanted late stands by itself, under its own name.
        codeSplitting: {
          includeDependenciesRecursively: false,
          groups: [
            { name: 'echarts', test: /node_modules\/(echarts|zrender|vue-echarts)\// },
            { name: 'pdf', test: /node_modules\/(@pdf-lib|pdf-lib|pako)\// },
            { name: 'papaparse', test: /node_modules\/papaparse\// },
            // What most steps share of the household comes in one piece; the card for guests needs none of it.
            {
              name: 'shared',
              minShareCount: 10,
              test: (id) => HOUSEHOLD.test(id) && !id.includes('/base/listed'),
            },
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
