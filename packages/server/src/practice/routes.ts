import { z } from 'zod';
import { keptDeck, keptTrial } from '@uisce/core/kept';
import { aimOf, dueFlashcards, glossarySchema, type Glossary } from '@uisce/core/practice';
import type { Api } from '../http/api.js';
import type { KeptStore } from '../kept/store.js';

const aimSchema = z.object({
  trials: z.number(),
  bias: z.number(),
  spread: z.number().nullable(),
  within: z.number(),
});
const practiceSchema = z.object({
  people: z.array(
    z.object({
      /** Empty where nobody is named. */
      by: z.string(),
      /** Shares of what was aimed at, over the last pours; null where there are none. */
      aim: aimSchema.nullable(),
      cards: z.number(),
      due: z.array(z.object({ of: z.string(), key: z.string(), due: z.iso.datetime() })),
    }),
  ),
});
/** So many of the last pours say how a hand is now. */
const LAST = 30;

/** How practice stands, person by person; and the words of the trade. */
export function practiceRoutes(api: Api, store: KeptStore, glossary: Glossary): void {
  api
    .on(
      {
        method: 'get',
        path: '/practice',
        summary: 'How practice stands: bias and spread of the last pours, and the cards that are due',
        answer: practiceSchema,
      },
      (_req, res) => {
        const trials = store.recent(keptTrial).map((entry) => entry.value);
        const decks = store.list(keptDeck).map((entry) => entry.value);
        const now = new Date().toISOString();
        const names = [...new Set([...trials, ...decks].map((one) => one.by))].sort();
        res.json({
          people: names.map((by) => {
            const mine = trials.filter((t) => t.by === by).sort((a, b) => (a.at < b.at ? -1 : 1));
            const aim = aimOf(mine.slice(-LAST));
            const cards = decks
              .filter((d) => d.by === by)
              .reduce((sum, d) => sum + Object.keys(d.cards).length, 0);
            return {
              by,
              cards,
              aim: aim
                ? { trials: aim.trials, bias: aim.bias, spread: aim.spread ?? null, within: aim.within }
                : null,
              due: dueFlashcards(decks, by, now).map(({ of, key, memory }) => ({ of, key, due: memory.due })),
            };
          }),
        });
      },
    )
    .on(
      {
        method: 'get',
        path: '/glossary',
        summary: 'Words of the trade, where they mean something else, and what shots and spoons hold',
        answer: glossarySchema,
      },
      (_req, res) => res.set('cache-control', 'no-cache').json(glossary),
    );
}
