import { proxy, wrap, type Remote } from 'comlink';
import { dequal } from 'dequal';
import { computed, onScopeDispose, ref, shallowRef, type Ref } from 'vue';
import { keptCollection, keptOwnDrink, keptOwnKind, keptTasting, type ChangeWrite } from '@uisce/core/kept';
import type { Ounce, OwnDrink, OwnKind, Collection, Tasting } from '@uisce/core/notebook';
import { useNotebook } from '../../household/use-notebook';
import { useCatalogue } from '../../household/use-catalogue';
import { useVerdicts } from '../../household/use-verdicts';
import { useKeeper } from '../../kept/use-keeper';
import type { Found, FoundDrink } from './reading';
import type { ReadingApi } from './reading.worker';
import workerUrl from './reading.worker?worker&url';

/** A change carries so many things at most; a large file is kept in several. */
const AT_ONCE = 400;

/** What becomes of drinks that are here already, and made otherwise. */
export type OfChanged = 'leave' | 'version' | 'beside';

/** Things of one sort in a notebook file, by how they stand to what is here. */
export interface Counted<T> {
  fresh: T[];
  same: T[];
  changed: T[];
}
function counted<T extends { id: string }>(incoming: readonly T[], here: readonly T[]): Counted<T> {
  const known = new Map(here.map((one) => [one.id, one]));
  const of = (test: (one: T, there: T | undefined) => boolean) =>
    incoming.filter((one) => test(one, known.get(one.id)));
  return {
    fresh: of((_, there) => there === undefined),
    same: of((one, there) => there !== undefined && dequal(one, JSON.parse(JSON.stringify(there)))),
    changed: of((one, there) => there !== undefined && !dequal(one, JSON.parse(JSON.stringify(there)))),
  };
}

/** The parts of a notebook file. */
interface NotebookParts {
  kinds: Counted<OwnKind>;
  drinks: Counted<OwnDrink>;
  collections: Counted<Collection>;
  tastings: Counted<Tasting>;
}

/** A file that is read in the background: how far it is, what was found, and how it is stopped. */
function useReader(name: Ref<string>, done: Ref<string>) {
  const notebook = useNotebook();
  const catalogue = useCatalogue();
  /** How far it is, 0 to 1; undefined while nothing is under way. */
  const progress = ref<number>();
  const found = shallowRef<Found>();
  const said = ref<Record<string, string>>({});
  const ounce = ref<Ounce>('us-oz');
  let text = '';
  let worker: Worker | undefined;
  let remote: Remote<ReadingApi> | undefined;
  let stopped: (() => void) | undefined;

  const tell = proxy((share: number): void => {
    if (progress.value !== undefined) progress.value = share;
  });
  const plain = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T;

  function end(): void {
    worker?.terminate();
    [worker, remote] = [undefined, undefined];
    progress.value = undefined;
    stopped?.();
  }
  onScopeDispose(end);

  /** Work of the background reader; nothing where it was stopped. */
  async function asked(work: (remote: Remote<ReadingApi>) => Promise<Found | undefined>): Promise<void> {
    if (!remote) return;
    progress.value = 0;
    const halt = new Promise<undefined>((resolve) => (stopped = () => resolve(undefined)));
    const answer = await Promise.race([work(remote), halt]);
    if (answer) found.value = answer;
    progress.value = undefined;
  }
  async function read(): Promise<void> {
    end();
    worker = new Worker(workerUrl, { type: 'module' });
    remote = wrap<ReadingApi>(worker);
    const printed = { recipes: [...catalogue.printed.values()], kinds: catalogue.all.kinds };
    const own = plain(notebook.drinks);
    const ask = { name: name.value, ounce: ounce.value, own, text, catalogue: plain(printed) };
    await asked((r) => r.read(ask, tell));
  }
  async function open(file: File): Promise<void> {
    forget();
    name.value = file.name;
    text = await file.text();
    await read();
  }
  async function meanOunce(which: Ounce): Promise<void> {
    ounce.value = which;
    await read();
  }
  /** Words of it are a kind; what was read is looked at anew. */
  async function say(says: string, kind: string): Promise<void> {
    said.value = { ...said.value, [says]: kind };
    await asked((r) => r.settle(plain(said.value), tell));
  }
  function forget(): void {
    end();
    [found.value, said.value, name.value, text, done.value] = [undefined, {}, '', '', ''];
  }

  return { progress, found, said, ounce, open, meanOunce, say, forget, read, end };
}

/** What of a file is kept, in as many changes as it takes. */
function useTaking(
  name: Ref<string>,
  done: Ref<string>,
  file: Readonly<Ref<NotebookParts | undefined>>,
  { progress, found, forget, read }: ReturnType<typeof useReader>,
) {
  const keeper = useKeeper();
  const notebook = useNotebook();
  /** Keep things in as many changes as they take; stopped, what was kept stays. */
  async function keepThem(writes: ChangeWrite['writes'], words: string): Promise<void> {
    progress.value = 0;
    const { kept, trouble } = await keeper.keepMany(words.slice(0, 120), writes, AT_ONCE, (share) => {
      if (progress.value !== undefined) progress.value = share;
      return progress.value !== undefined;
    });
    progress.value = undefined;
    // What was not taken can be chosen anew: it is still there, and what was taken is known now.
    if (kept === writes.length) forget();
    else if (found.value?.is === 'drinks') await read();
    done.value = `${kept === writes.length ? kept : `${kept} of ${writes.length}`} saved. ${trouble}`.trim();
  }
  const recipesOf = (of: readonly FoundDrink[]) => of.flatMap((d) => d.recipe ?? []);

  /** Keep drinks that were read: what is new, and of what is changed as is wished. */
  async function takeDrinks(
    fresh: readonly FoundDrink[],
    changed: readonly FoundDrink[],
    as: OfChanged,
  ): Promise<void> {
    const why = `From ${name.value}`.slice(0, 300);
    const beside = as === 'beside' ? changed : [];
    const written = notebook.newDrinks(recipesOf([...fresh, ...beside]), '', name.value.slice(0, 200));
    // A file may hold one drink in several versions: each becomes one, in their order.
    const versions = new Map<string, OwnDrink>();
    for (const { recipe, standing } of as === 'version' ? changed : [])
      if (recipe && standing?.is === 'changed')
        versions.set(
          standing.from,
          notebook.rewritten(standing.from, recipe, why, versions.get(standing.from)),
        );
    const all = [...written, ...versions.values()];
    await keepThem(
      all.map((d) => keeper.write(keptOwnDrink, d)),
      `${all.length} drinks from ${name.value}`,
    );
  }

  /** Keep what a notebook file holds: what is new, and what is otherwise where that is wished. */
  async function takeFile(withChanged: boolean): Promise<void> {
    const parts = file.value;
    if (!parts) return;
    const wanted = <T>(of: Counted<T>) => [...of.fresh, ...(withChanged ? of.changed : [])];
    const writes = [
      ...wanted(parts.kinds).map((k) => keeper.write(keptOwnKind, k)),
      ...wanted(parts.drinks).map((d) => keeper.write(keptOwnDrink, d)),
      ...wanted(parts.collections).map((c) => keeper.write(keptCollection, c)),
      ...wanted(parts.tastings).map((t) => keeper.write(keptTasting, t)),
    ];
    await keepThem(writes, `What stands in ${name.value}`);
  }

  return { takeDrinks, takeFile };
}

/** A file of recipes on its way in: read in the background, looked at, and kept as far as it is wanted. */
export function useImport() {
  const notebook = useNotebook();
  const verdicts = useVerdicts();

  const name = ref('');
  const done = ref('');
  const reader = useReader(name, done);
  const { progress, found, said, ounce, open, meanOunce, say, forget, end } = reader;
  const drinks = computed(() => (found.value?.is === 'drinks' ? found.value.drinks : []));
  const byStanding = (is: 'new' | 'same' | 'changed') => drinks.value.filter((d) => d.standing?.is === is);
  const groups = computed(() => ({
    fresh: byStanding('new'),
    same: byStanding('same'),
    changed: byStanding('changed'),
    open: drinks.value.filter((d) => d.standing === undefined),
  }));
  const file = computed<NotebookParts | undefined>(() => {
    if (found.value?.is !== 'notebook') return undefined;
    const { file: incoming } = found.value;
    return {
      kinds: counted<OwnKind>(incoming.kinds, notebook.kinds),
      drinks: counted<OwnDrink>(incoming.drinks, notebook.drinks),
      collections: counted<Collection>(incoming.collections, notebook.collections),
      tastings: counted<Tasting>(incoming.tastings, verdicts.tastings),
    };
  });

  const { takeDrinks, takeFile } = useTaking(name, done, file, reader);
  return {
    name,
    progress,
    found,
    said,
    ounce,
    done,
    groups,
    file,
    open,
    say,
    meanOunce,
    forget,
    stop: end,
    takeDrinks,
    takeFile,
  };
}
