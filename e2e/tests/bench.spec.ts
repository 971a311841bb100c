import { readFileSync } from 'node:fs';
import { inflateSync } from 'node:zlib';
import type { Page } from '@playwright/test';
import { choose, expect, proven, saved, test } from '../fixtures.js';

/** What a PDF writes: its streams unpacked, and the hexadecimal strings in them read. */
function textOf(pdf: Buffer): string {
  const out: string[] = [];
  for (let at = pdf.indexOf('stream\n'); at !== -1; at = pdf.indexOf('stream\n', at + 1)) {
    if (pdf.subarray(at - 3, at).toString() === 'end') continue;
    const end = pdf.indexOf('endstream', at);
    try {
      const content = inflateSync(pdf.subarray(at + 7, end)).toString('latin1');
      for (const [, hex] of content.matchAll(/<([0-9A-F]+)> Tj/g))
        out.push(Buffer.from(hex ?? '', 'hex').toString('latin1'));
    } catch {
      // Not a packed stream.
    }
  }
  return out.join('\n');
}

const steady = (page: Page) => page.getByRole('button', { name: 'It is in' });

test('a batch is weighed with an overshoot, paused, bottled and labelled', async ({ page, demo }) => {
  await page.goto(`${demo.address}/bench`);
  const sentence = page.getByRole('heading', { level: 1, name: /fills your/ });
  await sentence.waitFor({ timeout: 60_000 });
  await page.getByLabel('Syrup or cordial').fill('Rich syrup, 1.75');
  await page.getByRole('option', { name: 'Rich syrup, 1.75 to 1' }).click();
  await page.getByLabel('The bottle holds').fill('850');
  // The trade's batch: 700 g of sugar and 400 g of water fill an 850 ml bottle, near enough.
  await expect(sentence).toHaveText(
    /^69\d g white sugar and 39\d g hot water: 833 ml, fills your 850 ml bottle$/,
  );
  await expect(page.getByText(/63\.6 °Brix · keep it cold, use by/)).toBeVisible();
  await page.getByRole('button', { name: 'Begin at the scale' }).click();

  // A jar that was not tared: the scale's own figure to stop at is given.
  const bench = page.getByRole('region', { name: 'Rich syrup, 1.75 to 1 at the scale' });
  await bench.getByLabel('I tare before each part').uncheck();
  await saved(page, 'Taring');
  await bench.getByRole('button', { name: 'Put the jar on' }).click();
  await expect(bench.getByText(/white sugar: stop at 1,?2[23]\d g/)).toBeVisible();
  await expect(steady(page)).toBeDisabled();
  await bench.getByRole('button', { name: 'Pour to the mark' }).click();
  await bench.getByRole('button', { name: 'A spoonful' }).click();
  await expect(bench.getByText(/\d+ g too much/)).toBeVisible();
  await expect(steady(page)).toBeEnabled();
  await steady(page).click();
  await expect(bench.getByText(/Overshot by 1\.\d %: .* still fits your 850 ml/)).toBeVisible();
  await expect(bench.getByText(/hot water: stop at 1,?6[34]\d g/)).toBeVisible();

  // Away and back: everything is where it was.
  await page.reload();
  await expect(bench.getByText(/Overshot by 1\.\d %/)).toBeVisible({ timeout: 30_000 });
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(
    /^Rich syrup, 1\.75 to 1 is on the scale: 40\d g hot water next$/,
  );
  // The water is weighed on a scale of one's own, jar and all: its figure is typed.
  const own = bench.getByLabel(/^Or your own scale, jar and all: 1,?6[34]\d g/);
  await own.fill('12');
  await bench.getByRole('button', { name: 'Mine shows this' }).click();
  await expect(bench.getByText(/a number above 1,?2\d\d/)).toBeVisible();
  const label = await bench
    .getByText(/^Or your own scale, jar and all:/)
    .first()
    .textContent();
  await own.fill((/([\d,]+) g/.exec(label ?? '')?.[1] ?? '').replace(',', ''));
  await own.press('Enter');

  await expect(bench.getByText(/^Warm/)).toBeVisible();
  await bench.getByRole('button', { name: 'It is done' }).click();
  await expect(bench.getByText(/^Weigh it without the pan/)).toBeVisible();
  await bench.getByRole('button', { name: 'Weigh on the simulated scale' }).click();
  await expect(bench.getByText(/of water went off: give it back/)).toBeVisible();
  await bench.getByRole('button', { name: 'It is back' }).click();
  await expect(bench.getByText(/^Let it cool/)).toBeVisible();
  await bench.getByRole('button', { name: 'It is done' }).click();
  await bench.getByRole('button', { name: 'Read a drop on the refractometer' }).click();
  await expect(bench.getByText(/reads 6[34](\.5)? °Brix/)).toBeVisible();
  await bench.getByRole('button', { name: 'Into the bottle, with today’s date' }).click();

  const shelf = page.getByRole('region', { name: /^Batches/ });
  await shelf.getByRole('button', { name: /^Rich syrup, 1\.75 to 1, 84\d ml left/ }).click();
  const downloading = page.waitForEvent('download');
  await shelf.getByRole('button', { name: 'Its label (PDF)' }).click();
  const text = textOf(readFileSync(await (await downloading).path()));
  expect(text).toContain('Rich syrup, 1.75 to 1');
  expect(text).toMatch(/1\.7[4-6] to 1 by weight, 63\.[4-8] °Brix/);
  expect(text).toMatch(/Use by \d+ \w+ 20\d\d, keep cold/);
  await shelf.getByRole('button', { name: 'Strip for tonight' }).click();
  await expect(shelf.getByText(/mm of tape left/)).toBeVisible();
  await shelf.getByLabel('Left in it').fill('-3');
  await expect(shelf.getByText('Type a number from 0 to 20000.')).toBeVisible();
  await shelf.getByRole('button', { name: 'Throw it away' }).click();
  await expect(shelf.getByRole('button', { name: /^Rich syrup/ })).toHaveCount(0);
  await page.keyboard.press('u');
  await expect(shelf.getByRole('button', { name: /^Rich syrup/ })).toBeVisible();
});

test('one house syrup rescales the specs, and what to make is scheduled', async ({ page, demo }) => {
  await page.goto(`${demo.address}/plan`);
  await proven(page);
  await page.keyboard.press('5');
  const house = page.getByRole('region', { name: /^House syrup/ });
  await choose(house, 'We keep', '2 to 1');
  // 15 ml of 1:1 holds 9.2 g of sugar, as about 10.4 ml of 2:1 does.
  await expect(house.getByText(/Pour 10\.4 ml of 2 to 1, with \d(\.\d)? ml less water/)).toBeVisible();
  const plan = page.getByRole('region', { name: /^What to make when/ });
  await expect(plan.getByText(/begin/).first()).toBeVisible();
  await plan.getByRole('button', { name: 'Another day' }).click();
  await expect(plan.getByRole('heading')).toContainText('for 3 days');

  await plan.getByLabel('Portions may wait in the freezer').check();
  await plan.getByLabel('Day 3').fill('2031-01-01');
  await expect(plan.getByText(/begin/).first()).toBeVisible();

  // Extended citrus by another school, kept as one's own and made like any other.
  const own = page.getByRole('region', { name: /^Your own way/ });
  await expect(own.getByText(/6\.\d% acid against 5\.8% in fresh juice: as sour as fresh/)).toBeVisible();
  await own.getByLabel('Water to peel').fill('24');
  await expect(own.getByText(/softer than fresh/)).toBeVisible();
  await own.getByLabel('Called').fill('long and soft');
  await own.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('citrus peel');
  await expect(own.getByText('Lime juice, long and soft').first()).toBeVisible();
  await own.getByRole('radio', { name: 'Something else' }).check();
  await own.getByLabel('Part 1').fill('fresh ginger');
  await page.getByRole('option', { name: 'fresh ginger' }).click();
  await own.getByRole('button', { name: 'Save' }).click();
  await expect(own.getByText(/can grow botulism: it is not made here/)).toBeVisible();
  await own.getByRole('radio', { name: 'A liqueur' }).check();
  await own.getByLabel('To come to').fill('55');
  await expect(own.getByText('the spirit must be stronger than the liqueur')).toBeVisible();

  await page.goto(`${demo.address}/notebook/daiquiri`);
  const spec = page.getByRole('table', { name: 'What goes in' });
  await expect(spec.getByText(/from the house syrup, 2 to 1; written as 20 ml/)).toBeVisible();
  await expect(spec.getByRole('cell', { name: '13.9 ml' })).toBeVisible();
});
