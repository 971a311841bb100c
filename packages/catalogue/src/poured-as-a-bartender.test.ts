import { describe, expect, it } from 'vitest';
import { kindIndex } from '@uisce/core/catalogue';
import { emptyKit } from '@uisce/core/kit';
import { compileRound, type PourStep } from '@uisce/core/pouring';
import { loadCatalogue } from './load.js';
import { JUDGED_WITH_REASON } from './testing/judged-by-method.js';
import { JUDGED } from './testing/judged-glasses.js';

const { catalogue } = loadCatalogue();
const kinds = kindIndex(catalogue.kinds);

const ICE = { none: '', cubes: 'ice', block: 'block', crushed: 'crushed' };
/** A step in as few words as tell it from others. */
function say({ act, part, kinds: named, ice, lightly, twice, technique, seconds }: PourStep): string {
  const kind = part?.kind ?? named.join('+');
  switch (act) {
    case 'pour':
      return kind;
    case 'press':
      return lightly ? 'press lightly' : 'press';
    case 'ice':
      return `on ${ICE[ice ?? 'none']}`;
    case 'ice-glass':
      return `${ICE[ice ?? 'none']} in glass`;
    case 'strain':
      return twice ? 'strain twice' : technique === null ? 'pour out' : 'strain';
    case 'rim':
    case 'garnish':
      return act;
    case 'shake':
    case 'stir':
      return `${act} ${seconds}`;
    default:
      return kind === '' ? act : `${act} ${kind}`;
  }
}

describe('a glass as a bartender makes it', () => {
  const all = [...JUDGED, ...JUDGED_WITH_REASON.map(([id, , steps]) => [id, steps] as const)];
  it.each(all)('%s', (id, judged) => {
    const drink = catalogue.recipes.find((r) => r.id === id);
    if (drink === undefined) throw new Error(`there is no ${id}`);
    const slots = drink.slots.filter((s) => !s.optional);
    const order = {
      drink: { ...drink, slots },
      of: id,
      count: 1,
      for: [],
      cannot: [],
      without: [],
      from: [],
    };
    const { steps } = compileRound([order], emptyKit(), catalogue, kinds);
    expect(
      steps
        .filter((s) => s.act !== 'serve')
        .map(say)
        .join(' · '),
    ).toBe(judged);
  });
});

describe('every drink of the library', () => {
  const SPIRIT_ABV = 0.2;
  const stepsOf = (drink: (typeof catalogue.recipes)[number]) =>
    compileRound(
      [{ drink, of: drink.id, count: 1, for: [], cannot: [], without: [], from: [] }],
      emptyKit(),
      catalogue,
      kinds,
    ).steps;
  /** Ids of the drinks that break a rule of the trade (common practice). */
  const breaking = (rule: (steps: PourStep[], drink: (typeof catalogue.recipes)[number]) => boolean) =>
    catalogue.recipes.filter((drink) => !rule(stepsOf(drink), drink)).map((drink) => drink.id);
  const kindOf = (step: PourStep) => kinds.get(step.part?.kind ?? '');
  const at = (steps: PourStep[], act: PourStep['act']) => steps.findIndex((s) => s.act === act);

  it('is heated where it is drunk hot, and its spirits are not', () => {
    expect(
      breaking((steps, { method }) => {
        if (method !== 'hot') return at(steps, 'heat') < 0;
        const inPan = steps.filter((s) => s.act === 'pour' && s.into === 'pan');
        const comesHot = steps.some((s) => kindOf(s)?.work.includes('heat') === true);
        return comesHot || (at(steps, 'heat') > 0 && inPan.every((s) => (kindOf(s)?.abv ?? 0) < SPIRIT_ABV));
      }),
    ).toEqual([]);
  });

  it('presses what it presses before any spirit, and mixes it after', () => {
    expect(
      breaking((steps) => {
        const press = at(steps, 'press');
        if (press < 0) return true;
        const spirits = steps.flatMap((s, i) =>
          s.act === 'pour' && (kindOf(s)?.abv ?? 0) >= SPIRIT_ABV && s.part?.amount.measure !== 'dash'
            ? [i]
            : [],
        );
        const mixed = ['stir', 'shake', 'churn', 'swizzle', 'lift', 'turn', 'dry-shake', 'blend'] as const;
        return (
          spirits.every((i) => i > press || kindOf(steps[i] as PourStep)?.job === 'sweet') &&
          mixed.some((act) => at(steps, act) > press)
        );
      }),
    ).toEqual([]);
  });

  it('churns, swizzles or stirs crushed ice that it is built on, lifts what fizzes, and foams egg before the ice', () => {
    expect(
      breaking((steps, { method, ice }) => {
        const after = steps.slice(at(steps, 'ice-glass') + 1).map((s) => s.act);
        return method !== 'build' || ice !== 'crushed' || after.some((a) => /churn|stir|lift/.test(a));
      }),
    ).toEqual([]);
    expect(
      breaking((steps) => {
        const worked = steps.findIndex((s) => ['shake', 'stir', 'blend', 'churn', 'swizzle'].includes(s.act));
        const fizz = steps.findIndex((s) => s.part !== null && kindOf(s)?.tastes.includes('fizzy') === true);
        return fizz < 0 || worked < 0 || fizz > worked;
      }),
    ).toEqual([]);
    expect(
      breaking((steps) => {
        const egg = steps.some((s) => s.part !== null && kindOf(s)?.tastes.includes('egg') === true);
        return !egg || ['dry-shake', 'beat', 'blend'].some((act) => at(steps, act as PourStep['act']) >= 0);
      }),
    ).toEqual([]);
  });

  it('of the early manuals was printed by 1930, as nearly as its era says', () => {
    const late = ['1950-1979', '1980-1999', 'since-2000'];
    expect(
      catalogue.recipes.filter((r) => r.source === 'early-manuals' && late.includes(r.era)).map((r) => r.id),
    ).toEqual([]);
  });

  it('has steps that measure each of its parts once, egg before ice and bubbles after it', () => {
    for (const drink of catalogue.recipes) {
      const { steps } = compileRound(
        [{ drink, of: drink.id, count: 2, for: [], cannot: [], without: [], from: [] }],
        emptyKit(),
        catalogue,
        kinds,
      );
      const measured = steps.filter((s) => s.part !== null && s.act !== 'squeeze');
      for (const load of new Set(measured.map((s) => s.load))) {
        const slots = measured.filter((s) => s.load === load).map((s) => s.part?.slot);
        expect(
          [...slots].sort((a, b) => (a ?? 0) - (b ?? 0)),
          drink.id,
        ).toEqual(drink.slots.map((_, i) => i));
      }
      const at = (wanted: (s: PourStep) => boolean) => steps.findIndex(wanted);
      const ice = at((s) => s.act === 'ice' || s.act === 'ice-glass');
      const egg = at(
        (s) => s.act === 'pour' && kinds.get(s.part?.kind ?? '')?.tastes.includes('egg') === true,
      );
      if (egg >= 0 && ice >= 0) expect(egg, drink.id).toBeLessThan(ice);
      const fizz = at(
        (s) => s.act === 'top' && kinds.get(s.part?.kind ?? '')?.tastes.includes('fizzy') === true,
      );
      if (fizz >= 0 && ice >= 0) expect(fizz, drink.id).toBeGreaterThan(ice);
      expect(
        steps.every((s) => s.seconds > 0),
        drink.id,
      ).toBe(true);
    }
  });
});
