import type { Page } from '@playwright/test';
import { change, expect, saved, test } from '../fixtures.js';

const worked = { timeout: 60_000 };
const GIN = 'own-hazelnut-gin';
const KEY = 'h'.repeat(32);

interface Entry<T> {
  id: string;
  value: T;
}
interface Bottle {
  id: string;
  kind: string;
  finishedOn: string | null;
  openedOn: string | null;
  boughtOn: string | null;
}
interface Evening {
  id: string;
  endedOn: string | null;
  guests: object[];
}

/** The only gin here is one of the household's own, and holds nuts; Colm, who cannot have them, comes on Saturday. */
async function onlyHazelnutGin(page: Page, address: string): Promise<void> {
  const api = `${address}/api`;
  const list = async <T>(path: string) =>
    (await (await page.request.get(`${api}${path}`)).json()) as Entry<T>[];
  const gin = {
    id: GIN,
    name: 'Hazelnut gin',
    parent: 'dry-gin',
    job: 'base',
    supply: 'bottle',
    abv: 0.4,
    allergens: ['nuts'],
    allergensStated: true,
  };
  const kept = await page.request.put(`${api}/kinds/${GIN}`, {
    headers: { 'if-none-match': '*' },
    data: { value: gin, change: 'Hazelnut gin' },
  });
  expect(kept.status()).toBe(200);
  for (const { value } of await list<Bottle>('/bottles'))
    if (value.kind === 'dry-gin' && value.finishedOn === null)
      await change(page.request, `${api}/bottles/${value.id}`, { ...value, kind: GIN });
  await change(page.request, `${api}/round`, { round: null });
  const evening = (await list<Evening>('/evenings')).map((e) => e.value).find((e) => e.endedOn === null);
  if (evening === undefined) throw new Error('an evening is to come');
  const someone = { count: 1, likes: [], dislikes: [], noAlcohol: false, drives: false };
  const colm = { ...someone, id: '7a1b0c52-0d5f-4a63-9d0e-b1f0a5f6c001', name: 'Colm', allergens: ['nuts'] };
  const guests = [...evening.guests, colm];
  const must = { ...evening, guests, must: ['gin-and-tonic'], guestCard: { key: KEY, asks: true } };
  await change(page.request, `${api}/evenings/${evening.id}`, must);
}

test('somebody who cannot have nuts is safe at every step, where the only gin holds some', async ({
  page,
  demo,
}) => {
  await onlyHazelnutGin(page, demo.address);

  // Pour: asked for Colm, the drink is not there; on the tray, it is not for him, and says why.
  await page.goto(`${demo.address}/pour`);
  const drinks = page.getByRole('region', { name: /drinks? that can be poured/ });
  const row = drinks.getByRole('listitem').filter({ hasText: 'Gin and tonic' });
  await expect(row).toContainText('Contains nuts.', worked);
  const forColm = page.getByRole('checkbox', { name: /^For Colm/ });
  await forColm.check();
  await expect(row).toHaveCount(0);
  await forColm.uncheck();
  await row.getByRole('button', { name: 'Pour Gin and tonic' }).click();
  const tray = page.getByRole('region', { name: /^This round/ });
  await expect(tray.getByRole('checkbox', { name: /^Colm/ })).toBeDisabled();
  await expect(tray.getByText('Not for Colm: it contains nuts.')).toBeVisible();

  // His own drink comes first in that round, after the tools are washed.
  await drinks.getByRole('button', { name: /^All \d+ of them/ }).click();
  const soft = drinks.getByRole('listitem').filter({ hasText: 'Espresso and tonic' });
  await soft.getByRole('button', { name: /^Pour / }).click();
  await tray.getByRole('checkbox', { name: /^Colm .*Espresso and tonic/ }).check();
  await tray.getByRole('button', { name: 'Make it, step by step' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Wash tin, jigger, spoon', worked);
  await expect(page.getByText('blender and hands, so that nothing with nuts carries over')).toBeVisible();
  await change(page.request, `${demo.address}/api/round`, { round: null });

  // The Shelf, where a glass is poured by itself; the drink's page; the plan's sheet of it.
  await page.goto(`${demo.address}/shelf`);
  await page
    .getByRole('button', { name: /^Hazelnut gin/ })
    .first()
    .click();
  await page.getByText('Pour a glass of it by itself').click();
  await expect(page.getByText('Not for Colm: it contains nuts.')).toBeVisible();
  await page.goto(`${demo.address}/notebook/gin-and-tonic`);
  await expect(page.getByText('Contains nuts.')).toBeVisible(worked);

  // The evening: his seat, the printed words, the night, and his own telephone.
  await page.goto(`${demo.address}/evening`);
  const seats = page.getByRole('table', { name: 'Who finds what' });
  await expect(seats.getByRole('row', { name: /^Colm/ }).getByText('cannot have it').first()).toBeAttached(
    worked,
  );
  await page.goto(`${demo.address}/evening/night`);
  await page.getByRole('button', { name: 'Settle the menu' }).click(worked);
  await saved(page, 'The menu is settled');
  await page.getByRole('button', { name: /^Colm/ }).click();
  const offered = page.getByRole('button', { name: 'Gin and tonic for Colm' });
  await expect(offered).toBeDisabled();
  await expect(offered).toContainText('cannot have it');
  await page.goto(`${demo.address}/card/${KEY}`);
  await page.getByLabel('Your name, to ask for a drink').fill('Colm');
  await page.getByRole('button', { name: 'What you cannot have' }).click();
  await page.getByRole('checkbox', { name: 'nuts', exact: true }).check();
  const offer = page.getByRole('listitem').filter({ hasText: 'Gin and tonic' });
  await expect(offer).toContainText('Hazelnut gin and tonic water');
  await expect(offer).toContainText('Not for you: it contains nuts');
  await expect(offer.getByRole('button')).toHaveCount(0);
});
