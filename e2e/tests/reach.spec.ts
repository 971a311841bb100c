import type { Page } from '@playwright/test';
import { axeFaults, change, countCore, expect, proven, test } from '../fixtures.js';

/** Each light and each size once: contrast is a matter of the light, room a matter of the size. */
const LOOKS = [
  { theme: 'day', size: { width: 1280, height: 800 } },
  { theme: 'night', size: { width: 390, height: 844 } },
] as const;

/** Even at 320 px a page is read without moving sideways. */
async function nothingOverflows(page: Page): Promise<void> {
  const size = page.viewportSize();
  await page.setViewportSize({ width: 320, height: 700 });
  // Drawings are drawn anew for the room there is.
  await expect
    .poll(() => page.evaluate(() => document.documentElement.scrollWidth), { timeout: 10_000 })
    .toBe(320);
  if (size) await page.setViewportSize(size);
}

for (const { theme, size } of LOOKS) {
  test(`axe finds nothing by ${theme} at ${size.width}`, async ({ page, demo, request }) => {
    await change(request, `${demo.address}/api/settings`, { theme });
    await countCore(request, demo.address);
    await page.setViewportSize(size);
    for (const path of [
      '/brief',
      '/kit',
      '/bench',
      '/errand',
      '/shelf',
      '/plan',
      '/notebook',
      '/notebook/dry-martini',
    ]) {
      await page.goto(demo.address + path);
      if (path.startsWith('/notebook')) await page.getByText(/^\d+ entries/).waitFor({ state: 'attached' });
      else if (path === '/kit')
        await page.getByText(/Cheapest set, proven|Nothing to buy/).waitFor({ timeout: 60_000 });
      else if (path === '/shelf') await page.getByRole('button', { name: /^Dry gin, 230/ }).click();
      else if (path === '/errand')
        await page.getByRole('button', { name: /^Dark rum, .*what was found/ }).click();
      else if (path === '/bench') await page.getByRole('button', { name: 'Begin at the scale' }).click();
      else await proven(page);
      if (size.width < 400) await nothingOverflows(page);
      if (path.endsWith('martini')) await page.getByText('Among the martinis').waitFor();
      if (path === '/kit') await page.getByRole('button', { name: 'Weigh a vessel' }).click();
      if (path === '/plan') {
        // What comes late moves what is below it.
        await page.getByRole('slider', { name: /^Waterline/ }).waitFor();
        await page
          .getByRole('button', { name: /, base/ })
          .first()
          .click();
      }
      await expect(page.locator(`.v-theme--${theme}`).first()).toBeAttached();
      // What is laid out only when it is seen is looked at too. (Our own policy lets no other style in.)
      await page.evaluate(() => {
        document
          .querySelectorAll<HTMLElement>('main section')
          .forEach((card) => card.style.setProperty('content-visibility', 'visible'));
      });
      expect(await axeFaults(page), `${path} by ${theme}`).toEqual([]);
      const wider = await page.evaluate(() => document.documentElement.scrollWidth - innerWidth);
      expect(wider, `${path} scrolls sideways`).toBeLessThanOrEqual(0);
    }
  });
}

for (const { theme, size } of LOOKS) {
  test(`axe finds nothing in Pour, Evening, writing and Practice by ${theme} at ${size.width}`, async ({
    page,
    demo,
    request,
  }) => {
    await change(request, `${demo.address}/api/settings`, { theme });
    await page.setViewportSize(size);
    const parts = [
      ['/pour/round', /^This round/],
      // What is a list by day is the same list by night: each is looked at once.
      ...(theme === 'day' ? [['/pour', /drinks that can be poured/]] : [['/pour/log', /^Evenings/]]),
      ...(theme === 'day'
        ? []
        : [
            ['/evening', /^Who comes/],
            ['/notebook/write', /^Your text/],
            ['/notebook/exchange', /^In: recipes from a file/],
            ['/practice', /^How near/],
            ['/practice/balance', /^Four glasses of/],
            ['/settings/devices', /^In the home network/],
            ['/settings/about', /^About/],
          ]),
      ...(theme === 'day'
        ? [
            ['/evening/past', /^How were they/],
            ['/notebook/ours', /^Drinks$/],
            ['/notebook/liked', /^The best of each family/],
            ['/practice/words', /^Shots and spoons/],
            ['/settings', /^How things are written/],
            ['/settings/data', /^Your data, kept safe/],
          ]
        : []),
    ] as [path: string, ready: RegExp][];
    for (const [path, ready] of parts) {
      await page.goto(demo.address + path);
      await page.getByRole('heading', { name: ready }).waitFor();
      if (size.width < 400) await nothingOverflows(page);
      expect(await axeFaults(page), `${path} by ${theme}`).toEqual([]);
    }
  });
}

test('steps, the list of keys and the table are one key away', async ({ page, demo }) => {
  await page.goto(demo.address);
  await proven(page);
  await page.keyboard.press('1');
  await expect(page).toHaveURL(/\/brief$/);
  await page.keyboard.press('2');
  await expect(page).toHaveURL(/\/kit$/);
  await page.keyboard.press('3');
  await expect(page).toHaveURL(/\/plan$/);
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
  await page.keyboard.press('Escape');
  await page.getByRole('slider', { name: /Waterline/ }).focus();
  await page.keyboard.press('t');
  await expect(page.getByRole('columnheader', { name: 'From' })).toBeVisible();
});
