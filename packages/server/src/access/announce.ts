import qrcode from 'qrcode-generator';
import type { HomeServer } from './home.js';

/** The home network's addresses for the terminal, the likeliest as a code to be read by a telephone. */
export function homeAnnounced(home: HomeServer): string {
  const [first = ''] = home.addresses;
  const code = qrcode(0, 'M');
  code.addData(first);
  code.make();
  return [
    `In the home network: ${home.addresses.join('  ')}`,
    code.createASCII(1, 2),
    `Its own authority, to be compared when a device is to trust it (docs/home-network.md):\n${home.fingerprint ?? ''}`,
    '',
  ].join('\n');
}
