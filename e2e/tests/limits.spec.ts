import { choose, expect, proven, saved, test } from '../fixtures.js';

const opened = (sentence: string) => Number(/makes (\d+)/.exec(sentence)?.[1]);

test('limits on bottles and litres are kept to in turn', async ({ page, demo }) => {
  await page.goto(`${demo.address}/brief`);
  const free = opened(await proven(page));
  await page.getByLabel('At most').fill('9');
  await saved(page, 'Limits');
  const few = await proven(page);
  // Nine in all: what is owned counts.
  expect(few).toMatch(/with 2 bottles beside your 7/);
  expect(opened(few)).toBeLessThan(free);

  await page.getByLabel('At most').fill('');
  await page.getByLabel('Liquor kept at home').fill('6,5');
  await expect(page.getByText(/differs by place: ask your local authority/)).toBeVisible();
  await expect(page.getByRole('heading', { level: 1 })).not.toHaveText(few);
  expect(opened(await proven(page))).toBeLessThan(free);
  await page.getByLabel('Liquor kept at home').fill('a lot');
  await expect(page.getByText('Type a number from 0.1 to 1000, or nothing.')).toBeVisible();
});

test('an empty household can look at the example, and keeps it', async ({ page, empty }) => {
  await page.goto(empty.address);
  await page.getByRole('button', { name: 'Look at an example first' }).click();
  await expect(page).toHaveURL(/\/plan$/);
  const sentence = await proven(page);
  expect(sentence).toMatch(/^€240 makes/);
  await page.reload();
  expect(await proven(page)).toBe(sentence);
});

test('the region writes the money, and the night stays after a reload', async ({ page, demo }) => {
  await page.goto(demo.address);
  await proven(page);
  await page.getByRole('button', { name: /Settings/ }).click();
  await choose(page, 'Money and numbers as in', 'Germany (German)');
  await page.getByRole('radio', { name: /Night/ }).check();
  await page.getByRole('dialog').getByRole('button', { name: 'Close' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('240 €');
  await saved(page, 'Settings');
  await page.reload();
  await proven(page);
  await expect(page.locator('.v-theme--night').first()).toBeVisible();
});
