import type { Request, Response } from 'express';
import { z } from 'zod';
import { accessSchema, homeStateSchema, whoSchema } from '@uisce/core/household';
import type { Api } from '../http/api.js';
import { askerOf, thisMachineOnly } from '../http/asker.js';
import { HttpProblem } from '../http/problem.js';
import type { LivePages } from '../kept/live.js';
import type { Access } from './access.js';
import { addressOf, giveCookie, giveKnownCookie, knownCookieOf, takeCookie } from './door.js';
import type { HomeServer } from './home.js';
import { MIN_LETTERS, MAX_LETTERS, passphraseOf } from './passphrase.js';

const passphrase = z
  .string()
  .min(MIN_LETTERS, `at least ${MIN_LETTERS} letters`)
  .max(MAX_LETTERS, `at most ${MAX_LETTERS} letters`);

/** What the routes need beside the API. */
export interface AccessParts {
  access: Access;
  home: HomeServer;
  /** Words that a passphrase may be made of. */
  words: readonly string[];
}

/** A device’s session is over; what it was told of changes ends with it. */
async function endSession({ sessions }: Access, live: LivePages, id: string): Promise<boolean> {
  const is = await sessions.end(id);
  if (is) live.cut(id);
  return is;
}

const tooMany = (ms: number) => {
  const seconds = Math.ceil(ms / 1000);
  return new HttpProblem('too-many-tries', `wait ${seconds} s before the next try`, {
    headers: { 'retry-after': String(seconds) },
  });
};

/** How the home network’s door stands. */
const stateOf = ({ access, home }: AccessParts) => ({
  isOpen: home.isOpen,
  refused: home.refused,
  addresses: home.addresses,
  fingerprint: home.fingerprint ?? null,
  hasPassphrase: access.hasPassphrase,
});

/** Let a device in that says the passphrase. What it had before is over: it has but one session. */
async function signIn(
  { access }: AccessParts,
  live: LivePages,
  req: Request,
  res: Response,
  { passphrase, device }: { passphrase: string; device: string },
): Promise<void> {
  const { place, session } = askerOf(res);
  if (place === 'machine') throw new HttpProblem('no-such-path', 'nobody signs in on this machine');
  const known = knownCookieOf(req);
  const done = await access.signIn(passphrase, addressOf(req), device, known);
  if (done.is === 'wait') throw tooMany(done.ms);
  if (done.is === 'wrong') throw new HttpProblem('wrong-passphrase', 'it is another passphrase');
  if (session) await endSession(access, live, session);
  giveCookie(res, done.token);
  if (known === undefined) giveKnownCookie(res, access.knownToken());
  res.status(204).end();
}

/** Signing in and out, and what a device needs to trust the door. */
function sessionRoutes(api: Api, parts: AccessParts, live: LivePages): void {
  const { access, home } = parts;
  api
    .on(
      {
        method: 'get',
        path: '/session',
        summary: 'Whether whoever asks is signed in, and where from',
        open: true,
        answer: whoSchema,
      },
      (_req, res) => {
        const { place, session } = askerOf(res);
        const isIn = place === 'machine' || session !== undefined;
        res.set('cache-control', 'no-store').json({ place, isIn });
      },
    )
    .on(
      {
        method: 'post',
        path: '/session',
        summary: 'Sign in with the household’s passphrase',
        open: true,
        status: 204,
        body: z.strictObject({
          passphrase: z.string().max(MAX_LETTERS),
          device: z.string().max(60).default('a device'),
        }),
        problems: ['wrong-passphrase', 'too-many-tries'],
      },
      (req, res, body) => signIn(parts, live, req, res, body),
    )
    .on({ method: 'delete', path: '/session', summary: 'Sign out', status: 204 }, async (_req, res) => {
      const { session } = askerOf(res);
      if (session) await endSession(access, live, session);
      takeCookie(res);
      res.status(204).end();
    })
    .on(
      {
        method: 'get',
        path: '/authority.crt',
        summary: 'The certificate of the household’s own authority, for a device to trust',
        open: true,
        problems: ['not-found'],
      },
      (_req, res) => {
        if (home.authority === undefined)
          throw new HttpProblem('not-found', 'the home network is not served');
        res.type('application/x-x509-ca-cert').attachment('uisce-authority.crt').send(home.authority);
      },
    );
}

/** The door: how it stands, a passphrase for it, open or shut. */
function doorRoutes(api: Api, parts: AccessParts): void {
  const { access, home, words } = parts;
  api
    .on(
      {
        method: 'get',
        path: '/access',
        summary: 'The home network’s door, and the devices that are signed in',
        answer: accessSchema,
      },
      (_req, res) => {
        const { session } = askerOf(res);
        const sessions = access.sessions
          .list()
          .map(({ id, device, since, seen }) => ({ id, device, since, seen, isThis: id === session }));
        res.set('cache-control', 'no-store').json({ ...stateOf(parts), sessions });
      },
    )
    .on(
      {
        method: 'get',
        path: '/access/suggestion',
        summary: 'A passphrase of words, drawn by chance',
        answer: z.object({ passphrase: z.string() }),
      },
      (_req, res) => res.set('cache-control', 'no-store').json({ passphrase: passphraseOf(words) }),
    )
    .on(
      {
        method: 'post',
        path: '/access/home',
        summary: 'Serve the home network, or no longer; on the machine itself alone',
        before: thisMachineOnly,
        body: z.strictObject({ open: z.boolean() }),
        answer: homeStateSchema,
        problems: ['this-machine-only', 'no-passphrase', 'not-here'],
      },
      async (_req, res, body) => {
        if (body.open) {
          if (home.refused !== '') throw new HttpProblem('not-here', home.refused);
          if (!access.hasPassphrase)
            throw new HttpProblem(
              'no-passphrase',
              'set a passphrase first: the home network is never served without one',
            );
          await home.open();
        } else await home.close();
        access.setWantsHome(body.open);
        res.json(stateOf(parts));
      },
    );
}

/** The passphrase, and the devices that came in by it. */
function deviceRoutes(api: Api, { access }: AccessParts, live: LivePages): void {
  api
    .on(
      {
        method: 'post',
        path: '/access/passphrase',
        summary: 'Set or change the passphrase; every other device signs in anew',
        status: 204,
        body: z.strictObject({ passphrase, old: z.string().max(MAX_LETTERS).optional() }),
        problems: ['wrong-passphrase', 'too-many-tries'],
      },
      async (req: Request, res, body) => {
        const { place, session } = askerOf(res);
        // Whoever sits at the machine has its files; whoever does not says the old one.
        if (place === 'home') {
          const checked = await access.check(body.old ?? '', addressOf(req));
          if (checked === 'wrong') throw new HttpProblem('wrong-passphrase', 'the old passphrase is another');
          if (checked !== 'right') throw tooMany(checked.waitMs);
        }
        const others = access.sessions.list().filter((s) => s.id !== session);
        await access.setPassphrase(body.passphrase, session);
        for (const { id } of others) live.cut(id);
        res.status(204).end();
      },
    )
    .on(
      {
        method: 'delete',
        path: '/access/sessions/{id}',
        summary: 'End a device’s session',
        status: 204,
        problems: ['not-found'],
      },
      async (req, res) => {
        if (!(await endSession(access, live, String(req.params.id))))
          throw new HttpProblem('not-found', 'there is no such session');
        res.status(204).end();
      },
    );
}

/** Who may come in from the home network: the door, the passphrase, devices that are signed in. */
export function accessRoutes(api: Api, parts: AccessParts, live: LivePages): void {
  sessionRoutes(api, parts, live);
  doorRoutes(api, parts);
  deviceRoutes(api, parts, live);
}
