import { inSentence } from '@uisce/core/base';
import { computed } from 'vue';
import { hasThingFor } from '@uisce/core/kit';
import { vesselsOf, type PourStep } from '@uisce/core/pouring';
import { useStandIns } from './use-stand-ins';
import { useKit } from '../household/use-kit';
import { useLog } from '../household/use-log';
import { useStock } from '../household/use-stock';
import { useCatalogue } from '../household/use-catalogue';
import { ALLERGEN_WORDS } from '../words/trade-words';
import { count, countPieces, listed, oneAndMany, plainName, useWords } from '../words/use-words';

const ICE_NAMES = { none: '', cubes: 'in cubes', block: 'one large piece', crushed: 'crushed' } as const;
const ICE_WORDS = {
  none: '',
  cubes: 'ice',
  block: 'one large piece of ice',
  crushed: 'crushed ice',
} as const;
const USUAL_NAMES = {
  shaker: 'tin',
  'mixing-glass': 'mixing glass',
  blender: 'blender',
  pan: 'pan',
} as const;

/** What is said of a step: its figure, large; what it is of; where it goes. */
export interface StepWords {
  figure: string;
  name: string;
  where: string;
}

type Sayings = Partial<Record<PourStep['act'], (step: PourStep) => StepWords>>;

/** The parts, vessels and places of a step in words. */
function useStepParts() {
  const log = useLog();
  const stock = useStock();
  const kits = useKit();
  const catalogue = useCatalogue();
  const words = useWords();

  /** A rinse is a mist. */
  const sprays = computed(() => kits.kit.said && hasThingFor('spray', kits.kit, catalogue.all));
  const vessels = computed(() => vesselsOf(kits.kit, catalogue.all));
  const nameOf = (kind: string) => plainName(catalogue.kindInSentence(kind));

  /** The household's tin, mixing glass or blender, or what stands in for it. */
  function vesselName(into: PourStep['into']): string {
    if (into === null || into === 'glass' || into === 'beside' || into === 'bowl') return 'glass';
    const { cover } = vessels.value[into];
    if (cover?.by !== 'kitchen') return USUAL_NAMES[into];
    const thing = catalogue.all.kitchen.find((t) => t.id === cover.id);
    return thing ? inSentence(thing) : USUAL_NAMES[into];
  }
  function where({ into, vessels: n }: PourStep): string {
    if (into === 'beside') return n > 1 ? `into ${n} small glasses beside` : 'into a small glass beside';
    if (into === 'bowl') return 'into a bowl';
    if (into === 'glass') return n > 1 ? `into each of ${n} glasses` : 'into the glass';
    return into === null ? '' : `into the ${vesselName(into)}`;
  }
  const glasses = (n: number) => count(n, 'glass', 'glasses');

  /** A measured part: "45 ml", "2 dashes", "8 leaves". */
  function amountOf(step: PourStep): string {
    const { part } = step;
    if (part === null) return '';
    const { value, measure } = part.amount;
    if (measure === 'whole') return String(Number(value.toFixed(2)));
    return words.amount({
      value: measure === 'ml' ? Math.round(value * 10) / 10 : value,
      measure,
    } as Parameters<typeof words.amount>[0]);
  }

  /** What a step measures and what it is measured of. */
  /** What stands on the bottle that was named for a part, where one was. */
  function named({ order, part }: PourStep): string {
    const from = log.round?.orders[order ?? -1]?.from ?? [];
    const bottle = stock.bottles.find((b) => from.includes(b.id) && b.kind === part?.kind);
    return bottle?.label ? `, ${bottle.label}` : '';
  }
  const subject = (step: PourStep) =>
    step.part ? `${nameOf(step.part.kind)}${named(step)}` : listed(step.kinds.map(nameOf));

  /** Fruit that is squeezed, as it is counted: "2½ limes". */
  function fruit({ part, pieces }: PourStep): string {
    const kind = part?.kind ?? '';
    return countPieces(pieces ?? 1, oneAndMany(catalogue.kinds.get(kind)?.one ?? nameOf(kind)));
  }

  return { nameOf, vesselName, where, glasses, amountOf, subject, fruit, sprays };
}
type StepParts = ReturnType<typeof useStepParts>;

/** What is done before anything is mixed. */
function sayPreparation(
  { nameOf, glasses, amountOf, subject, fruit, sprays }: StepParts,
  seconds: (s: number) => string,
): Sayings {
  return {
    wash: (step) => ({
      figure: 'Wash',
      name: 'tin, jigger, spoon, strainer, press',
      where: `blender and hands, so that nothing with ${listed([...step.cannot.map((a) => ALLERGEN_WORDS[a]), ...step.without.map(nameOf)])} carries over`,
    }),
    squeeze: (step) => {
      const peels = step.peels > 0 ? `; cut ${count(step.peels, 'strip')} of peel first` : '';
      return {
        figure: fruit(step),
        name: 'squeezed',
        where: `about ${amountOf(step)} of juice${peels}`,
      };
    },
    chill: (step) => ({
      figure: 'Chill',
      name: glasses(step.vessels),
      where: 'in the freezer, or full of ice water',
    }),
    warm: (step) => ({
      figure: 'Warm',
      name: glasses(step.vessels),
      where: 'with hot water, and tip it out',
    }),
    rinse: (step) =>
      sprays.value
        ? {
            figure: 'Spray',
            name: subject(step),
            where: `a mist into the cold glass, about ${amountOf(step)}`,
          }
        : {
            figure: amountOf(step),
            name: subject(step),
            where: 'rinse the cold glass, and tip the rest out',
          },
    press: (step) => ({
      figure: 'Press',
      name: subject(step),
      where: step.lightly ? 'lightly: bruised, not torn' : 'firmly, until the juice is out',
    }),
    beat: (step) => ({
      figure: 'Beat',
      name: subject(step),
      where: 'white and yolk apart, to a thick foam; then folded together, and into the warm glass',
    }),
    'dry-shake': (step) => ({
      figure: 'Shake dry',
      name: 'without ice',
      where: `until it foams, about ${seconds(step.seconds)} s`,
    }),
  };
}

/** Ice, and what is done with it. */
function sayMixing({ where, vesselName }: StepParts, seconds: (s: number) => string): Sayings {
  const ice = (step: PourStep): StepWords => ({
    figure: step.ice === 'block' ? 'A block' : 'Ice',
    name: ICE_NAMES[step.ice ?? 'cubes'],
    where: where(step),
  });
  return {
    ice,
    'ice-glass': ice,
    shake: (step) => ({
      figure: `${seconds(step.seconds)} s`,
      name: 'shake hard',
      where: `on ${ICE_WORDS[step.ice ?? 'cubes']}, until the ${vesselName(step.into)} frosts`,
    }),
    stir: (step) =>
      step.ice === 'none'
        ? { figure: 'Stir', name: 'well, in the glass', where: '' }
        : {
            figure: `${seconds(step.seconds)} s`,
            name: 'stir',
            where: `on ${ICE_WORDS[step.ice ?? 'cubes']}, smoothly`,
          },
    blend: () => ({ figure: 'Blend', name: 'until smooth', where: 'lid on' }),
    heat: () => ({ figure: 'Heat', name: 'gently', where: 'hot, never boiling' }),
    churn: (step) => ({
      figure: 'Churn',
      name: 'until the glass frosts',
      where: step.vessels > 1 ? `each of ${step.vessels}` : 'with a spoon, up and down through the ice',
    }),
    swizzle: (step) => ({
      figure: 'Swizzle',
      name: 'until the glass frosts',
      where: step.vessels > 1 ? `each of ${step.vessels}` : '',
    }),
  };
}

/** What is done in the glass, until it is served. */
function sayFinishing({ where, glasses, amountOf, subject }: StepParts): Sayings {
  return {
    strain: (step) => ({
      figure: step.twice ? 'Strain twice' : step.technique === null ? 'Pour out' : 'Strain',
      name: step.vessels > 1 ? `into ${glasses(step.vessels)}` : 'into the glass',
      where: step.vessels > 1 ? 'evenly' : '',
    }),
    lift: (step) => ({
      figure: 'Lift',
      name: 'once, with a spoon',
      where: step.vessels > 1 ? `each of ${step.vessels}` : '',
    }),
    turn: (step) => ({
      figure: 'Stir',
      name: 'a turn or two',
      where: step.vessels > 1 ? `each of ${step.vessels}` : '',
    }),
    whip: (step) => ({ figure: 'Whip', name: subject(step), where: 'lightly, so that it just runs' }),
    float: (step) => ({
      figure: amountOf(step),
      name: subject(step),
      where: 'on top, over the back of a spoon',
    }),
    sink: (step) => ({ figure: amountOf(step), name: subject(step), where: 'slowly, and let it sink' }),
    top: (step) => ({
      figure: amountOf(step),
      name: subject(step),
      where: step.ice === null || step.ice === 'none' ? where(step) : `${where(step)}, after the ice`,
    }),
    rim: (step) => ({
      figure: 'Rim',
      name: step.words,
      where: step.vessels > 1 ? `each of ${step.vessels}` : 'wet it with a cut fruit or water, then dip',
    }),
    garnish: (step) => ({
      figure: 'Garnish',
      name: step.words,
      where: step.vessels > 1 ? `each of ${step.vessels}` : '',
    }),
    serve: (step) => ({ figure: 'Serve', name: glasses(step.vessels), where: 'and the levels fall' }),
  };
}

/** Steps in words. */
export function useStepWords() {
  const words = useWords();
  const parts = useStepParts();
  const { nameOf, vesselName, where, amountOf, subject } = parts;
  const seconds = (s: number) => words.number(s, 0);
  const SAY: Sayings = {
    ...sayPreparation(parts, seconds),
    ...sayMixing(parts, seconds),
    ...sayFinishing(parts),
  };

  function say(step: PourStep): StepWords {
    return SAY[step.act]?.(step) ?? { figure: amountOf(step), name: subject(step), where: where(step) };
  }

  /** In a short line, for the strip. */
  function line(step: PourStep): string {
    const { figure, name } = say(step);
    switch (step.act) {
      case 'ice':
        return `${ICE_WORDS[step.ice ?? 'cubes']} into the ${vesselName(step.into)}`;
      case 'ice-glass':
        return `${ICE_WORDS[step.ice ?? 'cubes']} into the glass`;
      case 'shake':
      case 'stir':
        return figure === 'Stir' ? `stir ${name}` : `${name} ${figure}`;
      case 'pour':
      case 'top':
      case 'float':
      case 'sink':
      case 'rinse':
      case 'beside':
        return `${name} ${figure}`;
      default:
        return `${figure.charAt(0).toLowerCase()}${figure.slice(1)} ${name}`;
    }
  }

  return { say, line, ...useStandIns(), vesselName, nameOf };
}
