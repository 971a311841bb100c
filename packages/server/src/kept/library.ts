import { kindIndex, type Catalogue, type Kind } from '@uisce/core/catalogue';
import type { Freshness } from '@uisce/core/household';
import { keptOwnDrink, keptOwnKind, keptSettings, ONLY_ID } from '@uisce/core/kept';
import { withOwn, type OwnDrink, type OwnKind } from '@uisce/core/notebook';
import { inSchool } from '@uisce/core/stock';
import type { KeptStore } from './store.js';

/** What the household added to the library. */
export interface OwnLibrary {
  drinks: OwnDrink[];
  kinds: OwnKind[];
  /** How long what is open is taken to be good. */
  freshness: Freshness;
}

/** The shipped library with what the household added, and as its school of freshness has it. */
export function libraryOf(shipped: Catalogue, { drinks, kinds, freshness }: OwnLibrary): Catalogue {
  const all = withOwn(shipped, drinks, kinds);
  return freshness === 'between' ? all : { ...all, kinds: inSchool(all.kinds, freshness) };
}

/** The library with the household's own drinks and kinds, made anew only when one of them changes. */
export class Library {
  private made: { of: string; catalogue: Catalogue; kinds: ReadonlyMap<string, Kind> } | undefined;

  constructor(
    private readonly store: KeptStore,
    private readonly shipped: Catalogue,
  ) {}

  private now() {
    const of = [keptOwnDrink, keptOwnKind, keptSettings].map((k) => this.store.stampOf(k)).join(' ');
    if (this.made?.of !== of) {
      const catalogue = libraryOf(this.shipped, this.own);
      this.made = { of, catalogue, kinds: kindIndex(catalogue.kinds) };
    }
    return this.made;
  }
  get catalogue(): Catalogue {
    return this.now().catalogue;
  }
  /** What the household added, to be sent where the shipped library is known already. */
  get own(): OwnLibrary {
    return {
      drinks: this.store.list(keptOwnDrink).map((e) => e.value),
      kinds: this.store.list(keptOwnKind).map((e) => e.value),
      freshness: this.store.get(keptSettings, ONLY_ID)?.value.freshness ?? 'between',
    };
  }
  get kinds(): ReadonlyMap<string, Kind> {
    return this.now().kinds;
  }
}
