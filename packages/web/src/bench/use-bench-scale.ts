import { computed, ref, watch, type Ref } from 'vue';
import { contentG, pouredG as pouredByScale, type BatchRecord, type WeighingTarget } from '@uisce/core/bench';
import type { HomeMadePart } from '@uisce/core/catalogue';
import { useSimulatedScale } from '../ui/use-simulated-scale';
import { useBatchWords } from '../words/batch-words';

const SPOON_G = 10;
const SPLASH_G = 50;
const DROP_G = 0.05;
/** A hand that pours to a line is off by up to so much, as a share (common practice: about one in a hundred). */
const HAND_SHARE = 0.004;
/** The fine scale takes no more. */
const MAX_FINE_G = 400;

/** The jar on the simulated scale, and whether the scale reads nothing with it. */
function useJar(record: Readonly<Ref<BatchRecord>>, scale: ReturnType<typeof useSimulatedScale>) {
  // What stands on the scale when the page comes back is what was in the jar when it went.
  const jarOn = ref(false);
  /** With taring, nothing is read as poured before the jar itself reads nothing. */
  const zeroed = ref(false);
  function tare(): void {
    scale.tare();
    zeroed.value = true;
  }
  function putJarOn(): void {
    jarOn.value = true;
    zeroed.value = false;
    scale.put(record.value.jarG + contentG(record.value));
  }
  /** What was strained stands in another vessel: it is put on the empty scale anew. */
  function takeJarOff(): void {
    if (jarOn.value) scale.put(Number.NEGATIVE_INFINITY);
    jarOn.value = false;
    zeroed.value = false;
  }
  watch(() => record.value.strained.length, takeJarOff);
  return { jarOn, zeroed, tare, putJarOn };
}

/**
 * The scale of the bench: what was poured of the part that is being weighed in.
 *
 * @param record the batch; @param target what goes in next; @param part the part that is.
 */
export function useBenchScale(
  record: Readonly<Ref<BatchRecord>>,
  target: Readonly<Ref<WeighingTarget | undefined>>,
  part: Readonly<Ref<HomeMadePart | undefined>>,
) {
  const { byDrops } = useBatchWords();
  const scale = useSimulatedScale();
  const { jarOn, zeroed, tare, putJarOn } = useJar(record, scale);
  /** True grams poured since the last part was taken in. */
  const pouredG = ref(0);
  function pour(g: number): void {
    pouredG.value += g;
    scale.put(g);
  }
  function pourToLine(): void {
    const t = target.value;
    if (t) pour(Math.max(0, t.addG - pouredG.value) * (1 + HAND_SHARE * (Math.random() - 0.5)));
  }

  watch(part, () => (pouredG.value = 0));
  watch(
    () => part.value && byDrops(part.value),
    (fine) => {
      if (fine === undefined) return;
      scale.setFine(fine && (target.value?.readingG ?? 0) < MAX_FINE_G);
      // The other scale knows nothing of this one's tare.
      zeroed.value = false;
    },
  );
  const mustTare = computed(() => record.value.tared && !zeroed.value);
  /** Grams of the part that is being poured, by the scale's own word. */
  const shownG = computed(() => {
    const { g } = scale.reading.value;
    if (g === undefined || !jarOn.value || mustTare.value) return 0;
    return pouredByScale(g, record.value);
  });
  const left = computed(() => (target.value?.addG ?? 0) - shownG.value);

  return {
    scale,
    jarOn,
    mustTare,
    shownG,
    left,
    pouredG,
    tare,
    putJarOn,
    pour,
    pourToLine,
    SPOON_G,
    SPLASH_G,
    DROP_G,
  };
}
