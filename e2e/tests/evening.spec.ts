import { expect, saved, test } from '../fixtures.js';

test('six guests, one allergic, one driving: the card is proven, one drink swapped, what is short goes to the errand', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.address}/evening`);
  const sentence = page.getByRole('heading', { level: 1 });
  await expect(sentence).toHaveText(
    /^Six guests on .* from 20:00: 4 on the card, 30 pours; €[\d.]+ is missing/,
    {
      timeout: 60_000,
    },
  );
  await expect(page.getByText(/Everyone finds at least two they like · proven best/)).toBeVisible();
  const card = page.getByRole('region', { name: /^The card/ });
  const names = () => card.getByRole('link').allInnerTexts();
  const before = await names();
  expect(before).toContain('Gin and tonic');

  // Another instead of one: the rest of the card answers, and who drives still finds two.
  const out = before.find((n) => n !== 'Gin and tonic') ?? '';
  await card.getByRole('button', { name: `Another instead of ${out}` }).click();
  await saved(page, `Not ${out}`);
  await expect.poll(names, { timeout: 60_000 }).not.toContain(out);
  await expect(page.getByText(/Everyone finds at least two they like/)).toBeVisible();
  const seats = page.getByRole('table', { name: 'Who finds what' });
  await expect(seats.getByRole('row', { name: /^Ciara, driving/ }).getByText('finds it')).toHaveCount(2);

  await page.getByRole('button', { name: /^Put \d+ things? on the errand/ }).click();
  await saved(page, 'What the evening lacks');
  await expect(page.getByRole('button', { name: 'On the errand' })).toBeDisabled();

  // The first task is ticked, and the tide goes on without it.
  const tide = page.getByRole('region', { name: /^The tide/ });
  const first = (await tide.getByRole('listitem').first().innerText()).split('\n')[0] ?? '';
  await tide.getByRole('checkbox').first().click();
  await saved(page, `Done: ${first}`);
  await expect(tide.getByRole('listitem').filter({ hasText: first })).toHaveCount(0, { timeout: 60_000 });
  await page.keyboard.press('u');
  await page.getByText(`Undone: Done: ${first}`).waitFor();
});
