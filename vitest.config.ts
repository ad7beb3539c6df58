import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    setupFiles: ['core/test/seed.ts'],
    exclude: ['**/node_modules/**', '**/dist/**'],
    // A file a core: tests are reckoning, and nothing in them waits.
    maxWorkers: '100%',
    // Generous: machines differ, and no test is about time.
    testTimeout: 120_000,
    projects: [
      // Pure reckoning leaves nothing behind, so files share what they load.
      {
        extends: true,
        test: { name: 'core', include: ['{core,server,cli}/**/*.test.ts'], isolate: false },
      },
      // A worker's channel outlives its test: each file by itself.
      { extends: true, test: { name: 'web', include: ['web/**/*.test.{ts,tsx}'] } },
    ],
  },
});
