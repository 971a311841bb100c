import { computed } from 'vue';
import type { BenchAct, HomeMadePart } from '@uisce/core/catalogue';
import { useCatalogue } from '../household/use-catalogue';

/** A recipe being thought of: what it serves as, its parts, and how it is made. */
export interface OwnIdea {
  makes: string;
  from: HomeMadePart[];
  how: string;
  heated?: boolean;
  acts?: BenchAct[];
}

/** Acts at the bench as one chooses them. */
export const ACT_WORDS: Record<BenchAct['do'], string> = {
  toast: 'toast',
  heat: 'heat',
  blend: 'blend',
  steep: 'leave it',
  strain: 'strain and weigh',
  cool: 'cool',
};

/** A part with nothing special about it. */
export const PLAIN_PART = { hot: false, cold: false, strained: false };

/** Kinds that something made at home can serve as. */
export function useMakeable() {
  const catalogue = useCatalogue();
  return computed(() =>
    catalogue.all.kinds
      .filter(
        (k) =>
          !k.abstract && (k.supply === 'home-made' || catalogue.all.homeMade.some((h) => h.makes === k.id)),
      )
      .map((k) => ({ value: k.id, title: k.name }))
      .sort((a, b) => a.title.localeCompare(b.title)),
  );
}
