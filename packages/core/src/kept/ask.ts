import { askSchema } from '../evening/guest-page.js';
import { describeKept } from './descriptor.js';

/** What guests asked for from their card. Seeing to it is nothing to undo. */
export const keptAsk = describeKept({
  name: 'ask',
  path: 'asks',
  schema: askSchema,
  idOf: (ask) => ask.id,
  noun: 'ask',
  undoable: false,
  faults: ({ evening }, { evenings }) =>
    evenings.some((e) => e.id === evening)
      ? []
      : [{ code: 'unknown', pointer: '/evening', detail: 'there is no such evening' }],
  withoutPerson: (ask, name) => (ask.name === name ? null : ask),
});
