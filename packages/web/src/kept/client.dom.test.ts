import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { refusal } from '../testing/small-server';
import { api, ApiError, apiTagged, OfflineError } from './client';
import { doorIsShut } from './door';
import { browserName } from './this-page';

let sent: { path: string; method: string; headers: Record<string, string>; body: string | undefined }[];
let answer: () => Response | Promise<Response>;

beforeEach(() => {
  sent = [];
  answer = () => new Response('{"name":"Plan"}', { headers: { etag: '"7"' } });
  vi.stubGlobal('navigator', {
    userAgent: 'X11; Linux Chrome/1',
    locks: {
      request: (_name: string, _how: unknown, use: (lock: object) => unknown) => Promise.resolve(use({})),
    },
  });
  vi.stubGlobal(
    'fetch',
    (
      path: string,
      {
        method = 'GET',
        headers = {},
        body,
      }: { method?: string; headers?: Record<string, string>; body?: string } = {},
    ) => {
      sent.push({ path, method, headers, body });
      return Promise.resolve().then(answer);
    },
  );
});
afterEach(() => vi.unstubAllGlobals());
const failing = async (work: Promise<unknown>): Promise<Error> => {
  try {
    await work;
  } catch (error) {
    return error as Error;
  }
  return expect.fail('it was to fail');
};

describe('asking the server', () => {
  it('reads with no header of its own, so that what the page fetched already is taken', async () => {
    expect(await apiTagged('/plans/1')).toEqual({ body: { name: 'Plan' }, tag: '"7"' });
    expect(sent).toEqual([{ path: '/api/plans/1', method: 'GET', headers: {}, body: undefined }]);
  });

  it('says which page it is whenever it changes something, and sends JSON', async () => {
    await api('/plans', { method: 'POST', body: { name: 'New' } });
    expect(sent[0]).toMatchObject({ method: 'POST', body: '{"name":"New"}' });
    expect(sent[0]?.headers).toMatchObject({
      'content-type': 'application/json',
      'x-uisce-name': 'Chromium on Linux',
      'x-uisce-page': expect.stringMatching(/^[0-9a-f-]{36}$/) as unknown,
    });
  });

  it('sends a text as it is, and takes an answer without a body', async () => {
    answer = () => new Response(null, { status: 204 });
    expect(await api('/prices', { method: 'POST', body: 'kind;price' })).toBeUndefined();
    expect(sent[0]?.body).toBe('kind;price');
  });

  it('throws the words of a refusal, and its faults', async () => {
    answer = () => refusal('invalid', 'the plan has a fault');
    const error = await failing(api('/plans'));
    expect(error).toBeInstanceOf(ApiError);
    expect([error.message, (error as ApiError).faults]).toEqual(['the plan has a fault', []]);
    expect(doorIsShut.value).toBe(false);
  });

  it('shuts the page once the door asks for the passphrase', async () => {
    answer = () => refusal('sign-in-needed', 'sign in');
    await failing(api('/kept'));
    expect(doorIsShut.value).toBe(true);
    doorIsShut.value = false;
  });

  it.each([
    ['no JSON', () => new Response('<html>', { status: 502, statusText: 'Bad gateway' })],
    ['JSON of another kind', () => new Response('{"oops":1}', { status: 502, statusText: 'Bad gateway' })],
  ])('takes a refusal that is %s for what its status says', async (_what, bad) => {
    answer = bad;
    const error = (await failing(api('/plans'))) as ApiError;
    expect([error.message, error.problem.status]).toEqual(['Bad gateway', 502]);
  });

  it('says that the server is away, and that nothing is lost', async () => {
    answer = () => Promise.reject(new TypeError('no line'));
    const error = await failing(api('/plans'));
    expect(error).toBeInstanceOf(OfflineError);
    expect(error.message).toContain('Your changes are kept in this browser');
  });
});

it.each([
  ['Mozilla/5.0 (X11; Linux x86_64; rv:140.0) Gecko/20100101 Firefox/140.0', 'Firefox on Linux'],
  [
    'Mozilla/5.0 (Linux; Android 15) AppleWebKit/537.36 Chrome/140.0 Mobile Safari/537.36',
    'Chromium on Android',
  ],
  [
    'Mozilla/5.0 (iPhone; CPU iPhone OS 18_0 like Mac OS X) Version/18.0 Mobile/15E148 Safari/604.1',
    'Safari on iOS',
  ],
  ['Mozilla/5.0 (Macintosh; Intel Mac OS X 10_15_7) Version/18.0 Safari/605.1.15', 'Safari on macOS'],
  ['something quite new', 'a browser on some machine'],
])('a page is known by what its browser says: %s', (agent, name) => {
  expect(browserName(agent)).toBe(name);
});
