import { countCore, expect, proven, saved, test } from '../fixtures.js';

test('the waterline crosses the frontier, exact at every step', async ({ page, demo, request }) => {
  // Two whole curves are settled: on a busy machine that takes its time.
  test.setTimeout(8 * 60_000);
  await countCore(request, demo.address);
  await page.goto(`${demo.address}/plan`);
  await proven(page);
  await expect(page.getByText(/Proven at every budget: \d+ best sets/)).toBeVisible({ timeout: 150_000 });
  const slider = page.getByRole('slider', { name: /Waterline/ });
  await slider.scrollIntoViewIfNeeded();
  const box = await slider.boundingBox();
  if (!box) throw new Error('the waterline is not drawn');
  const opened = async () => Number(/makes (\d+) drinks/.exec(await proven(page))?.[1]);
  const at: number[] = [];
  await page.mouse.move(box.x + 2, box.y + 60);
  await page.mouse.down();
  for (const dx of [-120, -60, 0, 60]) {
    await page.mouse.move(box.x + 2 + dx, box.y + 60, { steps: 5 });
    at.push(await opened());
  }
  await page.mouse.up();
  expect(at.every((n, i) => i === 0 || n >= (at[i - 1] as number))).toBe(true);
  expect(at[3]).toBeGreaterThan(at[0] as number);
  await proven(page);
  await expect(page.getByText(/Proven at every budget: \d+ best sets/)).toBeVisible({ timeout: 150_000 });
  // The same curve as a table, one key away.
  await slider.focus();
  await page.keyboard.press('t');
  const rows = page.getByRole('region', { name: 'The waterline as a table' }).getByRole('row');
  await expect.poll(() => rows.count()).toBeGreaterThan(40);
  await expect(rows.nth(1)).toContainText('proven best');
});

test('a bottle says why, another why not, and which size to buy', async ({ page, demo }) => {
  await page.goto(`${demo.address}/plan`);
  await proven(page);
  await page
    .getByRole('button', { name: /^Red bitter/ })
    .first()
    .click();
  const panel = page.getByRole('region', { name: 'Red bitter' });
  await expect(panel.getByText(/The best set without it makes \d+ drinks? fewer/)).toBeVisible({
    timeout: 20_000,
  });
  // The number opens to the drinks behind it.
  const lost = panel.getByRole('button', { name: /^\d+ drinks?$/ }).first();
  await lost.click();
  await expect(panel.getByText('Boulevardier').first()).toBeVisible();
  await expect(panel.getByText(/Nearest in its place/)).toBeVisible();
  await expect(
    panel.getByText(/A glass takes about \d+ ml of it; you ask for 7 glasses or more/),
  ).toBeVisible();
  await panel.getByRole('button', { name: 'Close' }).click();

  const next = page
    .getByRole('region', { name: /^One bottle off/ })
    .getByRole('button')
    .first();
  const name = /^(.+?)(?:, [\d.]+ \w+)?\s+adds/.exec(await next.innerText())?.[1] ?? '';
  await next.click();
  const other = page.getByRole('region', { name, exact: true });
  await expect(other.getByText(/The best set with it makes /)).toBeVisible({ timeout: 20_000 });
  await other.getByRole('radio', { name: 'Keep always' }).check();
  await proven(page);
  await expect(other.getByText('It is here because you keep it always.')).toBeVisible({ timeout: 20_000 });
});

test('rules of thumb are compared at equal money and drawn beside the waterline', async ({ page, demo }) => {
  await page.goto(`${demo.address}/plan`);
  const sentence = await proven(page);
  const best = Number(/makes (\d+) drinks/.exec(sentence)?.[1]);
  const card = page.getByRole('region', { name: /^Rules of thumb/ });
  // What is far down the page is only laid out when it comes into view.
  await card.scrollIntoViewIfNeeded();
  await expect(card.getByText(/is the best rule of thumb for you, and still makes \d+ fewer/)).toBeVisible({
    timeout: 30_000,
  });
  const figures = await card.getByText(/^\d+ drinks, \d+ fewer$/).allTextContents();
  expect(figures).toHaveLength(7);
  for (const figure of figures) {
    const [open, fewer] = figure.match(/\d+/g)?.map(Number) ?? [];
    expect((open as number) + (fewer as number)).toBe(best);
  }
  await card.getByRole('checkbox', { name: /Whites and darks/ }).check();
  await expect(page.getByRole('list', { name: 'Schools drawn' })).toContainText('Whites and darks');
  await card.getByRole('button', { name: /^One bottle deep/ }).click();
  await expect(card.getByRole('region', { name: 'What One bottle deep buys' })).toContainText('Bourbon');
});

test('the ladder buys month by month and keeps what it bought', async ({ page, demo, request }) => {
  await countCore(request, demo.address);
  await page.goto(`${demo.address}/plan`);
  await proven(page);
  await page.getByText('Months', { exact: true }).click();
  await expect(page.getByText(/Proven best order|A good order, at most [\d.]+ % from the best/)).toBeVisible({
    timeout: 60_000,
  });
  await page.getByRole('button', { name: 'Table' }).click();
  const rows = page.getByRole('region', { name: 'What to buy each month' }).getByRole('row');
  await expect(rows).toHaveCount(8);
  const numbers = async (n: number) => (await rows.nth(n).getByRole('cell').allInnerTexts()).map(Number);
  let before = 0;
  for (let month = 1; month <= 7; month++) {
    const cells = await numbers(month);
    const [open, atOnce] = [cells[4] as number, cells[5] as number];
    expect(open).toBeGreaterThan(0);
    expect(open).toBeGreaterThanOrEqual(before);
    expect(atOnce).toBeGreaterThanOrEqual(open);
    before = open;
  }
  await expect(page.getByText(/^Skipping a month once wins nothing|^Skipping month \d/)).toBeVisible({
    timeout: 60_000,
  });
});

test('ties, steadiness, growing, guests and another plan are one tab away', async ({ page, demo }) => {
  await page.goto(`${demo.address}/plan`);
  await proven(page);
  // They are looked for when somebody looks.
  await page.getByRole('button', { name: /Let prices wander, 200 times/ }).scrollIntoViewIfNeeded();
  await expect(page.getByText(/sets are equally good|this is the only best one/)).toBeVisible({
    timeout: 30_000,
  });
  await page.getByRole('button', { name: /Let prices wander, 200 times/ }).click();
  await expect(page.getByText(/picked in \d+ of 100/).first()).toBeVisible({ timeout: 30_000 });
  await page.getByRole('button', { name: 'Stop', exact: true }).last().click();
  await expect(page.getByRole('button', { name: 'Draw prices again' })).toBeVisible();

  await page.getByText('I want this drink').click();
  await page.getByLabel('Drinks I want').fill('Last Word');
  await page.getByRole('option', { name: 'Last Word', exact: true }).click();
  await expect(page.getByText(/more, for .*herbal green liqueur/)).toBeVisible({ timeout: 20_000 });
  await page.keyboard.press('Escape');

  await page.getByText('Guests bring a bottle').click();
  await expect(page.getByText(/Ask for .*: 3 bottles that add/)).toBeVisible({ timeout: 20_000 });
  await expect(page.getByText(/nobody drives/).first()).toBeVisible();

  await page.getByText('Compare plans').click();
  await expect(page.getByText(/“A smaller start” makes \d+ drinks fewer for €[\d.]+ less/)).toBeVisible({
    timeout: 20_000,
  });
  await expect(page.getByRole('group', { name: 'Bottles of A smaller start' })).toBeVisible();
});

test('the balance lenses change what is best, and the sentence says so', async ({ page, demo, request }) => {
  await countCore(request, demo.address);
  await page.goto(`${demo.address}/brief`);
  const before = await proven(page);
  await page.getByRole('button', { name: 'Ask for a share of a taste' }).click();
  await expect(page.getByText(/Chosen for at least a quarter bitter/)).toBeVisible();
  expect(await proven(page)).not.toBe(before);
  await page.getByRole('checkbox', { name: /^Variety/ }).check();
  await expect(page.getByText(/Chosen for drinks that differ/)).toBeVisible();
  await proven(page);
  await page.getByRole('button', { name: 'No share for bitter' }).click();
  await page.getByRole('checkbox', { name: /^Variety/ }).uncheck();
  expect(await proven(page)).toBe(before);
  await saved(page, 'Variety');
});

test('the plan prints with its shopping order', async ({ page, demo }) => {
  await page.goto(`${demo.address}/plan`);
  await proven(page);
  const left = /€([\d.]+) left over/.exec(
    await page
      .getByText(/left over/)
      .first()
      .innerText(),
  )?.[1];
  await page.evaluate(() => {
    window.print = () => document.body.setAttribute('data-printed', 'yes');
  });
  await page.getByRole('button', { name: 'Print the plan' }).click();
  await expect(page.locator('body[data-printed]')).toBeAttached({ timeout: 20_000 });
  await page.emulateMedia({ media: 'print' });
  const sheet = page.getByRole('region', { name: 'The plan on one page' });
  await expect(sheet).toBeVisible();
  const rows = await sheet.getByRole('row').allInnerTexts();
  expect(rows.length).toBeGreaterThan(10);
  // The last row's sum is what the sentence says is spent: the money less what is left over.
  expect(rows.at(-1)).toContain(`€${(240 - Number(left)).toFixed(2)}`);
  await expect(page.getByRole('slider', { name: /Waterline/ })).toBeHidden();
});
