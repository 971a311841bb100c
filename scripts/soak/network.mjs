// Many clients beside heavy work, requests of nonsense, and passphrases guessed.
import { randomUUID } from 'node:crypto';
import { request as httpRequest } from 'node:http';
import { Agent, request as httpsRequest } from 'node:https';
import { join } from 'node:path';
import { quantile } from '../perf/served.mjs';
import { madeUp } from '../perf/problems.mjs';
import { aPlan } from './kept.mjs';
import { post, served } from './served.mjs';

const CLIENTS = 50;
/** Each client asks, reads, and asks again so much later, unless it is told otherwise. */
const THINK_MS = 250;

/** Fifty pages that read and write, while both threads of the planner prove something large. */
export async function clients(folder, seconds, thinkMs = THINK_MS) {
  const { address, stop } = await served(join(folder, `clients-${thinkMs}`), {
    UISCE_DEMO: '1',
    UISCE_SOLVE_SECONDS: '600',
  });
  const leaving = new AbortController();
  const problem = { ...madeUp(300, 4000, 7), budget: 120_000 };
  const heavy = [0, 1].map(() =>
    fetch(`${address}/api/plan/solve`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(problem),
      signal: leaving.signal,
    }).catch(() => undefined),
  );
  await new Promise((resolve) => setTimeout(resolve, 3000));
  const times = [];
  let failed = 0;
  const until = Date.now() + seconds * 1000;
  const client = async (n) => {
    await new Promise((resolve) => setTimeout(resolve, (n * thinkMs) / CLIENTS));
    // Each goes on with a plan of its own, as whoever saw it last.
    const mine = aPlan(`Of ${n}`);
    let version = null;
    for (let i = 0; Date.now() < until; i++) {
      const began = performance.now();
      try {
        const writes = [{ thing: 'plan', id: mine.id, value: { ...mine, name: `Of ${n}, ${i}` }, version }];
        const answer =
          i % 10 === 9
            ? await post(address, '/changes', { id: randomUUID(), change: 'Name', writes })
            : await fetch(`${address}/api/${['settings', 'history', 'plans', 'backups'][i % 4]}`);
        const body = await answer.json();
        if (i % 10 === 9 && answer.ok) version = body.entries[0].version;
        if (!answer.ok) failed += 1;
      } catch {
        failed += 1;
      }
      times.push(performance.now() - began);
      await new Promise((resolve) => setTimeout(resolve, thinkMs));
    }
  };
  await Promise.all(Array.from({ length: CLIENTS }, (_, n) => client(n)));
  leaving.abort();
  await Promise.all(heavy);
  await stop();
  const p99 = quantile(times, 0.99);
  return {
    tried: `${CLIENTS} clients${thinkMs === 0 ? ' without a pause' : ''}, ${times.length} calls in ${seconds} s, both planner threads busy`,
    held: `${failed} failed, p50 ${quantile(times, 0.5).toFixed(0)} ms, p99 ${p99.toFixed(0)} ms`,
    good: failed === 0 && p99 < 100,
  };
}

/** A number that looks like chance, and is the same each time. */
function dice(seed) {
  let now = seed;
  return (n) => (now = (now * 48271) % 2147483647) % n;
}

/** Requests of nonsense: odd paths, bodies, types and headers, each answered with a refusal, and soon. */
export async function malformed(folder, count) {
  const { address, stop } = await served(join(folder, 'malformed'), { UISCE_DEMO: '1' });
  const { paths } = await (await fetch(`${address}/api/openapi.json`)).json();
  const routes = Object.keys(paths);
  const next = dice(11);
  const pick = (of) => of[next(of.length)];
  const deep = `${'['.repeat(5000)}${']'.repeat(5000)}`;
  const BODIES = [
    '',
    '{',
    'null',
    '[]',
    '"x"',
    '{}',
    deep,
    '{"__proto__":{"a":1}}',
    '{"id":"\\ud800"}',
    'x'.repeat(300_000),
    '{"value":1e999}',
    '{"file":"AAAA"}',
    JSON.stringify({ value: { id: randomUUID() }, change: '' }),
    '\u0000',
  ];
  const TYPES = [
    'application/json',
    'text/plain',
    'application/json; charset=utf-7',
    'multipart/form-data',
    '',
  ];
  const ODD = [
    '%00',
    '..%2f..%2fetc%2fpasswd',
    '%E0%A4%A',
    'a'.repeat(2000),
    '%ff',
    '-1',
    "'%20OR%201=1",
    '\u2603',
  ];
  const METHODS = ['GET', 'POST', 'PUT', 'DELETE', 'PATCH', 'OPTIONS', 'HEAD', 'TRACE'];
  const { hostname, port } = new URL(address);
  const one = () =>
    new Promise((resolve) => {
      const began = performance.now();
      const path = encodeURI(pick(routes).replace(/\{\w+\}/g, pick(ODD))).replaceAll('%25', '%');
      const body = pick(BODIES);
      const method = pick(METHODS);
      const type = pick(TYPES);
      const headers = {
        ...(type ? { 'content-type': type } : {}),
        ...(next(5) === 0 ? { 'if-match': pick(ODD).replace(/[^ -~]/g, '') } : {}),
        ...(next(9) === 0 ? { 'content-encoding': 'gzip' } : {}),
      };
      const asked = httpRequest({ hostname, port, path, method, headers }, (res) => {
        res.resume();
        const told = (status) =>
          resolve({ status, ms: performance.now() - began, what: `${method} ${path.slice(0, 80)}` });
        // The stream of changes does not end by itself.
        if (path.endsWith('/live')) {
          res.destroy();
          told(res.statusCode);
        }
        res.on('end', () => told(res.statusCode));
      });
      asked.on('error', () => resolve({ status: 0, ms: performance.now() - began, what: path }));
      asked.end(['GET', 'HEAD', 'TRACE'].includes(method) ? undefined : body);
    });
  const answers = [];
  for (let i = 0; i < count; i++) answers.push(await one());
  const alive = (await fetch(`${address}/api/health`)).ok;
  await stop();
  // What the disk or the planner says is no fault of ours; 500 is.
  const broken = answers.filter((a) => a.status === 500);
  const slow = answers.filter((a) => a.ms > 1000);
  for (const a of [...broken, ...slow].slice(0, 5))
    console.log('   ', a.status, `${a.ms.toFixed(0)} ms`, a.what);
  return {
    tried: `${count} malformed requests`,
    held: `${broken.length} answers of 500, ${slow.length} over 1 s, ${alive ? 'it goes on' : 'it went down'}`,
    good: broken.length === 0 && slow.length === 0 && alive,
  };
}

/** Wrong passphrases from one address, as fast as they are answered. */
export async function passphrases(folder, seconds) {
  const { address, stop } = await served(join(folder, 'passphrases'), {
    UISCE_HOME: '1',
    UISCE_HOME_LISTEN: '127.0.0.1',
    UISCE_HOME_PORT: '0',
    UISCE_HOME_NAMES: 'bar.localhost',
    UISCE_HOME_PASSPHRASE: 'a lamp in the window',
  });
  let home = '';
  while (home === '') {
    [home = ''] = (await (await fetch(`${address}/api/access`)).json()).addresses;
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  const ca = await (await fetch(`${address}/api/authority.crt`)).text();
  const agent = new Agent({ ca, keepAlive: true, servername: 'bar.localhost' });
  const guess = (passphrase) =>
    new Promise((resolve, reject) => {
      const asked = httpsRequest(
        {
          agent,
          host: '127.0.0.1',
          port: new URL(home).port,
          path: '/api/session',
          method: 'POST',
          headers: { host: new URL(home).host, 'content-type': 'application/json' },
        },
        (res) => {
          res.resume();
          res.on('end', () => resolve(res.statusCode));
        },
      );
      asked.on('error', reject);
      asked.end(JSON.stringify({ passphrase }));
    });
  let [looked, refused] = [0, 0];
  const until = Date.now() + seconds * 1000;
  for (let i = 0; Date.now() < until; i++) {
    if ((await guess(`a wrong passphrase, ${i}`)) === 429) refused += 1;
    else looked += 1;
  }
  agent.destroy();
  await stop();
  return {
    tried: `${looked + refused} wrong passphrases from one address in ${seconds} s`,
    held: `${looked} looked at, the others told to wait`,
    good: looked < 10 * Math.max(1, seconds / 60),
  };
}
