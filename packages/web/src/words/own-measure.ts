import { lowerFirst } from '@uisce/core/base';
import {
  measuringLines,
  measuringPlan,
  MIN_MEASURED_ML,
  type MeasuringLine,
  type MeasuringPlan,
} from '@uisce/core/measure';
import { computed } from 'vue';
import { useKit } from '../household/use-kit';
import { useWords } from './use-words';

/** How to measure with the household's own vessels, in words. */
export function useOwnMeasure() {
  const kits = useKit();
  const words = useWords();
  const lines = computed(() => measuringLines(kits.kit.vessels));
  const cupsOf = computed(() => new Map(kits.kit.vessels.map((v) => [v.id, v.cups.length])));
  /** Plans worked out so far, anew when the vessels change. */
  const known = computed(() => ({ of: lines.value, plans: new Map<number, MeasuringPlan | undefined>() }));

  function planFor(ml: number): MeasuringPlan | undefined {
    const { of, plans } = known.value;
    const key = Math.round(ml * 100) / 100;
    if (!plans.has(key)) plans.set(key, measuringPlan(key, of));
    return plans.get(key);
  }

  /** "old jigger, small cup full", "shot glass to the 20 ml line", "level teaspoon". */
  function sayLine({ vesselId, vessel, cup, ml, brim }: MeasuringLine): string {
    if (/spoon/.test(cup)) return `level ${cup}`;
    const which =
      (cupsOf.value.get(vesselId) ?? 1) > 1 ? `${lowerFirst(vessel)}, ${cup}` : lowerFirst(vessel);
    return brim ? `${which} full` : `${which} to the ${words.volume(ml)} line`;
  }

  /** "2 × old jigger, small cup full, and the teaspoon full". */
  function sayFills(plan: MeasuringPlan): string {
    const counts = new Map<MeasuringLine, number>();
    for (const fill of plan.fills) counts.set(fill, (counts.get(fill) ?? 0) + 1);
    return [...counts].map(([line, n]) => `${n > 1 ? `${n} × ` : ''}${sayLine(line)}`).join(' + ');
  }

  /** How far off it may be: "within 3 %", or what it really makes when that is too far. */
  function sayError(plan: MeasuringPlan): string {
    const percent = `${words.number(plan.share * 100, 0)} %`;
    return plan.meets
      ? `within ${percent}`
      : `nearest: ${words.volume(plan.ml)}, off by up to ${words.volume(plan.errorMl)} (${percent})`;
  }

  /** Whether an amount is measured at all, rather than dashed. */
  const isMeasured = (ml: number | undefined): ml is number => ml !== undefined && ml >= MIN_MEASURED_ML;

  return { lines, planFor, sayFills, sayError, isMeasured };
}
