import { choose, expect, proven, saved, test } from '../fixtures.js';

test('bad money is refused beside its field and nothing is lost', async ({ page, demo }) => {
  await page.goto(`${demo.address}/brief`);
  const sentence = await proven(page);
  const now = page.getByLabel('Now', { exact: true });
  await now.fill('-5');
  await expect(page.getByText('Money cannot be less than nothing.')).toBeVisible();
  await now.fill('plenty');
  await expect(page.getByText(/not an amount of money/)).toBeVisible();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(sentence);
  await page.reload();
  await expect(now).toHaveValue('€240');
});

test('a price file with faults names them and leaves the prices as they are', async ({ page, demo }) => {
  await page.goto(`${demo.address}/brief`);
  await proven(page);
  const file = page.getByLabel('Bring your own price file');
  const bottle = {
    id: 'a',
    kind: 'dry-gin',
    label: 'A',
    ml: 700,
    priceMinor: 1500,
    widthMm: 70,
    heightMm: 300,
  };
  const list = {
    format: 'uisce-prices/1',
    id: 'mine',
    name: 'Mine',
    currency: 'EUR',
    provenance: 'own',
    bottles: [bottle],
  };
  const give = (text: string) =>
    file.setInputFiles({ name: 'prices.json', mimeType: 'application/json', buffer: Buffer.from(text) });

  await give('{ "format": ');
  await expect(page.getByRole('alert')).toContainText('not JSON');
  await give(JSON.stringify({ ...list, bottles: [bottle, { ...bottle, id: 'b', kind: 'moon-juice' }] }));
  await expect(page.getByRole('alert')).toContainText('/bottles/1/kind: "moon-juice" is not a kind we know');
  await give(JSON.stringify({ ...list, bottles: [{ ...bottle, priceMinor: -3 }] }));
  await expect(page.getByRole('alert')).toContainText('/bottles/0/priceMinor');
  await expect(page.getByText('The Lantern Store', { exact: true })).toBeVisible();

  await give(JSON.stringify(list));
  await expect(page.getByText('Mine: 1 price in use now.')).toBeVisible();
});

test('a brief that cannot be met says what stands in the way', async ({ page, demo }) => {
  await page.goto(`${demo.address}/brief`);
  await proven(page);
  await page.getByLabel('Now', { exact: true }).fill('5');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('€5 does not meet what you ask for');
  await expect(page.getByText(/costs at least €\d+/)).toBeVisible();
  await saved(page, 'Money now');
  await page.getByLabel('Now', { exact: true }).fill('240');
  expect(await proven(page)).toMatch(/^€240 makes/);
});

test('a server that is gone is said, and the edit is saved when it is back', async ({ page, demo }) => {
  await page.goto(`${demo.address}/brief`);
  await proven(page);
  await page.route('**/api/**', (route) => route.abort());
  await page.getByLabel('Now', { exact: true }).fill('150');
  await expect(page.getByText(/server does not answer/)).toBeVisible();
  await page.getByRole('button', { name: '2 plans' }).click();
  await page.getByRole('button', { name: 'Duplicate A smaller start' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Close' }).click();
  await page.unroute('**/api/**');
  // Both are sent, once and in order; the copy is the last and the first to be undone.
  await saved(page, 'Duplicate “A smaller start”');
  await page.keyboard.press('u');
  await saved(page, 'Money now');
  await page.reload();
  await expect(page.getByLabel('Now', { exact: true })).toHaveValue('€150');
});

test('a shop in another currency is said, and the plan counts in it once asked to', async ({
  page,
  demo,
}) => {
  await page.goto(demo.address);
  await proven(page);
  await page.getByRole('button', { name: /Settings/ }).click();
  await choose(page, 'Prices and currency of', 'Withy Cellar (GBP, United Kingdom, 2026)');
  await page.getByRole('dialog').getByRole('button', { name: 'Close' }).click();
  await expect(page.getByText(/This plan is in EUR, the prices of Withy Cellar are in GBP/)).toBeVisible();
  await page.getByRole('button', { name: 'Count the money in GBP' }).click();
  expect(await proven(page)).toMatch(/^£240 makes \d+ drinks/);
});
