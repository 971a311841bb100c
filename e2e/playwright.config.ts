import { defineConfig } from '@playwright/test';
import { CHROMIUM_FLAGS, findChromium } from '../scripts/chromium.mjs';

export default defineConfig({
  testDir: './tests',
  outputDir: '../test-results',
  timeout: 180_000,
  expect: { timeout: 20_000 },
  // A page and its solvers fill a core or two, but every test waits for something half of its time.
  workers: 2,
  // Each has a server and a database of its own: whichever worker is free takes the next one.
  fullyParallel: true,
  forbidOnly: true,
  reporter: [['list'], ['json']],
  use: {
    viewport: { width: 1280, height: 800 },
    launchOptions: { executablePath: findChromium() ?? '', args: CHROMIUM_FLAGS },
    // Each test's browser is new: what would be fetched for later is fetched for nobody, but where that is tried.
    serviceWorkers: 'block',
    // What moves for the eye only is waited for by nobody here.
    contextOptions: { reducedMotion: 'reduce' },
    // Watching every step takes a third of a run: asked for where a failure has to be understood.
    trace: process.env.UISCE_TRACE ? 'retain-on-failure' : 'off',
    screenshot: 'only-on-failure',
  },
});
