import { defineConfig } from '@playwright/test';
import { chromiumPath } from '../scripts/lib/chromium.mjs';
import flags from '../scripts/lib/chromium-flags.json' with { type: 'json' };

export default defineConfig({
  testDir: '.',
  outputDir: './test-results',
  globalSetup: './workshop-template.ts',
  timeout: 240_000,
  // A shared machine may be slow to draw; what never comes fails all the same.
  expect: { timeout: 30_000 },
  // One more than cores: while one waits for its page or its server, another goes on.
  workers: 3,
  fullyParallel: true,
  forbidOnly: true,
  reporter: [['list'], ['json', { outputFile: 'test-results/report.json' }]],
  use: {
    browserName: 'chromium',
    launchOptions: { executablePath: chromiumPath(), args: flags },
    viewport: { width: 390, height: 844 },
    permissions: ['clipboard-read', 'clipboard-write'],
    // A worker between page and server would answer for a server that a test has taken away.
    serviceWorkers: 'block',
    // What was done and fetched is enough to find a fault by; filming every page costs a third of a small machine.
    trace: { mode: 'retain-on-failure', screenshots: false, snapshots: false, sources: false },
  },
});
