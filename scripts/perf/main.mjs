// npm run bench: how fast the planner proves; npm run bench -- open: how fast the steps open.
if (process.argv[2] === 'open') await import('./open.mjs');
else await import('./planner.mjs');
