import { afterEach, describe, expect, it, vi } from 'vitest';
import { emptyKit } from '@uisce/core/kit';
import { inHouse, said, type InSmallHouse } from '../testing/in-house';
import { smallPlan } from '../testing/small-house';
import TheRail from '../app/TheRail.vue';
import KitView from '../kit/KitView.vue';
import NotebookView from '../notebook/NotebookView.vue';
import TheSentence from '../ui/TheSentence.vue';
import PlanList from '../ui/PlanList.vue';
import { useAnswer } from '../solver/use-answer';
import DrinksInReach from './DrinksInReach.vue';
import EnoughPanel from './EnoughPanel.vue';

vi.mock('../solver/solver', () => import('../testing/small-solver'));
vi.mock('../solver/solver.worker?worker&url', () => ({ default: 'solver' }));
vi.mock('idb-keyval', () => import('../testing/small-database'));

let house: InSmallHouse;
afterEach(() => house.page.unmount());

/** Where each screen says how many drinks the plan makes. */
const SCREENS: [screen: string, component: object, where: RegExp][] = [
  ['Plan', TheSentence, /makes (\d+) drinks?/],
  ['the list of plans', PlanList, /makes (\d+) drinks?/],
  ['the rail', TheRail, /Plan (\d+) drinks?/],
  ['Kit', KitView, /make \d+ of (\d+) drinks? of your plan/],
  ['Notebook', NotebookView, /your plan makes (\d+)/],
  ['drinks in reach', DrinksInReach, /In reach ?(\d+)/],
  ['what it pours', EnoughPanel, /(?:Of its (\d+) drinks|every one of its)/],
];

describe('how many drinks the plan makes is one count', () => {
  it.each(SCREENS.flatMap((s) => [2600, 4700, 9000].map((money) => [...s, money] as const)))(
    'on %s',
    async (_screen, component, where, money) => {
      house = await inHouse(component, {}, [
        ['plan', smallPlan(0).id, smallPlan(money)],
        ['kit', 'household', { ...emptyKit(), said: true, inPlan: false }],
      ]);
      await house.settle();
      const found = where.exec(said(house.page));
      const open = useAnswer().result?.drinksMade;
      expect(open).toBeGreaterThan(0);
      expect(found?.[0]).toBeTruthy();
      if (found?.[1] !== undefined) expect(Number(found[1])).toBe(open);
    },
  );
});
