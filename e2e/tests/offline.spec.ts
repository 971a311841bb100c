import { cpSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, test } from '../fixtures.js';
import { dataFolder, startServer } from '../server.js';

const ROOT = join(import.meta.dirname, '../..');
test.use({ serviceWorkers: 'allow' });

const READY = 'Ready: this browser opens Uisce without its server';
const ready = { timeout: 60_000 };

test('installed, it opens without its server; what is ticked and poured meanwhile is there once when it is back', async ({
  page,
  request,
}) => {
  const data = dataFolder();
  const first = await startServer(data.path, { UISCE_DEMO: '1' });
  const port = new URL(first.address).port;
  await page.goto(`${first.address}/settings/devices`);
  await expect(page.getByText(READY)).toBeVisible(ready);
  const browser = await page.context().newCDPSession(page);
  const { installabilityErrors } = await browser.send('Page.getInstallabilityErrors');
  // A test's window is a private one, which installs nothing; else nothing is in the way.
  expect(installabilityErrors.map((e) => e.errorId).filter((id) => id !== 'in-incognito')).toEqual([]);
  const pours = async () =>
    (await request.get(`${first.address}/api/pours`)).json() as Promise<{ value: { drink: string } }[]>;
  const before = await pours();

  expect(await first.stop()).toBe(0);
  await page.goto(`${first.address}/errand`);
  await expect(page.getByText(/Uisce’s server is away\./)).toBeVisible();
  const ticks = (pressed: boolean) => page.locator(`button.tick[aria-pressed=${pressed}]:enabled`);
  await ticks(false).first().waitFor();
  const inBasket = await ticks(true).count();
  await ticks(false).first().click();
  await expect(ticks(true)).toHaveCount(inBasket + 1);
  await page.goto(`${first.address}/notebook/negroni`);
  await expect(page.getByRole('heading', { name: 'Negroni' })).toBeVisible();
  await page.goto(`${first.address}/practice`);
  await expect(page.getByRole('heading', { name: /^How near/ })).toBeVisible();
  await page.goto(`${first.address}/pour`);
  await page.getByRole('button', { name: 'Pour Gin sling' }).click(ready);
  await page.getByText('Already poured? Write it down').click();
  await page.getByRole('button', { name: 'Write it down' }).click();
  await expect(page.getByText(/2 changes of yours that will be sent/)).toBeVisible();
  // Closed and opened again, they still wait.
  await page.reload();
  await expect(page.getByText(/2 changes of yours that will be sent/)).toBeVisible();

  const second = await startServer(data.path, { UISCE_DEMO: '1', UISCE_PORT: port });
  expect(second.address).toBe(first.address);
  await expect(page.getByText(/Uisce’s server is away\./)).toBeHidden(ready);
  await expect.poll(async () => (await pours()).length).toBe(before.length + 1);
  await page.goto(`${first.address}/errand`);
  await expect(ticks(true)).toHaveCount(inBasket + 1);
  expect((await pours()).filter((p) => p.value.drink === 'gin-sling')).toHaveLength(
    before.filter((p) => p.value.drink === 'gin-sling').length + 1,
  );
  await page.close();
  await second.stop();
  data.remove();
});

test('a new version asks before it takes over; then nothing is stale, and what the old one could not send is sent', async ({
  page,
}) => {
  const data = dataFolder();
  // Two releases: the second says so in its page, and the worker of each knows its own.
  const release = (name: string): string => {
    const folder = join(data.path, name);
    mkdirSync(folder, { recursive: true });
    cpSync(join(ROOT, 'packages/web/dist'), folder, { recursive: true });
    const change = (file: string, of: (text: string) => string) =>
      writeFileSync(join(folder, file), of(readFileSync(join(folder, file), 'utf8')));
    change('index.html', (text) =>
      text.replace('</head>', `<meta name="release" content="${name}" /></head>`),
    );
    change('sw.js', (text) => {
      const changed = text.replace(
        /(url:"index\.html",revision:")\w+|(revision:")\w+(",url:"index\.html")/,
        `$1$2${name}$3`,
      );
      expect(changed).not.toBe(text);
      return changed;
    });
    return folder;
  };
  const first = await startServer(join(data.path, 'data'), { UISCE_DEMO: '1', UISCE_WEB: release('first') });
  const { address } = first;
  const shown = () => page.locator('meta[name=release]').getAttribute('content');
  await page.goto(`${address}/settings/devices`);
  await expect(page.getByText(READY)).toBeVisible(ready);
  await first.stop();
  const again = { UISCE_DEMO: '1', UISCE_WEB: release('second'), UISCE_PORT: new URL(address).port };
  const second = await startServer(join(data.path, 'data'), again);
  await page.reload();
  expect(await shown()).toBe('first');
  // What the old version has changed and could not send yet is the new one's to send, once.
  await page.goto(`${address}/settings`);
  const takeOver = page.getByRole('button', { name: 'Take it over now' });
  await takeOver.waitFor(ready);
  await second.stop();
  await page.getByLabel('Name of the house').fill('The lamp room');
  await page.keyboard.press('Enter');
  let loads = 0;
  page.on('load', () => (loads += 1));
  await takeOver.click();
  await expect.poll(shown, ready).toBe('second');
  await expect(page.getByLabel('Name of the house')).toHaveValue('The lamp room');
  expect(loads).toBe(1);
  const third = await startServer(join(data.path, 'data'), again);
  const settings = async () =>
    (await (await page.request.get(`${address}/api/settings`)).json()) as { household: string };
  await expect.poll(async () => (await settings()).household, ready).toBe('The lamp room');
  await page.request.post(`${address}/api/history/undo`, { data: {} });
  expect((await settings()).household).not.toBe('The lamp room');
  await page.goto(`${address}/settings/devices`);
  await expect(page.getByText(READY)).toBeVisible(ready);
  await page.reload();
  expect(await shown()).toBe('second');
  await page.close();
  await third.stop();
  data.remove();
});
