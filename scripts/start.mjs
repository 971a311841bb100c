// The user's own household: the same server on its own database.
import { install } from './bootstrap.mjs';

install();
const { build } = await import('./build.mjs');
build();
const { serve } = await import('./serve.mjs');
serve({ UISCE_DEMO: '0' });
