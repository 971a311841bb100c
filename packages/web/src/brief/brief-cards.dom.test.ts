import { afterEach, describe, expect, it, vi } from 'vitest';
import { inHouse, said, type InSmallHouse } from '../testing/in-house';
import { smallPlan } from '../testing/small-house';
import { useAnswer } from '../solver/use-answer';
import { usePlans } from '../household/use-plans';
import { useStock } from '../household/use-stock';
import BriefPanels from './BriefPanels.vue';
import CountsMore from './CountsMore.vue';
import TasteTable from './TasteTable.vue';

vi.mock('../solver/solver', () => import('../testing/small-solver'));
vi.mock('../solver/solver.worker?worker&url', () => ({ default: 'solver' }));
vi.mock('idb-keyval', () => import('../testing/small-database'));

let house: InSmallHouse | undefined;
afterEach(() => house?.page.unmount());
const press = async (name: RegExp) => {
  const button = house?.page
    .findAll('button')
    .find((b) => name.test(b.text() || b.attributes('aria-label') || ''));
  if (!button) throw new Error(`there is no button ${String(name)}`);
  await button.trigger('click');
  await house?.settle();
};
const choose = async (label: string, value: unknown) => {
  const field = house?.page
    .findAllComponents({ name: 'VAutocomplete' })
    .find((f) => f.props('label') === label);
  if (!field) throw new Error(`there is no field ${label}`);
  field.vm.$emit('update:modelValue', value);
  await house?.settle();
};

describe('what is owned already', () => {
  it('may be bottles and what is in the cupboard, and costs the plan nothing', async () => {
    house = await inHouse(BriefPanels);
    expect(useAnswer().result?.answer.spend).toBe(4700);
    await choose('What I already own', ['gin', 'pack:sugar']);
    expect(usePlans().brief).toMatchObject({ ownedPantry: ['sugar'] });
    expect(useStock().owned).toEqual(['gin']);
    // Gin and sugar were 21.00: rum for 18.00 comes instead, and all four drinks are open.
    expect([useAnswer().result?.drinksMade, useAnswer().result?.answer.spend]).toEqual([4, 4400]);
    expect(house.server.changes.at(-1)?.change).toBe('What I own');
  });

  it('can be offered as what the shop sells, fresh things aside', async () => {
    house = await inHouse(BriefPanels);
    const field = house.page
      .findAllComponents({ name: 'VAutocomplete' })
      .find((f) => f.props('label') === 'What I already own');
    const titles = (field?.props('items') as { title: string }[]).map((i) => i.title);
    expect(titles).toEqual([
      'Gin',
      'Red bitter',
      'Rum',
      'Simple syrup 1:1',
      'Soda water',
      'Sweet vermouth',
      'White sugar',
    ]);
  });
});

describe('what was decided on the plan', () => {
  it('is listed, and can be left to the plan again', async () => {
    house = await inHouse(BriefPanels, {}, [
      ['plan', smallPlan(0).id, smallPlan(4700, { keepBottles: ['rum-700'], neverKinds: ['bitter'] })],
    ]);
    const list = () => house?.page.findAll('ul[aria-label="Decided on the Plan"] li').map(said);
    expect(list()).toEqual(['Rum: always leave it to the plan', 'Red bitter: never leave it to the plan']);
    await press(/^leave it to the plan/);
    expect(usePlans().brief).toMatchObject({ keepBottles: [], neverKinds: ['bitter'] });
    expect(list()).toEqual(['Red bitter: never leave it to the plan']);
  });
});

describe('tastes', () => {
  it('are liked, not minded or left out, and counted at once', async () => {
    house = await inHouse(TasteTable);
    const bitter = house.page.findAll('fieldset').find((f) => f.find('legend').text() === 'Bitter');
    const no = bitter?.findAll('label').find((l) => l.text() === 'No thanks');
    await no?.get('input').setValue(true);
    await house.settle();
    expect(usePlans().brief?.tastes.bitter).toBe('no');
    expect(house.server.changes.at(-1)?.change).toBe('Bitter: no thanks');
    // Without the bitter drinks the two sours are left: gin, rum and sugar.
    expect(useAnswer().result?.answer.drinks.map((d) => d.id)).toEqual(['gin-sour', 'daiquiri']);
  });
});

describe('what counts for more', () => {
  const brief = () => usePlans().briefOrEmpty;

  it('is nothing until it is asked for, each by one tap', async () => {
    house = await inHouse(CountsMore, { brief: smallPlan(4700).brief });
    const counts = () => [brief().askedForMore, brief().likedMore, brief().variety];
    expect(counts()).toEqual([false, false, false]);
    for (const check of house.page.findAll('input[type=checkbox]')) await check.setValue(true);
    expect(counts()).toEqual([true, true, true]);
  });

  it('asks for shares of up to three tastes, each once, and lets them go', async () => {
    house = await inHouse(CountsMore, { brief: smallPlan(4700).brief });
    for (let i = 0; i < 3; i++) {
      await press(/^Ask for a share of a taste/);
      await house.page.setProps({ brief: brief() });
    }
    const tastes = brief().shares.map((s) => s.taste);
    expect([tastes[0], new Set(tastes).size]).toEqual(['bitter', 3]);
    expect(said(house.page)).not.toContain('Ask for a share of a taste');
    await house.page.get('button[aria-label="No share for bitter"]').trigger('click');
    expect(brief().shares.map((s) => s.taste)).toEqual(tastes.slice(1));
  });
});
