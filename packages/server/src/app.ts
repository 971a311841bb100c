import express, { Router, type Express } from 'express';
import type { Logger } from 'pino';
import { pinoHttp } from 'pino-http';
import type { DataSource } from 'typeorm';
import type { PriceList } from '@uisce/core/catalogue';
import type { LoadedCatalogue } from '@uisce/catalogue';
import { OwnRecipes, ownRecipeRoutes } from './kept/own-recipes.js';
import { batchRoutes } from './kept/batch-routes.js';
import { catalogueRoutes } from './catalogue/routes.js';
import { demoRoutes } from './demo/routes.js';
import { Changes } from './kept/changes.js';
import { historyRoutes } from './kept/history-routes.js';
import { settingsRoutes } from './kept/settings-routes.js';
import { kitRoutes } from './kept/kit-routes.js';
import { notFound, problemHandler } from './http/problem.js';
import { localHostOnly, securityHeaders, styleNonce } from './http/security.js';
import { webApp } from './http/web-app.js';
import { planRoutes } from './kept/plan-routes.js';
import type { SolverPool } from './planning/pool.js';
import { planningRoutes } from './planning/routes.js';
import { PriceLists } from './prices/price-lists.js';
import { priceRoutes } from './prices/routes.js';

export interface AppParts {
  logger: Logger;
  source: DataSource;
  pool: SolverPool;
  loaded: LoadedCatalogue;
  prices: PriceList[];
  webFolder: string;
}

/** The whole HTTP application, wired but not listening. */
export function createApp({ logger, source, pool, loaded, prices, webFolder }: AppParts): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(pinoHttp({ logger, quietReqLogger: true }));
  app.use(styleNonce, securityHeaders, localHostOnly);

  const changes = new Changes(source);
  const priceLists = new PriceLists(source, prices);
  const api = Router();
  api.get('/health', (_req, res) => {
    res.json({ status: 'ok' });
  });
  api.use('/catalogue', catalogueRoutes(loaded.text));
  api.use('/price-lists', priceRoutes(changes, priceLists, loaded.catalogue));
  api.use('/settings', settingsRoutes(source, changes, priceLists));
  const ownRecipes = new OwnRecipes(source, changes);
  api.use('/batches', batchRoutes(source, changes, loaded.catalogue, ownRecipes));
  api.use('/home-made', ownRecipeRoutes(ownRecipes, loaded.catalogue));
  api.use('/kit', kitRoutes(source, changes, loaded.catalogue));
  api.use('/plans', planRoutes(source, changes));
  api.use('/history', historyRoutes(changes));
  api.use('/demo', demoRoutes());
  api.use('/plan', planningRoutes(pool));
  api.use(notFound);
  app.use('/api', api);
  app.use(webApp(webFolder));
  app.use(problemHandler);
  return app;
}
