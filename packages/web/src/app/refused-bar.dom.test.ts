import { flushPromises } from '@vue/test-utils';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { useSettings } from '../household/use-settings';
import { useKeeper } from '../kept/use-keeper';
import { inHouse, said, type InSmallHouse } from '../testing/in-house';
import { refusal } from '../testing/small-server';
import RefusedBar from './RefusedBar.vue';

vi.mock('../solver/solver', () => import('../testing/small-solver'));
vi.mock('idb-keyval', () => import('../testing/small-database'));
const saved = vi.hoisted(() => ({ files: [] as unknown[][] }));
vi.mock('../ui/save-file', () => ({ saveFile: (...file: unknown[]) => saved.files.push(file) }));

let house: InSmallHouse;
const act = async (name: string) => {
  await house.page
    .findAll('button')
    .find((b) => b.text() === name)
    ?.trigger('click');
  await house.settle();
};

beforeEach(async () => {
  saved.files = [];
  house = await inHouse(RefusedBar);
  house.server.also.set('POST /changes', () => refusal('too-large', 'the body is too large'));
  useSettings().change({ household: 'The pier' });
  await house.settle();
});
afterEach(() => {
  house.page.unmount();
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

describe('a change that the server will not have', () => {
  it('is named with its reason, stays on screen, and can be taken out as a file', async () => {
    expect(said(house.page)).toContain('Not saved: Settings');
    expect(said(house.page)).toContain('The body is too large.');
    expect(useSettings().current.household).toBe('The pier');
    await act('Download it');
    const [[name, , text] = []] = saved.files;
    expect(name).toBe('not-saved.json');
    expect(JSON.parse(String(text))).toMatchObject({
      reason: 'the body is too large',
      writes: [{ thing: 'settings', value: { household: 'The pier' } }],
    });
  });

  it('is sent again when it was mended, or as it is', async () => {
    house.server.also.delete('POST /changes');
    await act('Try again');
    expect(useKeeper().refused).toEqual([]);
    expect(house.server.changes.at(-1)?.writes).toMatchObject([{ value: { household: 'The pier' } }]);
  });

  it('is gone when it is discarded, and what was there shows again', async () => {
    await act('Discard it');
    await flushPromises();
    expect([useKeeper().refused, useSettings().current.household]).toEqual([[], '']);
    expect(said(house.page)).not.toContain('Not saved');
  });
});
