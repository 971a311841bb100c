import { kindIndex, type Catalogue, type Kind } from '@uisce/core/catalogue';
import { keptOwnDrink, keptOwnKind } from '@uisce/core/kept';
import { withOwn, type OwnDrink, type OwnKind } from '@uisce/core/notebook';
import type { KeptStore } from './store.js';

/** What the household added to the library. */
export interface OwnLibrary {
  drinks: OwnDrink[];
  kinds: OwnKind[];
}

/** The library with the household's own drinks and kinds, made anew only when one of them changes. */
export class Library {
  private made: { of: string; catalogue: Catalogue; kinds: ReadonlyMap<string, Kind> } | undefined;

  constructor(
    private readonly store: KeptStore,
    private readonly shipped: Catalogue,
  ) {}

  private now() {
    const of = `${this.store.stampOf(keptOwnDrink)} ${this.store.stampOf(keptOwnKind)}`;
    if (this.made?.of !== of) {
      const { drinks, kinds } = this.own;
      const catalogue = withOwn(this.shipped, drinks, kinds);
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
    };
  }
  get kinds(): ReadonlyMap<string, Kind> {
    return this.now().kinds;
  }
}
