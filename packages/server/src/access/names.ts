import { hostname, networkInterfaces } from 'node:os';
import { isIP } from 'node:net';

/** Addresses of virtual bridges that no telephone reaches (common names of their interfaces). */
const NOT_A_HOME = /^(docker|br-|veth|virbr|vmnet|tun|tap|lo)/;

/** This machine's addresses and names in the home network, the likeliest first. */
export function homeNames(more: readonly string[] = []): string[] {
  const addresses = Object.entries(networkInterfaces())
    .filter(([name]) => !NOT_A_HOME.test(name))
    .flatMap(([, all = []]) => all.filter((a) => a.family === 'IPv4' && !a.internal).map((a) => a.address));
  const host = hostname().toLowerCase().replace(/\.$/, '');
  const isName = /^[a-z0-9-]+$/.test(host) && host !== 'localhost';
  return [...new Set([...more, ...addresses, ...(isName ? [`${host}.local`, host] : [])])];
}

/** The name of a Host header without its port, as names are written: small letters, no brackets. */
export function hostOf(header: string | undefined): string {
  const host = (header ?? '').replace(/:\d+$/, '').toLowerCase();
  const bare = host.replace(/^\[(.*)\]$/, '$1');
  return isIP(bare) === 6 ? bare : host;
}
