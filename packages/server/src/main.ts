import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import closeWithGrace from 'close-with-grace';
import getPort, { portNumbers } from 'get-port';
import { pino } from 'pino';
import { loadShipped } from '@uisce/catalogue';
import { ZodError } from 'zod';
import { Access } from './access/access.js';
import { homeAnnounced } from './access/announce.js';
import { firstPassphrase } from './access/first-passphrase.js';
import { HomeServer } from './access/home.js';
import { wordsOfTrade } from './access/passphrase.js';
import { createApp, type AppParts } from './app.js';
import { Backups } from './backup/backups.js';
import { readConfig, type Config } from './config.js';
import { lastNight, seedDemo } from './demo/seed.js';
import { closeServer } from './http/close-server.js';
import { PATIENCE } from './http/patience.js';
import { LivePages } from './kept/live.js';
import { KeptStore } from './kept/store.js';
import { FileReader } from './household/file-reader.js';
import { SolverPool } from './planning/pool.js';
import { DatabaseError, isOlder, openDatabase } from './storage/data-source.js';
import type { Database } from './storage/database.js';
import { copyFileInto } from './storage/driver.js';
import { makePrivate } from './storage/private-folder.js';

const HOST = '127.0.0.1';
/** How many ports after the wanted one to try when it is taken. */
const PORT_TRIES = 20;
/** In-flight requests get this long to finish after a signal to stop. */
const STOP_MS = 15_000;
/** Whether a backup is due is looked at so often. */
const LOOK_FOR_BACKUP_MS = 3_600_000;

/** End with one sentence. */
function giveUp(why: string): never {
  process.stderr.write(`${why}\n`);
  process.exit(1);
}

function configured(): Config {
  try {
    return readConfig(process.env);
  } catch (error) {
    if (!(error instanceof ZodError)) throw error;
    return giveUp(error.issues.map((i) => `${String(i.path[0])}: ${i.message}`).join('\n'));
  }
}
const config = configured();
const logger = pino({ level: config.logLevel }, pino.destination(2));

/** Open the database, or say in one sentence why not. */
async function open(): Promise<Database> {
  try {
    return await openDatabase(config.databaseFile);
  } catch (error) {
    if (!(error instanceof DatabaseError)) throw error;
    return giveUp(error.message);
  }
}

// What is made from here on is for whoever runs the server alone.
process.umask(0o077);
for (const folder of [config.dataFolder, config.backupFolder]) makePrivate(folder);
const { catalogue, shops, glossary } = loadShipped();
const backups = new Backups(config.backupFolder);
await backedUpBeforeUpgrade();
const db = await open();
const access = await Access.open(config.home.folder, db);
const live = new LivePages((session) => access.sessions.holds(session));
const store = await KeptStore.open(db, ({ label, entries }, by) =>
  live.announce({ label, entries, history: store.history(), page: by.page }),
);
if (config.demo && (await seedDemo(store, { catalogue, shops })))
  await backups.make(db, 'daily', lastNight(new Date()));
const pool = new SolverPool(config.solverThreads, config.solveSeconds);
const files = new FileReader();
const words = wordsOfTrade(catalogue);
const home = new HomeServer({
  ...config.home,
  refused: config.demo ? 'the demo is for this machine alone' : '',
  app: (names) => createApp(parts, { place: 'home', access, names }),
});
const parts: AppParts = {
  logger,
  store,
  live,
  pool,
  readFile: files.read,
  catalogue,
  shops,
  glossary,
  backup: { backups, db, open: files.openBackup },
  access: { access, home, words },
  webFolder: config.webFolder,
};
const app = createApp(parts, { place: 'machine' });

/** An older database is backed up before it is brought up to date. */
async function backedUpBeforeUpgrade(): Promise<void> {
  if (!isOlder(config.databaseFile)) return;
  const before = { backUpInto: (file: string) => copyFileInto(config.databaseFile, file) };
  try {
    await backups.make(before, 'upgrade');
  } catch (error) {
    giveUp(
      `The data is of an earlier release, and no backup of it could be made before it is brought up to date: ${(error as Error).message}. Nothing was touched: make room on the disk, and start again.`,
    );
  }
}

/** Once a day, while it runs. */
async function backUpDaily(): Promise<void> {
  if (!backups.isDue(new Date())) return;
  await backups.make(db, 'daily').catch((error: unknown) => {
    logger.error({ err: error }, 'the daily backup could not be made');
  });
}
await backUpDaily();
const daily = setInterval(() => void backUpDaily(), LOOK_FOR_BACKUP_MS);
daily.unref();

/** The wanted port, or the next free one after it; 0 lets the system choose. */
async function choosePort(wanted: number): Promise<number> {
  if (wanted === 0) return 0;
  return getPort({ port: portNumbers(wanted, Math.min(wanted + PORT_TRIES, 65_535)), host: HOST });
}

/** The home network, where it is asked for now or was left on; never without a passphrase. */
async function openHome(): Promise<void> {
  if (config.demo || !(config.home.asked || access.wantsHome)) return;
  if (!(await firstPassphrase(access, config.home.passphrase, words))) {
    process.stderr.write(
      'The home network is not served: it has no passphrase. Set one in Settings, or in UISCE_HOME_PASSPHRASE (at least 12 letters).\n',
    );
    return;
  }
  try {
    await home.open();
    process.stdout.write(homeAnnounced(home));
  } catch (error) {
    process.stderr.write(`The home network is not served: ${(error as Error).message}\n`);
  }
}

const port = await choosePort(config.port);
const server = await new Promise<Server>((resolve, reject) => {
  const listening = createServer(PATIENCE, app).once('error', reject);
  listening.listen(port, HOST, () => resolve(listening));
});
process.stdout.write(`Uisce is at http://${HOST}:${(server.address() as AddressInfo).port}\n`);
await openHome();

closeWithGrace({ delay: STOP_MS, logger: false }, async ({ signal, err }) => {
  if (err) logger.error({ err }, 'stopping after an error');
  else logger.info({ signal }, 'stopping: finishing what is in flight');
  live.close();
  await Promise.all([home.close(), closeServer(server)]);
  await pool.close();
  await files.close();
  await db.close();
  logger.info('stopped');
});
