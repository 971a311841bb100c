import type { Kind } from '../catalogue/kind.js';
import { addMonths } from '../base/days.js';
import type { Catalogue } from '../catalogue/catalogue.js';
import type { Recipe } from '../catalogue/recipe.js';
import type { Tool } from '../catalogue/tool.js';
import type { Kit } from './kit.js';

/** A thing for order and cleanliness that the way they work asks for. */
export interface OrderAdvice {
  toolId: string;
  owned: boolean;
  why: string;
}

/** A part to look at, and when it falls due. */
export interface WearReminder {
  tool: Tool;
  /** ISO date. */
  due: string;
  overdue: boolean;
}

/** How the household works, as far as order goes. */
export interface WayOfWorking {
  entertains: boolean;
  makesSyrups: boolean;
  /** Bottles on the shelf. */
  bottles: number;
  /** Whether any planned drink takes fresh herbs. */
  herbs: boolean;
}

/** Whether any of these drinks takes fresh herbs. */
export function takesHerbs(
  recipes: readonly Pick<Recipe, 'slots'>[],
  kinds: ReadonlyMap<string, Kind>,
): boolean {
  return recipes.some((r) => r.slots.some((s) => kinds.get(s.kind)?.herb === true));
}

/** Past so many bottles, spouts pay for their washing-up (common practice). */
const MANY_BOTTLES = 8;

/** What keeps order, by how the household works, each with its reason. */
export function orderAdvice(way: WayOfWorking, kit: Kit): OrderAdvice[] {
  const owned = new Set(kit.tools.map((t) => t.id));
  const rules: [toolId: string, holds: boolean, why: string][] = [
    [
      'mat-and-cloths',
      true,
      way.entertains
        ? 'Two mats side by side catch what a round spills.'
        : 'A mat and a dry cloth: everything wet has a place.',
    ],
    ['openers', true, 'Crown caps and corks turn up on the first evening.'],
    [
      'small-bottles',
      way.makesSyrups,
      'Syrup needs clean bottles, a funnel and a dated label; the funnel is what everyone forgets.',
    ],
    ['scale', way.makesSyrups, 'Syrup is weighed: a cup of sugar is off by a tenth and more.'],
    ['syrup-kit', way.makesSyrups, 'A jug with lines and a bag to strain through.'],
    [
      'lidded-tubs',
      way.makesSyrups || way.herbs,
      way.herbs
        ? 'Herbs keep stem-up in iced water; spare syrup freezes in a tub.'
        : 'Spare syrup freezes in a tub.',
    ],
    [
      'pour-spouts',
      way.entertains && way.bottles >= MANY_BOTTLES,
      'Spouts pour steadily, about 30 ml a second; capped when the evening is over.',
    ],
    [
      'ice-bucket',
      way.entertains,
      'Tongs for one drink, the scoop for many; never a glass as a scoop: it chips.',
    ],
    ['picks-and-straws', way.entertains, 'Guests count on them; steel ones last.'],
  ];
  return rules
    .filter(([, holds]) => holds)
    .map(([toolId, , why]) => ({ toolId, owned: owned.has(toolId), why }));
}

/**
 * Parts of owned tools to look at, soonest first. A tool that is owned since nobody knows when is
 * not reminded of.
 *
 * @param today ISO date.
 */
export function wearReminders(kit: Kit, catalogue: Pick<Catalogue, 'tools'>, today: string): WearReminder[] {
  return kit.tools
    .flatMap(({ id, since }) => {
      const tool = catalogue.tools.find((t) => t.id === id);
      if (!tool?.wears || since === null) return [];
      const due = addMonths(since, tool.wears.months);
      return [{ tool, due, overdue: due <= today }];
    })
    .sort((a, b) => (a.due < b.due ? -1 : 1));
}
