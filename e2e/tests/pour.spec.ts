import type { Page } from '@playwright/test';
import { expect, saved, test } from '../fixtures.js';

/** What the step in hand says, large. */
const step = (page: Page) => page.getByRole('region', { name: 'The step' }).locator('p').first();
const current = (page: Page) => page.getByRole('listitem').and(page.locator('[aria-current=step]'));
const level = async (page: Page, kind: string): Promise<number> => {
  const button = page.getByRole('button', { name: new RegExp(`^${kind}, [\\d.]+ ml left`) }).first();
  return Number(/, ([\d.]+) ml left/.exec((await button.getAttribute('aria-label')) ?? '')?.[1]);
};

test('two drinks by the scale, one of them overshot, a reload between: levels fall, the log knows, all is undone', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.address}/shelf`);
  await page.getByRole('button', { name: /^Dry gin, 230 ml left/ }).waitFor();
  const before = { sweet: await level(page, 'Sweet vermouth'), dry: await level(page, 'Dry vermouth') };

  // The round that was left half made goes on where it was.
  await page.keyboard.press('7');
  await page.getByRole('link', { name: /^Half made: Half-and-half vermouth, Gin and tonic/ }).click();
  await expect(step(page)).toContainText('45 ml dry vermouth into the lidded jar');
  await expect(page.getByText(/Stop at 45 g/)).toBeVisible();
  await page.getByRole('button', { name: 'Poured more, or less' }).click();
  await page.getByRole('textbox', { name: 'The scale shows' }).fill('50');
  await page.keyboard.press('Enter');
  // A ninth too much: the sweet vermouth is asked for again, and the ratio stays.
  await expect(page.getByText(/1[123] % more: everything grows with it/)).toBeVisible();
  await expect(step(page)).toContainText('sweet vermouth');
  await expect(page.getByText('Once more: another part went over.')).toBeVisible();
  await page.reload();
  await expect(step(page)).toContainText(/^\s*5\.\d ml\s*sweet vermouth/);

  // Any key that goes on, and a pedal that turns pages; back is one step back.
  await page.keyboard.press('Space');
  // The glass has its ice before the drink is stirred.
  await expect(step(page)).toContainText('A block');
  await page.keyboard.press('PageUp');
  await expect(step(page)).toContainText('sweet vermouth');
  await page.keyboard.press('PageDown');
  await page.keyboard.press('Enter');
  await expect(step(page)).toContainText('Ice');
  await page.keyboard.press('Enter');
  await expect(step(page)).toContainText('35 s');
  await page.keyboard.press('Space');
  await expect(page.getByRole('button', { name: /^Stop/ })).toBeVisible();
  await expect(page.getByRole('figure').getByText(/ml of water/)).toBeVisible();
  // On to the end, whatever it takes.
  await expect(async () => {
    if (!page.url().includes('/served/')) await page.keyboard.press('Space');
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Poured: how was it?', { timeout: 400 });
  }).toPass({ timeout: 40_000, intervals: [100] });

  await page
    .getByRole('group', { name: 'How was the Gin and tonic?' })
    .getByRole('button', { name: /^5 of 5/ })
    .click();
  await saved(page, 'Gin and tonic: 5 of 5');
  await page.getByRole('link', { name: /^Shelf/ }).click();
  await page.getByRole('button', { name: /^Dry gin, 180 ml left/ }).waitFor();
  const after = { sweet: await level(page, 'Sweet vermouth'), dry: await level(page, 'Dry vermouth') };
  // What went over came out of the bottle too, and so did what kept the ratio.
  const [sweet, dry] = [before.sweet - after.sweet, before.dry - after.dry];
  expect(dry).toBeGreaterThan(50);
  expect(dry).toBeLessThan(51.5);
  expect(Math.abs(sweet - dry)).toBeLessThan(0.6);
  await expect(
    page.getByRole('heading', { name: /^When each runs dry .* as you have poured of late/ }),
  ).toBeVisible();

  await page.getByRole('link', { name: /^Pour/ }).click();
  await page.getByRole('link', { name: 'The log' }).click();
  const log = page.getByRole('table', { name: 'What was poured' }).getByRole('row');
  await expect(log.nth(1)).toContainText(/Gin and tonic.*1.*5|Half-and-half/);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(
    /^94 drinks in 3 months; liked best: Daiquiri/,
  );

  // The verdict, and then the whole round, in two steps back.
  await page.keyboard.press('u');
  await page.getByText(/^Undone: Gin and tonic: 5 of 5/).waitFor();
  await page.keyboard.press('u');
  await page.getByText(/^Undone: Poured /).waitFor();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^92 drinks/);
  await page.getByRole('link', { name: /^Shelf/ }).click();
  await page.getByRole('button', { name: /^Dry gin, 230 ml left/ }).waitFor();
  expect(await level(page, 'Sweet vermouth')).toBe(before.sweet);
});

test('a round chosen by the keyboard alone, taken over on a phone, and an entry put back into its bottles', async ({
  page,
  demo,
  browser,
}) => {
  await page.goto(`${demo.address}/pour/round`);
  await page.getByRole('button', { name: 'Cancel it' }).click();
  await page.getByRole('button', { name: 'Cancel it' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/drinks now/);
  await page.getByRole('button', { name: 'Pour Gin and tonic' }).focus();
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'One Gin and tonic more' }).focus();
  await page.keyboard.press('Enter');
  await page.getByRole('checkbox', { name: /^Maeve/ }).focus();
  await page.keyboard.press('Space');
  await page.getByRole('button', { name: 'Make it, step by step' }).focus();
  await page.keyboard.press('Enter');
  await expect(step(page)).toContainText('50 ml dry gin into each of 2 glasses');
  // Readable from two metres: the step at least 28 px, its amount at least 60.
  const size = (element: Element) => Number.parseFloat(getComputedStyle(element).fontSize);
  expect(await step(page).locator('.figure').evaluate(size)).toBeGreaterThanOrEqual(60);
  expect(await step(page).locator('.name').evaluate(size)).toBeGreaterThanOrEqual(28);
  expect(await step(page).locator('.where').evaluate(size)).toBeGreaterThanOrEqual(28);

  const phone = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true });
  const other = await phone.newPage();
  await other.goto(`${demo.address}/pour/round`);
  await expect(step(other)).toContainText('50 ml dry gin');
  // Anywhere on the stage goes on, and the first device follows.
  await step(other).tap();
  await expect(step(other)).toContainText('Ice');
  await expect(current(page)).toContainText('ice into the glass');
  expect(await other.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  await expect(async () => {
    if (!other.url().includes('/served/')) await step(other).tap({ timeout: 1000 });
    await expect(other.getByRole('heading', { level: 1 })).toHaveText('Poured: how was it?', {
      timeout: 400,
    });
  }).toPass({ timeout: 40_000, intervals: [100] });
  await expect(page.getByText('Nothing is being made.')).toBeVisible();
  // Not before: closed at once, it would send what it keeps the next time it is opened.
  await phone.close();

  // Maeve's evening so far stands beside the drinks, and what was never poured goes back.
  await page.getByRole('link', { name: 'Choose', exact: true }).click();
  await expect(
    page.getByText(/^Maeve tonight: 2 glasses, [\d.]+ standard drinks of the 3 set/),
  ).toBeVisible();
  await page.getByRole('link', { name: 'The log' }).click();
  await page
    .getByRole('button', { name: /^Change the Gin and tonic/ })
    .first()
    .click();
  await page.getByRole('button', { name: /^It was never poured/ }).click();
  await saved(page, 'Took back Gin and tonic');
  await page.getByRole('link', { name: /^Shelf/ }).click();
  await expect(page.getByRole('button', { name: /^Dry gin, 180 ml left/ })).toBeVisible();
});
