import { z } from 'zod';

/** Ids are lower-case words joined by hyphens: "dry-gin". */
export const idSchema = z
  .string()
  .max(80)
  .regex(/^[a-z0-9]+(-[a-z0-9]+)*$/, 'an id is lower-case words joined by hyphens, such as dry-gin');
