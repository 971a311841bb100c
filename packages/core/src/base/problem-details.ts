import { z } from 'zod';

/** An error as the API tells it: RFC 9457, with one entry for each fault in the input. */
export const problemDetailsSchema = z.object({
  type: z.string(),
  title: z.string(),
  status: z.int(),
  detail: z.string().optional(),
  errors: z.array(z.object({ pointer: z.string(), detail: z.string() })).optional(),
});
export type ProblemDetails = z.infer<typeof problemDetailsSchema>;
