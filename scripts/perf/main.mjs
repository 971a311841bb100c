// npm run bench: how fast the planner proves; -- open: how fast the steps open; -- load: calls under load;
// -- stock: what is at hand, and which shops; -- pour: what pours now, and a log of ten thousand pours;
// -- evening: a card to its proof, and a schedule; -- notebook: ten thousand recipes read.
const [what] = process.argv.slice(2);
if (what === 'open') await import('./open.mjs');
else if (what === 'load') await import('./load.mjs');
else if (what === 'stock') await import('./stock.mjs');
else if (what === 'pour') await import('./pour.mjs');
else if (what === 'evening') await import('./evening.mjs');
else if (what === 'notebook') await import('./notebook.mjs');
else await import('./planner.mjs');
