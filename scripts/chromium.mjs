// Finds Debian's Chromium, or installs it where that is allowed.
import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';

/** Debian's build without windows comes first: it draws the same pages with a quarter less of the processor. */
const WITHOUT_WINDOWS = 'chromium-headless-shell';
const PLACES = [
  `/usr/bin/${WITHOUT_WINDOWS}`,
  '/usr/bin/chromium',
  '/usr/bin/chromium-browser',
  '/snap/bin/chromium',
];

/** Path of a Chromium to drive, or undefined. UISCE_CHROMIUM names another. */
export function findChromium() {
  return [process.env.UISCE_CHROMIUM, ...PLACES].find((path) => path && existsSync(path));
}

/** Path of a Chromium, installing Debian's package when this is root on Debian; undefined when it cannot be had. */
export function ensureChromium() {
  const found = findChromium();
  if (found) return found;
  if (process.getuid?.() === 0 && existsSync('/usr/bin/apt-get')) {
    console.log('Installing Chromium from Debian, for the end-to-end tests.');
    const options = { stdio: 'inherit', env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' } };
    spawnSync('apt-get', ['update', '-qq'], options);
    // An older Debian has only the whole of it.
    const { status } = spawnSync('apt-get', ['install', '-y', '-qq', WITHOUT_WINDOWS], options);
    if (status !== 0) spawnSync('apt-get', ['install', '-y', '-qq', 'chromium'], options);
  }
  return findChromium();
}

/** Flags for a headless Chromium that talks to nobody but us. */
export const CHROMIUM_FLAGS = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
  // Letters where a screen of today puts them, not pulled to whole pixels.
  '--font-render-hinting=none',
];
