import type { Kind } from '../catalogue/kind.js';
import { isDrunk } from './figures.js';
import { listed } from '../base/listed.js';
import { iceInMaking, type Ice, type Recipe, type Slot } from '../catalogue/recipe.js';

const ICE_WORDS: Record<Exclude<Ice, 'none'>, string> = {
  cubes: 'ice',
  block: 'one large piece of ice',
  crushed: 'crushed ice',
};

/**
 * How to make a drink, a sentence a step, put together from its structure.
 *
 * @param glass how its glass is called within a sentence.
 * @param name how a kind is called within a sentence.
 * @example methodSteps(daiquiri, kinds, 'coupe', (k) => k.name) // ['Shake …', 'Strain …']
 */
export function methodSteps(
  recipe: Recipe,
  kinds: ReadonlyMap<string, Kind>,
  glass: string,
  name: (kind: Kind) => string,
): string[] {
  const called = (slots: readonly Slot[]) =>
    listed(slots.flatMap((s) => (kinds.has(s.kind) ? [name(kinds.get(s.kind) as Kind)] : [])));
  const inGlass = `a ${glass}`;
  const { slots, method, ice } = recipe;
  const rinse = slots.filter((s) => s.role === 'rinse');
  const muddled = slots.filter((s) => s.muddle);
  const floated = slots.filter((s) => s.float);
  const sinking = slots.filter((s) => s.sink);
  const beside = slots.filter((s) => s.beside);
  const garnish = slots.filter((s) => s.role === 'garnish');
  const fizzy = (s: Slot) => kinds.get(s.kind)?.tastes.includes('fizzy') === true;
  const body = slots.filter((s) => !s.float && !s.sink && isDrunk(s));
  const long = body.filter((s) => fizzy(s) || (s.role === 'long' && method === 'build'));
  // What is pressed takes something wet with it, and is in the glass or shaker from then on.
  const unpressed = body.filter((s) => !s.muddle && !long.includes(s));
  const wet =
    muddled.length === 0
      ? undefined
      : (unpressed.find((s) => s.role === 'sweet') ??
        unpressed.find((s) => s.role === 'seasoning') ??
        unpressed[0]);
  const mixed = unpressed.filter((s) => s !== wet);
  const making = iceInMaking(recipe);
  const on = making === 'none' ? '' : ` on ${ICE_WORDS[making]}`;
  const into = `${inGlass}${ice === 'none' ? '' : ` over ${ice === 'cubes' ? 'fresh ice' : ICE_WORDS[ice]}`}`;
  const strain = recipe.strain === 'twice' ? 'Strain twice' : recipe.strain === 'once' ? 'Strain' : 'Pour';
  const steps: string[] = [];

  if (rinse.length > 0) steps.push(`Rinse the cold glass with ${called(rinse)} and tip out the rest.`);
  if (muddled.length > 0) {
    const where =
      method === 'build' || method === 'swizzle'
        ? 'in the glass'
        : method === 'stir'
          ? 'in the mixing glass'
          : 'in the shaker';
    steps.push(`Press ${called(muddled)} ${where}${wet ? ` with ${called([wet])}` : ''}.`);
  }
  /** "Shake gin and lime juice", or with something pressed there already "Add gin and shake". */
  const work = (verb: string) => {
    if (muddled.length === 0) return `${verb} ${called(mixed)}`;
    return mixed.length === 0 ? verb : `Add ${called(mixed)} and ${verb.toLowerCase()}`;
  };
  switch (method) {
    case 'stir':
      steps.push(`${work('Stir')}${on} until cold.`, `${strain} into ${into}.`);
      break;
    case 'shake':
      steps.push(`${work('Shake')}${on}, hard, until the tin frosts.`, `${strain} into ${into}.`);
      break;
    case 'dry-shake':
      steps.push(
        `${work('Shake')} without ice until it foams.`,
        `Shake again${on}, hard.`,
        `${strain} into ${into}.`,
      );
      break;
    case 'blend':
      steps.push(`${work('Blend')} with crushed ice until smooth.`, `Pour into ${into}.`);
      break;
    case 'swizzle':
      steps.push(
        `Pour ${called(mixed)} into ${inGlass}, fill with crushed ice, and spin a stick in it until the glass frosts.`,
      );
      break;
    case 'layer':
      steps.push(`Pour ${called([...mixed, ...long])} into ${inGlass}, gently, over the back of a spoon.`);
      break;
    case 'hot':
      steps.push(`Warm ${inGlass}.`, `Stir ${called([...mixed, ...long])} in it.`);
      break;
    case 'build':
      if (ice === 'block') steps.push(`Put ${ICE_WORDS[ice]} into ${inGlass}.`);
      else if (ice !== 'none') steps.push(`Fill ${inGlass} with ${ICE_WORDS[ice]}.`);
      if (mixed.length > 0) steps.push(`Pour ${called(mixed)}${ice === 'none' ? ` into ${inGlass}` : ''}.`);
      break;
  }
  if (long.length > 0 && method !== 'layer' && method !== 'hot')
    steps.push(
      `${unpressed.length > 0 ? 'Top with' : 'Pour'} ${called(long)}${method === 'build' ? ', and lift once with a spoon' : ''}.`,
    );
  if (floated.length > 0) steps.push(`Float ${called(floated)} on top, over the back of a spoon.`);
  if (sinking.length > 0)
    steps.push(`Pour in ${called(sinking)} last, slowly, and let it sink; do not stir.`);
  if (beside.length > 0) steps.push(`Serve ${called(beside)} beside it, in a small glass of its own.`);
  const dress = [
    ...(garnish.length > 0 ? [called(garnish)] : []),
    ...(recipe.garnish === 'none' ? [] : [recipe.garnish]),
  ];
  if (dress.length > 0) steps.push(`Garnish: ${dress.join(', ')}.`);
  return steps;
}
