// A week of many devices: the outboxes of the real pages against the real server.
import { join } from 'node:path';
import { runnerImport } from 'vite';
import { ROOT } from '../bootstrap.mjs';
import { served } from './served.mjs';

const DEVICES = 20;

/** Twenty devices over so many days, from four beginnings of chance. */
export async function week(folder, days) {
  const { module } = await runnerImport(join(ROOT, 'e2e/devices.ts'), {
    configFile: false,
    resolve: { conditions: ['uisce-source'] },
  });
  const all = [];
  for (const seed of [1, 2, 3, 4]) {
    const { address, stop } = await served(join(folder, `week-${seed}`), { UISCE_DEMO: '1' });
    all.push(await module.devicesOverDays(address, { devices: DEVICES, days, seed }));
    await stop();
  }
  const sum = (of) => all.reduce((total, did) => total + did[of], 0);
  const wrong = all.filter(
    (did) => did.isMl !== did.shouldBeMl || did.areEntries !== did.shouldBeEntries || did.lost.length > 0,
  );
  for (const did of wrong) console.log('   ', JSON.stringify(did).slice(0, 400));
  return {
    tried: `${DEVICES} devices over ${days} days, four times: ${sum('pours')} pours, ${sum('purchases')} purchases, ${sum('names')} names`,
    held: `${wrong.length} with a level, an entry or a word lost; ${sum('conflicts')} conflicts, each said`,
    good: wrong.length === 0,
  };
}
