import { amountMl } from '../base/amount.js';
import { oncePer } from '../base/once-per.js';
import type { Kind } from '../catalogue/kind.js';
import type { Ice, Recipe, Slot } from '../catalogue/recipe.js';
import { madeIn, methodSteps, type MethodStep } from '../drink/method-steps.js';
import { liquidGPerMl } from '../stock/weigh.js';
import { stopAfter } from './dilution-in-time.js';
import { inPouringOrder } from './order-of-parts.js';
import { SECONDS } from './seconds.js';
import { pourStep, type Act, type PourStep } from './step.js';

/** Found once for a kind: a library asks for the same few hundred thousands of times. */
const densityOf = oncePer(liquidGPerMl);

/** How long it is worked on its ice. */
const worked = (method: 'stir' | 'shake' | 'blend', ice: Ice) =>
  stopAfter({ method, ice }) ?? SECONDS[method];

/** One filling of the tin, or all glasses of a drink that is built in them. */
export interface Load {
  /** Place among all loads, and of its drink among the round's. */
  load: number;
  order: number;
  glasses: number;
}

/** Steps of one load, in the parts that a round may pull apart. */
export interface LoadSteps {
  /** Pressed first, with what wets it. */
  press: PourStep[];
  /** Measured; what two drinks share is measured together. */
  pours: PourStep[];
  /** On ice, to the glass. */
  work: PourStep[];
  /** Ice and bubbles in the glass, what floats, the garnish: what does not hold. */
  finish: PourStep[];
}

/**
 * The steps of one load of a drink: what is built in its glass is measured into each, the rest once for all glasses.
 *
 * @param drink as it is poured here.
 * @example loadSteps(daiquiri, { load: 0, order: 0, glasses: 2 }, kinds).pours.map((s) => s.part?.ml) // [40, 45, 120]
 */
export function loadSteps(drink: Recipe, load: Load, kinds: ReadonlyMap<string, Kind>): LoadSteps {
  const vessel = madeIn(drink.method);
  const inGlass = vessel === 'glass';
  const { glasses } = load;
  const out: LoadSteps = { press: [], pours: [], work: [], finish: [] };
  let n = 0;
  const id = () => `${load.load}.${n++}`;
  const base = { order: load.order, load: load.load };
  const own = inGlass ? { ...base, into: 'glass' as const, vessels: glasses } : { ...base, into: vessel };
  const served = { ...base, into: 'glass' as const, vessels: glasses };
  const plain = (act: Act, seconds: number, more: Partial<PourStep> = {}) =>
    pourStep(id(), act, seconds, { ...own, ...more });
  /** Something measured: into one tin for all glasses, or into each glass. */
  const measured = (slot: Slot, act: Act, where: typeof own, each: number, seconds?: number): PourStep => {
    const kind = kinds.get(slot.kind);
    const ml = amountMl(slot.amount);
    const inEach = where.into === 'glass';
    const times = inEach ? 1 : each;
    const small = ml === undefined || slot.role === 'seasoning';
    const amount = { value: slot.amount.value * times, measure: slot.amount.measure };
    return pourStep(id(), act, (seconds ?? (small ? SECONDS.drops : SECONDS.measure)) * (inEach ? each : 1), {
      ...where,
      part: {
        slot: drink.slots.indexOf(slot),
        kind: slot.kind,
        ml: ml === undefined ? null : ml * times,
        g: ml === undefined || kind === undefined ? null : ml * times * densityOf(kind),
        amount,
      },
      technique: ml !== undefined && !small ? 'measure' : null,
    });
  };
  const pour = (slots: readonly Slot[]) =>
    inPouringOrder(slots, kinds).map((s) => measured(s, 'pour', own, glasses));
  const onIce = (ice: PourStep['ice']) =>
    ice === 'none' || ice === null ? [] : [plain('ice', SECONDS.ice, { ice, technique: 'ice' })];
  const iceInGlass = (ice: PourStep['ice']) =>
    ice === 'none' || ice === null
      ? []
      : [
          pourStep(id(), 'ice-glass', SECONDS.ice * glasses, {
            ...served,
            ice,
            technique: ice === 'crushed' ? 'crush-ice' : 'ice',
          }),
        ];
  const each = (slots: readonly Slot[], act: Act, seconds: number) =>
    slots.map((s) => measured(s, act, served, glasses, seconds));

  const take = (step: MethodStep): void => {
    switch (step.do) {
      case 'rinse':
        // The glass is rinsed while it is cold and empty.
        out.press.push(...step.slots.map((s) => measured(s, 'rinse', served, glasses, SECONDS.rinse)));
        break;
      case 'press':
        out.press.push(
          ...step.slots.map((s) => measured(s, 'pour', own, glasses, SECONDS.drops)),
          ...(step.wet ? [measured(step.wet, 'pour', own, glasses)] : []),
          plain('press', SECONDS.press, {
            kinds: step.slots.map((s) => s.kind),
            // Herbs turn bitter where they are torn (common practice).
            lightly: step.slots.every((s) => kinds.get(s.kind)?.herb === true),
            technique: 'muddle',
          }),
        );
        break;
      case 'stir':
      case 'shake':
      case 'blend':
        out.pours.push(...pour(step.slots));
        out.work.push(
          ...onIce(step.ice),
          plain(step.do, worked(step.do, step.ice), { ice: step.ice, technique: step.do }),
        );
        break;
      case 'dry-shake':
        out.pours.push(...pour(step.slots));
        out.work.push(plain('dry-shake', SECONDS.dryShake, { technique: 'dry-shake' }));
        break;
      case 'shake-again':
        out.work.push(
          ...onIce(step.ice),
          plain('shake', worked('shake', step.ice), { ice: step.ice, technique: 'shake' }),
        );
        break;
      case 'strain': {
        const twice = step.how === 'twice';
        const seconds = (twice ? SECONDS.fineStrainGlass : SECONDS.strainGlass) * glasses;
        const technique = step.how === 'none' ? null : twice ? 'fine-strain' : 'strain';
        out.work.push(
          ...iceInGlass(step.over),
          pourStep(id(), 'strain', seconds, { ...served, twice, technique }),
        );
        break;
      }
      case 'swizzle':
        out.pours.push(...pour(step.slots));
        out.finish.push(
          ...iceInGlass('crushed'),
          plain('swizzle', SECONDS.swizzle * glasses, { technique: 'swizzle' }),
        );
        break;
      case 'warm':
        out.press.push(pourStep(id(), 'warm', SECONDS.warm, { ...served, technique: 'heat' }));
        break;
      case 'stir-hot': {
        // What is hot goes in last, on the rest.
        const hot = (s: Slot) => kinds.get(s.kind)?.work.includes('heat') === true;
        const cold = step.slots.filter((s) => !hot(s));
        out.pours.push(...pour(cold));
        out.finish.push(
          ...step.slots.filter(hot).map((s) => measured(s, 'pour', own, glasses)),
          plain('stir', SECONDS.stirHot * glasses, { ice: 'none' }),
        );
        break;
      }
      case 'layer':
        step.slots.forEach((s, i) =>
          out.finish.push(
            i === 0
              ? measured(s, 'pour', own, glasses)
              : { ...measured(s, 'float', served, glasses, SECONDS.floatGlass), technique: 'layer' },
          ),
        );
        break;
      case 'pour':
        out.pours.push(...pour(step.slots));
        break;
      case 'ice':
        out.finish.push(...iceInGlass(step.ice));
        break;
      case 'top':
        out.finish.push(...each(step.slots, 'top', SECONDS.topGlass));
        break;
      case 'lift':
        out.finish.push(plain('lift', SECONDS.lift * glasses));
        break;
      case 'float':
        out.finish.push(
          ...each(step.slots, 'float', SECONDS.floatGlass).map((s) => ({ ...s, technique: 'layer' })),
        );
        break;
      case 'sink':
        out.finish.push(...each(step.slots, 'sink', SECONDS.floatGlass));
        break;
      case 'beside':
        out.finish.push(
          ...each(step.slots, 'beside', SECONDS.measure).map((s) => ({ ...s, into: 'beside' as const })),
        );
        break;
      case 'garnish':
        out.finish.push(
          pourStep(id(), 'garnish', SECONDS.garnishGlass * glasses, {
            ...served,
            kinds: step.slots.map((s) => s.kind),
            words: step.words,
          }),
        );
        break;
    }
  };
  for (const step of methodSteps(drink, kinds)) take(step);
  return out;
}
