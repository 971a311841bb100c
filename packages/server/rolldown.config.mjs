// The built server gathered into a few files: to find and read its many hundred modules takes as long again as all else
// that it does before it listens.
import { defineConfig } from 'rolldown';

const built = (file) => `${import.meta.dirname}/dist/${file}.js`;

export default defineConfig({
  input: {
    main: built('main'),
    // Beside `main`, where the pool looks for it.
    worker: built('planning/worker'),
    'file-thread': built('household/file-thread'),
    command: built('backup/command'),
    // For what tries the keeping by itself, without a server.
    store: built('kept/store'),
    'data-source': built('storage/data-source'),
  },
  platform: 'node',
  // A binary; what starts threads from its own files; and the drivers of other databases, which nobody has.
  external: ['better-sqlite3', 'piscina'],
  output: {
    dir: `${import.meta.dirname}/bundle`,
    format: 'esm',
    chunkFileNames: '[name].js',
    cleanDir: true,
  },
});
