import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { environment, readConfig } from './config.js';

describe('configuration', () => {
  it('keeps the demo and the user in files of their own', () => {
    const user = readConfig({ UISCE_DATA: '/tmp/x' });
    const demo = readConfig({ UISCE_DATA: '/tmp/x', UISCE_DEMO: '1' });
    expect(user).toMatchObject({ databaseFile: '/tmp/x/uisce.sqlite', demo: false, port: 4870 });
    expect(demo).toMatchObject({ databaseFile: '/tmp/x/demo.sqlite', demo: true });
    expect(user.home.folder).not.toBe(demo.home.folder);
  });

  it('always leaves a second thread for small problems', () => {
    expect(readConfig({}).solverThreads).toBeGreaterThanOrEqual(2);
  });

  it.each([
    { UISCE_PORT: '70000' },
    { UISCE_PORT: 'abc' },
    { UISCE_SOLVE_SECONDS: '0' },
    { UISCE_LOG: 'loud' },
    { UISCE_HOME: 'yes' },
    { UISCE_HOME_LISTEN: 'everywhere' },
    { UISCE_HOME_NAMES: 'kitchen local' },
  ])('refuses %o', (env) => {
    expect(() => readConfig(env)).toThrow(Object.keys(env)[0]);
  });

  it('docs/running.md has every setting, with what holds where it is not set', () => {
    const docs = readFileSync(join(import.meta.dirname, '../../../docs/running.md'), 'utf8');
    const rows = [...docs.matchAll(/^\| `(UISCE_\w+)` +\| (.*?) +\| (.*?) +\|$/gm)].map(
      ([, ...cells]) => cells,
    );
    const unset = environment.parse({}) as Record<string, unknown>;
    const told = Object.entries(environment.shape).map(([name, { description }]) => {
      const value = String(unset[name]);
      return [name, value === '' ? 'none' : `\`${value}\``, description];
    });
    expect(rows).toEqual(told);
  });
});
