// Kills and power cuts in the middle of writing, backups while it writes, and a long log restored.
import { mkdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { powerCutLibrary, writeUntilKilled, writeUntilPowerCut } from '../../e2e/faults/until-killed.mjs';
import { openedBackup } from '../../packages/server/dist/backup/opened.js';
import { openDatabase } from '../../packages/server/dist/storage/data-source.js';
import { keptPlan } from '../../packages/core/dist/kept/index.js';
import { KeptStore } from '../../packages/server/dist/kept/store.js';
import { planChange, plansIn, pourLog } from './kept.mjs';
import { post, served } from './served.mjs';

const missing = (acknowledged, found) => acknowledged.filter((id) => !found.has(id)).length;
/** Households that are killed side by side. */
const LANES = 2;
const PLANS_A_DATABASE = 5000;

/** Kill a writer so often; every so many writes all that was acknowledged is looked for. */
export async function kills(folder, count) {
  let [acknowledged, lost] = [0, 0];
  const lane = async (n, times) => {
    let [all, round] = [[], 0];
    const file = () => join(folder, `kills-${n}-${round}`, 'uisce.sqlite');
    const look = async () => {
      lost += missing(all, await plansIn(file()));
      acknowledged += all.length;
      [all, round] = [[], round + 1];
    };
    for (let i = 0; i < times; i++) {
      all.push(...(await writeUntilKilled(file(), 1 + ((i * 7 + n) % 23))));
      if (all.length > PLANS_A_DATABASE) await look();
    }
    await look();
  };
  await Promise.all(Array.from({ length: LANES }, (_, n) => lane(n, Math.ceil(count / LANES))));
  return {
    tried: `${count} kills, ${acknowledged} acknowledged writes`,
    held: `${lost} lost`,
    good: lost === 0,
  };
}

export async function powerCuts(folder, count) {
  const library = powerCutLibrary(folder);
  if (library === undefined) return { tried: 'no C compiler', held: 'not tried', good: true };
  let [acknowledged, lost] = [0, 0];
  for (let i = 0; i < count; i++) {
    const cut = await writeUntilPowerCut(join(folder, `cut-${i}`), library, 10 + ((i * 11) % 40));
    acknowledged += cut.acknowledged.length;
    lost += missing(cut.acknowledged, await plansIn(join(cut.disk, 'uisce.sqlite')));
  }
  return {
    tried: `${count} power cuts, ${acknowledged} acknowledged writes`,
    held: `${lost} lost`,
    good: lost === 0,
  };
}

/** Backups one after the other while so many writes a second come in: each whole, and of one moment. */
export async function backups(folder, seconds) {
  const EVERY_MS = 20;
  const data = join(folder, 'backups');
  const { address, stop } = await served(data);
  const written = [];
  let isOver = false;
  const late = [];
  const writing = (async () => {
    const began = Date.now();
    for (let i = 0; !isOver; i++) {
      const { id, body } = planChange(`Plan ${i}`);
      await post(address, '/changes', body);
      written.push(id);
      const wait = began + (i + 1) * EVERY_MS - Date.now();
      if (wait > 0) await new Promise((resolve) => setTimeout(resolve, wait));
      else late.push(wait);
    }
  })();
  let [made, torn] = [0, 0];
  const until = Date.now() + seconds * 1000;
  while (Date.now() < until) {
    const before = written.length;
    const { name } = await (await post(address, '/backups', {})).json();
    const after = written.length + 1;
    const opened = await openedBackup(join(data, 'backups', name));
    const db = await openDatabase(opened.file);
    const inIt = (await KeptStore.open(db)).list(keptPlan).map((entry) => entry.id);
    await db.close();
    opened.close();
    made += 1;
    // All that was acknowledged before it began, nothing from after it ended, and no gap between.
    const isWhole =
      inIt.length >= before &&
      inIt.length <= after &&
      inIt.every((id, i) => written[i] === id || i === written.length);
    if (!isWhole) torn += 1;
  }
  isOver = true;
  await writing;
  await stop();
  const rate = Math.round(written.length / seconds);
  return {
    tried: `${made} backups in ${seconds} s, ${rate} writes a second`,
    held: `${torn} torn`,
    good: torn === 0 && rate >= 45,
  };
}

/** A log of ten thousand pours, restored into a household that runs, while somebody else reads. */
export async function restore(folder, count) {
  const [from, into] = [join(folder, 'long'), join(folder, 'into')];
  mkdirSync(from, { recursive: true });
  await pourLog(join(from, 'long.sqlite'), count);
  const { address, stop } = await served(into);
  const file = readFileSync(join(from, 'long.sqlite')).toString('base64');
  let isOver = false;
  const waits = [];
  const read = async () => {
    const began = performance.now();
    await (await fetch(`${address}/api/settings`)).json();
    return performance.now() - began;
  };
  for (let i = 0; i < 50; i++) await read();
  const reading = (async () => {
    while (!isOver) waits.push(await read());
  })();
  const began = performance.now();
  const answer = await post(address, '/restore', { file });
  const { counts } = await answer.json();
  const seconds = (performance.now() - began) / 1000;
  isOver = true;
  await reading;
  await stop();
  const longest = Math.max(...waits);
  return {
    tried: `${counts?.pour} pours restored, checked row by row, while somebody reads`,
    held: `${seconds.toFixed(1)} s; nobody waited longer than ${longest.toFixed(0)} ms`,
    good: counts?.pour === count && seconds < 10 && longest < 100,
  };
}
