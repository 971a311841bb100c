import { problemDetailsSchema, problemType, type Fault, type ProblemDetails } from '@uisce/core/base';
import { doorIsShut } from './door';
import { thisPage } from './this-page';

/** The server said no; its problem says why, fault by fault. */
export class ApiError extends Error {
  /** @param retryAfterMs how long it asks to wait, where it says so. */
  constructor(
    readonly problem: ProblemDetails,
    readonly retryAfterMs?: number,
  ) {
    super(problem.detail ?? problem.title);
    this.name = 'ApiError';
  }

  get faults(): readonly Fault[] {
    return this.problem.errors ?? [];
  }
}

/** The server cannot be reached; nothing was lost, and the caller may try again. */
export class OfflineError extends Error {
  constructor() {
    super('Uisce’s server does not answer. Your changes are kept in this browser and saved when it is back.');
    this.name = 'OfflineError';
  }
}

interface Options {
  method?: 'GET' | 'POST' | 'PUT' | 'DELETE';
  /** Sent as JSON; a string is sent as it is. */
  body?: unknown;
  /** Let the request outlive the page. */
  keepalive?: boolean;
}

/**
 * Call the API.
 *
 * @throws ApiError for any answer that is not a success; OfflineError when there is no answer.
 * @example await api<Plan>('/plans/…')
 */
export async function api<T>(path: string, options: Options = {}): Promise<T> {
  return (await apiTagged<T>(path, options)).body;
}

/** Call the API as `api` does, and learn the tag that tells this version of the answer from others. */
export async function apiTagged<T>(path: string, options: Options = {}): Promise<{ body: T; tag: string }> {
  const { body, method = 'GET', keepalive = false } = options;
  const headers: Record<string, string> = {};
  // Reading asks for nothing in particular, so that what index.html has fetched already is taken.
  if (method !== 'GET') {
    const page = await thisPage();
    Object.assign(headers, { 'x-uisce-page': page.id, 'x-uisce-name': page.name });
  }
  if (body !== undefined) headers['content-type'] = 'application/json';
  let response: Response;
  try {
    response = await fetch(`/api${path}`, {
      method,
      keepalive,
      headers,
      ...(body === undefined ? {} : { body: typeof body === 'string' ? body : JSON.stringify(body) }),
    });
  } catch {
    throw new OfflineError();
  }
  if (response.ok) {
    const answer = (response.status === 204 ? undefined : await response.json()) as T;
    return { body: answer, tag: response.headers.get('etag') ?? '' };
  }
  const parsed = problemDetailsSchema.safeParse(await response.json().catch(() => undefined));
  if (parsed.success) {
    if (parsed.data.type === problemType('sign-in-needed')) doorIsShut.value = true;
    throw new ApiError(parsed.data, retryAfterMs(response));
  }
  const { status, statusText } = response;
  throw new ApiError({ type: 'about:blank', title: statusText, status }, retryAfterMs(response));
}

/** What an answer says of when to come again, as seconds; undefined where it says nothing. */
function retryAfterMs(response: Response): number | undefined {
  const seconds = Number(response.headers.get('retry-after') ?? NaN);
  return Number.isFinite(seconds) && seconds >= 0 ? seconds * 1000 : undefined;
}
