import { flushPromises, type VueWrapper } from '@vue/test-utils';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { mounted } from '../testing/mounted';
import { said } from '../testing/in-house';
import { refusal, SmallServer } from '../testing/small-server';
import SignIn from './SignIn.vue';

let page: VueWrapper;
let server: SmallServer;
beforeEach(() => {
  server = new SmallServer();
  page = mounted(SignIn, {}) as unknown as VueWrapper;
});
afterEach(() => {
  page.unmount();
});
const open = async (passphrase: string) => {
  await page.find('input').setValue(passphrase);
  await page.find('form').trigger('submit');
  await flushPromises();
};

describe('the door', () => {
  it('asks for a passphrase before it asks the server', async () => {
    await open('');
    expect(said(page)).toContain('Type the household’s passphrase.');
    expect(server.asked).toEqual([]);
  });

  it('opens the household to whoever knows it, under the name of this device', async () => {
    server.also.set('POST /session', () => undefined);
    await open('four words by chance');
    expect(server.asked).toEqual([
      ['POST /session', { passphrase: 'four words by chance', device: 'Chromium on Linux' }],
    ]);
    expect(page.emitted('open')).toEqual([[]]);
  });

  it.each([
    ['wrong-passphrase', 'that is not the passphrase', 'That is not the passphrase.'],
    ['too-many-tries', 'wait 30 seconds before the next try', 'Wait 30 seconds before the next try.'],
  ] as const)('says why it stays shut: %s, and may be tried again', async (problem, detail, words) => {
    server.also.set('POST /session', () => refusal(problem, detail));
    await open('something else');
    expect(said(page)).toContain(words);
    expect(page.emitted('open')).toBeUndefined();
    expect(page.find('button').attributes('disabled')).toBeUndefined();
  });

  it('says that the server is away', async () => {
    await open('four words by chance');
    expect(said(page)).toContain('Uisce’s server does not answer.');
  });
});
