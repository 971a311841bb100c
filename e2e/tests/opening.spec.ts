import type { Page, Route } from '@playwright/test';
import { expect, proven, test } from '../fixtures.js';

/** Whether the browser has kept the report on the kit: it does so once the report is checked and shown. */
const keepsKit = (page: Page) =>
  page.evaluate(
    () =>
      new Promise<boolean>((resolve) => {
        const opening = indexedDB.open('uisce-found');
        opening.onsuccess = () => {
          const all = opening.result.transaction('found').objectStore('found').getAllKeys();
          all.onsuccess = () => {
            opening.result.close();
            resolve(all.result.includes('kit'));
          };
        };
      }),
  );

test('what this browser found before is there at once, though no solver answers', async ({ page, demo }) => {
  await page.goto(`${demo.address}/plan`);
  const plan = await proven(page);
  await page.goto(`${demo.address}/kit`);
  await page.getByText('Cheapest set, proven').waitFor({ timeout: 60_000 });
  const kit = await page.getByRole('heading', { level: 1 }).innerText();
  await expect.poll(() => keepsKit(page)).toBe(true);

  let held = 0;
  await page.route('**/solver.worker*', () => void (held += 1));
  await page.goto(`${demo.address}/plan`);
  expect(await proven(page)).toBe(plan);
  await page.goto(`${demo.address}/kit`);
  await page.getByText('Cheapest set, proven').waitFor();
  expect(await page.getByRole('heading', { level: 1 }).innerText()).toBe(kit);
  // It is checked all the same, once the page is there.
  await expect.poll(() => held).toBeGreaterThan(0);

  // Another question is not answered by an old answer.
  await page.goto(`${demo.address}/brief`);
  await proven(page);
  await page.getByLabel('Now', { exact: true }).fill('95');
  await page.getByLabel('Now', { exact: true }).blur();
  await expect(page.getByText('Working it out')).toBeVisible();
});

test('what cannot be fetched below the sentence is fetched once the server is back', async ({
  page,
  demo,
}) => {
  const cards = '**/assets/BriefPanels-*.js';
  let refused = 0;
  await page.route(cards, (route) => {
    refused += 1;
    return route.abort();
  });
  await page.goto(`${demo.address}/brief`);
  await expect(page.getByRole('heading', { level: 1 })).toContainText('makes');
  await expect.poll(() => refused).toBeGreaterThan(0);
  await expect(page.getByLabel('Now', { exact: true })).toHaveCount(0);
  await page.unroute(cards);
  await expect(page.getByLabel('Now', { exact: true })).toHaveValue('€240');
});

test('opened while its server is away it says so, and opens by itself once that is back', async ({
  page,
  demo,
}) => {
  await page.route('**/api/kept', (route) => route.abort());
  await page.goto(`${demo.address}/plan`);
  await expect(page.getByRole('heading', { level: 1 })).toContainText('could not start');
  await page.unroute('**/api/kept');
  await proven(page);
});

test('nothing heavy is fetched before the first sentence, however long it takes', async ({ page, demo }) => {
  const slowly = async (route: Route) => {
    await page.waitForTimeout(2000);
    await route.continue();
  };
  await page.route('**/solver.worker*', slowly, { times: 1 });
  await page.addInitScript(() => {
    new MutationObserver((_, observer) => {
      if (!/makes \d/.test(document.querySelector('h1')?.textContent ?? '')) return;
      observer.disconnect();
      const files = performance
        .getEntriesByType('resource')
        .map((f) => ({ name: f.name, bytes: (f as PerformanceResourceTiming).encodedBodySize }));
      Object.assign(window, { files });
    }).observe(document, { childList: true, subtree: true, characterData: true });
  });
  await page.goto(`${demo.address}/plan`);
  await proven(page);
  const files = await page.evaluate(
    () => (window as unknown as { files: { name: string; bytes: number }[] }).files,
  );
  expect(files.filter((f) => /echarts|pdf|papaparse/.test(f.name))).toEqual([]);
  const bytes = files.filter((f) => f.name.includes('/assets/')).reduce((sum, f) => sum + f.bytes, 0);
  expect(bytes).toBeGreaterThan(50 * 1024);
  expect(bytes).toBeLessThan(450 * 1024);
});
