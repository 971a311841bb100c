import { formatISO } from 'date-fns';

/** Today where the reader is. */
export function useToday() {
  return {
    /** As an ISO date, the local day. */
    iso: (): string => formatISO(new Date(), { representation: 'date' }),
  };
}
