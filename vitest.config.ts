import vue from '@vitejs/plugin-vue';
import vuetify from 'vite-plugin-vuetify';
import { defineConfig } from 'vitest/config';

const resolve = { conditions: ['uisce-source'] };
const ssr = { resolve: { conditions: ['uisce-source', 'node'] } };

export default defineConfig({
  test: {
    testTimeout: 120_000,
    // Nothing else runs beside them: both cores of a small machine are theirs.
    maxWorkers: 2,
    projects: [
      {
        resolve,
        ssr,
        test: {
          name: 'node',
          include: ['packages/*/src/**/*.test.ts'],
          exclude: ['**/*.dom.test.ts'],
          // Nothing here changes what another file sees: each module is read once a worker, not once a file.
          isolate: false,
          testTimeout: 120_000,
        },
      },
      {
        // Components and what needs a page: by their words and roles.
        plugins: [vue(), vuetify({ autoImport: true })],
        resolve,
        ssr,
        test: {
          name: 'page',
          testTimeout: 60_000,
          include: ['packages/web/src/**/*.dom.test.ts'],
          environment: 'happy-dom',
          server: { deps: { inline: ['vuetify'] } },
          css: false,
        },
      },
    ],
  },
});
