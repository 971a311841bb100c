import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Plugin } from 'vite';

/** A package that ships with Uisce, and the terms under which it does. */
interface Licence {
  name: string;
  version: string;
  licence: string;
  text: string;
}
interface Locked {
  packages: Record<string, { version?: string; license?: string; dev?: boolean; link?: boolean }>;
}

const FILE = /^(licen[cs]e|copying|notice)(\.|-|$)/i;

/** All that is needed to run, from the lockfile, with the words of each licence. */
function licencesOf(root: string): Licence[] {
  const { packages } = JSON.parse(readFileSync(join(root, 'package-lock.json'), 'utf8')) as Locked;
  return Object.entries(packages)
    .filter(
      ([path, p]) => path.includes('node_modules/') && !p.dev && !p.link && existsSync(join(root, path)),
    )
    .map(([path, { version = '', license = 'not said' }]) => ({
      name: path.slice(path.lastIndexOf('node_modules/') + 'node_modules/'.length),
      version,
      licence: license,
      text: readdirSync(join(root, path))
        .filter((file) => FILE.test(file))
        .map((file) => readFileSync(join(root, path, file), 'utf8').trim())
        .join('\n\n'),
    }))
    .sort((a, b) => a.name.localeCompare(b.name));
}

/** Writes `licences.json` beside the built pages. */
export function licences(root: string): Plugin {
  return {
    name: 'uisce-licences',
    apply: 'build',
    generateBundle() {
      this.emitFile({
        type: 'asset',
        fileName: 'licences.json',
        source: JSON.stringify(licencesOf(root)),
      });
    },
  };
}
