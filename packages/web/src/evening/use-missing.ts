import { lowerFirst } from '@uisce/core/base';
import { computed } from 'vue';
import { allToBuy, isForEvening, type WantedKind } from '@uisce/core/evening';
import { useErrands } from '../household/use-errands';
import { useCatalogue } from '../household/use-catalogue';
import { count, listed, sayEighths, useWords } from '../words/use-words';
import { useEvening } from './use-evening';

export const MISSING_COLUMNS = [
  { key: 'name', title: 'It takes', names: true },
  { key: 'wanted', title: 'Wanted', figures: true },
  { key: 'there', title: 'There', figures: true },
  { key: 'short', title: 'Short', figures: true },
  { key: 'buy', title: 'To buy', figures: true },
];

/** What it takes, against what is there; what is missing goes to the errand in one tap. */
export function useMissing() {
  const errands = useErrands();
  const catalogue = useCatalogue();
  const words = useWords();
  const { plan, placed, dayOf } = useEvening();
  const say = ({ unit }: WantedKind, n: number) =>
    unit === 'pieces' ? sayEighths(n) : words.volume(Math.round(n));
  const rows = computed(() => {
    const { wanted = [], dressing = [] } = plan.value?.quantities ?? {};
    return [...wanted.map((w) => row(w)), ...dressing.map((w) => row(w, 'to dress'))];
  });
  const row = (w: WantedKind, use?: string) => ({
    id: `${w.kind} ${use ?? ''}`,
    name: [catalogue.kindName(w.kind), ...(use === undefined ? [] : [use])].join(', '),
    wanted: say(w, w.wanted),
    there: w.there === undefined ? 'not counted' : say(w, w.there),
    short: w.short > 0 ? say(w, w.short) : '',
    buy: w.buy
      ? w.buy.ware.is === 'made'
        ? `make it, ${words.price(w.buy.priceMinor)}`
        : `${w.buy.count} × ${w.buy.label}, ${words.price(w.buy.priceMinor)}`
      : w.short > 0
        ? 'sold nowhere here'
        : '',
  });
  const toBuy = computed(() =>
    allToBuy(plan.value?.missing ?? [], plan.value?.quantities.dressing ?? []).filter(
      (m) => m.ware.is !== 'made',
    ),
  );
  const dressingMinor = computed(() =>
    (plan.value?.quantities.dressing ?? []).reduce((sum, d) => sum + (d.buy?.priceMinor ?? 0), 0),
  );
  const toMake = computed(() => (plan.value?.missing ?? []).filter((m) => m.ware.is === 'made'));
  const isOn = computed(() => errands.open?.lines.some(isForEvening) ?? false);
  /** The day on which the schedule has the shopping; else the evening's own. */
  const by = computed(() => dayOf(placed.value.find((p) => p.id === 'buy')?.ends ?? 0));
  return { rows, toBuy, toMake, dressingMinor, isOn, by };
}

/** Ice, glasses and garnishes of an evening, in words. */
export function useServedWith() {
  const words = useWords();
  const { plan, firstGlass } = useEvening();
  const ice = computed(() => {
    const i = plan.value?.ice;
    if (!i) return '';
    const made = i.trays
      .filter((t) => t.cycles > 0)
      .map(
        (t) =>
          `${count(t.cycles, 'turn')} of ${t.count} × ${lowerFirst(t.mould.name)}, ${words.number(t.hours)} h each,`,
      );
    const kg = (g: number) => `${words.number(g / 1000)} kg`;
    const crushed = plan.value?.quantities.crushedG ?? 0;
    return (
      [
        `Ice: ${kg(i.neededG)}${crushed > 0 ? `, ${kg(crushed)} of it crushed` : ''}${i.blocks > 0 ? ` and ${count(i.blocks, 'block')}` : ''}`,
        i.thereG > 0 ? `${kg(i.thereG)} lies in the freezer` : '',
        made.length > 0 ? `${made.join(' ')} make ${kg(i.madeG)}` : '',
        i.bags > 0 ? `buy ${count(i.bags, 'bag')} of 2 kg` : '',
        `${words.number(i.litres)} l of the freezer at the end`,
      ]
        .filter(Boolean)
        .join('; ') + '.'
    );
  });
  const glasses = computed(() =>
    (plan.value?.glasses ?? []).map((g) => {
      const at = g.washes.map((minute) =>
        words.time(new Date((firstGlass.value?.getTime() ?? 0) + minute * 60_000).toISOString()),
      );
      const washed = at.length === 0 ? '' : `, ${count(at.length, 'wash', 'washes')}, at ${listed(at)}`;
      const has = g.owned === undefined ? 'how many there are, nobody said' : `${g.owned} there`;
      return `${g.name}: ${count(g.pours, 'pour')}, ${has}${g.owned === undefined ? '' : washed || ', no wash between'}`;
    }),
  );
  const garnishes = computed(() =>
    (plan.value?.quantities.garnishes ?? []).map((g) => `${g.garnish} for ${g.glasses}`),
  );

  return { ice, glasses, garnishes };
}
