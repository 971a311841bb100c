import { beforeEach, expect, it, vi } from 'vitest';
import { foldText } from '@uisce/core/base';
import { SMALL_CATALOGUE } from '../testing/small-house';
import { openPage, SmallServer } from '../testing/small-server';
import { useKindChoices } from './use-kind-choices';

vi.mock('../solver/solver', () => import('../testing/small-solver'));
vi.mock('../solver/solver.worker?worker&url', () => ({ default: 'solver' }));
vi.mock('idb-keyval', () => import('../testing/small-database'));

const ask = vi.hoisted(() => ({ names: [] as string[] }));
vi.mock('@uisce/core/notebook', async (original) => ({
  ...(await original<typeof import('@uisce/core/notebook')>()),
  namesInLanguages: () => ask.names,
}));

beforeEach(async () => {
  new SmallServer([]);
  await openPage();
});

it('an ingredient is found by what a language calls it, as it is written there, with its ß and its accents', () => {
  ask.names = ['weisser rum'];
  const { choices, matches } = useKindChoices();
  const [first] = choices.value;
  if (first === undefined) throw new Error('there are kinds');
  const found = (query: string) => matches('', query, { raw: first });
  expect([found('Weißer Rum'), found('weisser'), found(first.title), found('grüner Rum')]).toEqual([
    true,
    true,
    true,
    false,
  ]);
  expect(choices.value).toHaveLength(SMALL_CATALOGUE.kinds.length);
  expect(foldText('Weißer')).toBe('weisser');
});
