import { useLocalStorage } from '@vueuse/core';
import { computed, ref, shallowRef, watch, type Ref } from 'vue';
import type { ScaleReading } from '@uisce/core/devices';
import { amountMl } from '@uisce/core/base';
import type { Recipe } from '@uisce/core/catalogue';
import { withAmounts } from '@uisce/core/notebook';
import type { Spout } from '@uisce/core/practice';
import { usePractice } from '../household/use-practice';
import { useCatalogue } from '../household/use-catalogue';
import { useVerdicts } from '../household/use-verdicts';
import { useLog } from '../household/use-log';
import { useSimulatedScale } from '../ui/use-simulated-scale';
import { useAim } from './use-aim';
import { usePourStage } from './use-pour-stage';

/** Less than this is dashed, not poured by count. */
const MIN_ML = 5;
/** The scale comes to rest so long after the last drop; where it has not, it is looked at again. */
const REST_MS = 1300;
const MAX_LOOKS = 4;

/** What is trained: one amount again and again, or the parts of a whole drink. */
function useTrained() {
  const aim = useAim();
  const catalogue = useCatalogue();
  const onScale = ref(false);
  const kind = useLocalStorage<string>('uisce:trained-kind', 'dry-gin');
  /** The drink that is poured part by part; empty for one amount. */
  const drink = ref('');
  const at = ref(0);
  const recipe = computed(() => catalogue.recipes.get(drink.value));
  /** The parts of a drink that are poured by count. */
  const parts = computed(() => partsOf(recipe.value));
  const part = computed(() => parts.value[at.value]);
  const targetMl = computed(() => part.value?.ml ?? aim.target.value ?? 30);
  const kindNow = computed(() => (onScale.value ? null : (part.value?.kind ?? kind.value)));
  const liquid = computed(() => ({
    sugarGPerL: kindNow.value === null ? 0 : (catalogue.kinds.get(kindNow.value)?.sugarGPerL ?? 0),
  }));

  return { onScale, kind, drink, at, recipe, parts, part, targetMl, kindNow, liquid };
}

/** Drinks to train with: those poured most here. */
function useTrainingDrinks() {
  const log = useLog();
  const catalogue = useCatalogue();
  const verdicts = useVerdicts();
  /** Drinks to train with: those poured most here. */
  const drinks = computed(() => {
    const times = new Map<string, number>();
    for (const p of log.pours) times.set(p.drink, (times.get(p.drink) ?? 0) + p.glasses);
    for (const l of verdicts.liked) times.set(l.drink, times.get(l.drink) ?? 0);
    const usual = ['daiquiri', 'negroni', 'whiskey-sour', 'gin-and-tonic'];
    const mine = [...times].sort((a, b) => b[1] - a[1]).map(([id]) => id);
    return [...new Set([...mine, ...usual])]
      .flatMap((id) => catalogue.recipes.get(id) ?? [])
      .filter((r) => partsOf(r).length > 1)
      .slice(0, 12);
  });

  return { drinks };
}

/** Water on the scale instead of a drawn pour: a gram is a millilitre, and what counts is what it reads when it has come to rest. */
function useWeighed(onScale: Readonly<Ref<boolean>>, keep: (ml: number) => void) {
  const scale = useSimulatedScale();
  const isWeighing = ref(false);
  /** What the scale read when it was at rest; it drifts on, and what was taken stays. */
  const taken = shallowRef<ScaleReading>();

  function look(ml: number, tries = 1): void {
    const reading = scale.reading.value;
    if (!reading.stable && tries < MAX_LOOKS) {
      setTimeout(() => look(ml, tries + 1), REST_MS);
      return;
    }
    isWeighing.value = false;
    taken.value = reading;
    keep(reading.g ?? ml);
  }
  /** So much was poured: kept as it was drawn, or as the scale reads it. */
  function weighed(ml: number): void {
    if (!onScale.value) return keep(ml);
    scale.put(ml);
    isWeighing.value = true;
    setTimeout(() => look(ml), REST_MS);
  }

  return { scale, isWeighing, taken, weighed };
}

/** Training by count: one amount again and again, or the parts of a whole drink; drawn, or with water on the scale. */
export function useTraining() {
  const practice = usePractice();
  const spout = useLocalStorage<Spout>('uisce:spout', 'metal');
  const seen = useLocalStorage('uisce:cup-seen', true);
  const trained = useTrained();
  const { onScale, drink, at, recipe, parts, part, targetMl, kindNow, liquid } = trained;
  const poured = ref<number[]>([]);
  const lastMl = ref<number>();
  const lastTarget = ref<number>();
  watch(drink, () => {
    [at.value, poured.value, lastMl.value] = [0, [], undefined];
  });

  function keep(ml: number): void {
    lastMl.value = ml;
    lastTarget.value = targetMl.value;
    const way = onScale.value ? 'scale' : 'drawn';
    const of = { targetMl: targetMl.value, kind: kindNow.value, spout: spout.value };
    practice.poured({ ...of, pouredMl: ml, way });
    if (!part.value) return;
    poured.value = [...poured.value, ml];
    at.value += 1;
  }
  const { scale, isWeighing, taken, weighed } = useWeighed(onScale, keep);
  const { hold: holdStage, ...drawn } = usePourStage(weighed);
  function hold(): void {
    if (isWeighing.value) return;
    if (drink.value !== '' && !part.value) again();
    taken.value = undefined;
    if (onScale.value) scale.tare();
    holdStage(spout.value, liquid.value);
  }
  function again(): void {
    [at.value, poured.value] = [0, []];
  }
  /** The drink as it was poured, once all of its parts were. */
  const made = computed<Recipe | undefined>(() => {
    const of = recipe.value;
    if (!of || poured.value.length < parts.value.length || parts.value.length === 0) return undefined;
    const amounts = parts.value.map((p, i) => ({ slot: p.slot, toMl: poured.value[i] ?? p.ml }));
    return withAmounts(of, amounts);
  });
  const { drinks } = useTrainingDrinks();
  return {
    spout,
    seen,
    ...trained,
    drinks,
    poured,
    made,
    ...drawn,
    lastMl,
    lastTarget,
    isWeighing,
    taken,
    hold,
    again,
    scale,
  };
}

function partsOf(recipe: Recipe | undefined): { slot: number; kind: string; ml: number }[] {
  return (recipe?.slots ?? []).flatMap((s, slot) => {
    const ml = amountMl(s.amount) ?? 0;
    return ml >= MIN_ML && s.amount.measure !== 'dash' && !s.optional ? [{ slot, kind: s.kind, ml }] : [];
  });
}
