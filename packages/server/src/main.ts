import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import closeWithGrace from 'close-with-grace';
import getPort, { portNumbers } from 'get-port';
import { pino } from 'pino';
import { loadShipped } from '@uisce/catalogue';
import { createApp } from './app.js';
import { readConfig } from './config.js';
import { seedDemo } from './demo/seed.js';
import { LivePages } from './kept/live.js';
import { KeptStore } from './kept/store.js';
import { SolverPool } from './planning/pool.js';
import { DatabaseError, openDatabase, type OpenDatabase } from './storage/data-source.js';

const HOST = '127.0.0.1';
/** How many ports after the wanted one to try when it is taken. */
const PORT_TRIES = 20;
/** In-flight requests get this long to finish after a signal to stop. */
const STOP_MS = 15_000;

const config = readConfig(process.env);
const logger = pino({ level: config.logLevel }, pino.destination(2));

/** Open the database, or say in one sentence why not. */
async function open(): Promise<OpenDatabase> {
  try {
    return await openDatabase(config.databaseFile);
  } catch (error) {
    if (!(error instanceof DatabaseError)) throw error;
    process.stderr.write(`${error.message}\n`);
    process.exit(1);
  }
}

const { catalogue, shops } = loadShipped();
const { source, connection } = await open();
const live = new LivePages();
const store = new KeptStore(connection, ({ label, entries }, by) =>
  live.announce({ label, entries, history: store.history(), page: by.page }),
);
if (config.demo) seedDemo(store, { catalogue, shops });
const pool = new SolverPool(config.solverThreads, config.solveSeconds);
const app = createApp({ logger, store, live, pool, catalogue, shops, webFolder: config.webFolder });

/** The wanted port, or the next free one after it; 0 lets the system choose. */
async function choosePort(wanted: number): Promise<number> {
  if (wanted === 0) return 0;
  return getPort({ port: portNumbers(wanted, Math.min(wanted + PORT_TRIES, 65_535)), host: HOST });
}

const port = await choosePort(config.port);
const server = await new Promise<Server>((resolve, reject) => {
  const listening = app.listen(port, HOST, (error?: Error) => {
    if (error) reject(error);
    else resolve(listening);
  });
});
process.stdout.write(`Uisce is at http://${HOST}:${(server.address() as AddressInfo).port}\n`);

closeWithGrace({ delay: STOP_MS, logger: false }, async ({ signal, err }) => {
  if (err) logger.error({ err }, 'stopping after an error');
  else logger.info({ signal }, 'stopping: finishing what is in flight');
  live.close();
  await new Promise((resolve) => {
    server.close(resolve);
    server.closeIdleConnections();
  });
  await pool.close();
  await source.destroy();
  logger.info('stopped');
});
