import { expose } from 'comlink';
import { FileReader, type Found, type ToRead } from './reading';

/** Reads files of recipes beside the page, so that the page never waits. */
let reader: FileReader | undefined;

const api = {
  read(ask: ToRead, tell: (share: number) => void): Found {
    reader = new FileReader(ask);
    return reader.read(tell);
  },
  settle(said: Record<string, string>, tell: (share: number) => void): Found | undefined {
    return reader?.settle(said, tell);
  },
};
export type ReadingApi = typeof api;
expose(api);
