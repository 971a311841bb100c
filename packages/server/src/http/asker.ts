import type { RequestHandler, Response } from 'express';
import { HttpProblem } from './problem.js';

/** Who asks: from this machine, or from the home network, there with a session or without. The door says it. */
export interface Asker {
  place: 'machine' | 'home';
  /** The session, where there is one. */
  session?: string;
}

/** Who asks, as the door found out. */
export const askerOf = (res: Response): Asker => res.locals.asker as Asker;

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
