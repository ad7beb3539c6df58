import { test as base, type Page } from '@playwright/test';

/**
 * Tests that only work on an example meal share one page for all a worker runs: a first visit, the
 * application's start and the planner's warming up, costs more than most of them. What they share
 * are the kitchen, the cook's measures and the clock, so a test that changes those takes Playwright's
 * own page (own-page.spec.ts).
 */
export const test = base.extend<{ page: Page }, { onePage: Page }>({
  onePage: [
    async ({ browser }, use) => {
      const page = await browser.newPage();
      await use(page);
      await page.close();
    },
    { scope: 'worker' },
  ],
  page: async ({ onePage }, use) => use(onePage),
});
