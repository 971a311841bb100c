import { fileURLToPath } from 'node:url';
import { availableParallelism } from 'node:os';
import { resolve } from 'node:path';
import { z } from 'zod';

const port = z.coerce.number().int().min(0).max(65535);

/** Where the pages are built, from wherever the server is started: beside this package. */
const BUILT_WEB = fileURLToPath(new URL('../../web/dist', import.meta.url));

/** Every setting of the environment, with what it is for; docs/running.md has them as a table. */
export const environment = z.object({
  UISCE_DATA: z
    .string()
    .min(1)
    .default('data')
    .describe('folder of the databases, their backups and the household’s authority'),
  UISCE_PORT: port
    .default(4870)
    .describe('port on this machine alone (127.0.0.1); taken, the next free one; 0 lets the system choose'),
  UISCE_DEMO: z.enum(['0', '1']).default('0').describe('1 serves the demo household, in a file of its own'),
  UISCE_SOLVE_SECONDS: z.coerce
    .number()
    .positive()
    .max(3600)
    .default(30)
    .describe('seconds that one problem may take'),
  UISCE_WEB: z
    .string()
    .default('')
    .describe('folder of the built web application; where it is not set, the one built beside the server'),
  UISCE_LOG: z
    .enum(['debug', 'info', 'warn', 'error', 'silent'])
    .default('info')
    .describe('what is written to the log: this and worse'),
  UISCE_HOME: z
    .enum(['0', '1'])
    .default('0')
    .describe('1 serves the home network too, from the start (--home)'),
  UISCE_HOME_PORT: port.default(4872).describe('port in the home network, HTTPS'),
  UISCE_HOME_LISTEN: z
    .union([z.ipv4(), z.ipv6()])
    .default('0.0.0.0')
    .describe('address that is listened at in the home network'),
  UISCE_HOME_NAMES: z
    .string()
    .regex(/^[a-z0-9.,-]*$/, 'names with commas between')
    .default('')
    .describe('names for the home network beside this machine’s own, with commas between'),
  UISCE_HOME_PASSPHRASE: z
    .string()
    .max(200)
    .default('')
    .describe(
      'the passphrase to begin with, where nobody can be asked for one; once there is one, not looked at',
    ),
});

export interface Config {
  /** Folder of the databases. */
  dataFolder: string;
  /** The demo keeps its own file, so that resetting it never touches the user's. */
  databaseFile: string;
  /** Folder of its backups. */
  backupFolder: string;
  demo: boolean;
  port: number;
  /** Seconds a solve may take before the best found so far is returned. */
  solveSeconds: number;
  solverThreads: number;
  /** Folder of the built web application. */
  webFolder: string;
  logLevel: string;
  home: HomeConfig;
}

/** How the home network is served. */
interface HomeConfig {
  /** Whether it is asked for at this start. */
  asked: boolean;
  port: number;
  listen: string;
  /** Names beside this machine's own. */
  names: string[];
  /** Folder of the passphrase, the sessions and the household's own authority. */
  folder: string;
  /** The passphrase to begin with, where nobody can be asked for one. */
  passphrase: string;
}

/** Read the configuration from environment variables; throws a ZodError naming a bad one. */
export function readConfig(env: NodeJS.ProcessEnv): Config {
  const e = environment.parse(env);
  const dataFolder = resolve(e.UISCE_DATA);
  const demo = e.UISCE_DEMO === '1';
  return {
    dataFolder,
    databaseFile: resolve(dataFolder, demo ? 'demo.sqlite' : 'uisce.sqlite'),
    backupFolder: resolve(dataFolder, demo ? 'demo-backups' : 'backups'),
    demo,
    port: e.UISCE_PORT,
    solveSeconds: e.UISCE_SOLVE_SECONDS,
    // Never fewer than two, so that one big problem leaves a thread for the others.
    solverThreads: Math.max(2, availableParallelism()),
    webFolder: e.UISCE_WEB === '' ? BUILT_WEB : resolve(e.UISCE_WEB),
    logLevel: e.UISCE_LOG,
    home: {
      asked: e.UISCE_HOME === '1',
      port: e.UISCE_HOME_PORT,
      listen: e.UISCE_HOME_LISTEN,
      names: e.UISCE_HOME_NAMES.split(',').filter((name) => name !== ''),
      folder: resolve(dataFolder, demo ? 'demo-access' : 'access'),
      passphrase: e.UISCE_HOME_PASSPHRASE,
    },
  };
}
