import { computed, ref } from 'vue';
import { leftovers, shelved, toUseSoon, type Evening } from '@uisce/core/evening';
import { recipeOfBatch } from '@uisce/core/bench';
import { useBatches } from '../household/use-batches';
import { useLog } from '../household/use-log';
import { useStock } from '../household/use-stock';
import { useToday } from '../household/use-today';
import { useCatalogue } from '../household/use-catalogue';
import { useWords } from '../words/use-words';

/** What is left: juice onto the shelf, with its new date. */
export function useLeftovers(props: Readonly<{ evening: Evening }>) {
  const log = useLog();
  const stock = useStock();
  const today = useToday();
  const catalogue = useCatalogue();
  /** What was pressed is known as what the evening's pours took of it, and a little that always stays in the jug. */
  const juiceMl = (kind: string) => catalogue.kinds.get(kind)?.juiceMl ?? 0;
  const pressed = computed(() => {
    const all = new Map<string, number>();
    for (const p of log.pours)
      if (p.on === props.evening.on)
        for (const { kind, ml } of p.parts) if (juiceMl(kind) > 0) all.set(kind, (all.get(kind) ?? 0) + ml);
    return all;
  });
  const expected = computed(
    () =>
      new Map(
        leftovers(
          props.evening,
          new Map(
            [...pressed.value].map(([kind, ml]) => [kind, Math.ceil(ml / juiceMl(kind)) * juiceMl(kind)]),
          ),
          log.pours,
          catalogue.kinds,
        ).map((l) => [l.kind, l]),
      ),
  );
  const typed = ref<Record<string, number>>({});
  const isNew = computed(() => props.evening.endedOn !== null && props.evening.endedOn >= today.iso());
  const rows = computed(() =>
    [...pressed.value.keys()].map((kind) => ({
      kind,
      name: catalogue.kindName(kind),
      ml: typed.value[kind] ?? expected.value.get(kind)?.ml ?? 0,
    })),
  );
  function shelve(kind: string, ml: number): void {
    stock.keep(
      `${catalogue.kindName(kind)}, left over`,
      // Pressed for the evening, it is of that day, however late it is put away.
      ...shelved({ kind, ml }, props.evening.on, stock.bottles, catalogue.kinds, () => crypto.randomUUID()),
    );
  }
  const kept = (kind: string) =>
    stock.standing.some((b) => b.kind === kind && b.openedOn === props.evening.on);
  return { typed, isNew, rows, shelve, kept };
}

/** All that must be used within days, of the shelf and of what was made here. */
export function useToUseSoon() {
  const batches = useBatches();
  const stock = useStock();
  const today = useToday();
  const catalogue = useCatalogue();
  const words = useWords();
  const soon = computed(() =>
    toUseSoon(
      stock.bottles,
      batches.onShelf.flatMap((b) => {
        const kind = recipeOfBatch(b, catalogue.all.homeMade)?.makes;
        return kind ? [{ kind, leftMl: b.remainingMl, until: b.useBy }] : [];
      }),
      catalogue.kinds,
      today.iso(),
    ).map((l) => ({
      id: `${l.kind} ${l.until ?? ''} ${l.ml}`,
      text: `${catalogue.kindName(l.kind)}${l.ml > 0 ? `, ${words.volume(Math.round(l.ml))}` : ''}`,
      until: l.until ? words.weekday(l.until) : '',
    })),
  );

  return { soon };
}
