import { flushPromises } from '@vue/test-utils';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { inHouse, said, type InHouse } from '../testing/in-house';
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

let house: InHouse | undefined;
afterEach(() => house?.page.unmount());
const kind = (id: string) => SMALL_CATALOGUE.kinds.find((k) => k.id === id);

describe('the sentence', () => {
  it('says what the money opens, with what, how sure that is and what is left', async () => {
    house = await inHouse(TheSentence);
    expect(said(house.page)).toMatch(/^€47 opens 3 drinks with 3 bottles, 1 syrup and 1 mixer/);
    expect(said(house.page)).toMatch(
      /Proven best in 7 ms · for a taste of each · €0.00 left over · €18.00 more opens 1: rum/,
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
    expect(said(house.page)).toMatch(/^Say what you can spend, and see what it opens/);
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
      /The best set without it opens 1 drink fewer: it shuts 2 drinks and opens 1 drink\. Instead you would buy rum/,
    );
    house.page.unmount();
    house = await inHouse(BottlePanel, { itemId: 'vermouth-750' }, [
      [
        'plan',
        smallPlan(0).id,
        smallPlan(4700, { tastes: { ...smallPlan(0).brief.tastes, bitter: 'like' } }),
      ],
    ]);
    expect(said(house.page)).toMatch(/opens 1 drink fewer, [\d.]+ less as you weigh them/);
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

  it('is told which size lasts: one for a taste, two for half a year of much', async () => {
    house = await inHouse(SizeAdvice, { kind: kind('vermouth') });
    expect(said(house.page)).toMatch(
      /For a taste of it: 75 cl.*about \d+ ml of it is poured a week; once open it keeps 2 months/,
    );
    usePlans().edit('More', { brief: { lasts: 'half-year', drinksPerWeek: 21 } });
    await flushPromises();
    // Bitter, vermouth and gin at 30 ml in one drink of three, 21 a week, until it turns after 60 days: 1.8 litres.
    expect(said(house.page)).toMatch(/2 × 75 cl/);
  });
});

describe('what is not open yet', () => {
  it('lists the one thing that opens most for its price, and leads to it', async () => {
    house = await inHouse(OneBottleOff);
    const rows = house.page.findAll('li').map(said);
    expect(rows).toEqual(['Rum opens 1 drink €18.00']);
    await house.page.get('button').trigger('click');
    expect(house.page.emitted('select')).toEqual([['rum-700']]);
  });

  it('has each drink in one of three lists, and says what the shut ones lack', async () => {
    house = await inHouse(DrinksInReach);
    expect(said(house.page)).toMatch(/In reach ?3.*Not yet ?1.*Left out ?0/);
    const tab = house.page.findAll('label, button').find((b) => b.text().startsWith('Not yet'));
    await (tab?.element.tagName === 'LABEL' ? tab.get('input').setValue() : tab?.trigger('click'));
    expect(said(house.page)).toMatch(/daiquiri lacks rum, €18\.00/);
  });
});
