import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { pino } from 'pino';
import { loadCatalogue, loadPriceLists } from '@uisce/catalogue';
import { createApp } from './app.js';
import { readConfig } from './config.js';
import { seedDemo } from './demo/seed.js';
import { SolverPool } from './planning/pool.js';
import { openDatabase } from './storage/data-source.js';

const HOST = '127.0.0.1';
/** How many ports after the wanted one to try when it is taken. */
const PORT_TRIES = 20;
/** In-flight requests get this long to finish after a signal to stop. */
const STOP_SECONDS = 15;

const config = readConfig(process.env);
const logger = pino({ level: config.logLevel }, pino.destination(2));

const loaded = loadCatalogue();
const prices = loadPriceLists(loaded.catalogue);
const source = await openDatabase(config.databaseFile);
if (config.demo) await seedDemo(source);
const pool = new SolverPool(config.solverThreads, config.solveSeconds);
const app = createApp({ logger, source, pool, loaded, prices, webFolder: config.webFolder });

function listen(port: number): Promise<Server> {
  return new Promise((resolve, reject) => {
    const server = app.listen(port, HOST, (error?: Error) => {
      if (error) reject(error);
      else resolve(server);
    });
  });
}

async function listenNear(port: number): Promise<Server> {
  for (let offset = 0; ; offset++) {
    try {
      return await listen(port + offset);
    } catch (error) {
      const taken = (error as NodeJS.ErrnoException).code === 'EADDRINUSE';
      if (!taken || port === 0 || offset >= PORT_TRIES) throw error;
    }
  }
}

const server = await listenNear(config.port);
const { port } = server.address() as AddressInfo;
process.stdout.write(`Uisce is at http://${HOST}:${port}\n`);

let stopping = false;
async function stop(signal: string): Promise<void> {
  if (stopping) return;
  stopping = true;
  logger.info({ signal }, 'stopping: finishing what is in flight');
  const hurry = setTimeout(() => server.closeAllConnections(), STOP_SECONDS * 1000);
  await new Promise((resolve) => {
    server.close(resolve);
    server.closeIdleConnections();
  });
  clearTimeout(hurry);
  await pool.close();
  await source.destroy();
  logger.info('stopped');
}
process.on('SIGTERM', (s) => void stop(s));
process.on('SIGINT', (s) => void stop(s));
