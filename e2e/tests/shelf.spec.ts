import { choose, expect, proven, saved, test } from '../fixtures.js';

test('what stands there is typed, its level moved and weighed, and the plan counts it; all is undone', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.address}/shelf`);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(
    /^\d+ bottles, [\d.]+ litres: the dry vermouth goes off in 9 days/,
  );

  // Stock-taking: what is clear is read, what is not is asked.
  await page
    .getByLabel('What stands there')
    .fill('sweet vermouth 1/2 opened 3 May, whiskey half, Campfire dust full');
  const lines = page.getByRole('list', { name: 'As it was read' }).getByRole('listitem');
  await expect(lines).toHaveCount(3);
  await expect(lines.nth(0)).toContainText('Sweet vermouth');
  await expect(lines.nth(2)).toContainText('nothing we know');
  await choose(lines.nth(1), 'Which is it?', 'Irish whiskey');
  await page.getByRole('button', { name: 'Write 2 things down' }).click();
  await saved(page, 'Stock-taking');
  // Opened in May and good for two months: it is past its day, and says so.
  await expect(
    page.getByRole('button', { name: /^Sweet vermouth, \d+ ml left, past its day/ }),
  ).toBeVisible();

  // A level by the keys, in tenths; and by weight, once the empty bottle is known.
  const gin = page.getByRole('button', { name: /^Dry gin, 700 ml left/ });
  await gin.click();
  await gin.press('ArrowDown');
  await saved(page, 'Level of dry gin');
  const left = page.getByRole('region', { name: /^Dry gin/ }).getByLabel('Left in it');
  await expect(left).toHaveValue('630');
  await page.getByLabel('The scale shows').fill('762');
  // Moved again before it is on disk, both would be one step to undo.
  const kept = page.waitForResponse((response) => response.url().endsWith('/api/changes'));
  await page.getByRole('button', { name: 'Read what is left' }).click();
  await kept;
  // 300 g of a gin of 42 % at 0.945 g/ml.
  await expect(left).toHaveValue(/^31[78]$/);
  await page.getByLabel('The scale shows').fill('4000');
  await page.getByRole('button', { name: 'Read what is left' }).click();
  await expect(page.getByRole('alert').getByText(/more than it holds/)).toBeVisible();

  // Or dragged: the bottle stays chosen, and its level goes where the hand let go.
  const drawn = page.getByRole('button', { name: /^Dry gin, 31[78] ml left/ }).locator('svg');
  await drawn.scrollIntoViewIfNeeded();
  const box = await drawn.boundingBox();
  if (!box) throw new Error('the bottle is not drawn');
  const line = box.x + box.width / 2;
  await page.mouse.move(line, box.y + box.height * 0.7);
  await page.mouse.down();
  await page.mouse.move(line, box.y + box.height - 40, { steps: 6 });
  await page.mouse.up();
  await expect(left).not.toHaveValue(/^31[78]$/);
  // 30 px over its floor are 46 mm: 190 ml or so of a usual bottle 72 mm wide inside.
  await expect(left).toHaveValue(/^(1[7-9]\d|20\d)$/);

  // What is finished is no longer there, and the plan buys it again.
  await page.getByRole('link', { name: /^Plan/ }).click();
  const before = await proven(page);
  await page.getByRole('link', { name: /^Shelf/ }).click();
  for (const _ of [1, 2]) {
    await page
      .getByRole('button', { name: /^Dry gin/ })
      .first()
      .click();
    await page.getByRole('button', { name: 'It is finished' }).click();
    await saved(page, 'Finished dry gin');
  }
  await expect(page.getByRole('button', { name: /^Dry gin/ })).toHaveCount(0);
  await page.getByRole('link', { name: /^Plan/ }).click();
  await expect(page.getByRole('heading', { level: 1 })).not.toHaveText(before);
  await proven(page);
  // Twice finished, and its level by key, by weight and by hand.
  for (const _ of [1, 2, 3, 4, 5]) await page.keyboard.press('u');
  await saved(page, 'Stock-taking');
});
