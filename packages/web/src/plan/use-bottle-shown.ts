import { useElementSize, useTitle } from '@vueuse/core';
import { computed, nextTick, useTemplateRef } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { useAnswer } from '../solver/use-answer';
import { usePlans } from '../household/use-plans';
import { useCatalogue } from '../household/use-catalogue';
import { titleOf } from '../words/title';

/** Room beside the shelf for what is not bought yet. */
const GHOST_ROOM_MM = 260;
const SCALE = { least: 0.56, most: 0.86 };

/** The bottle that the address names, how to open and close its panel, and the scale of the drawn shelf. */
export function useBottleShown() {
  const answers = useAnswer();
  const plans = usePlans();
  const catalogue = useCatalogue();
  const route = useRoute();
  const router = useRouter();
  const shelfCard = useTemplateRef<HTMLElement>('shelfCard');
  const { width } = useElementSize(shelfCard);
  const lengthMm = computed(() => plans.brief?.place.lengthMm ?? 900);
  const scale = computed(() =>
    Math.min(SCALE.most, Math.max(SCALE.least, width.value / (lengthMm.value + GHOST_ROOM_MM))),
  );
  const coldLengthMm = computed(() => Math.max(300, width.value / scale.value));
  const asked = computed(() => (typeof route.params.bottle === 'string' ? route.params.bottle : ''));
  /** The bottle of the address: of the size it names, else the one in the set, else the cheapest. An owned one has another id: the kind stays. */
  const selected = computed(() => {
    if (asked.value === '') return undefined;
    const of = answers.result?.items.filter((i) => i.kindId === asked.value) ?? [];
    const inSet = new Set(answers.result?.answer.items);
    const sized = of.find((i) => String(i.bottle?.ml) === route.query['ml']);
    const [cheapest] = [...of].sort((a, b) => a.priceMinor - b.priceMinor);
    return (sized ?? of.find((i) => inSet.has(i.id)) ?? cheapest)?.id;
  });
  useTitle(computed(() => titleOf('Plan', asked.value === '' ? '' : catalogue.kindName(asked.value))));
  /** What had the focus before the panel took it. */
  let left: Element | null = null;
  async function select(itemId: string): Promise<void> {
    const { kindId = '', bottle } = answers.itemById.get(itemId) ?? {};
    if (itemId === selected.value) return close();
    if (selected.value === undefined) left = document.activeElement;
    await router.replace({ path: `/plan/${kindId}`, query: bottle ? { ml: bottle.ml } : {} });
    await nextTick();
    document.getElementById('bottle-title')?.focus();
  }
  async function close(): Promise<void> {
    await router.replace('/plan');
    await nextTick();
    if (left instanceof SVGElement || left instanceof HTMLElement) left.focus();
  }

  return { lengthMm, scale, coldLengthMm, selected, select, close };
}
