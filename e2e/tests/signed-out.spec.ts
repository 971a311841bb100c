import type { BrowserContext, Page } from '@playwright/test';
import { expect, test } from '../fixtures.js';
import { dataFolder, startServer } from '../server.js';

const PASSPHRASE = 'a lamp in the window';
const HOME = {
  UISCE_HOME: '1',
  UISCE_HOME_LISTEN: '127.0.0.1',
  UISCE_HOME_PORT: '0',
  UISCE_HOME_NAMES: 'bar.localhost',
  UISCE_HOME_PASSPHRASE: PASSPHRASE,
};

const signIn = async (page: Page) => {
  await page.getByLabel('Passphrase').fill(PASSPHRASE);
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Passphrase')).toBeHidden();
  await expect(page.getByLabel('Name of the house')).toBeVisible();
};
const rename = async (page: Page, name: string) => {
  await page.getByLabel('Name of the house').fill(name);
  await page.keyboard.press('Enter');
};
/** Cut a device off, or let it in again; the server itself goes on. */
const cutOff = async (device: BrowserContext, is: boolean) => device.setOffline(is);

test('what was changed is sent once signed in again: cut off meanwhile, closed and reopened, ended while typing', async ({
  browser,
  request,
}) => {
  const data = dataFolder();
  const server = await startServer(data.path, HOME);
  const house = async () =>
    ((await (await request.get(`${server.address}/api/settings`)).json()) as { household: string }).household;
  /** End every session on the machine itself. */
  const endAll = async () => {
    const { sessions } = (await (await request.get(`${server.address}/api/access`)).json()) as {
      sessions: { id: string }[];
    };
    expect(sessions).toHaveLength(1);
    for (const { id } of sessions)
      expect((await request.delete(`${server.address}/api/access/sessions/${id}`)).status()).toBe(204);
  };
  const phone = await browser.newContext({ ignoreHTTPSErrors: true, viewport: { width: 390, height: 844 } });
  try {
    let home = '';
    await expect
      .poll(async () => {
        const access = (await (await request.get(`${server.address}/api/access`)).json()) as {
          addresses: string[];
        };
        return (home = access.addresses[0] ?? '');
      })
      .toMatch(/^https:/);
    const page = await phone.newPage();
    await page.goto(`${home}/settings`);
    await signIn(page);

    // Cut off, changed, ended on the server, and back.
    await cutOff(phone, true);
    await rename(page, 'The boathouse');
    await endAll();
    await cutOff(phone, false);
    await expect(page.getByLabel('Passphrase')).toBeVisible();
    expect(await house()).not.toBe('The boathouse');
    await signIn(page);
    await expect.poll(house).toBe('The boathouse');
    await expect(page.getByLabel('Name of the house')).toHaveValue('The boathouse');

    // Closed while it waits, and opened anew without a session.
    await cutOff(phone, true);
    await rename(page, 'The lamp room');
    await page.close();
    await endAll();
    await cutOff(phone, false);
    const reopened = await phone.newPage();
    await reopened.goto(`${home}/settings`);
    await signIn(reopened);
    await expect.poll(house).toBe('The lamp room');

    // Ended while something is typed: what was not sent yet is still in its field.
    await reopened.getByLabel('Name of the house').fill('The pier');
    await endAll();
    await reopened.keyboard.press('Enter');
    await signIn(reopened);
    await expect(reopened.getByLabel('Name of the house')).toHaveValue('The pier');
    await expect.poll(house).toBe('The pier');
  } finally {
    await phone.close();
    await server.stop();
    data.remove();
  }
});
