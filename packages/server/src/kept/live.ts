import type { Request, Response } from 'express';
import type { Announcement } from '@uisce/core/kept';

/** A sign of life, so that nothing between closes a quiet line. */
const HEARTBEAT_MS = 25_000;

/** Open pages that are told of every change as it happens, by server-sent events. */
export class LivePages {
  private readonly pages = new Set<Response>();
  private isClosed = false;
  /** Whose page it is, where it came from the home network. */
  private readonly sessions = new Map<Response, string>();

  constructor(private readonly holds: (session: string) => boolean = () => true) {}

  /** Keep a page informed until it leaves. */
  join(_req: Request, res: Response, session?: string): void {
    // Packing would hold news back until a packet is full.
    res.set({ 'content-type': 'text/event-stream', 'cache-control': 'no-store, no-transform' });
    res.flushHeaders();
    res.write('event: hello\ndata: {}\n\n');
    if (this.isClosed) {
      res.end();
      return;
    }
    this.pages.add(res);
    if (session !== undefined) this.sessions.set(res, session);
    const beat = setInterval(() => {
      if (session === undefined || this.holds(session)) res.write(': here\n\n');
      else res.end();
    }, HEARTBEAT_MS);
    res.on('close', () => {
      clearInterval(beat);
      this.pages.delete(res);
      this.sessions.delete(res);
    });
  }

  /** A session is over: its pages are told nothing more. */
  cut(session: string): void {
    for (const [page, of] of this.sessions) if (of === session) page.end();
  }

  announce(announcement: Announcement): void {
    const message = `event: change\ndata: ${JSON.stringify(announcement)}\n\n`;
    for (const page of this.pages) page.write(message);
  }

  /** All of it was put back as it once was: every page reads anew. */
  restored(): void {
    for (const page of this.pages) page.write('event: restored\ndata: {}\n\n');
  }

  /** Let all go, so that the server can stop. */
  close(): void {
    this.isClosed = true;
    for (const page of this.pages) page.end();
  }
}
