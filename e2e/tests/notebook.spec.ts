import { choose, expect, proven, saved, test } from '../fixtures.js';

test('a drink is found by what others call a part of it, read in ml and ounces, scaled, and costed', async ({
  page,
  demo,
}) => {
  await page.goto(demo.address);
  await proven(page);
  await page.keyboard.press('/');
  await page.keyboard.type('creme de violette');
  await expect(page).toHaveURL(/\/notebook$/);
  await expect(page.getByRole('searchbox')).toHaveValue('creme de violette');
  await page
    .getByRole('link', { name: /^Aviation/ })
    .first()
    .click();
  await expect(page).toHaveURL(/\/notebook\/aviation/);

  const drink = page.getByRole('article', { name: 'Aviation', exact: true });
  await expect(drink.getByText('45 ml', { exact: true }).first()).toBeVisible();
  await expect(drink.getByText(/Shake .*gin, maraschino.* on ice/)).toBeVisible();
  await expect(drink.getByRole('img', { name: /fill \d+% of a coupe/ })).toBeVisible();
  await expect(drink.getByText('Cost', { exact: true })).toBeVisible();
  await expect(drink.getByText(/^€\d\.\d\d$/).first()).toBeVisible();
  await expect(drink.getByText(/From what you own: lacks .*\(€\d+\.\d\d\)/)).toBeVisible();
  await expect(drink.getByRole('link', { name: 'without violet' })).toBeVisible();

  await drink.getByRole('radio', { name: 'bar oz' }).check({ force: true });
  await expect(drink.getByText('1½ oz', { exact: true }).first()).toBeVisible();
  await drink.getByRole('button', { name: 'One more' }).click();
  await expect(drink.getByText('3 oz', { exact: true }).first()).toBeVisible();
});

test('the index narrows by what is asked for, forgives a slip, and is left as it was', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.address}/notebook`);
  const sentence = page.getByRole('heading', { level: 1 });
  await expect(sentence).toContainText(/\d+ drinks written down; your plan makes \d+/);
  // A drink of several specs has several entries; more drinks open while the plan is being proven.
  const agrees = (which: number[]) =>
    expect(async () => {
      const figures = (await sentence.innerText()).match(/\d+/g) ?? [];
      const said = which.reduce((sum, i) => sum + Number(figures[i]), 0);
      expect(await page.getByText(/^\d+ entr/).innerText()).toContain(`entries of ${said} drinks`);
    }).toPass({ timeout: 20_000 });
  await agrees([0]);
  await choose(page, 'In reach', 'What my plan makes');
  // With those without alcohol, which the plan counts beside.
  await agrees([1, 2]);
  await page.getByRole('button', { name: 'Show every drink' }).click();
  const entries = async () => Number((await page.getByText(/^\d+ entr/).innerText()).split(' ')[0]);
  const all = await entries();
  await choose(page, 'Strength', 'No alcohol');
  const soft = await entries();
  expect(soft).toBeGreaterThanOrEqual(30);
  expect(soft).toBeLessThan(all);
  await page.getByRole('button', { name: 'Show every drink' }).click();
  expect(await entries()).toBe(all);

  await page.getByRole('searchbox').fill('negorni');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/notebook\/negroni/);
  const chart = page.getByRole('region', { name: /Among the bitter aperitifs/ });
  await chart.focus();
  await page.keyboard.press('t');
  await expect(chart.getByRole('rowheader', { name: 'Boulevardier', exact: true })).toBeVisible();
  await page.goBack();
  await expect(page.getByRole('searchbox')).toHaveValue('negorni');
});

test('a price table with two bad rows names both, and the good rows change what a drink costs', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.address}/notebook/daiquiri`);
  const cost = page.getByText(/ a glass/);
  const minor = async () => Number(/€([\d.]+) a glass/.exec(await cost.innerText())?.[1]);
  await cost.waitFor();
  const before = await minor();
  await page.keyboard.press('1');
  await proven(page);
  const table = [
    'What,Bottle,How much,We paid',
    'white rum,Cheap rum,70 cl,7.00',
    'moon juice,Unknown,700,9.00',
    'vodka,Dear vodka,700,a lot',
    'club soda,Own soda,1 l,0.50',
  ].join('\n');
  const bring = (name: string, text: string) =>
    page
      .getByLabel('Bring your own price file')
      .setInputFiles({ name, mimeType: 'text/csv', buffer: Buffer.from(text) });
  await bring('kitchen prices.csv', table);
  const mapping = page.getByRole('region', { name: /kitchen prices/ });
  await expect(mapping.getByRole('alert')).toHaveText('Say which column holds the size and price.');
  await choose(mapping, 'Size', 'How much');
  await choose(mapping, 'Price', 'We paid');
  const bad = mapping.getByRole('list', { name: 'Rows that cannot be taken' });
  await expect(bad.getByRole('listitem')).toHaveText([
    'Row 3, What: “moon juice” is not a kind we know',
    /Row 4, We paid: “a lot”: .*not an amount of money/,
  ]);
  await mapping.getByRole('button', { name: 'Use 2 prices' }).click();
  await expect(page.getByText('kitchen prices: 2 prices in use now.')).toBeVisible();
  await page.goto(`${demo.address}/notebook/daiquiri`);
  // Rum at a fraction of the shop's price: the glass costs about half.
  await expect.poll(minor).toBeLessThan(before * 0.7);

  await page.goto(`${demo.address}/brief`);
  await proven(page);
  await bring('london.csv', 'kind,size,price\ndry-gin,700,£15.00');
  await expect(page.getByText(/in GBP and your plan counts in EUR/)).toBeVisible();
  await expect(page.getByText('kitchen prices', { exact: true })).toBeVisible();

  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: /Save these prices/ }).click();
  expect((await download).suggestedFilename()).toBe('own-kitchen-prices.csv');
});

test('the brief counts everything, the well known, or the core canon', async ({ page, demo }) => {
  await page.goto(`${demo.address}/brief`);
  const drinks = async () => Number(/makes (\d+) drinks/.exec(await proven(page))?.[1]);
  const all = await drinks();
  await page.getByRole('radio', { name: /^Core canon/ }).check();
  await saved(page, 'Which drinks count');
  const core = await drinks();
  expect(core).toBeLessThan(all / 2);
  await page.reload();
  expect(await drinks()).toBe(core);
});
