import { describe, expect, it } from 'vitest';
import { SolverPool } from './pool.js';

describe('problems that wait', () => {
  it('are taken up in turn, refused past the most, and leave when their client does', async () => {
    // No thread: whatever is asked waits.
    const pool = new SolverPool(0, 1);
    const left = new AbortController();
    const stay = new AbortController().signal;
    const task = { kind: 'solve' as const, problem: {} };
    const first = pool.run(task, left.signal).catch((error: Error) => error.name);
    const others = Array.from({ length: 63 }, () => pool.run(task, stay).catch(() => undefined));
    expect(pool.hasRoom).toBe(false);
    await expect(pool.run(task, stay)).rejects.toThrow();
    left.abort();
    expect(await first).toBe('AbortError');
    expect(pool.hasRoom).toBe(true);
    expect(others).toHaveLength(63);
  });
});
