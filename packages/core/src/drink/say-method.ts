import { withArticle } from '../base/article.js';
import { listed } from '../base/listed.js';
import type { Kind } from '../catalogue/kind.js';
import type { Ice, Recipe, Slot } from '../catalogue/recipe.js';
import type { Garnish, SaidGarnish } from '../catalogue/garnish.js';
import { sayGarnish, sayPieces, sayRims } from './say-garnish.js';
import { methodSteps, type Lift, type MadeIn, type MethodStep } from './method-steps.js';

const ICE_WORDS: Record<Exclude<Ice, 'none'>, string> = {
  cubes: 'ice',
  block: 'one large piece of ice',
  crushed: 'crushed ice',
};
const MADE_IN_WORDS: Record<Exclude<MadeIn, 'glass'>, string> = {
  'mixing-glass': 'in the mixing glass',
  shaker: 'in the shaker',
  blender: 'in the blender',
  pan: 'in a small pan',
};
/** Steps that put the first thing into a glass, and name it. */
const NAMES_GLASS: ReadonlySet<MethodStep['do']> = new Set(['rim', 'pour', 'ice', 'top', 'soak', 'warm']);
const STRAIN_WORDS: Record<Recipe['strain'], string> = {
  none: 'Pour',
  once: 'Strain',
  twice: 'Strain twice',
};

const LIFT_WORDS: Record<Lift, string> = {
  lift: 'Lift once with a spoon.',
  turn: 'Stir a turn or two.',
  stir: 'Stir well, up from the bottom.',
  churn: 'Churn with a spoon until the glass frosts.',
};

/** How a step's parts and glass are called. */
interface Calls {
  parts: (slots: readonly Slot[]) => string;
  glass: string;
  /** What its rim is dipped in; empty where it is not. */
  rim: string;
  /** Its glass was spoken of before it is filled: its rim was dipped, or it was warmed. */
  isNamed: boolean;
  /** Something is pressed in the glass before it is filled. */
  isPressedThere: boolean;
  garnish: (of: readonly (Garnish | SaidGarnish)[]) => string;
}

/** "Shake gin and lime juice", or with something pressed there already "Add gin and shake". */
function work(verb: string, slots: readonly Slot[], onPressed: boolean, { parts }: Calls): string {
  if (!onPressed) return `${verb} ${parts(slots)}`;
  return slots.length === 0 ? verb : `Add ${parts(slots)} and ${verb.toLowerCase()}`;
}

/** What is poured in layers, one after another. */
const inTurn = (slots: readonly Slot[], parts: Calls['parts']) =>
  slots.map((s) => parts([s])).join(', then ');

const onIce = (ice: Ice) => (ice === 'none' ? '' : ` on ${ICE_WORDS[ice]}`);

/** How its glass is called where something goes into it: by itself, or again. */
const intoGlass = ({ glass, isNamed }: Calls) => (isNamed ? `the ${glass}` : withArticle(glass));

/** What is done before anything is mixed, in words; undefined for all else. */
function firstSentence(step: MethodStep, calls: Calls): string | undefined {
  const { parts } = calls;
  const inGlass = intoGlass(calls);
  switch (step.do) {
    case 'rim':
      return `Wet the rim of ${withArticle(calls.glass)} with cut fruit or water, and dip it in ${calls.rim}.`;
    case 'rinse':
      return `Rinse the cold glass with ${parts(step.slots)} and tip out the rest.`;
    case 'soak':
      return `Soak ${parts(step.slots)} in ${inGlass}${step.wet.length > 0 ? ` with ${parts(step.wet)}` : ''}.`;
    case 'press':
      return `Press ${parts(step.slots)} ${step.in === 'glass' ? `in ${inGlass}` : MADE_IN_WORDS[step.in]}${step.wet.length > 0 ? ` with ${parts(step.wet)}` : ''}.`;
    default:
      return undefined;
  }
}

/** What mixes a drink and brings it into its glass, in words; undefined for what is done in the glass. */
function mixingSentence(step: MethodStep, calls: Calls): string | undefined {
  const { parts } = calls;
  const inGlass = intoGlass(calls);
  switch (step.do) {
    case 'stir':
      return `${work('Stir', step.slots, step.onPressed, calls)}${onIce(step.ice)} until cold.`;
    case 'shake':
      return `${work('Shake', step.slots, step.onPressed, calls)}${onIce(step.ice)}, hard, until the tin frosts.`;
    case 'dry-shake':
      return `${work('Shake', step.slots, step.onPressed, calls)} without ice until it foams.`;
    case 'shake-again':
      return `Shake again${onIce(step.ice)}, hard.`;
    case 'blend':
      return `${work('Blend', step.slots, step.onPressed, calls)}${step.ice === 'none' ? '' : ' with crushed ice'} until smooth.`;
    case 'strain':
      if (step.onto) return `${STRAIN_WORDS[step.how]} the hot into it.`;
      return `${STRAIN_WORDS[step.how]} into ${inGlass}${
        step.over === 'none' ? '' : ` over ${step.over === 'cubes' ? 'fresh ice' : ICE_WORDS[step.over]}`
      }.`;
    case 'swizzle':
      return `Pour ${parts(step.slots)} into ${calls.isPressedThere ? 'it' : inGlass}, fill with crushed ice, and spin a stick in it until the glass frosts.`;
    case 'layer':
      return `Pour ${inTurn(step.slots, parts)} into ${inGlass}, gently, over the back of a spoon.`;
    default:
      return undefined;
  }
}

/** What is drunk hot, in words; undefined for all else. */
function hotSentence(step: MethodStep, { parts, glass }: Calls): string | undefined {
  switch (step.do) {
    case 'beat':
      return `Beat ${parts(step.slots)} to a thick foam, white and yolk apart, fold them together, and spoon them in.`;
    case 'heat':
      return `Heat ${parts(step.slots)} gently in a small pan: hot, never boiling.`;
    case 'warm':
      return `Warm ${withArticle(glass)}.`;
    case 'stir-hot':
      return `Add ${[step.slots, step.hot].flatMap((of) => (of.length > 0 ? [parts(of)] : [])).join(', then ')}, and stir.`;
    default:
      return undefined;
  }
}

/** What is done in the glass, in words; undefined for what comes before. */
function glassSentence(
  step: MethodStep,
  isBuiltFirst: boolean,
  { parts, glass, garnish }: Calls,
): string | undefined {
  const inGlass = withArticle(glass);
  switch (step.do) {
    case 'pour':
      return `Pour ${parts(step.slots)} into ${isBuiltFirst ? inGlass : 'it'}.`;
    case 'ice': {
      const where = isBuiltFirst ? inGlass : 'it';
      return step.ice === 'block'
        ? `Put ${ICE_WORDS.block} into ${where}.`
        : `Fill ${where} with ${ICE_WORDS[step.ice]}.`;
    }
    case 'top':
      return `${step.first ? 'Pour' : 'Top with'} ${parts(step.slots)}${step.first && isBuiltFirst ? ` into ${inGlass}` : ''}.`;
    case 'lift':
      return LIFT_WORDS[step.how];
    case 'float':
      return `${step.whipped ? `Whip ${parts(step.slots)} lightly, so that it just runs, and float it` : `Float ${inTurn(step.slots, parts)}`} on top, over the back of a spoon.`;
    case 'sink':
      return `Pour in ${parts(step.slots)} last, slowly, and let it sink; do not stir.`;
    case 'beside':
      return `Serve ${parts(step.slots)} beside it, in a small glass of its own.`;
    case 'garnish':
      return `Garnish: ${garnish(step.with)}.`;
    default:
      return undefined;
  }
}

/**
 * How to make a drink, a sentence a step.
 *
 * @param glass how its glass is called within a sentence.
 * @param name how a kind is called within a sentence.
 * @example sayMethod(daiquiri, kinds, 'coupe', (k) => k.name) // ['Shake …', 'Strain …']
 */
export function sayMethod(
  recipe: Recipe,
  kinds: ReadonlyMap<string, Kind>,
  glass: string,
  name: (kind: Kind) => string,
): string[] {
  const steps = methodSteps(recipe, kinds);
  const calls: Calls = {
    parts: (slots) =>
      listed(
        slots.flatMap((s) => {
          const kind = kinds.get(s.kind);
          return kind ? [sayPieces(s.amount, kind) ?? name(kind)] : [];
        }),
      ),
    glass,
    rim: sayRims(recipe, kinds),
    isNamed: steps.some((s) => s.do === 'rim' || s.do === 'warm'),
    isPressedThere: steps.some((s) => s.do === 'press' && s.in === 'glass'),
    garnish: (of) => sayGarnish(of, kinds),
  };
  // A glass is named where something first goes into it.
  const first = steps.find((s) => NAMES_GLASS.has(s.do) || (s.do === 'press' && s.in === 'glass'));
  return steps.map(
    (step) =>
      firstSentence(step, calls) ??
      mixingSentence(step, calls) ??
      hotSentence(step, calls) ??
      glassSentence(step, step === first, calls) ??
      '',
  );
}
