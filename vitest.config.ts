import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    setupFiles: ['core/test/seed.ts'],
    include: ['{core,web,server,cli}/**/*.test.ts'],
    // A file a core: tests are reckoning, and nothing in them waits.
    maxWorkers: '100%',
    isolate: false,
    // Generous: machines differ, and no test is about time.
    testTimeout: 120_000,
    exclude: ['**/node_modules/**', '**/dist/**'],
  },
});
