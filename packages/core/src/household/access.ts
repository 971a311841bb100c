import { z } from 'zod';

/** Whether whoever asks may come in, and where they ask from. */
export const whoSchema = z.object({ place: z.enum(['machine', 'home']), isIn: z.boolean() });
export type Who = z.infer<typeof whoSchema>;

/** The home network's door. */
export const homeStateSchema = z.object({
  isOpen: z.boolean(),
  /** Why it is never opened here; empty where it may be. */
  refused: z.string(),
  /** Where it is opened, the likeliest first. */
  addresses: z.array(z.string()),
  /** SHA-256 of the household's own authority, to be compared by eye. */
  fingerprint: z.string().nullable(),
  hasPassphrase: z.boolean(),
});

/** A device that is signed in. */
const deviceSchema = z.object({
  id: z.uuid(),
  device: z.string(),
  since: z.iso.datetime(),
  seen: z.iso.datetime(),
  isThis: z.boolean(),
});

/** The door, and who is signed in. */
export const accessSchema = homeStateSchema.extend({ sessions: z.array(deviceSchema) });
export type AccessState = z.infer<typeof accessSchema>;
