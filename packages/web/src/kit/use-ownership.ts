import { lowerFirst } from '@uisce/core/base';
import { useToday } from '../household/use-today';
import { useKit } from '../household/use-kit';
import { useCatalogue } from '../household/use-catalogue';
import { cupboardOf } from '@uisce/core/kit';

/** Say that something is owned, or is not after all: one tap. */
export function useOwnership() {
  const kits = useKit();
  const catalogue = useCatalogue();
  const today = useToday();

  function toggleTool(id: string): void {
    const { tools } = kits.kit;
    const name = catalogue.toolInSentence(id);
    if (tools.some((t) => t.id === id)) kits.edit(`No ${name}`, { tools: tools.filter((t) => t.id !== id) });
    else kits.edit(`Own ${name}`, { tools: [...tools, { id, since: today.iso() }] });
  }

  function toggleThing(id: string): void {
    const { kitchen } = kits.kit;
    const name = lowerFirst(catalogue.all.kitchen.find((t) => t.id === id)?.name ?? id);
    if (kitchen.includes(id)) kits.edit(`No ${name}`, { kitchen: kitchen.filter((k) => k !== id) });
    else kits.edit(`${name} in the kitchen`, { kitchen: [...kitchen, id] });
  }

  /** What nearly every kitchen has, said at once. */
  function ordinaryKitchen(): void {
    const usual = catalogue.all.kitchen.filter((t) => t.usual).map((t) => t.id);
    const { glasses } = kits.kit;
    kits.edit('An ordinary kitchen', {
      kitchen: [...new Set([...kits.kit.kitchen, ...usual])],
      glasses: glasses.length > 0 ? glasses : cupboardOf(catalogue.all),
    });
  }

  /** Since when a tool is owned; what nobody knows is null. */
  function setSince(id: string, since: string | null): void {
    const tools = kits.kit.tools.map((t) => (t.id === id ? { id, since } : t));
    kits.edit('Owned since', { tools });
  }

  return { toggleTool, toggleThing, ordinaryKitchen, setSince };
}
