import AxeBuilder from '@axe-core/playwright';
import { expect, test as base, type APIRequestContext, type Locator, type Page } from '@playwright/test';
import { dataFolder, startServer, type RunningServer } from './server.js';

interface Fixtures {
  /** The demo household on a database of its own. */
  demo: RunningServer & { data: string };
  /** A household with nothing in it yet. */
  empty: RunningServer & { data: string };
  /** Fails the test when the page logs an error or breaks its security policy. */
  quiet: undefined;
}

export const test = base.extend<Fixtures>({
  // Needs the page, so that it is closed before its server: a page whose server goes has cause to complain.
  demo: async ({ page }, use) => {
    const data = dataFolder();
    const server = await startServer(data.path, { UISCE_DEMO: '1' });
    await use({ ...server, data: data.path });
    await page.close();
    await server.stop();
    data.remove();
  },
  empty: async ({ page }, use) => {
    const data = dataFolder();
    const server = await startServer(data.path);
    await use({ ...server, data: data.path });
    await page.close();
    await server.stop();
    data.remove();
  },
  quiet: [
    async ({ page }, use) => {
      const errors: string[] = [];
      page.on('pageerror', (error) => errors.push(error.message));
      page.on('console', (message) => {
        const refused =
          /status of 4\d\d|ERR_FAILED|ERR_BLOCKED_BY_RESPONSE|ERR_CONNECTION_(REFUSED|RESET)|ERR_EMPTY_RESPONSE|ERR_INCOMPLETE_CHUNKED_ENCODING/.test(
            message.text(),
          );
        if (message.type() === 'error' && !refused) errors.push(message.text());
      });
      await use(undefined);
      if (errors.length > 0) throw new Error(`the page complained: ${errors.join('; ')}`);
    },
    { auto: true },
  ],
});

export { expect } from '@playwright/test';

/** Wait until the sentence says that the answer is proven. */
export async function proven(page: Page): Promise<string> {
  await page
    .getByText(/^Proven best( in|$| ·)/)
    .first()
    .waitFor({ timeout: 60_000 });
  return page.getByRole('heading', { level: 1 }).innerText();
}

/** What axe finds against the levels A and AA of WCAG 2.2 on a page. There are no frames of others: all is judged in the page itself, three times as fast. */
export async function axeFaults(page: Page): Promise<string[]> {
  const found = await new AxeBuilder({ page })
    .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'])
    .options({ resultTypes: ['violations'] })
    // The lines of a long list are all made alike.
    .exclude('li:nth-child(n + 40)')
    .setLegacyMode()
    .analyze();
  return found.violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.html).join(' | ')}`);
}

/** Change a part of a stored thing, as whoever has just read it. */
export async function change(request: APIRequestContext, address: string, part: object): Promise<void> {
  const now = await request.get(address);
  const value = { ...((await now.json()) as object), ...part };
  const kept = await request.put(address, {
    headers: { 'if-match': now.headers().etag ?? '' },
    data: { value, change: 'Made ready' },
  });
  expect(kept.status()).toBe(200);
}

/** Let the plans count the core canon only: fewer drinks are proven sooner, and the screens are the same. */
export async function countCore(request: APIRequestContext, address: string): Promise<void> {
  const plans = (await (await request.get(`${address}/api/plans`)).json()) as {
    value: { id: string; brief: object };
  }[];
  for (const { value } of plans)
    await change(request, `${address}/api/plans/${value.id}`, { brief: { ...value.brief, count: 'core' } });
}

/** Wait until the last edit is on disk: the undo button names it. */
export async function saved(page: Page, change: string): Promise<void> {
  await page.getByRole('button', { name: `Undo: ${change}` }).waitFor();
}

/** Choose from a field that opens a list. On a busy machine the list may still be building when it is clicked: then again. */
export async function choose(where: Page | Locator, label: string, option: string | RegExp): Promise<void> {
  const page = 'page' in where ? where.page() : where;
  const field = where.getByRole('combobox', { name: label });
  // The list of the field before may still be on its way out.
  const list = page.getByRole('listbox', { name: label });
  await expect(async () => {
    if (!(await list.isVisible())) {
      await field.focus();
      await page.keyboard.press('ArrowDown');
    }
    await list.getByRole('option', { name: option, exact: true }).click({ timeout: 3000 });
    await expect(list).toBeHidden({ timeout: 2000 });
  }).toPass({ timeout: 20_000 });
}
