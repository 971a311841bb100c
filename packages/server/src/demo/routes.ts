import { Router } from 'express';
import { BOATHOUSE } from './boathouse.js';

/** The demo's brief, so that an empty household can look at one without leaving its own data. */
export function demoRoutes(): Router {
  const router = Router();
  router.get('/plan', (_req, res) => {
    res.json(BOATHOUSE.plans[0]);
  });
  return router;
}
