import { describe, expect, it } from 'vitest';
import { readConfig } from './config.js';

describe('configuration', () => {
  it('keeps the demo and the user in files of their own', () => {
    const user = readConfig({ UISCE_DATA: '/tmp/x' });
    const demo = readConfig({ UISCE_DATA: '/tmp/x', UISCE_DEMO: '1' });
    expect(user).toMatchObject({ databaseFile: '/tmp/x/uisce.sqlite', demo: false, port: 4870 });
    expect(demo).toMatchObject({ databaseFile: '/tmp/x/demo.sqlite', demo: true });
  });

  it('always leaves a second thread for small problems', () => {
    expect(readConfig({}).solverThreads).toBeGreaterThanOrEqual(2);
  });

  it.each([
    { UISCE_PORT: '70000' },
    { UISCE_PORT: 'abc' },
    { UISCE_SOLVE_SECONDS: '0' },
    { UISCE_LOG: 'loud' },
  ])('refuses %o', (env) => {
    expect(() => readConfig(env)).toThrow(Object.keys(env)[0]);
  });
});
