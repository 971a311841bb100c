import { amountMl } from '../base/amount.js';
import { oncePer } from '../base/once-per.js';
import { garnishKinds, type Garnish, type SaidGarnish } from '../catalogue/garnish.js';
import type { Kind } from '../catalogue/kind.js';
import type { Ice, Recipe, Slot } from '../catalogue/recipe.js';
import { madeIn, methodSteps, type Lift, type MethodStep } from '../drink/method-steps.js';
import { sayGarnish } from '../drink/say-garnish.js';
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

/** Writes the steps of one load down, each in the part of the round that it belongs to. */
class LoadWriter {
  readonly out: LoadSteps = { press: [], pours: [], work: [], finish: [] };
  private n = 0;
  private readonly own: Where;
  private readonly served: Where;
  private readonly glasses: number;
  /** What ice is in the glass by now. */
  private iced: Ice = 'none';

  constructor(
    private readonly drink: Recipe,
    private readonly load: Load,
    private readonly kinds: ReadonlyMap<string, Kind>,
  ) {
    const vessel = madeIn(drink, kinds);
    const base = { order: load.order, load: load.load };
    this.glasses = load.glasses;
    this.served = { ...base, into: 'glass', vessels: load.glasses };
    this.own = vessel === 'glass' ? this.served : { ...base, into: vessel };
  }

  private step(act: Act, seconds: number, more: Partial<PourStep>): PourStep {
    return pourStep(`${this.load.load}.${this.n++}`, act, seconds, more);
  }
  /** Something done where the drink is made, or where it is served. */
  private plain(act: Act, seconds: number, more: Partial<PourStep> = {}): PourStep {
    return this.step(act, seconds, { ...this.own, ...more });
  }
  private atGlass(act: Act, seconds: number, more: Partial<PourStep> = {}): PourStep {
    return this.step(act, seconds, { ...this.served, ...more });
  }

  /** Something measured: into one tin for all glasses, or into each glass. */
  private measured(slot: Slot, act: Act, where: Where, seconds?: number): PourStep {
    const kind = this.kinds.get(slot.kind);
    const ml = amountMl(slot.amount);
    const inEach = where.into === 'glass';
    const times = inEach ? 1 : this.glasses;
    const small = ml === undefined || slot.role === 'seasoning';
    const once = seconds ?? (small ? SECONDS.drops : SECONDS.measure);
    return this.step(act, once * (inEach ? this.glasses : 1), {
      ...where,
      part: {
        slot: this.drink.slots.indexOf(slot),
        kind: slot.kind,
        ml: ml === undefined ? null : ml * times,
        g: ml === undefined || kind === undefined ? null : ml * times * densityOf(kind),
        amount: { value: slot.amount.value * times, measure: slot.amount.measure },
      },
      technique: ml !== undefined && !small ? 'measure' : null,
    });
  }
  private each(slots: readonly Slot[], act: Act, seconds: number): PourStep[] {
    return slots.map((s) => this.measured(s, act, this.served, seconds));
  }
  private pour(slots: readonly Slot[], into = this.own): void {
    this.out.pours.push(...inPouringOrder(slots, this.kinds).map((s) => this.measured(s, 'pour', into)));
  }
  private onIce(ice: Ice): PourStep[] {
    return ice === 'none' ? [] : [this.plain('ice', SECONDS.ice, { ice, technique: 'ice' })];
  }
  private iceInGlass(ice: Ice): PourStep[] {
    const technique = ice === 'crushed' ? 'crush-ice' : 'ice';
    if (ice !== 'none') this.iced = ice;
    return ice === 'none' ? [] : [this.atGlass('ice-glass', SECONDS.ice * this.glasses, { ice, technique })];
  }
  private press(slots: readonly Slot[], wet: readonly Slot[]): PourStep[] {
    return [
      ...slots.map((s) => this.measured(s, 'pour', this.own, SECONDS.drops)),
      ...wet.map((s) => this.measured(s, 'pour', this.own)),
      this.plain('press', SECONDS.press, {
        kinds: slots.map((s) => s.kind),
        // Herbs turn bitter where they are torn (common practice).
        lightly: slots.every((s) => this.kinds.get(s.kind)?.herb === true),
        technique: 'muddle',
      }),
    ];
  }
  /**
   * Ice of the glass before the drink is worked on ice of its own: it would wait in the tin, and go on thinning, while
   * somebody fetches it. Crushed ice melts, and comes last.
   */
  private iceAhead(): PourStep[] {
    const { strain, ice } = this.drink;
    return strain === 'none' || ice === 'crushed' ? [] : this.iceInGlass(ice);
  }
  private strain(how: 'none' | 'once' | 'twice', over: Ice): PourStep[] {
    const twice = how === 'twice';
    const seconds = (twice ? SECONDS.fineStrainGlass : SECONDS.strainGlass) * this.glasses;
    const technique = how === 'none' ? null : twice ? 'fine-strain' : 'strain';
    const late = this.iced === 'none' ? this.iceInGlass(over) : [];
    return [...late, this.atGlass('strain', seconds, { twice, technique })];
  }
  private dressed(act: 'rim' | 'garnish', of: readonly (Garnish | SaidGarnish)[], seconds: number): PourStep {
    const words = sayGarnish(of, this.kinds);
    return this.atGlass(act, seconds * this.glasses, { kinds: garnishKinds(of), words });
  }
  /** Egg and its sugar, before anything else. */
  private beat(slots: readonly Slot[]): PourStep[] {
    return [
      ...slots.map((s) => this.measured(s, 'pour', { ...this.own, into: 'bowl', vessels: 1 })),
      this.plain('beat', SECONDS.beat, { kinds: slots.map((s) => s.kind) }),
    ];
  }
  /** Mixed in the glass that it is built in. */
  private lifted(how: Lift): PourStep {
    const each = SECONDS[how === 'stir' ? 'stirWell' : how] * this.glasses;
    return how === 'stir' ? this.plain('stir', each, { ice: 'none' }) : this.plain(how, each);
  }
  private stirHot(slots: readonly Slot[], hot: readonly Slot[]): void {
    this.pour(slots);
    this.out.finish.push(
      ...hot.map((s) => this.measured(s, 'pour', this.own)),
      this.plain('stir', SECONDS.stirHot * this.glasses, { ice: 'none' }),
    );
  }
  private layer([first, ...others]: readonly Slot[]): void {
    if (first) this.out.finish.push(this.measured(first, 'pour', this.own));
    this.out.finish.push(...this.floated(others));
  }
  private floated(slots: readonly Slot[]): PourStep[] {
    return this.each(slots, 'float', SECONDS.floatGlass).map((s) => ({ ...s, technique: 'layer' }));
  }

  take(step: MethodStep): void {
    if (!this.mix(step)) this.finish(step);
  }

  /** What is pressed, measured and worked on ice; whether the step was one of these. */
  private mix(step: MethodStep): boolean {
    const { out } = this;
    switch (step.do) {
      case 'rim':
        // Dry and empty, before anything else.
        out.press.push(this.dressed('rim', step.with, SECONDS.rimGlass));
        return true;
      case 'rinse':
        // The glass is rinsed while it is cold and empty.
        out.press.push(...this.each(step.slots, 'rinse', SECONDS.rinse));
        return true;
      case 'soak':
        out.press.push(...[...step.slots, ...step.wet].map((s) => this.measured(s, 'pour', this.own)));
        return true;
      case 'beat':
        out.press.push(...this.beat(step.slots));
        return true;
      case 'heat':
        this.pour(step.slots);
        out.work.push(this.plain('heat', SECONDS.heat, { technique: 'heat' }));
        return true;
      case 'press':
        out.press.push(...this.press(step.slots, step.wet));
        return true;
      case 'stir':
      case 'shake':
      case 'blend': {
        const { do: act, ice } = step;
        this.pour(step.slots);
        out.work.push(
          ...this.iceAhead(),
          ...this.onIce(ice),
          this.plain(act, worked(act, ice), { ice, technique: act }),
        );
        return true;
      }
      case 'dry-shake':
        this.pour(step.slots);
        out.work.push(this.plain('dry-shake', SECONDS.dryShake, { technique: 'dry-shake' }));
        return true;
      case 'shake-again': {
        const { ice } = step;
        out.work.push(
          ...this.iceAhead(),
          ...this.onIce(ice),
          this.plain('shake', worked('shake', ice), { ice, technique: 'shake' }),
        );
        return true;
      }
      case 'strain':
        out.work.push(...this.strain(step.how, step.over));
        return true;
      case 'warm':
        out.press.push(this.atGlass('warm', SECONDS.warm, { technique: 'heat' }));
        return true;
      case 'pour':
        this.pour(step.slots, this.served);
        return true;
      default:
        return false;
    }
  }

  /** What is done in the glass. */
  private finish(step: MethodStep): void {
    const { finish } = this.out;
    switch (step.do) {
      case 'swizzle':
        this.pour(step.slots);
        finish.push(
          ...this.iceInGlass('crushed'),
          this.plain('swizzle', SECONDS.swizzle * this.glasses, { technique: 'swizzle' }),
        );
        break;
      case 'stir-hot':
        this.stirHot(step.slots, step.hot);
        break;
      case 'layer':
        this.layer(step.slots);
        break;
      case 'ice':
        finish.push(...this.iceInGlass(step.ice));
        break;
      case 'top':
        finish.push(...this.each(step.slots, 'top', SECONDS.topGlass).map((s) => ({ ...s, ice: this.iced })));
        break;
      case 'lift':
        finish.push(this.lifted(step.how));
        break;
      case 'float':
        if (step.whipped)
          finish.push(this.plain('whip', SECONDS.whip, { kinds: step.slots.map((s) => s.kind) }));
        finish.push(...this.floated(step.slots));
        break;
      case 'sink':
        finish.push(...this.each(step.slots, 'sink', SECONDS.floatGlass));
        break;
      case 'beside':
        finish.push(
          ...this.each(step.slots, 'beside', SECONDS.measure).map((s) => ({ ...s, into: 'beside' as const })),
        );
        break;
      case 'garnish':
        finish.push(this.dressed('garnish', step.with, SECONDS.garnishGlass));
        break;
    }
  }
}
type Where = Pick<PourStep, 'order' | 'load' | 'into'> & Partial<Pick<PourStep, 'vessels'>>;

/**
 * The steps of one load of a drink: what is built in its glass is measured into each, the rest once for all glasses.
 *
 * @param drink as it is poured here.
 * @example loadSteps(daiquiri, { load: 0, order: 0, glasses: 2 }, kinds).pours.map((s) => s.part?.ml) // [40, 45, 120]
 */
export function loadSteps(drink: Recipe, load: Load, kinds: ReadonlyMap<string, Kind>): LoadSteps {
  const writer = new LoadWriter(drink, load, kinds);
  for (const step of methodSteps(drink, kinds)) writer.take(step);
  return writer.out;
}
