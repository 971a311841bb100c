import { afterEach, describe, expect, it, vi } from 'vitest';
import { inHouse, said, type InSmallHouse } from '../testing/in-house';
import { smallPlan } from '../testing/small-house';
import { usePlans } from '../household/use-plans';
import { useStock } from '../household/use-stock';
import TheSentence from '../ui/TheSentence.vue';
import BottlePanel from './BottlePanel.vue';
import DrinksInReach from './DrinksInReach.vue';
import OneBottleOff from './OneBottleOff.vue';
import SizeAdvice from './SizeAdvice.vue';
import { SMALL_CATALOGUE } from '../testing/small-house';

vi.mock('../solver/solver', () => import('../testing/small-solver'));
vi.mock('../solver/solver.worker?worker&url', () => ({ default: 'solver' }));
vi.mock('idb-keyval', () => import('../testing/small-database'));

let house: InSmallHouse | undefined;
afterEach(() => house?.page.unmount());
const kind = (id: string) => SMALL_CATALOGUE.kinds.find((k) => k.id === id);

describe('the sentence', () => {
  it('says what the money makes, with what, how sure that is and what is left', async () => {
    house = await inHouse(TheSentence);
    expect(said(house.page)).toMatch(/^€47 makes 3 drinks with 3 bottles, 1 syrup and 1 mixer/);
    expect(said(house.page)).toMatch(
      /Proven best in 7 ms: no other set for this money is worth more · €0.00 left over · €18.00 more adds 1: rum/,
    );
  });

  it('says when nothing meets the brief, and what stands in the way', async () => {
    house = await inHouse(TheSentence, {}, [
      ['plan', smallPlan(0).id, smallPlan(1000, { mustDrinks: ['negroni'] })],
    ]);
    expect(said(house.page)).toMatch(/^€10 does not meet what you ask for/);
    expect(said(house.page)).toMatch(/costs at least €45\. Raise the money, or let go of a must-have/);
  });

  it('asks for the money where none is said', async () => {
    house = await inHouse(TheSentence, {}, [['plan', smallPlan(0).id, smallPlan(0)]]);
    expect(said(house.page)).toMatch(/^Say what you can spend, and see what it makes/);
  });
});

describe('a bottle that is looked at', () => {
  it('says what leans on it, what it costs and how long it keeps', async () => {
    house = await inHouse(BottlePanel, { itemId: 'vermouth-750' });
    expect(said(house.page)).toMatch(/2 drinks lean on it(?!;)/);
    expect(said(house.page)).toMatch(
      /16.0% vol · vermouth-750, 75 cl, €9\.00 · 2 months once open, in the fridge/,
    );
  });

  it('says what the best set is like without it: drinks counted, and weighed where that differs', async () => {
    house = await inHouse(BottlePanel, { itemId: 'vermouth-750' });
    expect(said(house.page)).toMatch(
      /The best set without it makes 1 drink fewer: it loses 2 drinks and adds 1 drink\. Instead you would buy rum/,
    );
    house.page.unmount();
    house = await inHouse(BottlePanel, { itemId: 'vermouth-750' }, [
      ['plan', smallPlan(0).id, smallPlan(4700, { likedMore: true, tastes: { bitter: 'like' } })],
    ]);
    expect(said(house.page)).toMatch(/makes 1 drink fewer, worth [\d.]+ less to you/);
  });

  it.each([
    ['Never', { neverKinds: ['vermouth'], keepBottles: [] }, [], 'Never Sweet vermouth'],
    ['I own it', { neverKinds: [], keepBottles: [] }, ['vermouth'], 'Own Sweet vermouth'],
    ['Keep always', { neverKinds: [], keepBottles: ['vermouth-750'] }, [], 'Keep Sweet vermouth'],
  ])(
    'is decided about with one choice, which takes the place of the last: %s',
    async (choice, brief, owned, change) => {
      house = await inHouse(BottlePanel, { itemId: 'vermouth-750' });
      for (const words of ['Never', choice]) {
        const label = house.page.findAll('label').find((l) => l.text().startsWith(words));
        await label?.get('input').setValue();
      }
      expect(usePlans().brief).toMatchObject(brief);
      expect(useStock().owned).toEqual(owned);
      await house.settle();
      expect(house.server.changes.at(-1)?.change).toBe(change);
    },
  );

  it('is told how many glasses each size pours, and which are large enough', async () => {
    house = await inHouse(SizeAdvice, { kind: kind('vermouth') });
    expect(said(house.page)).toMatch(
      /A glass takes about 30 ml of it; you ask for 4 glasses or more from a bottle, or what you drink before it goes off: 2 months once open/,
    );
  });
});

describe('what is not open yet', () => {
  it('lists the one thing that adds most for its price, and leads to it', async () => {
    house = await inHouse(OneBottleOff);
    const rows = house.page.findAll('li').map(said);
    expect(rows).toEqual(['Rum, 70 cl adds 1 drink €18.00']);
    await house.page.get('button').trigger('click');
    expect(house.page.emitted('select')).toEqual([['rum-700']]);
  });

  it('has each drink in one of three lists, and says what the others lack', async () => {
    house = await inHouse(DrinksInReach);
    expect(said(house.page)).toMatch(/In reach ?3.*Not yet ?1.*Left out ?0/);
    const tab = house.page.findAll('label, button').find((b) => b.text().startsWith('Not yet'));
    await (tab?.element.tagName === 'LABEL' ? tab.get('input').setValue() : tab?.trigger('click'));
    expect(said(house.page)).toMatch(/daiquiri lacks rum, €18\.00/);
  });
});
