import type { APIRequestContext } from '@playwright/test';
import { axeFaults, expect, test } from '../fixtures.js';
import { dataFolder, startServer } from '../server.js';

const PASSPHRASE = 'a lamp in the window';
const HOME = { UISCE_HOME: '1', UISCE_HOME_LISTEN: '127.0.0.1', UISCE_HOME_PORT: '0' };

/** Where the home network's door is. */
async function door(request: APIRequestContext, address: string): Promise<string> {
  const { addresses } = (await (await request.get(`${address}/api/access`)).json()) as {
    addresses: string[];
  };
  return addresses[0] ?? '';
}

test('a second browser signs in over HTTPS under another name, with a wrong and then the right passphrase, and is ended', async ({
  browser,
  page,
  request,
}) => {
  const data = dataFolder();
  const server = await startServer(data.path, {
    ...HOME,
    UISCE_HOME_NAMES: 'bar.localhost',
    UISCE_HOME_PASSPHRASE: PASSPHRASE,
  });
  try {
    // The door opens once the passphrase was made ready.
    await expect.poll(() => door(request, server.address)).toMatch(/^https:\/\/bar\.localhost:\d+$/);
    const home = await door(request, server.address);
    // It passes the browser's warning over, as somebody would who was not told how to trust it.
    const phone = await browser.newContext({
      ignoreHTTPSErrors: true,
      viewport: { width: 390, height: 844 },
      serviceWorkers: 'allow',
    });
    const other = await phone.newPage();
    await other.goto(`${home}/settings/devices`);
    await other.getByLabel('Passphrase').fill('a lamp in the door!!');
    await other.getByRole('button', { name: 'Open' }).click();
    await expect(other.getByText('It is another passphrase.')).toBeVisible();
    await other.getByLabel('Passphrase').fill(PASSPHRASE);
    await other.keyboard.press('Enter');
    await expect(other.getByRole('heading', { name: 'Signed in', exact: true })).toBeVisible();
    await expect(other.getByRole('rowheader', { name: /this one$/ })).toBeVisible();
    // All of the page works here: its memory is shared with its workers, the screen may stay awake.
    expect(await other.evaluate(() => [crossOriginIsolated, isSecureContext])).toEqual([true, true]);
    await expect(other.getByText(/passed over the warning without trusting/)).toBeVisible({
      timeout: 20_000,
    });

    // What it changes is there on the machine itself, which ends it then.
    await other.goto(`${home}/settings`);
    await other.getByLabel('Name of the house').fill('The lamp room');
    await other.keyboard.press('Enter');
    await page.goto(`${server.address}/settings/devices`);
    await expect(page.getByRole('navigation', { name: 'Steps' })).toContainText('The lamp room');
    await page.getByRole('button', { name: /^End Chromium on Linux/ }).click();
    await expect(page.getByText('No other device yet.')).toBeVisible();
    await other.reload();
    await expect(other.getByRole('heading', { name: 'Uisce', exact: true })).toBeVisible();
    await expect(other.getByText('The lamp room')).toHaveCount(0);
    await phone.close();
  } finally {
    await page.close();
    await server.stop();
    data.remove();
  }
});

test('a guest asks for a drink from the menu; it comes up on the night and goes onto the round', async ({
  browser,
  page,
  demo,
}) => {
  await page.goto(`${demo.address}/evening`);
  const card = await page.getByRole('link', { name: 'See it as they do' }).getAttribute('href', {
    timeout: 60_000,
  });
  const phone = await browser.newContext({
    viewport: { width: 390, height: 844 },
    colorScheme: 'dark',
    reducedMotion: 'reduce',
  });
  const guest = await phone.newPage();
  await guest.goto(demo.address + (card ?? ''));
  await expect(guest.getByRole('heading', { level: 1 })).toHaveText('Saturday at the boathouse');
  await expect(guest.getByRole('heading', { name: 'Gin and tonic' })).toBeVisible();
  await guest.getByLabel('Your name, to ask for a drink').fill('Niamh');
  await guest.getByRole('button', { name: 'What you cannot have' }).click();
  await guest.getByRole('checkbox', { name: 'nuts', exact: true }).check();
  await guest.getByRole('button', { name: 'Ask for Gin and tonic' }).click();
  await expect(guest.getByRole('status')).toHaveText('Gin and tonic for Niamh: the house knows.');
  expect(await axeFaults(guest)).toEqual([]);
  expect(await guest.evaluate(() => document.documentElement.scrollWidth - innerWidth)).toBeLessThanOrEqual(
    0,
  );

  // It is heard on whatever screen is open.
  await expect(page.getByRole('status').filter({ hasText: 'Niamh asks for: Gin and tonic' })).toBeVisible();
  await page.getByRole('link', { name: 'The night', exact: true }).click();
  await page.getByRole('button', { name: 'Settle the menu' }).click({ timeout: 60_000 });
  const asks = page.getByRole('region', { name: 'Asked from their telephones' });
  await expect(asks).toContainText('Niamh: Gin and tonic');
  await expect(asks).toContainText('no nuts');
  await asks.getByRole('button', { name: 'Put Gin and tonic for Niamh on the round' }).click();
  const round = page.getByRole('region', { name: /^This round/ });
  await expect(round).toContainText('1 × Gin and tonic');
  await expect(round).toContainText('Niamh');
  await expect(asks).toHaveCount(0);

  // Taken away, the key opens nothing.
  await page.getByRole('link', { name: 'Before', exact: true }).click();
  await page.getByRole('button', { name: 'Delete it' }).click({ timeout: 60_000 });
  await page.getByRole('button', { name: 'Make a page for them' }).waitFor();
  await expect(async () => {
    await guest.reload();
    await expect(guest.getByRole('heading', { name: 'No menu here' })).toBeVisible({ timeout: 2000 });
  }).toPass({ timeout: 20_000 });
  await phone.close();
});
