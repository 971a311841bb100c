import compression from 'compression';
import express, { type Express } from 'express';
import type { Logger } from 'pino';
import { z } from 'zod';
import type { Catalogue, PriceList } from '@uisce/core/catalogue';
import type { Glossary } from '@uisce/core/practice';
import { atDoor, type Door } from './access/door.js';
import { accessRoutes, type AccessParts } from './access/routes.js';
import { backupRoutes, type BackupParts } from './backup/routes.js';
import { catalogueRoutes } from './catalogue/routes.js';
import { demoRoutes } from './demo/routes.js';
import { guestPageRoutes } from './evening/guest-page.js';
import { eveningRoutes } from './evening/routes.js';
import type { ReadFile } from './household/file-reader.js';
import { householdRoutes } from './household/routes.js';
import { Api } from './http/api.js';
import { healthRoute } from './health/routes.js';
import { requestLog } from './http/logging.js';
import { openApi } from './http/openapi.js';
import { notFound, problemHandler } from './http/problem.js';
import { ownPagesOnly, securityHeaders, styleNonce } from './http/security.js';
import { webApp } from './http/web-app.js';
import { Library } from './kept/library.js';
import type { LivePages } from './kept/live.js';
import { changeRoutes } from './kept/change-routes.js';
import { keptRoutes } from './kept/routes.js';
import type { KeptStore } from './kept/store.js';
import { stockRoutes } from './kept/stock-routes.js';
import { worldOf } from './kept/world.js';
import type { SolverPool } from './planning/pool.js';
import { notebookRoutes } from './notebook/routes.js';
import { practiceRoutes } from './practice/routes.js';
import { planningRoutes } from './planning/routes.js';
import { pouringRoutes } from './pouring/routes.js';
import { priceRoutes } from './prices/routes.js';

export interface AppParts {
  logger: Logger;
  store: KeptStore;
  live: LivePages;
  pool: SolverPool;
  readFile: ReadFile;
  catalogue: Catalogue;
  shops: PriceList[];
  glossary: Glossary;
  /** Where backups are, and the connection they are made of. */
  backup: BackupParts;
  /** Who may come in from the home network. */
  access: AccessParts;
  webFolder: string;
}

/** The API with all its endpoints, described as they are served. */
export function createApi({
  store,
  live,
  pool,
  readFile,
  catalogue,
  shops,
  glossary,
  backup,
  access,
}: Omit<AppParts, 'logger' | 'webFolder'>): Api {
  const api = new Api();
  const library = new Library(store, catalogue);
  const world = worldOf(store, library, shops);
  healthRoute(api, store, backup);
  catalogueRoutes(api, catalogue);
  priceRoutes(api, world);
  keptRoutes(api, store, world);
  changeRoutes(api, store, world, live);
  stockRoutes(api, store, library);
  pouringRoutes(api, store, world, library);
  notebookRoutes(api, store, library);
  practiceRoutes(api, store, glossary);
  backupRoutes(api, backup, store, live);
  householdRoutes(api, { store, readFile, live, backup });
  accessRoutes(api, access, live);
  demoRoutes(api);
  planningRoutes(api, pool, store, world, library);
  eveningRoutes(api, store, world, library, pool);
  guestPageRoutes(api, store, world, library);
  const description = () => openApi(api.endpoints);
  api.on(
    { method: 'get', path: '/openapi.json', summary: 'This description', answer: z.unknown() },
    (_req, res) => res.json(description()),
  );
  return api;
}

/** The whole HTTP application behind one of its doors, wired but not listening. */
export function createApp({ logger, webFolder, ...parts }: AppParts, door: Door): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(requestLog(logger));
  app.use(styleNonce, securityHeaders, atDoor(door), ownPagesOnly);
  app.use(compression());
  app.use('/api', createApi(parts).close(), notFound);
  app.use(webApp(webFolder));
  app.use(notFound);
  app.use(problemHandler);
  return app;
}
