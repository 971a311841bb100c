import { parse } from 'cookie';
import type { Request, RequestHandler, Response } from 'express';
import { ipKeyGenerator } from 'express-rate-limit';
import type { Asker } from '../http/asker.js';
import { HttpProblem } from '../http/problem.js';
import type { Access } from './access.js';
import { hostOf } from './names.js';
import { SESSION_DAYS } from './sessions.js';

/** Where a request came in: on this machine, or from the home network. */
export type Door = { place: 'machine' } | { place: 'home'; access: Access; names: () => readonly string[] };

/** `__Host-`: the browser takes it over HTTPS alone, for this host alone. */
const COOKIE = '__Host-uisce';
const COOKIE_OPTIONS = { httpOnly: true, secure: true, sameSite: 'strict', path: '/' } as const;
const DAY_MS = 86_400_000;

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

/** Sign a device in: its browser keeps the token, and shows it to no script. */
export function giveCookie(res: Response, token: string): void {
  res.cookie(COOKIE, token, { ...COOKIE_OPTIONS, maxAge: SESSION_DAYS * DAY_MS });
}
export function takeCookie(res: Response): void {
  res.clearCookie(COOKIE, COOKIE_OPTIONS);
}

/** That this device was in before: for longer than a session holds, and good for nothing but to be known again. */
const KNOWN_COOKIE = '__Host-uisce-known';
const KNOWN_DAYS = 400;
export function giveKnownCookie(res: Response, token: string): void {
  res.cookie(KNOWN_COOKIE, token, { ...COOKIE_OPTIONS, maxAge: KNOWN_DAYS * DAY_MS });
}
export function knownCookieOf(req: Pick<Request, 'headers'>): string | undefined {
  return parse(req.headers.cookie ?? '')[KNOWN_COOKIE];
}

/** Whose tries are counted: the address, of IPv6 the network that one household has (/56). */
export function addressOf(req: Pick<Request, 'ip'>): string {
  return ipKeyGenerator(req.ip ?? '');
}
