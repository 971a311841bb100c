import { flushPromises } from '@vue/test-utils';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Component } from 'vue';
import type { AccessState } from '@uisce/core/household';
import { personSchema } from '@uisce/core/household';
import { inHouse, said, type InSmallHouse } from '../testing/in-house';
import { smallPlan } from '../testing/small-house';
import { refusal } from '../testing/small-server';
import DevicesPanel from './DevicesPanel.vue';
import ForgetPanel from './ForgetPanel.vue';
import WholePanel from './WholePanel.vue';

vi.mock('../solver/solver', () => import('../testing/small-solver'));
vi.mock('../solver/solver.worker?worker&url', () => ({ default: 'solver' }));
vi.mock('idb-keyval', () => import('../testing/small-database'));

let house: InSmallHouse;
afterEach(() => house.page.unmount());
const ID = '00000000-0000-4000-8000-000000000001';
const ann = personSchema.parse({
  id: ID,
  name: 'Ann',
  limit: null,
  noAlcohol: false,
  allergens: [],
  dislikes: [],
});
const open = async (component: Component) => {
  house = await inHouse(component, {}, [
    ['plan', smallPlan(0).id, smallPlan(4700)],
    ['person', ID, ann],
  ]);
};
const button = (name: RegExp) =>
  house.page.findAll('button').find((b) => name.test(b.attributes('aria-label') ?? b.text())) ??
  expect.fail(`no button ${String(name)}: ${said(house.page)}`);

describe('everything, in from a file', () => {
  const compared = [
    { thing: 'plan', noun: 'plan', isNew: 1, same: 2, different: 1, names: ['“First winter”'] },
    { thing: 'pour', noun: 'pour', isNew: 30, same: 0, different: 0, names: [] },
  ];
  const choose = async (text: string) => {
    const field = house.page.findComponent({ name: 'VFileInput' });
    field.vm.$emit('update:modelValue', new File([text], 'household.json'));
    await house.settle();
    await flushPromises();
  };

  it('says how it stands to what is here, takes what is chosen, and takes it back', async () => {
    await open(WholePanel);
    house.server.also.set('POST /household/compare', () => compared);
    house.server.also.set('POST /household/import', () => ({ before: { name: 'b.sqlite' }, taken: 31 }));
    house.server.also.set('POST /backups/b.sqlite/restore', () => ({}));
    await choose('{"format":"uisce-household/1","things":{}}');
    expect(said(house.page)).toMatch(/Plan “First winter” 1 2 1 .*Pour 30 0 0/);
    house.page.findAllComponents({ name: 'VSelect' })[0]?.vm.$emit('update:modelValue', 'all');
    await house.settle();
    await button(/^Bring it in/).trigger('click');
    await house.settle();
    expect(house.server.asked.at(-1)).toEqual([
      'POST /household/import',
      { file: { format: 'uisce-household/1', things: {} }, leave: [], replace: ['plan'] },
    ]);
    expect(said(house.page)).toContain('31 things came in.');
    await button(/^Undo that/).trigger('click');
    await house.settle();
    expect(said(house.page)).toContain('As it was before.');
  });

  it('that is none, or has a fault, is said beside it, and nothing is sent', async () => {
    await open(WholePanel);
    await choose('Dear friend');
    expect(said(house.page)).toContain('It is no file of a household');
    expect(house.server.asked).toEqual([]);
    house.server.also.set('POST /household/compare', () =>
      refusal('invalid', 'the file has a fault at /things/plan/0/name: give a name'),
    );
    await choose('{"format":"uisce-household/1","things":{"plan":[{}]}}');
    expect(said(house.page)).toContain(
      'The file has a fault at /things/plan/0/name: give a name. Nothing was touched.',
    );
  });
});

it('everything is forgotten once the word is typed, and somebody by their name, their backups too if wanted', async () => {
  await open(ForgetPanel);
  house.server.also.set('POST /household/forget', () => undefined);
  house.server.also.set('POST /people/forget', () => ({ changed: 3 }));
  expect(button(/^Forget everything/).attributes('disabled')).toBeDefined();
  const [select] = house.page.findAllComponents({ name: 'VSelect' });
  expect((select?.props('items') as { value: string }[]).map((i) => i.value)).toEqual(['Ann']);
  select?.vm.$emit('update:modelValue', 'Ann');
  await house.settle();
  await button(/^Forget them/).trigger('click');
  await house.settle();
  await house.page.find('input[type=checkbox]').setValue(true);
  await house.page.findAll('input').at(-1)?.setValue('Forget');
  await button(/^Forget everything/).trigger('click');
  await house.settle();
  expect(house.server.asked).toEqual([
    ['POST /people/forget', { name: 'Ann', backups: 'keep' }],
    ['POST /household/forget', { everything: true, backups: 'drop' }],
  ]);
  expect(said(house.page)).toContain('Everything is forgotten.');
});

describe('devices', () => {
  const state = (more: Partial<AccessState> = {}): AccessState => ({
    isOpen: false,
    refused: '',
    addresses: [],
    fingerprint: null,
    hasPassphrase: false,
    sessions: [],
    ...more,
  });
  const at = async (place: 'machine' | 'home', now: () => AccessState) => {
    house = await inHouse(DevicesPanel, {});
    house.server.also.set('GET /access', now);
    house.server.also.set('GET /session', () => ({ place, isIn: true }));
    house.page.unmount();
    const { mount } = await import('@vue/test-utils');
    const { getActivePinia } = await import('pinia');
    const { createVuetify } = await import('vuetify');
    house.page = mount(DevicesPanel, {
      global: { plugins: [getActivePinia() as never, createVuetify()] },
      attachTo: document.body,
    });
    await house.settle();
  };

  it('asks for a passphrase of some length first, then serves the home network and says where', async () => {
    let now = state();
    await at('machine', () => now);
    house.server.also.set('POST /access/passphrase', () => {
      now = state({ hasPassphrase: true });
    });
    house.server.also.set('POST /access/home', () => {
      now = state({
        hasPassphrase: true,
        isOpen: true,
        addresses: ['https://192.168.1.20:4872'],
        fingerprint: 'AA:BB',
      });
      return now;
    });
    const check = () => house.page.find<HTMLInputElement>('input[type=checkbox]');
    expect(check().element.disabled).toBe(true);
    const field = () => house.page.findAll('input').at(-1);
    await field()?.setValue('too short');
    await house.page.find('form').trigger('submit');
    expect(said(house.page)).toContain('At least 12 letters');
    await field()?.setValue('a lamp in the window');
    await house.page.find('form').trigger('submit');
    await house.settle();
    expect(check().element.disabled).toBe(false);
    await check().setValue(true);
    await house.settle();
    expect(said(house.page)).toContain('https://192.168.1.20:4872');
    expect(said(house.page)).toContain('AA:BB');
    expect(house.server.asked.filter(([what]) => what.startsWith('POST'))).toEqual([
      ['POST /access/passphrase', { passphrase: 'a lamp in the window' }],
      ['POST /access/home', { open: true }],
    ]);
  });

  it('from the home network, the old passphrase is asked, and only others are ended', async () => {
    const device = (id: string, name: string, isThis: boolean) => ({
      id,
      device: name,
      since: '2026-11-20T18:00:00.000Z',
      seen: '2026-11-25T18:00:00.000Z',
      isThis,
    });
    await at('home', () =>
      state({
        isOpen: true,
        hasPassphrase: true,
        addresses: ['https://bar.local:4872'],
        sessions: [device('one', 'A telephone', true), device('two', 'A tablet', false)],
      }),
    );
    house.server.also.set('DELETE /access/sessions/two', () => undefined);
    expect(said(house.page)).toContain('A telephone, this one');
    expect(house.page.find('input[type=checkbox]').exists()).toBe(false);
    expect(house.page.findAll('input')).toHaveLength(2);
    expect(
      house.page.findAll('button').filter((b) => /^End /.test(b.attributes('aria-label') ?? '')),
    ).toHaveLength(1);
    await button(/^End A tablet/).trigger('click');
    await house.settle();
    expect(house.server.asked.map(([what]) => what)).toContain('DELETE /access/sessions/two');
  });
});
