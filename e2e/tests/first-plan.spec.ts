import { expect, proven, saved, test } from '../fixtures.js';
import { startServer } from '../server.js';

test('a stranger fills a brief by hand, reads the plan, and finds it again', async ({ page, empty }) => {
  await page.goto(empty.address);
  await page.getByRole('button', { name: 'Begin with a brief' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Say what you can spend');

  await page.getByLabel('Now', { exact: true }).fill('100');
  // The sentence above grows with its first answer, and what is clicked just then moves away from the hand.
  for (const [taste, opinion] of [
    ['Bitter', 'No thanks'],
    ['Smoky', 'Like'],
  ] as const)
    await expect(async () => {
      const row = page.getByRole('group', { name: taste });
      await row.getByText(opinion, { exact: true }).click();
      await expect(row.getByLabel(opinion, { exact: true })).toBeChecked({ timeout: 2000 });
    }).toPass({ timeout: 30_000 });
  await page.getByLabel('Drinks I must have').fill('daiq');
  await page.getByRole('option', { name: 'Daiquiri', exact: true }).click();
  await page.keyboard.press('Escape');
  await page.getByLabel('What I already own').fill('bourbon');
  await page.getByRole('option', { name: 'Bourbon' }).click();
  await page.keyboard.press('Escape');
  await page.getByRole('radio', { name: /^Purist/ }).check();
  // The answer to what was just changed may still move the page a little.
  await expect(async () => {
    await page.getByRole('radio', { name: 'Bookcase' }).click({ timeout: 2000 });
    await expect(page.getByRole('radio', { name: 'Bookcase' })).toBeChecked({ timeout: 2000 });
  }).toPass({ timeout: 30_000 });
  await page.getByLabel('Length').fill('80');
  expect(await proven(page)).toMatch(/^€100 makes \d+ drinks with \d+ bottles/);

  await page.keyboard.press('Tab');
  await page.getByRole('link', { name: /Plan/ }).click();
  const shelf = page.getByRole('group', { name: 'Bottles on the shelf' });
  await expect(shelf.getByRole('button', { name: /^Bourbon, base, yours/ })).toBeVisible();
  await expect(shelf.getByRole('button', { name: /^White rum/ })).toBeVisible();

  // The waterline, by key and by mouse.
  const waterline = page.getByRole('slider', { name: 'Waterline: money now' });
  await waterline.focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Shift+ArrowRight');
  await expect(waterline).toHaveAttribute('aria-valuetext', /^€130 makes/);
  const before = Number(/makes (\d+)/.exec(await proven(page))?.[1]);
  await waterline.scrollIntoViewIfNeeded();
  const box = await waterline.boundingBox();
  if (!box) throw new Error('the waterline is not drawn');
  await page.mouse.move(box.x + 2, box.y + 80);
  await page.mouse.down();
  await page.mouse.move(box.x + 90, box.y + 80, { steps: 8 });
  await page.mouse.up();
  await expect(page.getByRole('heading', { level: 1 })).not.toContainText('€130');
  const after = Number(/makes (\d+)/.exec(await proven(page))?.[1]);
  expect(after).toBeGreaterThan(before);

  // Lock a bottle.
  await shelf.getByRole('button', { name: /^White rum/ }).click();
  await page.getByRole('radio', { name: 'Keep always' }).check();
  await saved(page, 'Keep White rum');
  const sentence = await proven(page);

  await page.reload();
  expect(await proven(page)).toBe(sentence);
  await expect(shelf.getByRole('button', { name: /^White rum.*always kept/ })).toBeVisible();

  // And after the server itself has been stopped and started.
  expect(await empty.stop()).toBe(0);
  const again = await startServer(empty.data);
  await page.goto(`${again.address}/brief`);
  expect(await proven(page)).toBe(sentence);
  await expect(page.getByRole('group', { name: 'Bitter' }).getByLabel('No thanks')).toBeChecked();
  await expect(page.getByRole('radio', { name: 'Bookcase' })).toBeChecked();
  await expect(page.getByLabel('Length')).toHaveValue('80');
  await again.stop();
});

test('an edit survives a reload in the middle of it', async ({ page, demo }) => {
  await page.goto(`${demo.address}/brief`);
  await proven(page);
  await page.getByLabel('Now', { exact: true }).fill('77');
  await page.reload();
  await expect(page.getByLabel('Now', { exact: true })).toHaveValue('€77');
  await page.waitForTimeout(600);
  await page.reload();
  await expect(page.getByLabel('Now', { exact: true })).toHaveValue('€77');
});
