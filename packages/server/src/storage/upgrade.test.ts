import { copyFileSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import {
  keptAsk,
  keptBatch,
  keptBottle,
  keptCollection,
  keptDeck,
  keptErrand,
  keptEvening,
  keptKit,
  keptOwnDrink,
  keptOwnPrices,
  keptOwnRecipes,
  keptPlace,
  keptPlan,
  keptPour,
  keptRound,
  keptSettings,
  keptTasting,
  keptTrial,
  ONLY_ID,
} from '@uisce/core/kept';
import { KeptStore } from '../kept/store.js';
import { openDatabase } from './data-source.js';
import { withFile } from './driver.js';

/** Databases as earlier releases left them: made by those releases, with a few changes of each kind. */
const FIXTURES = join(import.meta.dirname, '../../fixtures');
const ME = { page: 'test', name: 'test' };
let folder: string;
let file: string;

beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'uisce-upgrade-'));
  file = join(folder, 'old.sqlite');
});
afterEach(() => rmSync(folder, { recursive: true }));

async function opened<T>(use: (store: KeptStore) => T | Promise<T>): Promise<T> {
  const db = await openDatabase(file);
  try {
    return await use(await KeptStore.open(db));
  } finally {
    await db.close();
  }
}

describe('a database of an earlier migration opens with nothing lost', () => {
  it.each([
    { release: 'migration-1', last: 'Prices of Mine', kit: false, batches: 0, own: 0 },
    { release: 'migration-2', last: 'Five people', kit: true, batches: 0, own: 0 },
    { release: 'migration-3-without-own-recipes', last: 'Notes on a batch', kit: true, batches: 2, own: 0 },
    { release: 'migration-3', last: 'Own recipe', kit: true, batches: 2, own: 1 },
  ])('$release', async ({ release, last, kit, batches, own }) => {
    copyFileSync(join(FIXTURES, `${release}.sqlite`), file);
    const check = (store: KeptStore) => {
      expect(store.setAside()).toEqual([]);
      const plans = store.list(keptPlan).map((e) => e.value);
      expect(plans.map((p) => p.name)).toEqual(['First winter', 'A smaller start', 'A copy']);
      expect(plans[0]?.brief).toMatchObject({
        moneyNowMinor: 30_000,
        tastes: { anise: 'no' },
        drinksPerWeek: 6,
      });
      expect(store.get(keptSettings, ONLY_ID)?.value).toMatchObject({
        theme: 'night',
        household: 'The boathouse, Inver Sollas',
      });
      expect(store.get(keptPlace, ONLY_ID)?.value.planId).toBe(plans[0]?.id);
      const [mine] = store.list(keptOwnPrices).map((e) => e.value);
      expect(mine?.bottles.map((b) => [b.id, b.homeMade])).toEqual([
        ['dry-gin-70', false],
        ['dry-gin-35', false],
        ['made-simple-syrup', true],
      ]);
      expect(store.get(keptKit, ONLY_ID)?.value.people).toBe(kit ? 5 : 2);
      expect(store.list(keptBatch)).toHaveLength(batches);
      // What was owned in a plan is the household's now: there, not measured.
      const bottles = store.list(keptBottle).map((e) => e.value);
      expect(bottles.map((b) => b.kind).sort()).toEqual(['aromatic-bitters', 'dry-gin', 'irish-whiskey']);
      expect(bottles.every((b) => b.sizeMl === null && b.leftMl === null)).toBe(true);
      expect(store.get(keptOwnRecipes, ONLY_ID)?.value).toHaveLength(own);
      expect(store.history()).toEqual({ undo: last, redo: null });
    };
    await opened(check);
    // Brought up to date once, it opens again as it is.
    await opened(check);
    await opened(async (store) => {
      const undone: string[] = [];
      for (let done = await store.step('undo', ME); done !== null; done = await store.step('undo', ME))
        undone.push(done.label);
      expect(undone.slice(-4)).toEqual([
        'Prices of Mine',
        'Settings',
        'Duplicate “First winter”',
        'Money now',
      ]);
      expect(store.list(keptPlan).map((e) => e.value.brief.moneyNowMinor)).toEqual([24_000, 12_000]);
      // Undoing a setting does not go to another plan.
      expect(store.get(keptPlace, ONLY_ID)?.value.planId).toBe(store.list(keptPlan)[0]?.id);
      expect(store.get(keptSettings, ONLY_ID)?.value.theme).toBe('day');
    });
  });

  it('one of before errands keeps its bottles, and errands can begin', async () => {
    copyFileSync(join(FIXTURES, 'migration-5.sqlite'), file);
    await opened(async (store) => {
      expect(store.setAside()).toEqual([]);
      const bottles = store.list(keptBottle).map((e) => e.value);
      expect(bottles).toHaveLength(9);
      // The last change of that release: a level.
      expect(bottles.find((b) => b.kind === 'dry-vermouth')).toMatchObject({ leftMl: 200, pieces: null });
      expect(store.history()).toEqual({ undo: 'Level of dry vermouth', redo: null });
      expect(store.list(keptErrand)).toEqual([]);
      expect((await store.step('undo', ME))?.label).toBe('Level of dry vermouth');
      expect(store.list(keptBottle).find((e) => e.value.kind === 'dry-vermouth')?.value.leftMl).toBe(260);
    });
  });

  it('one of before the log keeps its errands, and pouring can begin', async () => {
    copyFileSync(join(FIXTURES, 'migration-6.sqlite'), file);
    await opened(async (store) => {
      expect(store.setAside()).toEqual([]);
      expect(store.list(keptErrand)).toHaveLength(4);
      expect(store.history()).toEqual({ undo: 'Vodka found', redo: null });
      expect(store.list(keptPour)).toEqual([]);
      expect(store.get(keptRound, ONLY_ID)?.value).toEqual({ round: null });
      expect((await store.step('undo', ME))?.label).toBe('Vodka found');
      expect(store.list(keptErrand).find((e) => e.value.endedOn === null)?.value.moneyMinor).toBe(24_000);
    });
  });

  it('one of before the Notebook was written in keeps its evenings, and writing can begin', async () => {
    copyFileSync(join(FIXTURES, 'migration-7.sqlite'), file);
    await opened(async (store) => {
      expect(store.setAside()).toEqual([]);
      const next = () => store.list(keptEvening).find((e) => e.value.endedOn === null)?.value;
      expect(next()?.hours).toBe(5);
      expect(store.history()).toEqual({ undo: 'Five hours', redo: null });
      expect(store.list(keptOwnDrink)).toEqual([]);
      expect((await store.step('undo', ME))?.label).toBe('Five hours');
      expect(next()?.hours).toBe(4);
    });
  });

  it('one of before verdicts were written in the Notebook keeps its drinks, with no version gone back to', async () => {
    copyFileSync(join(FIXTURES, 'migration-8.sqlite'), file);
    await opened(async (store) => {
      expect(store.setAside()).toEqual([]);
      const slip = () => store.get(keptOwnDrink, 'own-slip-in-the-dark')?.value;
      expect(slip()).toMatchObject({ notes: 'By the stove', chosen: [] });
      expect(slip()?.versions).toHaveLength(3);
      expect(store.list(keptCollection).map((e) => e.value.book)).toEqual(['', '']);
      expect(store.list(keptTasting)).toEqual([]);
      expect((await store.step('undo', ME))?.label).toBe('Notes on a drink');
      expect(slip()?.notes).toBe('');
    });
  });

  it('one of before guests’ cards keeps its practice, and evenings have no card yet', async () => {
    copyFileSync(join(FIXTURES, 'migration-10.sqlite'), file);
    await opened(async (store) => {
      expect(store.setAside()).toEqual([]);
      expect([
        store.list(keptTrial).length,
        store.list(keptDeck).length,
        store.list(keptTasting).length,
      ]).toEqual([84, 5, 4]);
      expect(store.list(keptEvening).map((e) => e.value.guestCard)).toEqual([null, null]);
      expect(store.list(keptAsk)).toEqual([]);
      const note = () => store.list(keptCollection).find((e) => e.value.name === 'Winter')?.value.note;
      expect([note(), (await store.step('undo', ME))?.label, note()]).toEqual([
        'By the window',
        'A note',
        'By the stove.',
      ]);
    });
  });

  it('a row that cannot be read is set aside and named; the rest works', async () => {
    copyFileSync(join(FIXTURES, 'migration-3.sqlite'), file);
    withFile(
      file,
      (db) => {
        db.exec('UPDATE plan SET brief = \'{"currency":"EUR"}\' WHERE name = \'A smaller start\'');
        db.exec("UPDATE plan SET brief = 'not json' WHERE name = 'A copy'");
        db.exec("UPDATE kit SET value = '[]'");
      },
      false,
    );
    await opened(async (store) => {
      expect(store.list(keptPlan).map((e) => e.value.name)).toEqual(['First winter']);
      expect(store.setAside().map((s) => s.noun)).toEqual(['plan', 'plan', 'kit']);
      expect(store.get(keptKit, ONLY_ID)?.value.said).toBe(false);
      // What cannot be read is not overwritten by whoever has not seen that it is there.
      const seen = store.get(keptKit, ONLY_ID)?.version ?? null;
      expect(seen).not.toBeNull();
    });
  });

  it('a file that is in use, empty, damaged or no file is refused in one sentence, and left as it is', async () => {
    const refusal = (at: string) =>
      openDatabase(at).then(
        () => '',
        (error: Error) => `${error.name}: ${error.message}`,
      );
    const db = await openDatabase(file);
    expect(await refusal(file)).toMatch(/is in use, by another Uisce perhaps/);
    await db.close();
    const empty = join(folder, 'empty.sqlite');
    writeFileSync(empty, '');
    expect(await refusal(empty)).toMatch(/is empty: put a backup in its place/);
    expect(readFileSync(empty).length).toBe(0);
    const damaged = join(folder, 'damaged.sqlite');
    writeFileSync(damaged, 'no database at all, '.repeat(200));
    expect(await refusal(damaged)).toMatch(/is no database, or damaged/);
    expect(await refusal(join(damaged, 'below.sqlite'))).toMatch(/is not a folder/);
    expect(await refusal(folder)).toMatch(/cannot be opened/);
  });

  it('one that a newer version has written is refused with words', async () => {
    copyFileSync(join(FIXTURES, 'migration-3.sqlite'), file);
    withFile(
      file,
      (db) => {
        db.exec("INSERT INTO migrations (timestamp, name) VALUES (9000000000000, 'Later9000000000000')");
      },
      false,
    );
    await expect(openDatabase(file)).rejects.toThrow(/written by a newer Uisce .*Start that version/);
  });
});
