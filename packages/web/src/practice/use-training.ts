import { useLocalStorage } from '@vueuse/core';
import { computed, ref, shallowRef, watch } from 'vue';
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

/** Training by count: one amount again and again, or the parts of a whole drink; drawn, or with water on the scale. */
export function useTraining() {
  const aim = useAim();
  const log = useLog();
  const practice = usePractice();
  const catalogue = useCatalogue();
  const verdicts = useVerdicts();
  const scale = useSimulatedScale();

  const spout = useLocalStorage<Spout>('uisce:spout', 'metal');
  const seen = useLocalStorage('uisce:cup-seen', true);
  const onScale = ref(false);
  const kind = useLocalStorage<string>('uisce:trained-kind', 'dry-gin');
  /** The drink that is poured part by part; empty for one amount. */
  const drink = ref('');
  const at = ref(0);
  const poured = ref<number[]>([]);
  const lastMl = ref<number>();
  const lastTarget = ref<number>();
  const isWeighing = ref(false);
  /** What the scale read when it was at rest; it drifts on, and what was taken stays. */
  const taken = shallowRef<ScaleReading>();

  const recipe = computed(() => catalogue.recipes.get(drink.value));
  /** The parts of a drink that are poured by count. */
  const parts = computed(() => partsOf(recipe.value));
  const part = computed(() => parts.value[at.value]);
  const targetMl = computed(() => part.value?.ml ?? aim.target.value ?? 30);
  const kindNow = computed(() => (onScale.value ? null : (part.value?.kind ?? kind.value)));
  const liquid = computed(() => ({
    sugarGPerL: kindNow.value === null ? 0 : (catalogue.kinds.get(kindNow.value)?.sugarGPerL ?? 0),
  }));
  watch(drink, () => {
    [at.value, poured.value, lastMl.value] = [0, [], undefined];
  });

  function keep(ml: number): void {
    lastMl.value = ml;
    lastTarget.value = targetMl.value;
    practice.poured({
      targetMl: targetMl.value,
      pouredMl: ml,
      kind: kindNow.value,
      spout: spout.value,
      way: onScale.value ? 'scale' : 'drawn',
    });
    if (!part.value) return;
    poured.value = [...poured.value, ml];
    at.value += 1;
  }
  const stage = usePourStage((ml) => {
    if (!onScale.value) {
      keep(ml);
      return;
    }
    // A gram of water is a millilitre; what counts is what the scale reads when it has come to rest.
    scale.put(ml);
    isWeighing.value = true;
    const weigh = (tries: number): void => {
      const reading = scale.reading.value;
      if (!reading.stable && tries < MAX_LOOKS) {
        setTimeout(() => weigh(tries + 1), REST_MS);
        return;
      }
      isWeighing.value = false;
      taken.value = reading;
      keep(reading.g ?? ml);
    };
    setTimeout(() => weigh(1), REST_MS);
  });
  const { held, running, inCupMl, runsMlPerS, letGo } = stage;
  function hold(): void {
    if (isWeighing.value) return;
    if (drink.value !== '' && !part.value) again();
    taken.value = undefined;
    if (onScale.value) scale.tare();
    stage.hold(spout.value, liquid.value);
  }
  function again(): void {
    [at.value, poured.value] = [0, []];
  }
  /** The drink as it was poured, once all of its parts were. */
  const made = computed<Recipe | undefined>(() => {
    const of = recipe.value;
    if (!of || poured.value.length < parts.value.length || parts.value.length === 0) return undefined;
    return withAmounts(
      of,
      parts.value.map((p, i) => ({ slot: p.slot, toMl: poured.value[i] ?? p.ml })),
    );
  });
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
  return {
    spout,
    seen,
    onScale,
    kind,
    drink,
    drinks,
    recipe,
    parts,
    part,
    at,
    poured,
    made,
    targetMl,
    held,
    running,
    inCupMl,
    runsMlPerS,
    letGo,
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
