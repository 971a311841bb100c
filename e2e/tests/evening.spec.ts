import type { Page } from '@playwright/test';
import { change, expect, saved, test } from '../fixtures.js';

const sentence = (page: Page) => page.getByRole('heading', { level: 1 });
const worked = { timeout: 60_000 };
const menu = (page: Page) => page.getByRole('region', { name: /^The menu/ });
const names = (page: Page) => menu(page).getByRole('link').allInnerTexts();

test('six guests, one allergic, one driving: the menu is proven, one drink swapped, what is short goes to the errand', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.address}/evening`);
  await expect(sentence(page)).toHaveText(
    /^Six guests on .* from 20:00: 4 on the menu, 30 pours; €[\d.]+ is missing/,
    worked,
  );
  await expect(page.getByText(/Everyone finds at least two they like · proven best/)).toBeVisible();
  const before = await names(page);
  expect(before).toContain('Gin and tonic');

  // One is swapped for what the app offers: the rest of the menu answers, and who drives still finds two.
  const offer = menu(page)
    .getByRole('button', { name: /^Take .* instead of / })
    .first();
  const [, other = '', out = ''] =
    /^Take (.*) instead of (.*)$/.exec((await offer.getAttribute('aria-label')) ?? '') ?? [];
  await offer.click();
  await saved(page, `${other} instead of ${out}`);
  await expect.poll(() => names(page), worked).toContain(other);
  expect(await names(page)).not.toContain(out);
  await expect(page.getByText(/Everyone finds at least two they like/)).toBeVisible();
  const seats = page.getByRole('table', { name: 'Who finds what' });
  await expect(seats.getByRole('row', { name: /^Ciara, driving/ }).getByText('finds it')).toHaveCount(2);

  await page.getByRole('button', { name: /^Put \d+ things? on the errand, by / }).click();
  await saved(page, 'What the evening lacks');
  await expect(page.getByRole('button', { name: 'On the errand' })).toBeDisabled();

  // The first task is ticked, and the tide goes on without it.
  const tide = page.getByRole('region', { name: /^The tide/ });
  const first = (await tide.getByRole('listitem').first().innerText()).split('\n')[0] ?? '';
  await tide.getByRole('checkbox').first().click();
  await saved(page, `Done: ${first}`);
  await expect(tide.getByRole('listitem').filter({ hasText: first })).toHaveCount(0, worked);
  await page.keyboard.press('u');
  await page.getByText(`Undone: Done: ${first}`).waitFor();

  // On paper and in the calendar.
  for (const [button, file] of [
    ['The menu (PDF)', 'menu.pdf'],
    ['What to do when (PDF)', 'before-the-first-glass.pdf'],
    ['Into the calendar, with alarms', 'evening.ics'],
  ] as const) {
    const coming = page.waitForEvent('download');
    await page.getByRole('button', { name: button }).click();
    expect((await coming).suggestedFilename()).toBe(file);
  }
});

test('one drink is mixed at the scale, two rounds are served on the night, and what is left goes to the shelf', async ({
  page,
  demo,
}) => {
  const api = `${demo.address}/api`;
  // A press makes juice; the round that was left half made is given up.
  const kit = (await (await page.request.get(`${api}/kit`)).json()) as { tools: object[] };
  await change(page.request, `${api}/kit`, { tools: [...kit.tools, { id: 'citrus-press', since: null }] });
  await change(page.request, `${api}/round`, { round: null });
  await page.goto(`${demo.address}/evening`);
  await expect(sentence(page)).toHaveText(/4 on the menu/, worked);
  await page.getByText('A drink that must stand on it; what decides first').click();
  await page.getByRole('combobox', { name: 'Must stand on it' }).fill('Irish sour');
  await page.getByRole('option', { name: 'Irish sour', exact: true }).click();
  await saved(page, 'Irish sour stands on it');
  await expect.poll(() => names(page), worked).toContain('Irish sour');

  // Weighed like any batch: each part as the scale at home shows it.
  await menu(page).getByRole('button', { name: 'Mix Old-fashioned with syrup at the scale' }).click();
  await expect(sentence(page)).toHaveText(/^Old-fashioned with syrup, mixed ahead is on the scale/);
  const bench = page.getByRole('region', { name: /at the scale$/ });
  const own = bench.getByLabel(/^Or your own scale, tared: [\d.,]+ g/);
  for (const next of ['simple syrup 1:1', 'bourbon', 'water', undefined]) {
    const label = await bench
      .getByText(/^Or your own scale, tared:/)
      .first()
      .textContent();
    await own.fill((/([\d.,]+) g/.exec(label ?? '')?.[1] ?? '').replace(',', ''));
    await own.press('Enter');
    await expect(sentence(page)).toHaveText(next ? new RegExp(`g ${next} next$`) : /bottle it$/);
  }
  await expect(page.getByText(/Bottle it: \d+ ml, 6 glasses of 99 ml/)).toBeVisible();
  await page.getByRole('button', { name: 'Into the bottle, with today’s date' }).click();
  await saved(page, 'Bottled');
  await page
    .getByRole('link', { name: /^8 Evening|^Evening/ })
    .first()
    .click();
  await expect(menu(page).getByText(/\d glasses mixed already/)).toBeVisible(worked);
  await expect(page.getByRole('region', { name: /^The tide/ }).getByText(/mixed ahead/)).toHaveCount(0);

  // The evening is tonight: until five in the morning it is that of the day before.
  const tonight = await page.evaluate(() => {
    const now = new Date();
    if (now.getHours() < 5) now.setDate(now.getDate() - 1);
    return now.toLocaleDateString('sv');
  });
  await page.getByLabel('On', { exact: true }).fill(tonight);
  await saved(page, 'Another day');
  await page.getByRole('link', { name: 'The night' }).click();
  await page.getByRole('button', { name: 'Settle the menu' }).click();
  await saved(page, 'The menu is settled');
  const ask = async (who: string, what: string) => {
    const guest = page.getByRole('button', { name: new RegExp(`^${who}`), pressed: false });
    if (await guest.isVisible()) await guest.click();
    await page.getByRole('button', { name: `${what} for ${who}` }).click();
  };
  // Who drives is offered nothing with alcohol.
  await page.getByRole('button', { name: /^Ciara, driving/ }).click();
  await expect(page.getByRole('button', { name: 'Gin and tonic for Ciara' })).toBeDisabled();
  await ask('Bran', 'Old-fashioned with syrup');
  await ask('Aoife', 'Gin and tonic');
  const round = page.getByRole('region', { name: /^This round/ });
  await expect(round.getByText('1 × Old-fashioned with syrup')).toBeVisible();
  await round.getByRole('button', { name: 'Make it, step by step' }).click();
  // From its bottle: no bourbon is measured, the glass is filled from what was mixed.
  await expect(page.getByText(/old-fashioned with syrup, mixed ahead/i).first()).toBeVisible();
  await expect(async () => {
    if (!page.url().includes('/served/')) await page.keyboard.press('Space');
    await expect(sentence(page)).toHaveText('Poured: how was it?', { timeout: 400 });
  }).toPass({ timeout: 40_000, intervals: [100] });
  await page.goto(`${demo.address}/evening/night`);
  await expect(sentence(page)).toHaveText(/^Six guests: 2 of about 30 poured/);
  await expect(page.getByRole('button', { name: /^Bran 1 glass, 2\.\d standard drinks/ })).toBeVisible();
  await ask('Aoife', 'Irish sour');
  await ask('Ciara', 'Rock Shandy');
  await round.getByRole('button', { name: 'It is served' }).click();
  await expect(sentence(page)).toHaveText(/^Six guests: 4 of about 30 poured/);

  await page.getByRole('button', { name: 'The evening is over' }).click();
  await expect(sentence(page)).toHaveText(/^Six guests on .*: €[\d.]+, €[\d.]+ each$/);
  await page.getByRole('button', { name: 'Lemon juice to the shelf' }).click();
  await saved(page, 'Lemon juice, left over');
  await page.getByText('Irish sour 1 glass').click();
  await page
    .getByRole('group', { name: 'How was the Irish sour?' })
    .getByRole('button', { name: /^5 of 5/ })
    .click();
  await saved(page, 'Irish sour: 5 of 5');
  const bottles = (await (await page.request.get(`${api}/bottles`)).json()) as {
    value: { kind: string; leftMl: number | null; openedOn: string | null };
  }[];
  const juice = bottles.map((b) => b.value).find((b) => b.kind === 'lemon-juice' && b.leftMl !== null);
  expect(juice?.leftMl).toBeGreaterThan(10);
  expect(juice?.openedOn).toBe(tonight);
  await page.getByRole('button', { name: 'Saturday at the boathouse again' }).click();
  await expect(sentence(page)).toHaveText(/^Six guests on /, worked);
  await expect(menu(page).getByRole('button', { name: 'Keep Irish sour' })).toHaveText('Kept', worked);
});

test('on a phone the next thing to do is large, and the night is taken with one thumb', async ({
  page,
  demo,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(`${demo.address}/evening`);
  await expect(sentence(page)).toHaveText(/4 on the menu/, worked);
  const tide = page.getByRole('region', { name: /^The tide/ });
  await expect(tide.getByRole('img')).toBeHidden();
  const size = (nth: number) =>
    tide
      .getByRole('listitem')
      .nth(nth)
      .locator('label')
      .evaluate((l) => parseFloat(getComputedStyle(l).fontSize));
  expect(await size(0)).toBeGreaterThan(1.3 * (await size(1)));
  await page.getByRole('link', { name: 'The night' }).click();
  await page.getByRole('button', { name: 'Settle the menu' }).click();
  const bran = page.getByRole('button', { name: /^Bran/ });
  await bran.click();
  expect((await bran.boundingBox())?.height).toBeGreaterThanOrEqual(48);
  await expect(page.getByRole('heading', { name: 'What for Bran?' })).toBeVisible();
  const overflow = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
  expect(overflow).toBeLessThanOrEqual(0);
});
