import { defineConfig } from 'vitest/config';
import { CORE_IN_ONE_FILE } from './web/src/test/core-in-one-file.ts';

const SEED = 'core/test/seed.ts';
const PAGE = [SEED, 'web/src/test/page.ts'];
const ALONE_ON_A_PAGE = 'web/**/*.alone.test.tsx';
const ALONE = 'web/**/*.alone.test.ts';
const CORE_BUILT = 'web/src/test/core-in-one-file.ts';
const OF_CORE_BUILT = { alias: { '@zemrin/core': CORE_IN_ONE_FILE } };

export default defineConfig({
  test: {
    setupFiles: [SEED],
    exclude: ['**/node_modules/**', '**/dist/**'],
    // A file a core: tests are reckoning, and nothing in them waits.
    maxWorkers: '100%',
    // Generous: machines differ, and no test is about time.
    testTimeout: 120_000,
    projects: [
      // Pure reckoning leaves nothing behind, so files share what they load; and nothing is put in
      // another's place, so Node loads it itself: what runs so is a fifth quicker.
      {
        extends: true,
        test: {
          name: 'core',
          include: ['{core,server,cli,web}/**/*.test.ts'],
          exclude: ['**/node_modules/**', ALONE],
          isolate: false,
          experimental: { viteModuleRunner: false, nodeLoader: false },
          execArgv: ['--import', 'tsx'],
        },
      },
      // Views share one page, emptied after every test.
      {
        extends: true,
        resolve: OF_CORE_BUILT,
        test: {
          name: 'views',
          globalSetup: CORE_BUILT,
          include: ['web/**/*.test.tsx'],
          exclude: ['**/node_modules/**', ALONE_ON_A_PAGE],
          isolate: false,
          environment: 'jsdom',
          setupFiles: PAGE,
        },
      },
      // A module put in another's place, a worker's channel and a database outlive their test: each
      // file by itself.
      {
        extends: true,
        resolve: OF_CORE_BUILT,
        test: {
          name: 'alone on a page',
          globalSetup: CORE_BUILT,
          include: [ALONE_ON_A_PAGE],
          environment: 'jsdom',
          setupFiles: PAGE,
        },
      },
      {
        extends: true,
        resolve: OF_CORE_BUILT,
        test: { name: 'alone', globalSetup: CORE_BUILT, include: [ALONE] },
      },
    ],
  },
});
