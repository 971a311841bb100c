import type { Kind } from '../catalogue/kind.js';
import { listed } from '../text/listed.js';
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
  const garnish = slots.filter((s) => s.role === 'garnish');
  const fizzy = (s: Slot) => kinds.get(s.kind)?.tastes.includes('fizzy') === true;
  const body = slots.filter((s) => !s.float && s.role !== 'rinse' && s.role !== 'garnish');
  const long = body.filter((s) => fizzy(s) || (s.role === 'long' && method === 'build'));
  const mixed = body.filter((s) => !s.muddle && !long.includes(s));
  const making = iceInMaking(recipe);
  const on = making === 'none' ? '' : ` on ${ICE_WORDS[making]}`;
  const into = `${inGlass}${ice === 'none' ? '' : ` over ${ice === 'cubes' ? 'fresh ice' : ICE_WORDS[ice]}`}`;
  const strain = recipe.strain === 'twice' ? 'Strain twice' : recipe.strain === 'once' ? 'Strain' : 'Pour';
  const steps: string[] = [];

  if (rinse.length > 0) steps.push(`Rinse the cold glass with ${called(rinse)} and tip out the rest.`);
  if (muddled.length > 0) {
    const where = method === 'build' || method === 'swizzle' ? 'in the glass' : 'in the shaker';
    const wet = mixed.find((s) => s.role === 'sweet') ?? mixed[0];
    steps.push(`Press ${called(muddled)} ${where}${wet ? ` with ${called([wet])}` : ''}.`);
  }
  switch (method) {
    case 'stir':
      steps.push(`Stir ${called(mixed)}${on} until cold.`, `${strain} into ${into}.`);
      break;
    case 'shake':
      steps.push(`Shake ${called(mixed)}${on}, hard, until the tin frosts.`, `${strain} into ${into}.`);
      break;
    case 'dry-shake':
      steps.push(
        `Shake ${called(mixed)} without ice until it foams.`,
        `Shake again${on}, hard.`,
        `${strain} into ${into}.`,
      );
      break;
    case 'blend':
      steps.push(`Blend ${called(mixed)} with crushed ice until smooth.`, `Pour into ${into}.`);
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
      if (ice !== 'none') steps.push(`Fill ${inGlass} with ${ICE_WORDS[ice]}.`);
      if (mixed.length > 0) steps.push(`Pour ${called(mixed)}${ice === 'none' ? ` into ${inGlass}` : ''}.`);
      break;
  }
  if (long.length > 0 && method !== 'layer' && method !== 'hot')
    steps.push(
      `${mixed.length > 0 ? 'Top with' : 'Pour'} ${called(long)}${method === 'build' ? ', and lift once with a spoon' : ''}.`,
    );
  if (floated.length > 0) steps.push(`Float ${called(floated)} on top, over the back of a spoon.`);
  const dress = [
    ...(garnish.length > 0 ? [called(garnish)] : []),
    ...(recipe.garnish === 'none' ? [] : [recipe.garnish]),
  ];
  if (dress.length > 0) steps.push(`Garnish: ${dress.join(', ')}.`);
  return steps;
}
