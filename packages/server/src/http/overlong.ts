import { z } from 'zod';
import { pointerOf, type Fault } from '@uisce/core/base';

/** Elements of a list whose schema sets no limit of its own. */
const MOST = 100_000;

/** The schema inside one that only wraps another; undefined for one that does not. */
function inside(schema: z.core.$ZodType): z.core.$ZodType | undefined {
  const { def } = schema._zod as { def: { innerType?: z.core.$ZodType; in?: z.core.$ZodType } };
  return def.innerType ?? def.in;
}

/** How many elements a list may have, and what its schema says of more. */
function limitOf(schema: z.core.$ZodArray): { most: number; detail: string } {
  const limits = (schema._zod.def.checks ?? []).flatMap(({ _zod: { def } }) =>
    def.check === 'max_length' ? [def as z.core.$ZodCheckMaxLengthDef] : [],
  );
  const limit = limits.sort((a, b) => a.maximum - b.maximum)[0];
  const most = limit?.maximum ?? MOST;
  const said = (limit?.error as (() => unknown) | undefined)?.();
  return {
    most,
    detail: typeof said === 'string' ? said : `Too big: expected array to have <=${most} items`,
  };
}

function inRecord(
  values: unknown,
  of: (key: string) => z.core.$ZodType | undefined,
  path: readonly PropertyKey[],
) {
  if (typeof values !== 'object' || values === null || Array.isArray(values)) return undefined;
  for (const [key, value] of Object.entries(values)) {
    const schema = of(key);
    const fault = schema && overlong(schema, value, [...path, key]);
    if (fault) return fault;
  }
  return undefined;
}

/**
 * The first list of a value that is longer than its schema allows. Looked for before the schema is asked: it would look at
 * every element first, and tell of each what is wrong with it.
 */
export function overlong(
  schema: z.core.$ZodType,
  value: unknown,
  path: readonly PropertyKey[] = [],
): Fault | undefined {
  if (schema instanceof z.core.$ZodArray) {
    if (!Array.isArray(value)) return undefined;
    const { most, detail } = limitOf(schema);
    if (value.length > most) return { code: 'shape', pointer: pointerOf(path), detail };
    const { element } = schema._zod.def;
    for (const [i, one] of value.entries()) {
      const fault = overlong(element, one, [...path, i]);
      if (fault) return fault;
    }
    return undefined;
  }
  if (schema instanceof z.core.$ZodObject) {
    const { shape } = schema._zod.def;
    return inRecord(value, (key) => (Object.hasOwn(shape, key) ? shape[key] : undefined), path);
  }
  if (schema instanceof z.core.$ZodRecord) return inRecord(value, () => schema._zod.def.valueType, path);
  if (schema instanceof z.core.$ZodUnion) {
    // Where one of its ways holds no list that is too long, that one may be meant.
    const faults = schema._zod.def.options.map((option) => overlong(option, value, path));
    return faults.every(Boolean) ? faults[0] : undefined;
  }
  const within = inside(schema);
  return within && overlong(within, value, path);
}
