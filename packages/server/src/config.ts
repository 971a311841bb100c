import { availableParallelism } from 'node:os';
import { resolve } from 'node:path';
import { z } from 'zod';

const environment = z.object({
  UISCE_DATA: z.string().min(1).default('data'),
  UISCE_PORT: z.coerce.number().int().min(0).max(65535).default(4870),
  UISCE_DEMO: z.enum(['0', '1']).default('0'),
  UISCE_SOLVE_SECONDS: z.coerce.number().positive().max(3600).default(30),
  UISCE_WEB: z.string().min(1).default('packages/web/dist'),
  UISCE_LOG: z.enum(['debug', 'info', 'warn', 'error', 'silent']).default('info'),
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
    webFolder: resolve(e.UISCE_WEB),
    logLevel: e.UISCE_LOG,
  };
}
