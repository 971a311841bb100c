import type { BrowserContext, Page } from '@playwright/test';
import { expect, test } from '../fixtures.js';
import { dataFolder, startServer } from '../server.js';

const DAY_MS = 86_400_000;
const dayIn = (days: number) => new Date(Date.now() + days * DAY_MS).toISOString().slice(0, 10);

/** Write a drink that can be poured down, as one who has. */
async function writeDown(page: Page, address: string, drink: string | RegExp): Promise<void> {
  await page.goto(`${address}/pour`);
  await page.getByRole('button', { name: drink }).first().click();
  await page.getByText('Already poured? Write it down').click();
  await page.getByRole('button', { name: 'Write it down' }).click();
}

test('server and browsers in different zones: one household’s day and evening on all of them', async ({
  browser,
  request,
}) => {
  const data = dataFolder();
  const server = await startServer(data.path, { UISCE_DEMO: '1', TZ: 'America/Los_Angeles' });
  const opened: BrowserContext[] = [];
  const pageIn = async (timezoneId: string) => {
    const context = await browser.newContext({ timezoneId });
    opened.push(context);
    return context.newPage();
  };
  const read = async <T>(path: string) =>
    (await (await request.get(`${server.address}/api${path}`)).json()) as T;
  const poured = async () => {
    const all = await read<{ value: { drink: string; on: string } }[]>('/pours');
    return all.flatMap(({ value }) => (value.drink === 'gin-sling' ? [value.on] : []));
  };
  try {
    // The first page says where the household is; each other one counts by that.
    const home = await pageIn('Asia/Tokyo');
    await home.goto(`${server.address}/settings`);
    await expect.poll(async () => read('/zone')).toEqual({ timeZone: 'Asia/Tokyo' });
    const there = await pageIn('Europe/Dublin');
    await there.goto(`${server.address}/settings`);
    await expect(there.getByLabel('Days and hours as in')).toHaveValue('Asia/Tokyo');
    await expect(there.getByText('This browser is in Europe/Dublin')).toBeVisible();

    // Until eight in the evening UTC it is before five in the morning in Tokyo: the evening before.
    const before = await poured();
    const [today, tomorrow] = [dayIn(1), dayIn(2)];
    await there.clock.setFixedTime(new Date(`${today}T19:40:00Z`));
    await writeDown(there, server.address, 'Pour Gin sling');
    await expect.poll(poured).toEqual([...before, today]);
    await there.clock.setFixedTime(new Date(`${today}T20:10:00Z`));
    await writeDown(there, server.address, 'Pour Gin sling');
    await expect.poll(poured).toEqual([...before, today, tomorrow]);
  } finally {
    for (const context of opened) await context.close();
    await server.stop();
    data.remove();
  }
});

test('a year and more without use, and on a 29 February: every step stands, and what is poured counts', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.address}/plan`);
  await expect(page.getByRole('heading', { level: 1 })).toContainText('makes');
  const leapDay = '2028-02-29';
  await page.clock.setFixedTime(new Date(`${leapDay}T19:00:00Z`));
  for (const step of [
    'plan',
    'brief',
    'kit',
    'bench',
    'shelf',
    'errand',
    'pour',
    'pour/log',
    'evening',
    'notebook',
    'practice',
  ]) {
    await page.goto(`${demo.address}/${step}`);
    await expect(page.getByRole('heading', { level: 1 })).not.toHaveText(/^$|Working it out/, {
      timeout: 60_000,
    });
    await expect(page.locator('main')).not.toContainText(/NaN|Invalid|undefined|Infinity|null/);
  }
  await writeDown(page, demo.address, /^Pour /);
  await expect
    .poll(async () => {
      const pours = await page.request.get(`${demo.address}/api/pours`);
      return ((await pours.json()) as { value: { on: string } }[]).some((p) => p.value.on === leapDay);
    })
    .toBe(true);
});
