import { request } from 'node:https';
import type { RunningApp } from './running-app.js';

/** What came back over the home network's door. */
export interface HomeAnswer {
  status: number;
  headers: Record<string, string | string[] | undefined>;
  text: string;
}

/** A browser in the home network: it trusts the household's authority and keeps its cookie. */
export class HomeClient {
  cookie = '';

  constructor(
    private readonly app: RunningApp,
    private readonly name = 'bar.localhost',
  ) {}

  private get port(): number {
    return Number(new URL(this.app.home.addresses[0] ?? '').port);
  }

  call(
    method: string,
    path: string,
    body?: unknown,
    headers: Record<string, string> = {},
  ): Promise<HomeAnswer> {
    return new Promise((resolve, reject) => {
      const asked = request(
        {
          method,
          path,
          host: '127.0.0.1',
          port: this.port,
          servername: 'bar.localhost',
          ca: this.app.home.authority,
          headers: {
            host: `${this.name}:${this.port}`,
            ...(body === undefined ? {} : { 'content-type': 'application/json' }),
            ...(this.cookie ? { cookie: this.cookie } : {}),
            ...headers,
          },
        },
        (res) => {
          let text = '';
          res.setEncoding('utf8');
          res.on('data', (chunk: string) => (text += chunk));
          // A stream of events ends when its server ends it.
          res.on('close', () => {
            const [set] = res.headers['set-cookie'] ?? [];
            if (set) this.cookie = set.split(';')[0] ?? '';
            resolve({ status: res.statusCode ?? 0, headers: res.headers, text });
          });
        },
      );
      asked.on('error', reject);
      asked.end(body === undefined ? undefined : JSON.stringify(body));
    });
  }

  signIn(passphrase: string): Promise<HomeAnswer> {
    return this.call('POST', '/api/session', { passphrase, device: 'A telephone' });
  }
}
