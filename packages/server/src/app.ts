import compression from 'compression';
import express, { type Express } from 'express';
import type { Logger } from 'pino';
import { pinoHttp } from 'pino-http';
import { z } from 'zod';
import type { Catalogue, PriceList } from '@uisce/core/catalogue';
import type { Glossary } from '@uisce/core/practice';
import { backupRoutes, type BackupParts } from './backup/routes.js';
import { catalogueRoutes } from './catalogue/routes.js';
import { demoRoutes } from './demo/routes.js';
import { eveningRoutes } from './evening/routes.js';
import { Api } from './http/api.js';
import { openApi } from './http/openapi.js';
import { notFound, problemHandler } from './http/problem.js';
import { localHostOnly, ownPagesOnly, securityHeaders, styleNonce } from './http/security.js';
import { webApp } from './http/web-app.js';
import { Library } from './kept/library.js';
import type { LivePages } from './kept/live.js';
import { changeRoutes, keptRoutes } from './kept/routes.js';
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
  catalogue: Catalogue;
  shops: PriceList[];
  glossary: Glossary;
  /** Where backups are, and the connection they are made of. */
  backup: BackupParts;
  webFolder: string;
}

/** The API with all its endpoints, described as they are served. */
export function createApi({
  store,
  live,
  pool,
  catalogue,
  shops,
  glossary,
  backup,
}: Omit<AppParts, 'logger' | 'webFolder'>): Api {
  const api = new Api();
  const library = new Library(store, catalogue);
  const world = worldOf(store, library, shops);
  api.on(
    {
      method: 'get',
      path: '/health',
      summary: 'Whether the server answers',
      answer: z.object({ status: z.literal('ok') }),
    },
    (_req, res) => res.json({ status: 'ok' }),
  );
  catalogueRoutes(api, catalogue);
  priceRoutes(api, world);
  keptRoutes(api, store, world);
  changeRoutes(api, store, world, live);
  stockRoutes(api, store, world, catalogue);
  pouringRoutes(api, store, world, library);
  notebookRoutes(api, store, library);
  practiceRoutes(api, store, glossary);
  backupRoutes(api, backup, store, live);
  demoRoutes(api);
  planningRoutes(api, pool, world);
  eveningRoutes(api, store, world, library, pool);
  const description = () => openApi(api.endpoints);
  api.on(
    { method: 'get', path: '/openapi.json', summary: 'This description', answer: z.unknown() },
    (_req, res) => res.json(description()),
  );
  return api;
}

/** The whole HTTP application, wired but not listening. */
export function createApp({ logger, webFolder, ...parts }: AppParts): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(pinoHttp({ logger, quietReqLogger: true }));
  app.use(styleNonce, securityHeaders, localHostOnly, ownPagesOnly);
  app.use(compression());
  app.use('/api', createApi(parts).close(), notFound);
  app.use(webApp(webFolder));
  app.use(notFound);
  app.use(problemHandler);
  return app;
}
