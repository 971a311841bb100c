import { afterEach, describe, expect, it, vi } from 'vitest';
import { inHouse, inView, said, type InSmallHouse } from '../testing/in-house';
import { asked } from '../testing/small-solver';
import { useCurve } from '../solver/use-curve';
import EnoughPanel from './EnoughPanel.vue';
import GrowTo from './GrowTo.vue';
import HowSteady from './HowSteady.vue';
import KitInPlan from './KitInPlan.vue';
import OneBottleOff from './OneBottleOff.vue';
import PrintSheet from './PrintSheet.vue';
import SchoolsPanel from './SchoolsPanel.vue';

vi.mock('../solver/solver', () => import('../testing/small-solver'));
vi.mock('../solver/solver.worker?worker&url', () => ({ default: 'solver' }));
vi.mock('idb-keyval', () => import('../testing/small-database'));

let house: InSmallHouse | undefined;
afterEach(() => house?.page.unmount());
/** The curve is drawn once somebody looks at it, and what hangs on it follows. */
async function lookAtTheCurve(): Promise<void> {
  useCurve().lookedAt = true;
  for (let i = 0; i < 3; i++) await house?.settle();
}
const press = async (name: RegExp) => {
  await house?.page
    .findAll('button')
    .find((b) => name.test(b.text()))
    ?.trigger('click');
  await house?.settle();
};

// €47 buys gin 20, bitter 16, vermouth 9, a pack of sugar 1 and soda 1: gin sour, negroni and americano.
describe('how far the set goes', () => {
  it('names the first bottle to be out, what it pours once, and what a glass comes to', async () => {
    house = await inHouse(EnoughPanel);
    // Gin: 60 and 30 ml in three drinks, 30 a drink: 700 ml are 23 drinks, 27 days at six a week.
    // A sour is 1.75, a negroni 1.90, an americano 1.35; the shop has no price for limes.
    expect(said(house.page)).toMatch(
      /glasses in all, about .* at your pace\. It pours every one of its drinks once; the first bottle to be out is gin, after 23 glasses, about 27 days\. A glass costs €1\.67 on average, of which €0\.00 is bought on the day\./,
    );
  });

  it('has the soonest out first, mixers among them, each with what is in it', async () => {
    house = await inHouse(EnoughPanel);
    expect(house.page.findAll('li').map(said)).toEqual([
      'Soda water out after 10 glasses of all; holds 3 of its own',
      'Gin out after 23 glasses of all; holds 15 of its own',
      'Red bitter out after 35 glasses of all; holds 23 of its own',
      'Sweet vermouth out after 37 glasses of all; holds 25 of its own',
    ]);
  });
});

describe('what the money buys beside bottles', () => {
  it('is the packs that syrups are made from, with what leans on them', async () => {
    house = await inHouse(KitInPlan);
    expect(said(house.page)).toBe('For the syrups from the same money, €1.00: white sugar, 667 g €1.00 (1)');
  });
});

describe('one bottle off', () => {
  it('says what that bottle adds, and what the best set of the same money does', async () => {
    house = await inHouse(OneBottleOff);
    expect(said(house.page)).not.toContain('the best set');
    await lookAtTheCurve();
    expect(said(house.page)).toMatch(/Rum, 70 cl adds 1 drink; the best set for €18\.00 more adds 1 €18\.00/);
  });
});

describe('rules of thumb', () => {
  it('are read at their best and as people follow them, and compared at their best', async () => {
    house = await inHouse(SchoolsPanel);
    expect(said(house.page)).toContain('Following each rule.');
    await lookAtTheCurve();
    // Its list here is bitter, gin, vermouth: followed, 46 are spent before soda's turn and the americano is shut.
    expect(said(house.page)).toMatch(/One of each base [^·]*? 3 drinks as people follow it 2/);
    expect(said(house.page)).toMatch(
      /At €47 “[^”]+” is the best rule of thumb for you, and makes as many as the best set\./,
    );
    // A rule with nothing of its list on sale makes nothing, however well it is followed.
    expect(said(house.page)).toMatch(/The party five [^·]*? 0 drinks, 3 fewer as people follow it 0/);
  });

  it('open to what following them buys, in order', async () => {
    house = await inHouse(SchoolsPanel);
    await lookAtTheCurve();
    await press(/^One of each base/);
    const bought = house.page.findAll('tbody tr').map((row) => row.find('td').text());
    expect(bought.slice(0, 4)).toEqual(['White sugar', 'Red bitter', 'Gin', 'Sweet vermouth']);
  });
});

describe('how steady the set is', () => {
  it('is not asked about before somebody looks', async () => {
    [asked.topics, inView.all] = [[], false];
    house = await inHouse(HowSteady);
    inView.all = true;
    expect(asked.topics).not.toContain('ties');
    expect(said(house.page)).toContain('Looking for sets just as good.');
  });

  it('says that no other set is as good, and counts nothing that is made here as bought', async () => {
    house = await inHouse(HowSteady);
    expect(said(house.page)).toContain('No other set is as good: this is the only best one at this money.');
    await press(/^Let prices wander/);
    expect(said(house.page)).toMatch(/With every price up to 15 % higher or lower, \d+ things? on the list/);
    expect(said(house.page)).not.toMatch(/simple syrup/i);
  });
});

describe('growing to a drink', () => {
  it('is the cheapest way from this set, and what else that adds', async () => {
    house = await inHouse(GrowTo);
    expect(said(house.page)).toContain('Choose one or more drinks that are not in reach');
    house.page.findComponent({ name: 'VAutocomplete' }).vm.$emit('update:modelValue', ['daiquiri']);
    await house.settle();
    expect(said(house.page)).toMatch(/€18\.00 more, for rum\. It adds nothing else\./);
  });
});

describe('the sheet to print', () => {
  it('lists every bottle and pack with its size, adds up to what is spent, and says what to make', async () => {
    window.print = vi.fn();
    house = await inHouse(PrintSheet);
    await press(/^Print the plan/);
    const rows = house.page.findAll('tbody tr').map((row) => row.findAll('td').map((cell) => cell.text()));
    expect(Object.fromEntries(rows.map(([, name, size, price]) => [name, `${size} ${price}`]))).toEqual({
      Gin: '70 cl €20.00',
      'Red bitter': '70 cl €16.00',
      'Sweet vermouth': '75 cl €9.00',
      'Soda water': '20 cl €1.00',
      'White sugar': '667 g €1.00',
    });
    expect(rows.at(-1)?.[4]).toBe('€47.00');
    expect(said(house.page)).toContain('To make from it: Simple syrup 1:1.');
    expect(window.print).toHaveBeenCalledOnce();
  });
});
