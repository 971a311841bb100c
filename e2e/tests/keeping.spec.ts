import type { Browser, Page } from '@playwright/test';
import { expect, proven, saved, test } from '../fixtures.js';
import { dataFolder, startServer } from '../server.js';

/** Another browser on the same household. */
async function another(browser: Browser, address: string): Promise<Page> {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const page = await context.newPage();
  await page.goto(address);
  return page;
}

const OWN_PRICES = {
  format: 'uisce-prices/1',
  id: 'mine',
  name: 'Mine',
  currency: 'EUR',
  over: 'lantern-store',
  provenance: 'The shop in the village.',
  bottles: [
    { id: 'mine-gin', kind: 'dry-gin', label: 'Gin', ml: 700, priceMinor: 1650, widthMm: 74, heightMm: 290 },
  ],
};
const money = (page: Page) => page.getByLabel('Now', { exact: true });
const person = (page: Page) => page.getByLabel('At once', { exact: true });
const notes = (page: Page) => page.getByLabel('Notes');
const conflict = (page: Page, title: RegExp) => page.getByRole('alert', { name: title });
/** What a browser changes is held back, as if its line were slow. */
const holdBack = (page: Page) => page.route('**/api/changes', (route) => route.abort());
const letGo = (page: Page) => page.unroute('**/api/changes');

test('two browsers on one plan, kit and batch are told of each other, and nothing is lost', async ({
  page,
  browser,
  demo,
}) => {
  await page.goto(`${demo.address}/brief`);
  await proven(page);
  const other = await another(browser, `${demo.address}/brief`);
  await proven(other);

  // What one changes the other sees at once.
  await money(page).fill('250');
  await money(page).blur();
  await saved(page, 'Money now');
  await expect(money(other)).toHaveValue('€250');

  // A plan: both change it before either has seen the other.
  await holdBack(other);
  await money(other).fill('300');
  await money(other).blur();
  await money(page).fill('275');
  await money(page).blur();
  await expect(money(page)).toHaveValue('€275');
  await page.waitForTimeout(1000);
  await letGo(other);
  const plan = conflict(other, /“First winter”/);
  await expect(plan.getByText(/changed by Chromium on Linux \(“Money now”\)/)).toBeVisible({
    timeout: 20_000,
  });
  await expect(plan.getByRole('row', { name: /money now €300\.00 €275\.00/ })).toBeVisible();
  await expect(money(other)).toHaveValue('€300');
  await expect(money(page)).toHaveValue('€275');
  await plan.getByRole('button', { name: 'Keep yours' }).click();
  await expect(money(page)).toHaveValue('€300');
  await expect(plan).toHaveCount(0);

  // The kit: theirs is taken this time.
  for (const p of [page, other]) await p.keyboard.press('Escape');
  await page.goto(`${demo.address}/kit`);
  await other.goto(`${demo.address}/kit`);
  await expect(person(other)).toHaveValue('2');
  await expect(person(page)).toHaveValue('2');
  await holdBack(other);
  await person(other).fill('7');
  await person(other).blur();
  await person(page).fill('4');
  await person(page).blur();
  await page.waitForTimeout(1000);
  await letGo(other);
  const kit = conflict(other, /the kit/);
  await expect(kit.getByRole('row', { name: /people 7 4/ })).toBeVisible({ timeout: 20_000 });
  await kit.getByRole('button', { name: 'Take theirs' }).click();
  await expect(person(other)).toHaveValue('4');
  await expect(person(page)).toHaveValue('4');

  // A batch: one throws it away while the other writes on it.
  await page.goto(`${demo.address}/bench`);
  await other.goto(`${demo.address}/bench`);
  const grenadine = { name: /^Grenadine/ };
  await page.getByRole('button', grenadine).first().click();
  await other.getByRole('button', grenadine).first().click();
  await holdBack(other);
  await notes(other).fill('Best so far');
  await notes(other).blur();
  await page.getByRole('button', { name: 'Throw it away' }).click();
  await saved(page, 'Threw a batch away');
  await letGo(other);
  const batch = conflict(other, /the batch/);
  await expect(batch.getByText('They removed it; yours is still here.')).toBeVisible({ timeout: 20_000 });
  await batch.getByRole('button', { name: 'Keep yours' }).click();
  await expect(page.getByRole('button', grenadine).first()).toBeVisible();
  await other.close();
});

test('a server that stops in the middle of edits of each kind has them all once it is back', async ({
  page,
}) => {
  const data = dataFolder();
  const first = await startServer(data.path, { UISCE_DEMO: '1' });
  const { port } = new URL(first.address);
  await page.goto(`${first.address}/brief`);
  await proven(page);
  await page.getByRole('link', { name: /^Kit/ }).click();
  await expect(person(page)).toHaveValue('2');
  await page.getByRole('link', { name: /^Bench/ }).click();
  await page
    .getByRole('button', { name: /^Grenadine/ })
    .first()
    .waitFor();
  await first.stop();

  // A batch, own recipes, the kit, settings, a plan, prices: each is changed while nobody is there to take it.
  await page
    .getByRole('button', { name: /^Grenadine/ })
    .first()
    .click();
  await notes(page).fill('Written in the dark');
  await notes(page).blur();
  await expect(page.getByText(/server does not answer/)).toBeVisible();
  const own = page.getByRole('region', { name: /^Your own way/ });
  await own.getByLabel('Called').fill('in the dark');
  await own.getByRole('button', { name: 'Save' }).click();
  await page.getByRole('link', { name: /^Kit/ }).click();
  await person(page).fill('5');
  await person(page).blur();
  await page.getByRole('button', { name: /Settings/ }).click();
  await page.getByText('Night, for a dim room').click();
  await page.getByRole('dialog').getByRole('button', { name: 'Close' }).click();
  await page.getByRole('link', { name: /^Brief/ }).click();
  await money(page).fill('150');
  await money(page).blur();
  await expect(money(page)).toHaveValue('€150');
  await page.getByLabel('Bring your own price file').setInputFiles({
    name: 'mine.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify(OWN_PRICES)),
  });
  await expect(page.getByText('Mine: 1 price in use now.')).toBeVisible();
  await page.waitForTimeout(500);
  // Reloaded while the server is still away: the page is gone, what was changed is not.
  await page.reload().catch(() => undefined);

  const second = await startServer(data.path, { UISCE_DEMO: '1', UISCE_PORT: port });
  expect(new URL(second.address).port).toBe(port);
  await page.goto(`${second.address}/brief`);
  await saved(page, 'Prices of Mine');
  await expect(money(page)).toHaveValue('€150');
  // Once each, and in the order in which they were made: undone from the last to the first.
  for (const before of [
    'Money now',
    'Settings',
    'People at once',
    'Own recipe',
    'Notes on a batch',
    undefined,
  ]) {
    await page.keyboard.press('u');
    if (before) await saved(page, before);
    else await expect(page.getByRole('button', { name: 'Nothing to undo' })).toBeVisible();
  }
  await page.close();
  await second.stop();
  data.remove();
});

test('a draft older than what is stored is offered, not applied', async ({ page, browser }) => {
  const data = dataFolder();
  const first = await startServer(data.path, { UISCE_DEMO: '1' });
  const { port } = new URL(first.address);
  await page.goto(`${first.address}/brief`);
  await proven(page);
  // The fields come after the sentence.
  await money(page).waitFor();
  await first.stop();
  await money(page).fill('111');
  await money(page).blur();
  await expect(page.getByText(/server does not answer/)).toBeVisible();
  await page.goto('about:blank');

  // Somebody else has changed it before this browser comes back.
  const second = await startServer(data.path, { UISCE_DEMO: '1', UISCE_PORT: port });
  const other = await another(browser, `${second.address}/brief`);
  await proven(other);
  await money(other).fill('222');
  await money(other).blur();
  await saved(other, 'Money now');
  await page.goto(`${second.address}/brief`);
  const offered = conflict(page, /“First winter”/);
  await expect(offered.getByRole('row', { name: /money now €111\.00 €222\.00/ })).toBeVisible({
    timeout: 20_000,
  });
  await expect(money(other)).toHaveValue('€222');
  await offered.getByRole('button', { name: 'Take theirs' }).click();
  await expect(money(page)).toHaveValue('€222');
  await other.close();
  await page.close();
  await second.stop();
  data.remove();
});
