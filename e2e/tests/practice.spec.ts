import { expect, test } from '../fixtures.js';

test('twelve pours by count, ten cards by key and tap, and a word of the trade found from the Notebook', async ({
  page,
  demo,
  request,
}) => {
  await page.emulateMedia({ reducedMotion: 'reduce' });
  await page.goto(`${demo.address}/practice`);
  const sentence = page.getByRole('heading', { level: 1 });
  await expect(sentence).toHaveText(/^\d+\.\d ± \d\.\d for 30 ml: you count/);
  const stage = page.getByRole('button', { name: /^Hold: / });
  const trials = async () =>
    ((await (await request.get(`${demo.address}/api/practice/trials`)).json()) as unknown[]).length;
  const before = await trials();
  for (let i = 0; i < 12; i++) {
    const byKey = i % 2 === 0;
    if (byKey) {
      await stage.focus();
      await page.keyboard.down(' ');
    } else {
      await stage.hover();
      await page.mouse.down();
    }
    await expect(stage).toHaveAttribute('aria-pressed', 'true');
    await page.waitForTimeout(400);
    if (byKey) await page.keyboard.up(' ');
    else await page.mouse.up();
    await expect(page.getByText(/^\d+\.\d ml for 30 ml: /)).toBeVisible();
  }
  await expect.poll(trials).toBe(before + 12);
  // Twelve of the last twenty were far too little: the sentence says so.
  await expect(sentence).toHaveText(/you count (fast|right|slowly); you are (even|uneven)$/);

  // A whole drink, part by part, and what it came out as.
  await page.getByRole('combobox', { name: 'What' }).focus();
  await page.keyboard.press('Enter');
  await page.getByRole('option', { name: 'Daiquiri', exact: true }).click();
  for (const part of ['white rum', 'lime juice', 'simple syrup']) {
    const hold = page.getByRole('button', { name: new RegExp(`^Hold: .*${part}`) });
    await hold.focus();
    await page.keyboard.down('Enter');
    await page.waitForTimeout(300);
    await page.keyboard.up('Enter');
    await expect(hold).toBeHidden();
  }
  await expect(page.getByText(/^It comes out (with|as)/)).toBeVisible();

  // Ten cards: by a key, by a tap, by turns; the count in the rail falls or stays, never lost.
  await page.getByRole('link', { name: 'Cards', exact: true }).click();
  await expect(sentence).toHaveText(/^By heart: \d+ cards? due$/);
  await page.getByRole('button', { name: 'Begin: specs' }).click();
  for (let i = 1; i <= 10; i++) {
    await expect(page.getByText(`${i} of 10`, { exact: true })).toBeVisible();
    const options = page.getByRole('list').getByRole('button');
    if (i % 2 === 0) await page.keyboard.press('1');
    else await options.nth(1).click();
    await expect(page.getByRole('status').filter({ hasText: /^(Right|Not so)\./ })).toBeVisible();
    await page.getByRole('button', { name: i < 10 ? 'The next' : 'Done' }).click();
  }
  await expect(page.getByRole('heading', { name: /^\d+ of 10 right$/ })).toBeVisible();
  const stands = (await (await request.get(`${demo.address}/api/practice`)).json()) as {
    people: { by: string; cards: number }[];
  };
  expect(stands.people.find((p) => p.by === 'Maeve')?.cards).toBeGreaterThan(16);

  // From anywhere the slash finds drinks, and the words that are called so.
  await page.keyboard.press('/');
  await expect(page).toHaveURL(/\/notebook$/);
  await page.getByLabel(/^Find a drink/).fill('split');
  await page.getByRole('list', { name: 'Words of the trade' }).getByRole('link', { name: 'split' }).click();
  await expect(page).toHaveURL(/\/practice\/words\?word=split/);
  await expect(page.locator('#word-split')).toContainText(/United States.*187.5 ml/);
  // A drink's steps lead to the words in them.
  await page.goto(`${demo.address}/notebook/whiskey-sour`);
  await page
    .getByRole('article')
    .getByRole('link', { name: /^(Dry shake|Shake|shake|strain|Strain)/ })
    .first()
    .click();
  await expect(page).toHaveURL(/\/practice\/words\?word=/);
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

  test('a finger pours, sums and balance answer, and the first week says what was done', async ({
    page,
    demo,
  }) => {
    await page.goto(`${demo.address}/practice`);
    const stage = page.getByRole('button', { name: /^Hold: / });
    const box = await stage.boundingBox();
    if (box === null) throw new Error('the stage is drawn');
    const touch = await page.context().newCDPSession(page);
    const at = [{ x: box.x + box.width / 2, y: box.y + box.height / 3 }];
    await touch.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: at });
    await expect(stage).toHaveAttribute('aria-pressed', 'true');
    await page.waitForTimeout(500);
    await touch.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] });
    await expect(page.getByText(/^\d+\.\d ml for 30 ml: /)).toBeVisible();

    await page.getByRole('link', { name: 'Sums', exact: true }).click();
    await page.getByLabel('In the head').fill('1');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('status').filter({ hasText: 'ml' })).toHaveText(
      /^(Right|Not so): [\d.,]+ ml\.\s*$/,
    );
    await page.getByRole('link', { name: 'Balance', exact: true }).click();
    await page.getByRole('button', { name: 'Glass A' }).click();
    await expect(page.getByText(/A is (as it should be|too)/)).toBeVisible();
    await page.getByRole('link', { name: 'Begin', exact: true }).click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('The first week: 8 of 8 steps taken');
  });
});
