import { expect, proven, saved, test } from '../fixtures.js';

test('a bottle is ruled out, owned and freed, and each is undone after a reload', async ({ page, demo }) => {
  await page.goto(demo.address);
  const first = await proven(page);
  const shelf = page.getByRole('group', { name: 'Bottles on the shelf' });
  const bottles = () =>
    shelf.getByRole('button').evaluateAll((all) => all.map((b) => b.getAttribute('aria-label') ?? '').sort());
  // The shelf comes after the sentence; until it is proven a bottle of one size may still give way to another.
  await proven(page);
  await expect(shelf.getByRole('button', { name: /^Bourbon/ })).toHaveCount(1);
  const before = await bottles();
  await shelf.getByRole('button', { name: /^Bourbon/ }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Bourbon' })).toBeFocused();
  await page.getByRole('radio', { name: 'Never' }).check();
  await expect(shelf.getByRole('button', { name: /^Bourbon/ })).toHaveCount(0);
  await saved(page, 'Never Bourbon');
  await proven(page);
  await expect.poll(bottles).not.toEqual(before);

  await page.reload();
  await proven(page);
  await page.keyboard.press('u');
  await expect(page.getByText('Undone: Never Bourbon')).toBeVisible();
  // One size may still be on its way out while another comes.
  await expect(shelf.getByRole('button', { name: /^Bourbon/ }).last()).toBeVisible();
  expect(await proven(page)).toBe(first);
  await expect.poll(bottles).toEqual(before);
});

test('plans are made, renamed, compared, deleted and brought back', async ({ page, demo }) => {
  await page.goto(demo.address);
  await proven(page);
  await page.getByRole('button', { name: '2 plans' }).click();
  const list = page.getByRole('dialog');
  await expect(list.getByText(/^€240 makes \d+ drinks.*proven best/)).toBeVisible({ timeout: 60_000 });
  await expect(list.getByText(/^€120 makes \d+ drinks.*proven best/)).toBeVisible({ timeout: 60_000 });

  await list.getByRole('button', { name: 'Duplicate A smaller start' }).click();
  await list.getByRole('button', { name: 'Rename A smaller start, again' }).click();
  await list.getByLabel('New name for').fill('Summer');
  await page.keyboard.press('Enter');
  await expect(list.getByText('Summer')).toBeVisible();
  await list.getByRole('button', { name: 'Close' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('€120');
  await saved(page, 'Rename to “Summer”');

  await page.getByRole('button', { name: '3 plans' }).click();
  await list.getByRole('button', { name: 'Delete Summer' }).click();
  await expect(list.getByText('Summer')).toHaveCount(0);
  await list.getByRole('button', { name: 'Close' }).click();
  await page.getByRole('button', { name: 'Undo: Delete “Summer”' }).click();
  await page.getByRole('button', { name: '3 plans' }).click();
  await expect(list.getByText('Summer')).toBeVisible();
});

test('what one drink leans on is read in the reader’s own measures', async ({ page, demo }) => {
  await page.goto(demo.address);
  const drinks = /makes (\d+) drinks/.exec(await proven(page))?.[1] ?? '';
  await expect(page.locator('label').filter({ hasText: 'In reach' })).toHaveText(`In reach ${drinks}`);
  await page.getByRole('searchbox', { name: 'Find among these' }).fill('club soda');
  await page.getByRole('button', { name: /^Gin fizz/ }).click();
  await expect(page.getByText('45 ml', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: /Settings/ }).click();
  await page.getByRole('radio', { name: /Bar ounces/ }).check();
  await page.getByRole('dialog').getByRole('button', { name: 'Close' }).click();
  await expect(page.getByText('1½ oz', { exact: true })).toBeVisible();
});
