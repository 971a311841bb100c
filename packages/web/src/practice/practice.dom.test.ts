import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { nextTick } from 'vue';
import { aimOf } from '@uisce/core/practice';
import { useLog } from '../household/use-log';
import { usePractice } from '../household/use-practice';
import { useCatalogue } from '../household/use-catalogue';
import { inHouse, said, type InSmallHouse } from '../testing/in-house';
import { smallBottles, smallPlan } from '../testing/small-house';
import FreePour from './FreePour.vue';
import FlashcardDeck from './FlashcardDeck.vue';
import { sayHand } from './use-aim';

vi.mock('../solver/solver', () => import('../testing/small-solver'));
vi.mock('../solver/solver.worker?worker&url', () => ({ default: 'solver' }));
vi.mock('idb-keyval', () => import('../testing/small-database'));
vi.mock('vue-echarts', () => ({ default: { template: '<div />' } }));

let house: InSmallHouse;
const open = async (component: Parameters<typeof inHouse>[0]) => {
  house = await inHouse(component, {}, [
    ['plan', smallPlan(0).id, smallPlan(4700)],
    ...smallBottles('gin', 'simple-syrup'),
  ]);
  await vi.dynamicImportSettled();
  await house.settle();
};
beforeEach(() => localStorage.clear());
afterEach(() => house.page.unmount());
const key = async (name: string) => {
  document.body.dispatchEvent(new KeyboardEvent('keydown', { key: name, bubbles: true }));
  await nextTick();
};
const button = (name: RegExp) => {
  const found = house.page.findAll('button').find((b) => name.test(b.attributes('aria-label') ?? b.text()));
  return found ?? expect.fail(`no button ${String(name)}: ${said(house.page)}`);
};

describe('cards by heart', () => {
  it('come from what is planned here, are answered once, and come again as they were answered', async () => {
    await open(FlashcardDeck);
    expect(said(house.page)).toMatch(/new ones come from \d drinks? that you pour, like or plan/);
    await button(/^Begin: specs/).trigger('click');
    await house.settle();
    const { recipes } = useCatalogue();
    // The first is of parts: the right answer is read from the library, not from the card.
    const name = /What goes into a (.+)\?/.exec(said(house.page))?.[1] ?? expect.fail(said(house.page));
    const recipe = [...recipes.values()].find((r) => r.name === name) ?? expect.fail(name);
    const options = house.page.findAll('.choice-button');
    const kinds = recipe.slots.map((s) => (useCatalogue().kinds.get(s.kind)?.name ?? '').toLowerCase());
    const right = options.findIndex((o) => kinds.every((k) => o.text().toLowerCase().includes(k)));
    expect(right).toBeGreaterThanOrEqual(0);
    const before = Date.now();
    await options[right]?.trigger('click');
    await house.settle();
    expect(said(house.page)).toContain('Right.');
    const [deck] = usePractice().decks;
    expect(deck).toMatchObject({ of: recipe.id, cards: { parts: { reps: 1, lapses: 0 } } });
    expect(Date.parse(deck?.cards.parts?.due ?? '')).toBeGreaterThan(before);
    // A second tap changes nothing.
    await options[(right + 1) % 4]?.trigger('click');
    await house.settle();
    expect(usePractice().decks[0]?.cards.parts?.reps).toBe(1);
    await button(/^The next/).trigger('click');
    await house.settle();
    expect(said(house.page)).toMatch(/^2 of \d/);
  });

  it('are answered by the keys 1 to 4, and go on by Enter', async () => {
    await open(FlashcardDeck);
    await button(/^Begin: specs/).trigger('click');
    await house.settle();
    await key('1');
    await house.settle();
    expect(said(house.page)).toMatch(/Right\.|Not so\./);
    expect(usePractice().decks).toHaveLength(1);
    await key('Enter');
    await house.settle();
    expect(said(house.page)).toMatch(/^2 of \d/);
  });
});

describe('pouring by count', () => {
  it('counts what ran until the bottle was set down, and what still runs', async () => {
    await open(FreePour);
    const frames: FrameRequestCallback[] = [];
    vi.stubGlobal('requestAnimationFrame', (f: FrameRequestCallback) => frames.push(f));
    const turn = async (ms: number) => {
      await vi.advanceTimersByTimeAsync(ms);
      for (const f of frames.splice(0)) f(performance.now());
      await nextTick();
    };
    const stage = button(/^Hold: 30 ml/);
    await stage.trigger('keydown', { key: ' ' });
    for (let i = 0; i < 10; i++) await turn(100);
    await stage.trigger('keyup', { key: ' ' });
    for (let i = 0; i < 20; i++) await turn(100);
    await house.settle();
    const [trial] = usePractice().trials;
    // A second of a metal spout at two thirds full: somewhat over 30 ml.
    expect(trial).toMatchObject({ targetMl: 30, spout: 'metal', way: 'drawn', by: '' });
    expect(trial?.pouredMl).toBeGreaterThan(28);
    expect(trial?.pouredMl).toBeLessThan(36);
    expect(said(house.page)).toMatch(/3\d\.\d ml for 30 ml: .*(too much|too little|just right)/);
    expect(useLog().pours).toEqual([]);
    vi.unstubAllGlobals();
  });

  it('is said as a hand: slow or fast, even or uneven, and nothing of too few', () => {
    const hand = (...mls: number[]) =>
      sayHand(aimOf(mls.map((pouredMl) => ({ targetMl: 30, pouredMl }))) ?? expect.fail('pours'));
    expect(hand(33, 33.5, 32.8, 33.1)).toBe('you count slowly; you are even');
    expect(hand(27, 26.5, 27.2, 26.9)).toBe('you count fast; you are even');
    expect(hand(24, 36, 27, 33)).toBe('you count right; you are uneven');
    expect(hand(33, 33)).toMatch(/a few more/);
  });
});
