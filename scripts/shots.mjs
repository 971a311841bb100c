// Takes the pictures in docs/screenshots from the demo's data, on a database of its own.
import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { install, ROOT } from './bootstrap.mjs';
import { CHROMIUM_FLAGS, ensureChromium } from './chromium.mjs';
import { servedDemo } from './perf/served.mjs';

install();
const { build } = await import('./build.mjs');
build();
const { chromium } = await import('@playwright/test');

const FOLDER = join(ROOT, 'docs/screenshots');
const DESK = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };

/** The waterline by months, with the rules of thumb below it. */
async function months(page) {
  await page.getByText('Months', { exact: true }).click();
  await page.getByText(/Skipping (a )?month/).waitFor({ timeout: 60_000 });
  await page.getByRole('button', { name: 'Table' }).click();
  await page.locator('#waterline-title').evaluate((title) => title.scrollIntoView());
}

/** Sugar overshot on the scale, and the water that puts it right. */
async function overshoot(page) {
  await page.getByRole('button', { name: 'Begin at the scale' }).click();
  await page.getByRole('button', { name: 'Put the jar on' }).click();
  await page.waitForTimeout(2500);
  for (const step of ['Tare', 'Pour to the mark', 'A spoonful']) {
    await page.getByRole('button', { name: step }).click();
    await page.waitForTimeout(400);
  }
  await page.waitForTimeout(2000);
  await page.getByRole('button', { name: 'It is in' }).click();
  await page.getByText(/Overshot by/).waitFor();
}

/** A price found in the shop. */
async function inTheShop(page) {
  await page.getByRole('button', { name: /^Blanco tequila, .*what was found/ }).click();
  await page
    .getByLabel('Blanco tequila costs')
    .evaluate((field) => field.scrollIntoView({ block: 'center' }));
}

/** Two drinks on the tray. */
async function tray(page) {
  for (const name of ['Gin sling', 'Half-and-half vermouth'])
    await page.getByRole('button', { name: `Pour ${name}` }).click();
}

/** A recipe pasted, with one part that nobody knows. */
async function pasted(page) {
  await page
    .getByLabel('A recipe, or several: typed or pasted')
    .fill(
      [
        'Harbour light',
        '2 oz white rum',
        '¾ oz fresh lime juice',
        '¾ oz sea purslane cordial',
        '2 dashes bitters',
        'Shake with ice and double strain into a coupe.',
        'Garnish: lime wheel',
      ].join('\n'),
    );
  await page.getByText('1 line to settle').waitFor();
}

/** The menu is settled, one has asked, and another is asking. */
async function asking(page) {
  await page.getByRole('button', { name: 'Settle the menu' }).click();
  await page.getByRole('button', { name: /^Aoife/ }).click();
  // It is saved when the hand has rested.
  const isSettled = async () => {
    const evenings = await (await page.request.get(new URL('/api/evenings', page.url()).href)).json();
    return evenings.some((e) => e.value.guestCard !== null && e.value.must.length >= e.value.size);
  };
  while (!(await isSettled())) await page.waitForTimeout(200);
  await page.getByRole('button', { name: 'Gin and tonic for Aoife' }).click();
  await page.getByRole('button', { name: /^Ciara/ }).click();
}

/** Where guests read the menu of the evening to come. */
async function guestPage(address) {
  const evenings = await (await fetch(`${address}/api/evenings`)).json();
  const { value } = evenings.find((e) => e.value.guestCard !== null);
  return `/card/${value.guestCard.key}`;
}

/** The steps of a group, above the strip at the foot. */
async function openGroup(page) {
  await page.getByRole('button', { name: /^To get/ }).click();
}

/** One of each main view, one by night, one on a phone, and the weighing. */
const SHOTS = [
  { name: 'brief', path: '/brief', size: DESK, theme: 'day' },
  { name: 'kit', path: '/kit', size: DESK, theme: 'day', text: /Your hands can already make/ },
  { name: 'plan', path: '/plan', size: DESK, theme: 'day', drawn: true },
  { name: 'plan-months', path: '/plan', size: DESK, theme: 'day', drawn: true, act: months },
  { name: 'bench', path: '/bench', size: DESK, theme: 'day', text: /fills your/, act: overshoot },
  { name: 'errand', path: '/errand', size: DESK, theme: 'day', text: /a swap makes/ },
  {
    name: 'errand-phone',
    path: '/errand',
    size: PHONE,
    theme: 'night',
    text: /a swap makes/,
    act: inTheShop,
  },
  { name: 'shelf', path: '/shelf', size: DESK, theme: 'day', text: /goes off in \d+ days/ },
  { name: 'pour', path: '/pour', size: DESK, theme: 'day', text: /drinks now/, act: tray },
  { name: 'pour-making', path: '/pour/round', size: DESK, theme: 'night', text: /45 ml dry vermouth next/ },
  { name: 'evening', path: '/evening', size: DESK, theme: 'day', text: /4 on the menu/ },
  {
    name: 'evening-night-phone',
    path: '/evening/night',
    size: PHONE,
    theme: 'night',
    text: /settle the menu/,
    act: asking,
  },
  { name: 'notebook', path: '/notebook', size: DESK, theme: 'day', text: /your plan makes \d/ },
  {
    name: 'writing',
    path: '/notebook/write',
    size: DESK,
    theme: 'day',
    text: /it is read as you go/,
    act: pasted,
  },
  { name: 'drink-night', path: '/notebook/mai-tai', size: DESK, theme: 'night', text: /^Mai [tT]ai: ./ },
  { name: 'practice', path: '/practice', size: DESK, theme: 'day', text: /for 30 ml: you count/ },
  { name: 'settings', path: '/settings/data', size: DESK, theme: 'day', text: /^Safe: backed up/ },
  // Its menu was settled above.
  { name: 'guest-card-night', path: guestPage, size: PHONE, theme: 'night', text: /Saturday at/ },
  { name: 'plan-phone', path: '/plan', size: PHONE, theme: 'day', drawn: true, act: openGroup },
];

const { address, stop } = await servedDemo();

mkdirSync(FOLDER, { recursive: true });
const browser = await chromium.launch({ executablePath: ensureChromium(), args: CHROMIUM_FLAGS });
try {
  for (const shot of SHOTS) {
    const page = await browser.newPage({
      viewport: shot.size,
      reducedMotion: 'reduce',
      serviceWorkers: 'block',
      colorScheme: shot.theme === 'night' ? 'dark' : 'light',
    });
    const settings = await page.request.get(`${address}/api/settings`);
    await page.request.put(`${address}/api/settings`, {
      headers: { 'if-match': settings.headers().etag },
      data: { value: { ...(await settings.json()), theme: shot.theme }, change: 'Light' },
    });
    const path = typeof shot.path === 'string' ? shot.path : await shot.path(address);
    await page.goto(address + path);
    const ready =
      shot.text === undefined
        ? page.getByText(/^Proven best in/)
        : page.getByRole('heading', { level: 1, name: shot.text });
    await ready.first().waitFor({ timeout: 60_000 });
    // What stands below the sentence comes after it.
    await page.locator('main section, main article').first().waitFor();
    await page.waitForTimeout(1000);
    if (shot.drawn) await page.getByText(/Proven at every budget/).waitFor({ timeout: 120_000 });
    if (shot.act) await shot.act(page);
    await page.screenshot({ path: join(FOLDER, `${shot.name}.png`) });
    console.log(`docs/screenshots/${shot.name}.png`);
    await page.close();
  }
} finally {
  await browser.close();
  stop();
}
