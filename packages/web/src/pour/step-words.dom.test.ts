import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { defineComponent } from 'vue';
import { catalogueSchema, readGarnish, type Kind } from '@uisce/core/catalogue';
import { emptyKit, type Kit } from '@uisce/core/kit';
import { servingOf, pourStep, type PourStep } from '@uisce/core/pouring';
import { inHouse, type InSmallHouse } from '../testing/in-house';
import { SMALL_CATALOGUE, smallPlan } from '../testing/small-house';
import { served } from '../testing/small-server';
import { useStepWords } from './use-step-words';

vi.mock('../solver/solver', () => import('../testing/small-solver'));
vi.mock('../solver/solver.worker?worker&url', () => ({ default: 'solver' }));
vi.mock('idb-keyval', () => import('../testing/small-database'));

/** The small house with what shaking and cutting ask for, and their cautions. */
const { techniques, tools, kitchen } = catalogueSchema.parse({
  kinds: [],
  recipes: [],
  standIns: [],
  glasses: [],
  techniques: [
    {
      id: 'shake',
      name: 'Shake',
      how: 'Hard, until it frosts.',
      caution: 'Hold both ends.',
      needs: [{ id: 'shaker', what: 'a tin to shake in', tools: ['tin'], kitchen: ['jar'] }],
    },
    {
      id: 'spray',
      name: 'Spray',
      how: 'A mist into the cold glass.',
      caution: 'No flame near it.',
      needs: [{ id: 'spray', what: 'something that sprays', tools: ['atomiser'], hands: true }],
    },
    { id: 'stir', name: 'Stir', how: 'Smoothly, along the wall.' },
    { id: 'cut', name: 'Cut', how: 'On a board, slowly.', caution: 'Cut away from the hand.' },
    { id: 'flame', name: 'Flame', how: 'At arm’s length.', caution: 'Nothing else near a flame.' },
  ],
  tools: [
    { id: 'tin', name: 'Two tins', techniques: ['shake'], tier: 'essential' },
    { id: 'atomiser', name: 'Atomiser', techniques: ['spray'], tier: 'specialist' },
  ],
  kitchen: [
    { id: 'jar', name: 'Jam jar', usual: true, hard: 'It is slow to cool.', caution: 'Glass breaks.' },
  ],
});

let house: InSmallHouse;
let words: ReturnType<typeof useStepWords>;
const Page = defineComponent(() => {
  words = useStepWords();
  return () => null;
});
beforeEach(() => (served.catalogue = { ...SMALL_CATALOGUE, techniques, tools, kitchen }));
afterEach(() => {
  house.page.unmount();
  served.catalogue = SMALL_CATALOGUE;
});
const open = async (kit: Partial<Kit> = {}) => {
  house = await inHouse(Page, {}, [
    ['plan', smallPlan(0).id, smallPlan(4700)],
    ['kit', 'household', { ...emptyKit(), said: true, tools: [{ id: 'tin', since: null }], ...kit }],
  ]);
};
const part = (kind: string, value: number, measure = 'ml') => ({
  part: { slot: 0, kind, ml: measure === 'ml' ? value : null, g: null, amount: { value, measure } },
});
const said = (act: PourStep['act'], more: Partial<PourStep> = {}) => {
  const { figure, name, where } = words.say(pourStep('s', act, 12, more));
  return [figure, name, where].filter(Boolean).join(' | ');
};

describe('a step in words', () => {
  it.each<[PourStep['act'], Partial<PourStep>, string]>([
    ['chill', { vessels: 2 }, 'Chill | 2 glasses | in the freezer, or full of ice water'],
    ['warm', {}, 'Warm | 1 glass | with hot water, and tip it out'],
    ['rinse', part('bitter', 5), '5 ml | red bitter | rinse the cold glass, and tip the rest out'],
    ['press', { kinds: ['lime-juice'], lightly: true }, 'Press | lime juice | lightly: bruised, not torn'],
    ['press', { kinds: ['lime-juice'] }, 'Press | lime juice | firmly, until the juice is out'],
    ['pour', { ...part('gin', 60), into: 'shaker' }, '60 ml | gin | into the tin'],
    ['pour', { ...part('gin', 22.54), into: 'mixing-glass' }, '22.5 ml | gin | into the mixing glass'],
    ['dry-shake', {}, 'Shake dry | without ice | until it foams, about 12 s'],
    ['ice', { into: 'shaker', ice: 'cubes' }, 'Ice | in cubes | into the tin'],
    ['ice-glass', { into: 'glass', ice: 'block' }, 'A block | one large piece | into the glass'],
    ['shake', { into: 'shaker', ice: 'cubes' }, '12 s | shake hard | on ice, until the tin frosts'],
    ['stir', { into: 'mixing-glass', ice: 'block' }, '12 s | stir | on one large piece of ice, smoothly'],
    ['stir', { into: 'glass', ice: 'none' }, 'Stir | well, in the glass'],
    ['blend', {}, 'Blend | until smooth | lid on'],
    ['swizzle', { vessels: 3 }, 'Swizzle | until the glass frosts | each of 3'],
    ['strain', { technique: 'strain' }, 'Strain | into the glass'],
    ['strain', { vessels: 2, technique: null }, 'Pour out | into 2 glasses | evenly'],
    [
      'top',
      { ...part('soda', 60), into: 'glass', ice: 'cubes' },
      '60 ml | soda water | into the glass, after the ice',
    ],
    ['top', { ...part('soda', 60), into: 'glass', ice: 'none' }, '60 ml | soda water | into the glass'],
    ['float', part('bitter', 10), '10 ml | red bitter | on top, over the back of a spoon'],
    ['sink', part('bitter', 10), '10 ml | red bitter | slowly, and let it sink'],
    [
      'beside',
      { ...part('soda', 30), into: 'beside', vessels: 2 },
      '30 ml | soda water | into 2 small glasses beside',
    ],
    ['garnish', { kinds: ['lime-whole'], words: 'lime wheel' }, 'Garnish | lime wheel'],
    [
      'rim',
      { kinds: ['salt'], words: 'salt rim' },
      'Rim | salt rim | wet it with a cut fruit or water, then dip',
    ],
    ['lift', {}, 'Lift | once, with a spoon'],
    ['turn', {}, 'Stir | a turn or two'],
    ['churn', {}, 'Churn | until the glass frosts | with a spoon, up and down through the ice'],
    ['heat', { into: 'pan' }, 'Heat | gently | hot, never boiling'],
    ['pour', { ...part('bitter', 60), into: 'pan' }, '60 ml | red bitter | into the pan'],
    [
      'beat',
      { kinds: ['lime-juice'] },
      'Beat | lime juice | white and yolk apart, to a thick foam; then folded together, and into the warm glass',
    ],
    ['whip', { kinds: ['soda'] }, 'Whip | soda water | lightly, so that it just runs'],
    ['serve', { vessels: 4 }, 'Serve | 4 glasses | and the levels fall'],
  ])('%s %j', async (act, more, words_) => {
    await open();
    expect(said(act, more)).toBe(words_);
  });

  it('calls a syrup by its name alone: its ratio stands in the spec', async () => {
    await open();
    expect(words.nameOf('simple-syrup')).toBe('simple syrup');
  });

  it('names the jar that stands in for a tin, how it is with it, and its caution', async () => {
    await open({ tools: [], kitchen: ['jar'], attitude: 'home' });
    const shake = pourStep('s', 'shake', 12, { into: 'shaker', ice: 'cubes', technique: 'shake' });
    expect(words.say(shake).where).toBe('on ice, until the jam jar frosts');
    expect(words.standIn(shake)).toMatchObject({ name: 'jam jar', hard: 'It is slow to cool.' });
    expect(words.cautions(shake, undefined)).toEqual(['Hold both ends.', 'Glass breaks.']);
  });

  it('sprays where there is an atomiser, and minds the flame; else it rinses', async () => {
    const rinse = pourStep('s', 'rinse', 12, part('bitter', 1));
    await open({ tools: [{ id: 'atomiser', since: null }], attitude: 'home' });
    expect(words.say(rinse)).toMatchObject({ figure: 'Spray', name: 'red bitter' });
    expect(words.cautions(rinse, undefined)).toEqual(['No flame near it.']);
    await open({ tools: [], attitude: 'home' });
    expect(words.say(rinse).where).toBe('rinse the cold glass, and tip the rest out');
    expect(words.cautions(rinse, undefined)).toEqual([]);
  });

  it('says a caution where the act happens: at the knife and at the flame, each once', async () => {
    await open();
    expect(words.cautions(pourStep('s', 'squeeze', 20, part('lime-juice', 45)), undefined)).toEqual([
      'Cut away from the hand.',
    ]);
    expect(
      words.cautions(pourStep('s', 'garnish', 20, { words: 'flamed orange twist', technique: 'cut' }), {
        ...servingOf(SMALL_CATALOGUE.kinds[0] as Kind, 60),
        garnish: readGarnish('flamed orange twist'),
      }),
    ).toEqual(['Cut away from the hand.', 'Nothing else near a flame.']);
    expect(words.cautions(pourStep('s', 'stir', 20, { technique: 'stir' }), undefined)).toEqual([]);
  });

  it('fits on the strip in a line', async () => {
    await open();
    const line = (act: PourStep['act'], more: Partial<PourStep> = {}) =>
      words.line(pourStep('s', act, 12, more));
    expect([
      line('pour', { ...part('gin', 60), into: 'shaker' }),
      line('ice', { into: 'shaker', ice: 'cubes' }),
      line('stir', { into: 'glass', ice: 'none' }),
      line('shake', { into: 'shaker', ice: 'cubes' }),
      line('chill', { vessels: 2 }),
    ]).toEqual([
      'gin 60 ml',
      'ice into the tin',
      'stir well, in the glass',
      'shake hard 12 s',
      'chill 2 glasses',
    ]);
  });
});
