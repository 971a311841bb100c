import 'reflect-metadata';
import { createPrivateKey, KeyObject, randomBytes, webcrypto, X509Certificate } from 'node:crypto';
import { isIP } from 'node:net';
import { join } from 'node:path';
import * as x509 from '@peculiar/x509';
import { addDays } from 'date-fns';
import { readPrivate, writePrivate } from './private-file.js';

/** The household's own authority holds so long; what it signs no longer than browsers take (398 days, from memory), and some time less. */
const AUTHORITY_DAYS = 3650;
const CERTIFICATE_DAYS = 390;
/** A certificate that ends this soon is made anew. */
const RENEW_BEFORE_DAYS = 30;
/** Clocks of telephones run a little behind. */
const BEFORE_NOW_DAYS = 1;

/** A certificate and its key, as PEM. */
interface Pair {
  cert: string;
  key: string;
}

/** What a server needs to speak HTTPS, and what a telephone needs to trust it. */
export interface HomeCertificate {
  /** The server's certificate with the authority's behind it. */
  cert: string;
  key: string;
  /** The authority's certificate alone: what a device is told to trust. */
  authority: string;
  /** SHA-256 of it, in pairs with colons, to be compared by eye. */
  fingerprint: string;
}

const pairIn = (folder: string, name: string): Pair | undefined => {
  const cert = readPrivate(join(folder, `${name}.crt`));
  const key = readPrivate(join(folder, `${name}.key`));
  return cert === undefined || key === undefined ? undefined : { cert, key };
};
function keepPair(folder: string, name: string, { cert, key }: Pair): Pair {
  writePrivate(join(folder, `${name}.key`), key);
  writePrivate(join(folder, `${name}.crt`), cert);
  return { cert, key };
}
const EC = { name: 'ECDSA', namedCurve: 'P-256', hash: 'SHA-256' } as const;
const newKeys = () => webcrypto.subtle.generateKey(EC, true, ['sign', 'verify']);
const pemOfKey = async (key: webcrypto.CryptoKey) =>
  KeyObject.from(key).export({ type: 'pkcs8', format: 'pem' }).toString();
const keyOfPem = (pem: string) =>
  webcrypto.subtle.importKey(
    'pkcs8',
    createPrivateKey(pem).export({ type: 'pkcs8', format: 'der' }),
    EC,
    true,
    ['sign'],
  );
/** What every certificate here has: from when, until when, a number of its own. */
const common = (days: number) => ({
  notBefore: addDays(new Date(), -BEFORE_NOW_DAYS),
  notAfter: addDays(new Date(), days),
  // A positive number of 16 bytes (RFC 5280, 4.1.2.2).
  serialNumber: `4${randomBytes(16).toString('hex').slice(1)}`,
  signingAlgorithm: EC,
});

/** The authority, made once. It may sign servers alone, and no other authority. */
async function authorityIn(folder: string): Promise<Pair> {
  const there = pairIn(folder, 'authority');
  if (there && new Date(new X509Certificate(there.cert).validTo) > addDays(new Date(), RENEW_BEFORE_DAYS))
    return there;
  const keys = await newKeys();
  const made = await x509.X509CertificateGenerator.createSelfSigned({
    ...common(AUTHORITY_DAYS),
    keys,
    name: 'CN=Uisce household authority',
    extensions: [
      new x509.BasicConstraintsExtension(true, 0, true),
      new x509.KeyUsagesExtension(x509.KeyUsageFlags.keyCertSign | x509.KeyUsageFlags.cRLSign, true),
      await x509.SubjectKeyIdentifierExtension.create(keys.publicKey),
    ],
  });
  return keepPair(folder, 'authority', {
    cert: `${made.toString('pem')}\n`,
    key: await pemOfKey(keys.privateKey),
  });
}

/** A server's certificate, signed by the authority. */
async function serverBy(authority: Pair, names: readonly string[]): Promise<Pair> {
  const keys = await newKeys();
  const issuer = new x509.X509Certificate(authority.cert);
  const made = await x509.X509CertificateGenerator.create({
    ...common(CERTIFICATE_DAYS),
    publicKey: keys.publicKey,
    signingKey: await keyOfPem(authority.key),
    subject: 'CN=Uisce',
    issuer: issuer.subject,
    extensions: [
      new x509.BasicConstraintsExtension(false, undefined, true),
      new x509.KeyUsagesExtension(x509.KeyUsageFlags.digitalSignature, true),
      new x509.ExtendedKeyUsageExtension([x509.ExtendedKeyUsage.serverAuth]),
      new x509.SubjectAlternativeNameExtension(
        names.map((value) => ({ type: isIP(value) ? 'ip' : 'dns', value })),
      ),
      await x509.SubjectKeyIdentifierExtension.create(keys.publicKey),
      await x509.AuthorityKeyIdentifierExtension.create(issuer),
    ],
  });
  return { cert: `${made.toString('pem')}\n`, key: await pemOfKey(keys.privateKey) };
}

/** Whether a certificate is of this authority, names all that is wanted, and lasts a while yet. */
function serves({ cert }: Pair, authority: Pair, names: readonly string[]): boolean {
  const now = new X509Certificate(cert);
  if (new Date(now.validTo) < addDays(new Date(), RENEW_BEFORE_DAYS)) return false;
  if (!now.verify(new X509Certificate(authority.cert).publicKey)) return false;
  return names.every((name) => (isIP(name) ? now.checkIP(name) : now.checkHost(name)) !== undefined);
}

/** The certificate for these names and addresses: the one that is kept, or a new one of the same authority. */
export async function homeCertificate(folder: string, names: readonly string[]): Promise<HomeCertificate> {
  const authority = await authorityIn(folder);
  const told = ({ cert, key }: Pair): HomeCertificate => ({
    cert: `${cert.trimEnd()}\n${authority.cert}`,
    key,
    authority: authority.cert,
    fingerprint: new X509Certificate(authority.cert).fingerprint256,
  });
  const there = pairIn(folder, 'server');
  if (there && serves(there, authority, names)) return told(there);
  return told(keepPair(folder, 'server', await serverBy(authority, names)));
}
