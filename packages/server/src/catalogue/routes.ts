import { catalogueSchema, type CatalogueText } from '@uisce/core/catalogue';
import type { Api } from '../http/api.js';

/** The catalogue as one document, sent again only when it has changed. */
export function catalogueRoutes(api: Api, text: CatalogueText): void {
  const body = JSON.stringify(text);
  api.on(
    {
      method: 'get',
      path: '/catalogue',
      summary: 'The catalogue: kinds, recipes, glasses, tools and the rest, amounts as text',
      answer: catalogueSchema,
    },
    (_req, res) => res.set('cache-control', 'no-cache').type('json').send(body),
  );
}
