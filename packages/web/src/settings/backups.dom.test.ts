import { flushPromises } from '@vue/test-utils';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Backup } from '@uisce/core/household';
import FileField from '../ui/FileField.vue';
import { inHouse, said, type InSmallHouse } from '../testing/in-house';
import { refusal } from '../testing/small-server';
import BackupsPanel from './BackupsPanel.vue';

vi.mock('../solver/solver', () => import('../testing/small-solver'));
vi.mock('../solver/solver.worker?worker&url', () => ({ default: 'solver' }));
vi.mock('idb-keyval', () => import('../testing/small-database'));

const backup = (name: string, more: Partial<Backup> = {}): Backup => ({
  name,
  at: '2026-11-24T23:34:00.000Z',
  why: 'daily',
  bytes: 200_000,
  ...more,
});
let house: InSmallHouse;
let there: Backup[];
afterEach(() => house.page.unmount());
const open = async (...backups: Backup[]) => {
  there = backups;
  house = await inHouse(BackupsPanel);
  house.server.also.set('GET /backups', () => there);
  await button(/^Make one now/).trigger('click');
  await house.settle();
  house.server.asked.length = 0;
};
const button = (name: RegExp) =>
  house.page.findAll('button').find((b) => name.test(b.attributes('aria-label') ?? b.text())) ??
  expect.fail(`no button ${String(name)}: ${said(house.page)}`);
const press = async (name: RegExp) => {
  await button(name).trigger('click');
  await flushPromises();
  await house.settle();
};
const asked = () => house.server.asked.filter(([what]) => what !== 'GET /backups');

describe('the household’s backups', () => {
  it('are listed with when, why and how large, and each can be taken along', async () => {
    await open(backup('a.sqlite'), backup('b.sqlite', { why: 'upgrade', bytes: 3_500_000 }));
    expect(said(house.page)).toMatch(/of that day 196 KB .* before an upgrade 3\.3 MB/);
    expect(house.page.findAll('a[download]').map((a) => a.attributes('href'))).toEqual([
      '/api/backups/a.sqlite',
      '/api/backups/b.sqlite',
    ]);
  });

  it('are made when asked for, after what waits in this page was sent', async () => {
    await open();
    house.server.also.set('POST /backups', () => {
      there = [backup('now.sqlite', { why: 'asked' })];
      return there[0];
    });
    await press(/^Make one now/);
    expect(said(house.page)).toMatch(/A backup is made\..*asked for/);
    expect(asked()).toEqual([['POST /backups', {}]]);
  });

  it('are restored, and that is taken back with one tap', async () => {
    await open(backup('a.sqlite'));
    house.server.also.set('POST /backups/a.sqlite/restore', () => ({
      before: backup('before.sqlite', { why: 'restore' }),
      counts: { plan: 2, bottle: 14 },
    }));
    house.server.also.set('POST /backups/before.sqlite/restore', () => ({
      before: backup('other.sqlite'),
      counts: { plan: 3, bottle: 15 },
    }));
    await press(/^Restore the one of/);
    expect(said(house.page)).toContain('Restored: 16 things.');
    await press(/^Undo that/);
    expect(said(house.page)).toContain('As it was before, 18 things.');
    expect(said(house.page)).not.toContain('Undo that');
    expect(asked().map(([what]) => what)).toEqual([
      'POST /backups/a.sqlite/restore',
      'POST /backups/before.sqlite/restore',
    ]);
  });

  it('that cannot be restored leave everything as it is, and say so', async () => {
    await open(backup('a.sqlite'));
    house.server.also.set('POST /backups/a.sqlite/restore', () => refusal('invalid', 'the file is cut off'));
    await press(/^Restore the one of/);
    expect(said(house.page)).toContain('The file is cut off. Nothing was touched.');
  });

  it('come from a file byte for byte, with the passphrase where it is sealed', async () => {
    await open();
    house.server.also.set('POST /restore', () => ({ before: backup('b.sqlite'), counts: { plan: 1 } }));
    // More than the letters that are taken at a time, with every byte in it.
    const bytes = Uint8Array.from({ length: 100_000 }, (_, i) => i % 256);
    const choose = async (passphrase: string) => {
      await house.page.find('input[type=password]').setValue(passphrase);
      house.page.findComponent(FileField).vm.$emit('choose', new File([bytes], 'x.sealed'));
      await vi.waitFor(() => expect(asked().length).toBeGreaterThan(0));
      await house.settle();
      return asked().at(-1)?.[1] as { file: string; passphrase?: string };
    };
    const plain = await choose('');
    expect(Buffer.from(plain.file, 'base64').equals(Buffer.from(bytes))).toBe(true);
    expect(plain).not.toHaveProperty('passphrase');
    house.server.asked.length = 0;
    expect(await choose('four words by chance')).toMatchObject({ passphrase: 'four words by chance' });
  });

  it('are taken along sealed only with a passphrase that is long enough', async () => {
    await open(backup('a.sqlite'));
    const sealed = () => house.page.findAll('button').some((b) => b.text() === 'sealed');
    await house.page.find('input[type=password]').setValue('seven77');
    expect(sealed()).toBe(false);
    await house.page.find('input[type=password]').setValue('eight888');
    expect(sealed()).toBe(true);
    house.server.also.set('POST /backups/a.sqlite/sealed', () => refusal('invalid', 'the disk is full'));
    await press(/^Take along sealed/);
    expect(said(house.page)).toContain('The disk is full. Nothing was touched.');
  });
});
