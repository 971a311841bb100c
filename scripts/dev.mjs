// Hot reload: Vite for the interface, tsc and node in watch mode for the server, on the demo's data.
import { install, tool } from './bootstrap.mjs';

install();
tool('tsc', ['-b', 'packages/server']);
tool(
  'concurrently',
  [
    '--kill-others',
    '--names',
    'types,server,web',
    'tsc -b packages/server --watch --preserveWatchOutput',
    'node --watch packages/server/dist/main.js',
    'vite packages/web',
  ],
  { env: { ...process.env, UISCE_DEMO: '1' } },
);
