import { createServer, type Server } from 'node:https';
import type { Express } from 'express';
import { hostOf, homeNames } from './names.js';
import { PATIENCE } from '../http/patience.js';
import { homeCertificate, type HomeCertificate } from './authority.js';

/** What the home network's door needs. */
export interface HomeParts {
  /** Where the authority is kept. */
  folder: string;
  port: number;
  /** The address that is listened at. */
  listen: string;
  /** Names beside this machine's own. */
  names: readonly string[];
  /** Why it is never opened here, in words; empty where it may be. */
  refused: string;
  /** The application behind it. */
  app: (names: () => readonly string[]) => Express;
}

/** Ciphers that guard against change as they encrypt; of TLS 1.2 none that chains its blocks (CBC). */
const CIPHERS = [
  'TLS_AES_256_GCM_SHA384',
  'TLS_CHACHA20_POLY1305_SHA256',
  'TLS_AES_128_GCM_SHA256',
  'ECDHE-ECDSA-AES128-GCM-SHA256',
  'ECDHE-RSA-AES128-GCM-SHA256',
  'ECDHE-ECDSA-AES256-GCM-SHA384',
  'ECDHE-RSA-AES256-GCM-SHA384',
  'ECDHE-ECDSA-CHACHA20-POLY1305',
  'ECDHE-RSA-CHACHA20-POLY1305',
].join(':');

/** Names and addresses change: looked at so often while it runs. */
const LOOK_EVERY_MS = 10 * 60_000;

/** The home network's door: HTTPS by the household's own authority, opened and shut while the server runs. */
export class HomeServer {
  private server: Server | undefined;
  private certificate: HomeCertificate | undefined;
  private names: string[] = [];
  private look: NodeJS.Timeout | undefined;

  constructor(private readonly parts: HomeParts) {}

  get isOpen(): boolean {
    return this.server !== undefined;
  }
  get refused(): string {
    return this.parts.refused;
  }
  /** Addresses to open it at, the likeliest first; none while it is shut. */
  get addresses(): string[] {
    const port = this.port;
    return port === undefined ? [] : this.names.map((name) => `https://${name}:${port}`);
  }
  get fingerprint(): string | undefined {
    return this.certificate?.fingerprint;
  }
  /** The authority's certificate, for devices to trust. */
  get authority(): string | undefined {
    return this.certificate?.authority;
  }
  private get port(): number | undefined {
    const address = this.server?.address();
    return typeof address === 'object' ? address?.port : undefined;
  }

  /** Open it; once it is open, nothing. */
  async open(): Promise<void> {
    if (this.server) return;
    if (this.parts.refused !== '') throw new Error(this.parts.refused);
    this.names = homeNames(this.parts.names);
    this.certificate = await homeCertificate(this.parts.folder, this.names);
    const { cert, key } = this.certificate;
    const server = createServer(
      { cert, key, minVersion: 'TLSv1.2', ciphers: CIPHERS, ...PATIENCE },
      this.parts.app(() => this.names.map((n) => hostOf(n))),
    );
    await new Promise<void>((resolve, reject) => {
      server.once('error', reject);
      server.listen(this.parts.port, this.parts.listen, resolve);
    });
    // A connection that was cut, or is no TLS at all, is nobody's trouble.
    server.on('tlsClientError', () => undefined);
    this.server = server;
    this.look = setInterval(() => void this.renew().catch(() => undefined), LOOK_EVERY_MS);
    this.look.unref();
  }

  /** Another address was given to this machine, or the certificate runs out: a new one of the same authority. */
  private async renew(): Promise<void> {
    const names = homeNames(this.parts.names);
    const made = await homeCertificate(this.parts.folder, names);
    this.names = names;
    if (made.cert === this.certificate?.cert) return;
    this.certificate = made;
    this.server?.setSecureContext({ cert: made.cert, key: made.key });
  }

  /** Shut it: nobody new comes in, and who is in is let go. */
  async close(): Promise<void> {
    const { server } = this;
    if (!server) return;
    clearInterval(this.look);
    this.server = undefined;
    await new Promise((resolve) => {
      server.close(resolve);
      server.closeAllConnections();
    });
  }
}
