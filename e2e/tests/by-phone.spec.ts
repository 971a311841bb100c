import { expect, saved, test } from '../fixtures.js';

const PHONE = { width: 390, height: 844 };

test.use({ viewport: PHONE });

test('on a phone a syrup is simmered, strained and weighed, and its sugar follows what came through', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.address}/bench`);
  await page.getByRole('heading', { level: 1, name: /fills your/ }).waitFor({ timeout: 60_000 });
  await page.getByLabel('Syrup or cordial').fill('Ginger syrup');
  await page.getByRole('option', { name: /^Ginger syrup/ }).click();
  await page.getByRole('button', { name: 'Begin at the scale' }).click();
  const bench = page.getByRole('region', { name: /^Ginger syrup.* at the scale/ });
  const weighIn = async (grams: string) => {
    await bench.getByLabel(/^Or your own scale/).fill(grams);
    await bench.getByRole('button', { name: 'Mine shows this' }).click();
  };
  await weighIn('120');
  await weighIn('301');
  await expect(bench.getByText('Simmer the sliced ginger.')).toBeVisible();
  await bench.getByRole('button', { name: 'Start the timer' }).click();
  await expect(bench.getByRole('timer')).toContainText(/9:\d\d left/);

  // The timer goes on while the page is away.
  await page.goto(`${demo.address}/shelf`);
  await page.goto(`${demo.address}/bench`);
  await expect(bench.getByRole('timer')).toContainText(/9:[0-5]\d left/);
  await bench.getByRole('button', { name: 'It is done' }).click();

  await bench.getByLabel('Came through').fill('270');
  await expect(bench.getByText(/\d+ g stayed behind/)).toBeVisible();
  await bench.getByRole('button', { name: 'That came through' }).click();
  // As much sugar as liquid came through, not as went in.
  await expect(bench.getByLabel(/^Or your own scale, tared: 270 g/)).toBeVisible();
  await weighIn('270');
  await expect(bench.getByText(/^Let it cool/)).toBeVisible();
  await bench.getByRole('button', { name: 'It is done' }).click();
  await expect(bench.getByText(/Bottle it: 4\d\d ml at 50 °Brix/)).toBeVisible();
  await bench.getByRole('button', { name: 'Into the bottle, with today’s date' }).click();
  await expect(
    page.getByRole('region', { name: /^Batches/ }).getByRole('button', { name: /^Ginger syrup/ }),
  ).toBeVisible();
});

test('on a phone stock is taken in words, and what is not clear stays as it was typed', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.address}/shelf`);
  const box = page.getByLabel('What stands there');
  await box.waitFor({ timeout: 60_000 });
  await box.fill(
    'bourbon 57% 2/3, six lemons, a dozen eggs, two bottles of tonic, cognac opened 31 Feb, campfire',
  );
  const read = page.getByRole('list', { name: 'As it was read' });
  await expect(read.getByRole('listitem')).toHaveCount(6);
  await expect(read).toContainText(/Bourbon.*67 %, 57/);
  await expect(read).toContainText('6 lemons');
  await expect(read).toContainText('12 eggs');
  await expect(read).toContainText('is no day that has been');
  await page.getByRole('button', { name: 'Write 4 things down' }).click();
  await saved(page, 'Stock-taking');
  await expect(box).toHaveValue('cognac opened 31 Feb\ncampfire');
  const fresh = page.getByRole('region', { name: /^Fresh/ });
  await expect(fresh).toContainText('6 lemons');
  await expect(fresh).toContainText('12 eggs');
});

test('on a phone fruit is poured whole: two drinks take a fruit, and the rest of it is there till tomorrow', async ({
  page,
  empty,
}) => {
  await page.goto(`${empty.address}/shelf`);
  const box = page.getByLabel('What stands there');
  await box.waitFor({ timeout: 60_000 });
  await box.fill('white rum 70cl full, simple syrup 300 ml, six limes');
  await page.getByRole('button', { name: 'Write 3 things down' }).click();
  await saved(page, 'Stock-taking');

  await page.goto(`${empty.address}/pour`);
  const pour = page.getByRole('button', { name: 'Pour Daiquiri', exact: true }).first();
  await pour.waitFor({ timeout: 60_000 });
  await pour.click();
  const tray = page.getByRole('region', { name: /^This round/ });
  await tray.getByText('Already poured? Write it down').click();
  await tray.getByRole('button', { name: 'Write it down' }).click();
  await saved(page, 'Poured Daiquiri');

  await page.goto(`${empty.address}/shelf`);
  const fresh = page.getByRole('region', { name: /^Fresh/ });
  // One is pressed, and a wedge cut where the drink is dressed with one.
  await expect(fresh).toContainText(/(4⅞|5) limes/);

  // It was never poured: six again, and the rum as sealed as it was.
  await page.goto(`${empty.address}/pour/log`);
  await page.getByRole('button', { name: /^Change the Daiquiri/ }).click();
  await page.getByRole('button', { name: /It was never poured/ }).click();
  await page.goto(`${empty.address}/shelf`);
  await expect(page.getByRole('region', { name: /^Fresh/ })).toContainText('6 limes');
  await expect(page.getByRole('region', { name: /^On the shelf/ })).toContainText('new');
});
