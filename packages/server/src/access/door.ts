import { parse } from 'cookie';
import type { Request, RequestHandler, Response } from 'express';
import { HttpProblem } from '../http/problem.js';
import type { Access } from './access.js';
import { hostOf } from './names.js';
import { SESSION_DAYS } from './sessions.js';

/** Where a request came in: on this machine, or from the home network. */
export type Door = { place: 'machine' } | { place: 'home'; access: Access; names: () => readonly string[] };

/** `__Host-`: the browser takes it over HTTPS alone, for this host alone. */
export const COOKIE = '__Host-uisce';
const COOKIE_OPTIONS = { httpOnly: true, secure: true, sameSite: 'strict', path: '/' } as const;
const DAY_MS = 86_400_000;

/** What is known of who asks. */
export interface Asker {
  place: Door['place'];
  /** The session, where there is one. */
  session?: string;
}
export const askerOf = (res: Response): Asker => res.locals.asker as Asker;

const LOCAL_NAMES = ['127.0.0.1', 'localhost', '::1'];

/**
 * Answer only to the names that were told: a page elsewhere that points its domain here must not read somebody's cellar.
 * From the home network, find out who asks by the session's cookie.
 */
export function atDoor(door: Door): RequestHandler {
  return (req, res, next) => {
    const host = hostOf(req.headers.host);
    const names = door.place === 'machine' ? LOCAL_NAMES : door.names();
    if (!names.includes(host))
      throw new HttpProblem('foreign-host', `this server does not answer to the name "${host}"`);
    const asker: Asker = { place: door.place };
    if (door.place === 'home') {
      const token = parse(req.headers.cookie ?? '')[COOKIE];
      const session = token === undefined ? undefined : door.access.sessions.of(token);
      if (session) asker.session = session.id;
    }
    res.locals.asker = asker;
    next();
  };
}

/** Refuse whoever comes from the home network without a session. Every route does unless it says that it is open. */
export const signedInOnly: RequestHandler = (_req, res, next) => {
  const { place, session } = askerOf(res);
  if (place !== 'machine' && session === undefined)
    throw new HttpProblem('sign-in-needed', 'sign in with the household’s passphrase first');
  next();
};

/** Refuse what is done at the machine itself alone. */
export const thisMachineOnly: RequestHandler = (_req, res, next) => {
  if (askerOf(res).place !== 'machine')
    throw new HttpProblem('this-machine-only', 'that is done on the machine that Uisce runs on');
  next();
};

export function giveCookie(res: Response, token: string): void {
  res.cookie(COOKIE, token, { ...COOKIE_OPTIONS, maxAge: SESSION_DAYS * DAY_MS });
}
export function takeCookie(res: Response): void {
  res.clearCookie(COOKIE, COOKIE_OPTIONS);
}

/** Whose tries are counted: the address, of IPv6 the network that one household has (/56). */
export function addressOf(req: Pick<Request, 'ip'>): string {
  const ip = req.ip ?? '';
  return ip.includes(':') && !ip.startsWith('::ffff:') ? ip.split(':').slice(0, 4).join(':').slice(0, -2) : ip;
} // prettier-ignore
