import { defineConfig } from 'vitest/config';

export default defineConfig({
  resolve: { conditions: ['uisce-source'] },
  ssr: { resolve: { conditions: ['uisce-source', 'node'] } },
  test: {
    include: ['packages/*/src/**/*.test.ts'],
    testTimeout: 120_000,
  },
});
