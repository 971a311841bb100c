import { afterEach, describe, expect, it, vi } from 'vitest';
import { inHouse, said, type InSmallHouse } from '../testing/in-house';
import TheStrip from './TheStrip.vue';
import { GROUPS, stepAt } from './steps';

vi.mock('../solver/solver', () => import('../testing/small-solver'));
vi.mock('../solver/solver.worker?worker&url', () => ({ default: 'solver' }));
vi.mock('idb-keyval', () => import('../testing/small-database'));

let house: InSmallHouse;
afterEach(() => document.body.replaceChildren());
const group = (name: string) => {
  const found = house.page.findAll('button.group').find((b) => b.text().startsWith(name));
  if (!found) throw new Error(`there is no group ${name}`);
  return found;
};

describe('steps', () => {
  it('are each under one digit and one path, in one group', () => {
    const steps = GROUPS.flatMap((g) => g.steps);
    expect(new Set(steps.map((s) => s.digit)).size).toBe(steps.length);
    expect(new Set(steps.map((s) => s.path)).size).toBe(steps.length);
    for (const step of steps) {
      expect(stepAt(step.path)).toBe(step);
      // What lies under a step is the step's.
      expect(stepAt(`${step.path}/daiquiri`)).toBe(step);
    }
    expect(stepAt('/nowhere')).toBeUndefined();
  });
});

describe('the strip of a phone', () => {
  it('opens a group’s steps with their figures, and closes them again', async () => {
    house = await inHouse(TheStrip);
    expect(group('To get').attributes('aria-expanded')).toBe('false');
    await group('To get').trigger('click');
    expect(group('To get').attributes('aria-expanded')).toBe('true');
    expect(said(house.page.get('#group-steps') as never)).toBe('Brief €47 Kit Plan 3 drinks Errand 5 to buy');
    await group('To get').trigger('click');
    expect(house.page.find('#group-steps').exists()).toBe(false);
  });

  it('closes at Escape and when a step was chosen', async () => {
    house = await inHouse(TheStrip);
    await group('To get').trigger('click');
    globalThis.dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape' }));
    await house.settle();
    expect(house.page.find('#group-steps').exists()).toBe(false);
    await group('To get').trigger('click');
    await house.page
      .findAll('#group-steps a')
      .find((a) => a.text().startsWith('Plan'))
      ?.trigger('click');
    await house.settle();
    expect(house.router.currentRoute.value.path).toBe('/plan');
    expect(house.page.find('#group-steps').exists()).toBe(false);
    expect(group('To get').attributes('aria-current')).toBe('true');
  });
});
