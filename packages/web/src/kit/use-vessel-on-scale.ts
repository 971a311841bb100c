import { computed, ref, watch, type Ref } from 'vue';
import type { Glass } from '@uisce/core/catalogue';
import { insideOfCapacity } from '@uisce/core/glass';
import type { useSimulatedScale } from '../ui/use-simulated-scale';

/** A glass wall is about so heavy for what it holds, g a ml, and no glass is lighter than so much. */
const GLASS_G_PER_ML = 1.6;
const MIN_GLASS_G = 40;
/** No two fills are the same: a drop more or less (common practice). */
const FILL_SCATTER_ML = 0.3;

/**
 * A vessel for the simulated scale: what it really holds is chance within its type, and nobody knows it
 * before it is weighed.
 */
export function useVesselOnScale(type: Ref<Glass | undefined>, scale: ReturnType<typeof useSimulatedScale>) {
  const holdsMl = ref(0);
  const onScale = ref(false);
  const waterMl = ref(0);
  const emptyG = computed(() => holdsMl.value * GLASS_G_PER_ML + MIN_GLASS_G);

  watch(
    type,
    (glass) => {
      if (!glass) return;
      if (onScale.value) takeOff();
      holdsMl.value = glass.minMl + (glass.maxMl - glass.minMl) * (0.35 + 0.4 * Math.random());
    },
    { immediate: true },
  );
  const inside = computed(() => (type.value ? insideOfCapacity(type.value.inside, holdsMl.value) : []));
  const vessel = computed(() =>
    type.value && onScale.value
      ? { inside: inside.value, type: type.value, waterMl: waterMl.value }
      : undefined,
  );
  /** How wide the brim is, in mm. */
  const brimWidthMm = computed(() => Math.round((inside.value.at(-1)?.[1] ?? 20) * 2));

  function putOn(): void {
    onScale.value = true;
    waterMl.value = 0;
    scale.put(emptyG.value);
  }
  function takeOff(): void {
    scale.put(-emptyG.value - waterMl.value);
    onScale.value = false;
    waterMl.value = 0;
  }
  function pour(ml: number): void {
    const poured = Math.min(ml, Math.max(0, holdsMl.value - waterMl.value));
    waterMl.value += poured;
    scale.put(poured);
  }
  function fill(): void {
    pour(holdsMl.value - waterMl.value - Math.random() * FILL_SCATTER_ML);
  }
  function pourOut(): void {
    scale.put(-waterMl.value);
    waterMl.value = 0;
  }

  return { vessel, brimWidthMm, onScale, putOn, takeOff, pour, fill, pourOut };
}
