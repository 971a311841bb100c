import { kindIndex, type Catalogue, type Kind } from '@uisce/core/catalogue';
import { libraryOf, type OwnLibrary } from '@uisce/core/household';
import { keptOwnDrink, keptOwnKind, keptOwnRecipes, keptSettings, ONLY_ID } from '@uisce/core/kept';
import type { KeptReader } from './store.js';

/** The library with the household's own drinks and kinds, made anew only when one of them changes. */
export class Library {
  private made:
    | { of: string; catalogue: Catalogue; withoutOwnWays: Catalogue; kinds: ReadonlyMap<string, Kind> }
    | undefined;

  constructor(
    private readonly store: KeptReader,
    private readonly shipped: Catalogue,
  ) {}

  private now() {
    const of = [keptOwnDrink, keptOwnKind, keptOwnRecipes, keptSettings]
      .map((k) => this.store.stampOf(k))
      .join(' ');
    if (this.made?.of !== of) {
      const catalogue = libraryOf(this.shipped, this.own);
      const withoutOwnWays = { ...catalogue, homeMade: this.shipped.homeMade };
      this.made = { of, catalogue, withoutOwnWays, kinds: kindIndex(catalogue.kinds) };
    }
    return this.made;
  }
  get catalogue(): Catalogue {
    return this.now().catalogue;
  }
  /** The same with the shipped ways of making things alone: what own ones are held against. */
  get withoutOwnWays(): Catalogue {
    return this.now().withoutOwnWays;
  }
  /** What the household added, to be sent where the shipped library is known already. */
  get own(): OwnLibrary {
    return {
      drinks: this.store.list(keptOwnDrink).map((e) => e.value),
      kinds: this.store.list(keptOwnKind).map((e) => e.value),
      homeMade: this.store.get(keptOwnRecipes, ONLY_ID)?.value ?? [],
      freshness: this.store.get(keptSettings, ONLY_ID)?.value.freshness ?? 'between',
    };
  }
  get kinds(): ReadonlyMap<string, Kind> {
    return this.now().kinds;
  }
}
