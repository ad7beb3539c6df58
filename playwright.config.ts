import { defineConfig } from '@playwright/test';
import { browserPath } from './scripts/browser-path.mjs';

const PORT = 4390;

export default defineConfig({
  testDir: 'e2e',
  outputDir: 'test-results/e2e',
  // Generous: machines differ, and no test is about time.
  timeout: 120_000,
  expect: { timeout: 20_000 },
  workers: 2,
  fullyParallel: true,
  forbidOnly: true,
  reporter: [['list'], ['json', { outputFile: 'test-results/e2e.json' }]],
  use: {
    baseURL: `http://127.0.0.1:${PORT}`,
    viewport: { width: 1280, height: 800 },
    timezoneId: 'Europe/Paris',
    locale: 'en-GB',
    contextOptions: { reducedMotion: 'reduce' },
    launchOptions: {
      executablePath: browserPath(),
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        // Another name for this machine: what comes by it is another device, as far as the server knows.
        '--host-resolver-rules=MAP kitchen.home 127.0.0.1',
      ],
    },
  },
  webServer: {
    command: 'npx tsx server/main.ts',
    env: { PORT: String(PORT) },
    url: `http://127.0.0.1:${PORT}`,
    reuseExistingServer: false,
  },
});
