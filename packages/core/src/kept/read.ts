import { faultsOfZod, type Fault } from '../base/fault.js';
import { textFaults } from '../base/visible.js';
import type { Kept, KeptReading, World } from './descriptor.js';

/**
 * An older or a foreign value brought up to date and parsed; never throws.
 *
 * @example readKept(keptPlan, JSON.parse(row.value))
 */
export function readKept<T>(kept: Kept<T>, stored: unknown): KeptReading<T> {
  const parsed = kept.schema.safeParse(kept.upgrade ? kept.upgrade(stored) : stored);
  return parsed.success ? { ok: true, value: parsed.data } : { ok: false, faults: faultsOfZod(parsed.error) };
}

/** What speaks against keeping a value under an id: its id, its texts, and what must hold beside the schema. */
export function keptFaults<T>(kept: Kept<T>, id: string, value: T, world: World): Fault[] {
  const own = kept.idOf?.(value) ?? id;
  return [
    ...(own === id
      ? []
      : [{ code: 'mismatch' as const, pointer: '/id', detail: `the ${kept.noun} of this address is ${id}` }]),
    ...textFaults(value),
    ...(kept.faults?.(value, world) ?? []),
  ];
}
