// How long each step takes from a cold browser to its sentence, and what was fetched before it.
import { install } from '../bootstrap.mjs';
import { CHROMIUM_FLAGS, ensureChromium } from '../chromium.mjs';
import { quantile, servedDemo } from './served.mjs';

install();
const { build } = await import('../build.mjs');
build();
const { chromium } = await import('@playwright/test');

const times = Number(process.argv[3] ?? 15);
/** The sentence of each step, once it says its answer. */
const STEPS = {
  '/plan': /^\S+ makes \d+ drinks/,
  '/brief': /^\S+ makes \d+ drinks/,
  '/kit': /^(Your hands can already make \d|Tap what you own)/,
  '/notebook': /your plan makes \d/,
  '/bench': /: [\d.,]+ ml/,
};
/** What must not be fetched before it is needed. */
const HEAVY = ['echarts', 'pdf', 'papaparse'];

const { address, stop } = await servedDemo();
const browser = await chromium.launch({ executablePath: ensureChromium(), args: CHROMIUM_FLAGS });
const median = (numbers) => quantile(numbers, 0.5);

/** Notes when the sentence says its answer, and what had been fetched by then. */
function watchSentence(source) {
  const sentence = new RegExp(source);
  new globalThis.MutationObserver(() => {
    const text = globalThis.document.querySelector('h1')?.textContent?.replace(/\s+/g, ' ').trim() ?? '';
    if (globalThis.said !== undefined || !sentence.test(text)) return;
    const files = performance
      .getEntriesByType('resource')
      .filter((f) => f.name.includes('/assets/'))
      .map((f) => ({ name: f.name.split('/').at(-1), bytes: f.encodedBodySize }));
    globalThis.said = { ms: performance.now(), files };
  }).observe(globalThis.document, { childList: true, subtree: true, characterData: true });
}

/** Open one step in a context of its own. */
async function open(path, storageState) {
  const context = await browser.newContext({
    viewport: { width: 1280, height: 800 },
    ...(storageState ? { storageState } : {}),
  });
  const page = await context.newPage();
  await page.addInitScript(watchSentence, STEPS[path].source);
  await page.goto(address + path);
  await page.waitForFunction(() => globalThis.said !== undefined, undefined, {
    timeout: 60_000,
    polling: 50,
  });
  const said = await page.evaluate(() => globalThis.said);
  const paint = await page.evaluate(
    () => performance.getEntriesByName('first-contentful-paint')[0]?.startTime ?? 0,
  );
  return { context, page, paint, ...said };
}

/** What a browser holds that has looked at every step once. */
async function knownHousehold() {
  const { context, page } = await open('/plan');
  await page.getByText(/Proven at every budget/).waitFor({ timeout: 120_000 });
  for (const path of Object.keys(STEPS)) {
    await page.goto(address + path);
    await page.waitForTimeout(4_000);
  }
  const state = await context.storageState({ indexedDB: true });
  await context.close();
  return state;
}

try {
  const known = await knownHousehold();
  console.log(`medians of ${times} cold contexts, ms to the sentence (and as a multiple of the first paint)`);
  console.log('step        first paint      known household      new household      fetched before it');
  for (const path of Object.keys(STEPS)) {
    const runs = { known: [], fresh: [] };
    let files = [];
    const paints = [];
    for (let i = 0; i < times; i += 1) {
      for (const [name, state] of [
        ['known', known],
        ['fresh', undefined],
      ]) {
        const run = await open(path, state);
        runs[name].push(run.ms);
        paints.push(run.paint);
        if (name === 'known') files = run.files;
        await run.context.close();
      }
    }
    const paint = median(paints);
    const said = (ms) => `${ms.toFixed(0)} ms (×${(ms / paint).toFixed(1)})`;
    const kib = files.reduce((sum, f) => sum + f.bytes, 0) / 1024;
    const heavy = files.filter((f) => HEAVY.some((h) => f.name.toLowerCase().includes(h)));
    console.log(
      [
        path.padEnd(10),
        `${paint.toFixed(0)} ms`.padStart(10),
        said(median(runs.known)).padStart(20),
        said(median(runs.fresh)).padStart(20),
        `${kib.toFixed(0)} KiB in ${files.length} files`.padStart(24),
        heavy.length > 0 ? `heavy: ${heavy.map((f) => f.name).join(' ')}` : '',
      ].join(' '),
    );
    if (process.env.UISCE_FILES) for (const f of files) console.log('   ', f.bytes, f.name);
  }
} finally {
  await browser.close();
  stop();
}
