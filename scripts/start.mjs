// The user's own household: the same server on its own database. -- --home serves the home network too.
import { install } from './bootstrap.mjs';

install();
const { build } = await import('./build.mjs');
build();
const { serve } = await import('./serve.mjs');
serve({ UISCE_DEMO: '0', ...(process.argv.includes('--home') ? { UISCE_HOME: '1' } : {}) });
