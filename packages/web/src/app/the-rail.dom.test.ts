import { afterEach, describe, expect, it, vi } from 'vitest';
import { inHouse, said, type InSmallHouse } from '../testing/in-house';
import { smallPlan } from '../testing/small-house';
import { useKeeper } from '../kept/use-keeper';
import { useNotices } from '../kept/use-notices';
import NoticeBar from './NoticeBar.vue';
import SettingsSheet from '../settings/SettingsSheet.vue';
import TheRail from './TheRail.vue';
import { useShortcuts } from './use-shortcuts';

vi.mock('../solver/solver', () => import('../testing/small-solver'));
vi.mock('../solver/solver.worker?worker&url', () => ({ default: 'solver' }));
vi.mock('idb-keyval', () => import('../testing/small-database'));

let house: InSmallHouse | undefined;
afterEach(() => house?.page.unmount());

describe('the rail', () => {
  it('names house and plan, and says the telling figure of each step', async () => {
    house = await inHouse(TheRail);
    expect(said(house.page)).toMatch(
      /^uisce Your home bar Corner bar To get 1 Brief ?€47 2 Kit 3 Plan ?3 drinks 4 Errand ?5 to buy To make 5 Bench 6 Shelf To pour 7 Pour( ?0 now)? 8 Evening To keep 9 Notebook ?4/,
    );
  });

  it('has no figure for what is not known', async () => {
    house = await inHouse(TheRail, {}, []);
    expect(said(house.page)).toMatch(/Brief 2 Kit 3 Plan 4 Errand To make 5 Bench 6 Shelf/);
  });
});

describe('a notice', () => {
  it('is said where a reader hears it, and goes by itself', async () => {
    house = await inHouse(NoticeBar);
    expect(house.page.get('[role=status]').text()).toBe('');
    useNotices().say('Undone: Money now');
    await vi.advanceTimersByTimeAsync(10);
    expect(house.page.get('[role=status]').text()).toBe('Undone: Money now');
    await vi.advanceTimersByTimeAsync(9000);
    expect(house.page.get('[role=status]').text()).toBe('');
  });
});

describe('how things are written', () => {
  it('is kept as soon as it is chosen', async () => {
    house = await inHouse(SettingsSheet);
    const night = house.page.findAll('label').find((l) => l.text().startsWith('Night'));
    await night?.get('input').setValue();
    await house.settle();
    expect(house.server.changes.at(-1)?.writes[0]?.value).toMatchObject({ theme: 'night' });
  });
});

describe('keys', () => {
  const Listener = { setup: () => useShortcuts(() => shown()), template: '<input id="typed" />' };
  const shown = vi.fn();
  const press = (key: string, target: EventTarget = document.body) =>
    target.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));

  it('go to steps, list themselves and undo, and rest while one types', async () => {
    house = await inHouse(Listener, {}, [['plan', smallPlan(0).id, smallPlan(4700)]]);
    const undo = vi.spyOn(useKeeper(), 'undo').mockResolvedValue();
    press('2');
    await house.settle();
    expect(house.router.currentRoute.value.path).toBe('/kit');
    press('?');
    press('u');
    expect([shown.mock.calls.length, undo.mock.calls.length]).toEqual([1, 1]);
    document.body.dispatchEvent(new KeyboardEvent('keydown', { key: 'z', ctrlKey: true, bubbles: true }));
    expect(undo.mock.calls.length).toBe(2);
    const sheet = document.createElement('div');
    sheet.setAttribute('role', 'dialog');
    document.body.append(sheet);
    press('3');
    sheet.remove();
    press('3', house.page.get('#typed').element);
    await house.settle();
    expect(house.router.currentRoute.value.path).toBe('/kit');
  });
});
