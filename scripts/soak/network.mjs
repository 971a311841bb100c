// Many clients beside heavy work, requests of nonsense, and passphrases guessed.
import { randomUUID } from 'node:crypto';
import { Agent as HttpAgent, request as httpRequest } from 'node:http';
import { Agent, request as httpsRequest } from 'node:https';
import { connect } from 'node:net';
import { join } from 'node:path';
import { quantile } from '../perf/served.mjs';
import { madeUp } from '../perf/problems.mjs';
import { aPlan } from './kept.mjs';
import { forgetPeak, peakMiB, served } from './served.mjs';

const CLIENTS = 50;
/** Each client asks, reads, and asks again so much later, unless it is told otherwise. */
const THINK_MS = 250;
const WARM_MS = 5000;

/** A caller that costs the machine little: what is measured is the server, not whoever asks it. */
class Line {
  constructor(address) {
    this.address = new URL(address);
    this.agent = new HttpAgent({ keepAlive: true, maxSockets: CLIENTS });
  }

  call(method, path, body) {
    const { hostname, port } = this.address;
    const headers = body ? { 'content-type': 'application/json' } : {};
    return new Promise((resolve, reject) => {
      const asked = httpRequest(
        { agent: this.agent, hostname, port, path: `/api${path}`, method, headers },
        (res) => {
          let text = '';
          res.setEncoding('utf8');
          res.on('data', (chunk) => (text += chunk));
          res.on('end', () => resolve({ ok: res.statusCode < 400, text }));
        },
      );
      asked.on('error', reject);
      asked.end(body ? JSON.stringify(body) : undefined);
    });
  }
}

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
  const line = new Line(address);
  // What a program that has just begun takes to get going is another question (docs/reliability.md, Opening).
  const counted = Date.now() + WARM_MS;
  const until = counted + seconds * 1000;
  const client = async (n) => {
    await new Promise((resolve) => setTimeout(resolve, (n * thinkMs) / CLIENTS));
    // Each goes on with a plan of its own, as whoever saw it last.
    const mine = aPlan(`Of ${n}`);
    let version = null;
    for (let i = n; Date.now() < until; i++) {
      const began = performance.now();
      try {
        const writes = [{ thing: 'plan', id: mine.id, value: { ...mine, name: `Of ${n}, ${i}` }, version }];
        const answer =
          i % 10 === 9
            ? await line.call('POST', '/changes', { id: randomUUID(), change: 'Name', writes })
            : await line.call('GET', `/${['settings', 'history', 'plans', 'backups'][i % 4]}`);
        if (i % 10 === 9 && answer.ok) version = JSON.parse(answer.text).entries[0].version;
        if (!answer.ok) failed += 1;
      } catch {
        failed += 1;
      }
      if (Date.now() > counted) times.push(performance.now() - began);
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
    // Fifty without a pause wait for each other: what they get is what the machine has.
    good: failed === 0 && (thinkMs === 0 ? p99 < 6 * quantile(times, 0.5) : p99 < 100),
  };
}

/** What one malformed request may take of the machine's memory, MiB. */
const MOST_MIB = 100;

/** A number that looks like chance, and is the same each time. */
function dice(seed) {
  let now = seed;
  return (n) => (now = (now * 48271) % 2147483647) % n;
}

/** Requests of nonsense: odd paths, bodies, types and headers, each answered with a refusal, and soon. */
export async function malformed(folder, count) {
  const { address, pid, stop } = await served(join(folder, 'malformed'), { UISCE_DEMO: '1' });
  const { paths } = await (await fetch(`${address}/api/openapi.json`)).json();
  const routes = Object.keys(paths);
  const next = dice(11);
  const pick = (of) => of[next(of.length)];
  const deep = `${'['.repeat(30_000)}${']'.repeat(30_000)}`;
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
    `{"file":${deep}}`,
    `{"file":{"things":{"pour":[${'{},'.repeat(50_000)}{}]}}}`,
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
        let bytes = 0;
        res.on('data', (chunk) => (bytes += chunk.length));
        const told = (status) =>
          resolve({ status, bytes, ms: performance.now() - began, what: `${method} ${path.slice(0, 80)}` });
        // The stream of changes does not end by itself.
        if (path.endsWith('/live')) {
          res.destroy();
          told(res.statusCode);
        }
        res.on('end', () => told(res.statusCode));
      });
      asked.on('error', () => resolve({ status: 0, bytes: 0, ms: performance.now() - began, what: path }));
      asked.end(['GET', 'HEAD', 'TRACE'].includes(method) ? undefined : body);
    });
  const answers = [];
  for (let i = 0; i < count; i++) {
    forgetPeak(pid);
    const before = peakMiB(pid);
    const answer = await one();
    answers.push({ ...answer, grownMiB: peakMiB(pid) - before });
  }
  const grown = Math.max(...answers.map((a) => a.grownMiB));
  const alive = (await fetch(`${address}/api/health`)).ok;
  await stop();
  // What the disk or the planner says is no fault of ours; 500 is.
  const broken = answers.filter((a) => a.status === 500);
  const slow = answers.filter((a) => a.ms > 1000);
  // What was asked for rightly may be long; a refusal may not.
  const long = answers.filter((a) => a.status >= 400 && a.bytes > 1_000_000);
  const greedy = answers.filter((a) => a.grownMiB >= MOST_MIB);
  for (const a of [...broken, ...slow, ...long, ...greedy].slice(0, 5))
    console.log(
      '   ',
      a.status,
      `${a.ms.toFixed(0)} ms, ${a.bytes} bytes, ${a.grownMiB.toFixed(0)} MiB`,
      a.what,
    );
  return {
    tried: `${count} malformed requests`,
    held: `${broken.length} answers of 500, ${slow.length} over 1 s, ${long.length} above 1 MB; at most ${grown.toFixed(0)} MiB for one; ${alive ? 'it goes on' : 'it went down'}`,
    good: broken.length + slow.length + long.length + greedy.length === 0 && alive,
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

/** A request that comes a letter at a time, and one that never says more than half a header. */
export async function dripping(folder, seconds) {
  const { address, stop } = await served(join(folder, 'dripping'));
  const { hostname, port } = new URL(address);
  const drip = (first, letter) =>
    new Promise((resolve) => {
      const began = Date.now();
      const line = connect(Number(port), hostname, () => line.write(first));
      const more = setInterval(() => letter && line.write(letter), 500);
      const end = () => {
        clearInterval(more);
        clearTimeout(patience);
        line.destroy();
        resolve((Date.now() - began) / 1000);
      };
      const patience = setTimeout(end, seconds * 2000);
      line.on('close', end).on('error', end);
      line.resume();
    });
  const head = `POST /api/changes HTTP/1.1\r\nHost: ${hostname}:${port}\r\nContent-Type: application/json\r\n`;
  const lasted = await Promise.all([
    drip(`${head}Content-Length: 100000\r\n\r\n`, ' '),
    drip(head, 'X'),
    drip('GET /api/set', ''),
  ]);
  const alive = (await fetch(`${address}/api/health`)).ok;
  await stop();
  return {
    tried: 'requests that come a letter at a time: body, header, none',
    held: `closed after ${lasted.map((s) => s.toFixed(0)).join(', ')} s; ${alive ? 'it goes on' : 'it went down'}`,
    good: alive && lasted.every((s) => s < seconds + 10),
  };
}
