// How long it takes to know what can be poured, to read a long log, and to open Pour and Shelf over ten thousand pours.
import { randomUUID } from 'node:crypto';
import { install } from '../bootstrap.mjs';
import { CHROMIUM_FLAGS, ensureChromium } from '../chromium.mjs';
import { quantile, servedDemo } from './served.mjs';

install();
const { build } = await import('../build.mjs');
build();
const { chromium } = await import('@playwright/test');
const { loadShipped } = await import('../../packages/catalogue/dist/index.js');
const { kindIndex } = await import('../../packages/core/dist/catalogue/index.js');
const { emptyKit } = await import('../../packages/core/dist/kit/index.js');
const { paceOf, pourables, pourNow, ranked } = await import('../../packages/core/dist/pouring/index.js');
const { atHand, bottleThere, forecast } = await import('../../packages/core/dist/stock/index.js');

const RUNS = 15;
const POURS = 10_000;
const FIT = 0.75;
const TODAY = new Date().toISOString().slice(0, 10);
const median = (run) => {
  const times = Array.from({ length: RUNS }, () => {
    const began = performance.now();
    run();
    return performance.now() - began;
  });
  return quantile(times, 0.5);
};

const { catalogue } = loadShipped();
const kinds = kindIndex(catalogue.kinds);
const bottled = catalogue.kinds.filter((k) => k.supply !== 'fresh' && !k.abstract);
const bottlesOf = (n) =>
  Array.from({ length: n }, (_, i) => ({
    ...bottleThere(`00000000-0000-4000-8000-${String(i).padStart(12, '0')}`, bottled[i % bottled.length].id),
    sizeMl: 700,
    leftMl: 50 + ((i * 97) % 650),
    openedOn: TODAY,
  }));
const pours = Array.from({ length: POURS }, (_, i) => {
  const at = new Date(Date.now() - (POURS - i) * 4 * 3_600_000).toISOString();
  const recipe = catalogue.recipes[(i * 31) % catalogue.recipes.length];
  const part = { kind: 'dry-gin', ml: 50, pieces: 0, drawn: [] };
  return {
    id: randomUUID(),
    at,
    on: at.slice(0, 10),
    drink: recipe.id,
    name: recipe.name,
    glasses: 1,
    for: [],
    parts: [part],
    servedMl: 120,
    abv: 0.2,
    ethanolG: 19,
    costMinor: 150,
    currency: 'EUR',
    verdict: i % 6,
    tasted: [],
    note: '',
    round: null,
  };
});

for (const [drinks, count] of [
  [catalogue.recipes.length, 60],
  [5000, 200],
]) {
  const recipes = Array.from({ length: drinks }, (_, i) => {
    const recipe = catalogue.recipes[i % catalogue.recipes.length];
    return i < catalogue.recipes.length ? recipe : { ...recipe, id: `${recipe.id}-${i}`, group: undefined };
  });
  const ready = pourables({ ...catalogue, recipes }, FIT);
  const bottles = bottlesOf(count);
  const look = () => {
    const there = atHand(bottles, [], kinds, TODAY);
    return pourNow(
      ready,
      { there, freshPieces: new Map(), kit: emptyKit(), houseSyrupRatio: null },
      catalogue,
      kinds,
      FIT,
    );
  };
  const have = new Set(bottles.map((b) => b.kind));
  const straight = () =>
    recipes.filter((r) =>
      r.slots.every((s) => s.optional || kinds.get(s.kind)?.supply === 'fresh' || have.has(s.kind)),
    ).length;
  const [mine, plain] = [median(look), median(straight)];
  console.log(
    `What ${count} bottles pour of ${drinks} drinks (${look().drinks.length}): ${mine.toFixed(1)} ms, ${(mine / plain).toFixed(1)} times a plain look (${plain.toFixed(1)} ms)`,
  );
}
const bottles = bottlesOf(200);
const there = atHand(bottles, [], kinds, TODAY);
const now = pourNow(
  pourables(catalogue, FIT),
  { there, freshPieces: new Map(), kit: emptyKit(), houseSyrupRatio: null },
  catalogue,
  kinds,
  FIT,
);
const pace = () => paceOf(pours, TODAY);
const dry = median(() => {
  const is = pace();
  return forecast(there, bottles, kinds, (kind) => is.mlPerWeek.get(kind) ?? 0, TODAY);
});
const sum = median(() => pours.reduce((total, p) => total + p.glasses, 0));
console.log(
  `Pace and forecast over ${POURS} pours, 200 bottles: ${dry.toFixed(1)} ms, ${(dry / sum).toFixed(0)} times adding up their glasses`,
);
console.log(
  `The order of ${now.drinks.length} drinks by ${POURS} pours: ${median(() => ranked(now.drinks, pours, there, TODAY)).toFixed(1)} ms`,
);

const { address, stop } = await servedDemo();
for (let i = 0; i < pours.length; i += 500) {
  const writes = pours
    .slice(i, i + 500)
    .map((value) => ({ thing: 'pour', id: value.id, value, version: null }));
  const sent = await fetch(`${address}/api/changes`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ id: randomUUID(), change: 'Many', writes }),
  });
  if (!sent.ok) throw new Error(await sent.text());
}
const browser = await chromium.launch({ executablePath: ensureChromium(), args: CHROMIUM_FLAGS });
const SENTENCES = { Pour: /drinks now/, Shelf: /litres/ };
try {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.addInitScript(() => {
    globalThis.long = [];
    new globalThis.PerformanceObserver((list) => {
      for (const task of list.getEntries()) globalThis.long.push({ at: task.startTime, ms: task.duration });
    }).observe({ type: 'longtask', buffered: true });
  });
  await page.goto(`${address}/plan`);
  await page
    .getByText(/^Proven best/)
    .first()
    .waitFor({ timeout: 120_000 });
  await page
    .getByText(/\d now|half made/)
    .first()
    .waitFor();
  await page.waitForTimeout(6000);
  for (const [name, sentence] of Object.entries(SENTENCES)) {
    const times = [];
    const tasks = [];
    for (let i = 0; i < 9; i += 1) {
      await page.getByRole('link', { name: /^Bench/ }).click();
      await page.waitForTimeout(1200);
      const from = await page.evaluate(() => performance.now());
      const ms = await page.evaluate(
        ({ step, source }) =>
          new Promise((resolve) => {
            const began = performance.now();
            [...globalThis.document.querySelectorAll('nav a')]
              .find((a) => a.textContent.includes(step))
              .click();
            const look = () =>
              new RegExp(source).test(globalThis.document.querySelector('h1')?.textContent ?? '')
                ? resolve(performance.now() - began)
                : globalThis.requestAnimationFrame(look);
            look();
          }),
        { step: name, source: sentence.source },
      );
      await page.waitForTimeout(1500);
      const longest = await page.evaluate(
        (since) => Math.max(0, ...globalThis.long.filter((t) => t.at >= since).map((t) => t.ms)),
        from,
      );
      times.push(ms);
      tasks.push(longest);
    }
    console.log(
      `${name} over ${POURS} pours: ${quantile(times, 0.5).toFixed(0)} ms to its sentence; longest task ${quantile(tasks, 0.5).toFixed(0)} ms (median), ${Math.max(...tasks).toFixed(0)} ms (worst of ${tasks.length}); a task under 50 ms counts as none`,
    );
  }
} finally {
  await browser.close();
  stop();
}
