import { execFileSync } from 'node:child_process';
import { existsSync, readdirSync, renameSync } from 'node:fs';
import { join } from 'node:path';
import { expect, test } from '../fixtures.js';

const ROOT = join(import.meta.dirname, '../..');

test('a backup of a week ago is restored on every open page, and that taken back', async ({
  page,
  demo,
  context,
}) => {
  await page.goto(`${demo.address}/settings/data`);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^Safe: backed up /);
  await page.getByRole('button', { name: 'Make one now' }).click();
  await expect(page.getByText('A backup is made.')).toBeVisible();
  // A week goes by.
  const folder = join(demo.data, 'demo-backups');
  const made = readdirSync(folder).find((file) => file.includes('-asked')) ?? '';
  const then = new Date(Date.now() - 7 * 86_400_000).toISOString().replace(/[-:.]/g, '');
  renameSync(join(folder, made), join(folder, `uisce-${then}-asked.sqlite`));
  await page.reload();

  const other = await context.newPage();
  await other.goto(`${demo.address}/notebook/own-wet-oar`);
  await other.getByRole('button', { name: 'Cross it out' }).click();
  await other.goto(`${demo.address}/notebook/ours`);
  const drinks = other.getByRole('table', { name: 'Drinks of our own' });
  await expect(drinks.getByRole('row')).toHaveCount(6);

  const asked = page.getByRole('row').filter({ hasText: 'asked for' }).first();
  await asked.getByRole('button', { name: /^Restore the one of/ }).click();
  await expect(page.getByText(/^Restored: \d+ things\./)).toBeVisible();
  await expect(drinks.getByRole('row')).toHaveCount(7);
  await page.getByRole('button', { name: 'Undo that' }).click();
  await expect(page.getByText(/^As it was before/)).toBeVisible();
  await expect(drinks.getByRole('row')).toHaveCount(6);
  await other.close();

  // Sealed and taken along, it opens with its passphrase alone.
  await page.getByLabel('Passphrase, if sealed').fill('salt and light');
  const download = page.waitForEvent('download');
  await asked.getByRole('button', { name: /^Take along sealed/ }).click();
  const file = await (await download).path();
  await page.getByLabel('Passphrase, if sealed').fill('salt and dark');
  await page.getByLabel('A backup of Uisce').setInputFiles(file);
  await expect(page.getByRole('alert')).toHaveText(
    /The passphrase is another, or the file is damaged\. Nothing was touched\./,
  );
  await page.getByLabel('Passphrase, if sealed').fill('salt and light');
  await page.getByLabel('A backup of Uisce').setInputFiles(file);
  await expect(page.getByText(/^Restored: \d+ things\./)).toBeVisible();
});

test('from the command line a household is backed up while it runs, and restored when it is stopped', async ({
  empty,
}) => {
  const command = join(ROOT, 'packages/server/bundle/command.js');
  const port = new URL(empty.address).port;
  const run = (...words: string[]) =>
    execFileSync(process.execPath, [command, ...words], {
      env: { ...process.env, UISCE_DATA: empty.data, UISCE_PORT: port },
      encoding: 'utf8',
    }).trim();
  const file = run('backup');
  expect(existsSync(file)).toBe(true);
  expect(() => run('restore', file)).toThrow(/is in use, by another Uisce perhaps/);
  await empty.stop();
  expect(run('restore', file)).toMatch(
    /^Restored: \d+ things\. What was there before is .*-restore\.sqlite$/,
  );
  expect(() => run('restore', join(empty.data, 'nothing.sqlite'))).toThrow(/There is no file/);
});
