/** How long whoever asks may take over it: one that drips a byte at a time holds no line for long. */
export const PATIENCE = {
  requestTimeout: 30_000,
  headersTimeout: 15_000,
  connectionsCheckingInterval: 5_000,
};
