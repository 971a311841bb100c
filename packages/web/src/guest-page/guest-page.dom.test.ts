import { flushPromises, mount } from '@vue/test-utils';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { createVuetify } from 'vuetify';
import type { GuestView } from '@uisce/core/evening';
import { said } from '../testing/in-house';
import { refusal } from '../testing/small-server';
import GuestPage from './GuestPage.vue';

const view: GuestView = {
  house: 'The boathouse',
  name: 'Saturday',
  on: '2026-11-28',
  from: '20:00',
  locale: 'en-IE',
  drinks: [
    {
      id: 'sour',
      name: 'Whiskey sour',
      parts: ['bourbon', 'lemon juice', 'egg white'],
      abv: 0.145,
      ethanolG: 21,
      allergens: ['egg'],
      mayHold: [],
      unknown: [],
      noAlcohol: false,
      holds: ['bourbon', 'lemon-juice', 'egg-white'],
    },
    {
      id: 'highball',
      name: 'Ginger highball',
      parts: ['Ginger ale'],
      abv: 0.002,
      ethanolG: 0.1,
      allergens: [],
      mayHold: [],
      unknown: [],
      noAlcohol: true,
      holds: ['ginger-ale'],
    },
  ],
  ingredients: [
    { id: 'ginger-ale', name: 'ginger ale' },
    { id: 'lemon-juice', name: 'lemon juice' },
  ],
  isWhole: true,
  asks: true,
};
let now: () => Response;
let sent: unknown[];
let page: ReturnType<typeof mount>;
beforeEach(() => {
  localStorage.clear();
  [sent, now] = [[], () => new Response(JSON.stringify(view))];
  vi.stubGlobal('fetch', (path: string, init?: { body?: string }) => {
    if (!path.endsWith('/asks')) return Promise.resolve(now());
    sent.push(JSON.parse(init?.body ?? ''));
    return Promise.resolve(new Response(null, { status: 204 }));
  });
});
afterEach(() => {
  page.unmount();
  vi.unstubAllGlobals();
});
const open = async () => {
  page = mount(GuestPage, { global: { plugins: [createVuetify()] }, attachTo: document.body });
  await flushPromises();
};
const button = (name: string) => page.findAll('button').find((b) => b.attributes('aria-label') === name);

it('says what there is, what is in it and how strong it is; who has a name asks, and is offered nothing they cannot have', async () => {
  await open();
  expect(said(page)).toMatch(/^The boathouse Saturday Saturday, 28 November, from 20:00/);
  expect(said(page)).toContain(
    'Whiskey sour Bourbon, lemon juice and egg white 14.5% vol, 2.1 standard drinks · contains egg',
  );
  expect(said(page)).toContain('Ginger highball Ginger ale Without alcohol: under 0.5 % vol');
  expect(button('Ask for Whiskey sour')?.attributes('disabled')).toBeDefined();
  await page.find('input').setValue('Niamh ');
  await button('Ask for Whiskey sour')?.trigger('click');
  await flushPromises();
  expect(sent).toEqual([{ name: 'Niamh', cannot: [], without: [], noAlcohol: false, drink: 'sour' }]);
  expect(said(page)).toContain('Whiskey sour for Niamh: the house knows.');
  await page
    .findAll('button')
    .find((b) => b.text() === 'What you cannot have')
    ?.trigger('click');
  const egg = page.findAll('label').find((l) => l.text() === 'egg');
  await page.find(`#${egg?.attributes('for')}`).setValue(true);
  expect(said(page)).toContain('Not for you: it contains egg: ask the house for it without.');
  page.findComponent({ name: 'VAutocomplete' }).vm.$emit('update:modelValue', ['lemon-juice']);
  await flushPromises();
  expect(said(page)).toContain('there is lemon juice in it');
  expect(button('Ask for Whiskey sour')).toBeUndefined();
  expect(button('Ask for Ginger highball')).toBeDefined();
});

it('for reading alone has nothing to press, and one that is over says so', async () => {
  now = () => new Response(JSON.stringify({ ...view, asks: false, isWhole: false }));
  await open();
  expect(page.findAll('button').filter((b) => /^Ask/.test(b.text()))).toEqual([]);
  expect(said(page)).toContain('The rest of the menu is being chosen.');
  page.unmount();
  now = () => refusal('not-found', 'there is no menu here, or its evening is over');
  await open();
  expect(said(page)).toContain('No menu here There is no menu here, or its evening is over.');
});
