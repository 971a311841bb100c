import { dequal } from 'dequal';
import { z } from 'zod';
import type { KeptEntry } from './change.js';
import { KEPT } from './things.js';
import type { WholeThing } from './whole.js';

/** What a file brings, kind by kind: how many are not here, the same, and otherwise; and a few of the latter by name. */
export const comparedSchema = z.array(
  z.object({
    thing: z.string(),
    noun: z.string(),
    isNew: z.int(),
    same: z.int(),
    different: z.int(),
    names: z.array(z.string()),
  }),
);
export type Compared = z.infer<typeof comparedSchema>;

const MAX_NAMES = 5;
const key = ({ thing, id }: Pick<WholeThing, 'thing' | 'id'>) => `${thing}/${id}`;

/** How a file's things stand to what is kept here. */
export function compareWhole(
  file: readonly WholeThing[],
  here: readonly Pick<KeptEntry, 'thing' | 'id' | 'value'>[],
): Compared {
  const now = new Map(here.map((e) => [key(e), e.value]));
  return KEPT.flatMap((kept) => {
    const theirs = file.filter((t) => t.thing === kept.name);
    if (theirs.length === 0) return [];
    const known = theirs.filter((t) => now.has(key(t)));
    const different = known.filter((t) => !dequal(now.get(key(t)), t.value));
    return {
      thing: kept.name,
      noun: kept.noun,
      isNew: theirs.length - known.length,
      same: known.length - different.length,
      different: different.length,
      names: different.slice(0, MAX_NAMES).map((t) => kept.title?.(t.value) ?? kept.noun),
    };
  });
}

/** What of a file is taken: what is not here, and of the kinds named what is otherwise. */
export function takenOf(
  file: readonly WholeThing[],
  here: readonly Pick<KeptEntry, 'thing' | 'id' | 'value'>[],
  { leave, replace }: { leave: readonly string[]; replace: readonly string[] },
): WholeThing[] {
  const now = new Map(here.map((e) => [key(e), e.value]));
  return file.filter((t) => {
    if (leave.includes(t.thing)) return false;
    const there = now.has(key(t));
    return !there || (replace.includes(t.thing) && !dequal(now.get(key(t)), t.value));
  });
}
