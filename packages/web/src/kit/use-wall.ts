import { lowerFirst } from '@uisce/core/base';
import { createSharedComposable } from '@vueuse/core';
import { computed } from 'vue';
import type { KitchenThing, Technique, Tool } from '@uisce/core/catalogue';
import { coveredBy } from '@uisce/core/kit';
import { useKit } from '../household/use-kit';
import { useCatalogue } from '../household/use-catalogue';
import { RAILS } from './kit-groups';
import { useKitReport } from './use-kit-report';

/** A tool on its hook. */
export interface HungTool {
  tool: Tool;
  state: 'owned' | 'buy' | 'spare';
  priceMinor: number | undefined;
  /** Drinks that cannot be made without buying it. */
  closes: number;
}

/** A thing from the kitchen on the lower hook. */
export interface HungThing {
  thing: KitchenThing;
  owned: boolean;
  /** Whether it is what covers a technique here now. */
  serves: boolean;
}

export interface Rail {
  name: string;
  techniques: Technique[];
  /** Drinks that cannot do without one of its techniques. */
  needed: number;
  finishing: number;
  /** What covers it, or what is lacking, in words. */
  word: string;
  lacks: boolean;
  tools: HungTool[];
  things: HungThing[];
}

/** Tools as they hang: owned, to be bought, or spare. */
function useHooks() {
  const catalogue = useCatalogue();
  const kits = useKit();
  const { report } = useKitReport();
  const owned = computed(() => new Set(kits.kit.tools.map((t) => t.id)));
  const wanted = computed(
    () => new Map(report.value?.cover.buy.flatMap((b) => (b.entry.tool ? [[b.entry.tool, b] as const] : []))),
  );
  function priceOf(toolId: string): number | undefined {
    const prices = (catalogue.prices?.kit ?? []).filter((k) => k.tool === toolId).map((k) => k.priceMinor);
    return prices.length > 0 ? Math.min(...prices) : undefined;
  }

  function hook(tool: Tool): HungTool {
    const buy = wanted.value.get(tool.id);
    const state = owned.value.has(tool.id) ? 'owned' : buy ? 'buy' : 'spare';
    return { tool, state, priceMinor: priceOf(tool.id), closes: buy?.closes.length ?? 0 };
  }

  return { priceOf, hook };
}

/** The kit as it hangs on the wall. */
export const useWall = createSharedComposable(() => {
  const catalogue = useCatalogue();
  const kits = useKit();
  const { report } = useKitReport();

  const { priceOf, hook } = useHooks();
  const uses = computed(() => new Map(report.value?.techniques.map((t) => [t.id, t])));

  const rails = computed<Rail[]>(() => {
    const hung = new Set<string>();
    const hungThings = new Set<string>();
    return RAILS.map(({ name, techniques: ids }) => {
      const techniques = catalogue.all.techniques.filter((t) => ids.includes(t.id));
      const needs = techniques.flatMap((t) => t.needs);
      const tools = catalogue.all.tools
        .filter((tool) => tool.techniques.some((t) => ids.includes(t)) && !hung.has(tool.id))
        .map((tool) => {
          hung.add(tool.id);
          return hook(tool);
        });
      const covers = needs.map((need) => ({ need, cover: coveredBy(need, kits.kit) }));
      const serving = new Set(covers.flatMap(({ cover }) => (cover?.by === 'kitchen' ? [cover.id] : [])));
      const things = catalogue.all.kitchen
        .filter((thing) => needs.some((n) => n.kitchen.includes(thing.id)) && !hungThings.has(thing.id))
        .map((thing): HungThing => {
          hungThings.add(thing.id);
          return { thing, owned: kits.kit.kitchen.includes(thing.id), serves: serving.has(thing.id) };
        });
      const byVessel = covers.flatMap(({ cover }) => (cover?.by === 'vessel' ? [cover.id] : []))[0];
      const vessel = kits.kit.vessels.find((v) => v.id === byVessel);
      const most = (of: 'needed' | 'finishing') =>
        Math.max(0, ...ids.map((id) => uses.value.get(id)?.[of] ?? 0));
      const isAsked = (need: Technique['needs'][number]) =>
        techniques.some((t) => t.needs.includes(need) && (uses.value.get(t.id)?.needed ?? 0) > 0);
      const [lacking] = covers.filter(({ need, cover }) => cover === undefined && isAsked(need));
      return {
        name,
        techniques,
        needed: most('needed'),
        finishing: most('finishing'),
        lacks: lacking !== undefined,
        word: lacking
          ? `lacks ${lacking.need.what}`
          : needs.length > 0 && most('needed') > 0
            ? `covered${vessel ? ` by your ${lowerFirst(vessel.name)}` : ''}`
            : '',
        tools,
        things,
      };
    });
  });

  return { rails, priceOf };
});
