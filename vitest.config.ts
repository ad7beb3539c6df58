import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    setupFiles: ['core/test/seed.ts'],
    include: ['{core,web,server,cli}/**/*.test.ts'],
    // Generous: machines differ, and no test is about time.
    testTimeout: 120_000,
    exclude: ['**/node_modules/**', '**/dist/**'],
  },
});
