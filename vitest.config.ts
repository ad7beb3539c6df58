import { defineConfig } from 'vitest/config';

const SEED = 'core/test/seed.ts';
const PAGE = [SEED, 'web/src/test/page.ts'];
const ALONE = 'web/**/*.alone.test.tsx';

export default defineConfig({
  test: {
    setupFiles: [SEED],
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
      // Views share one page, emptied after every test.
      {
        extends: true,
        test: {
          name: 'views',
          include: ['web/**/*.test.tsx'],
          exclude: ['**/node_modules/**', ALONE],
          isolate: false,
          environment: 'jsdom',
          setupFiles: PAGE,
        },
      },
      // A module put in another's place would be so in the next file too: each by itself.
      {
        extends: true,
        test: { name: 'alone', include: [ALONE], environment: 'jsdom', setupFiles: PAGE },
      },
      // A worker's channel outlives its test: each file by itself.
      { extends: true, test: { name: 'web', include: ['web/**/*.test.ts'] } },
    ],
  },
});
