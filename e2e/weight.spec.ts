import { gzipSync } from 'node:zlib';
import { expect, test, type Page, type Response } from '@playwright/test';
import { openSupper, visit } from './supper.ts';

const MOST_KB = 220;

/** KB of script, gzipped, that a page fetches while `act` runs; the planner's worker is apart. */
async function scriptKb(page: Page, act: () => Promise<void>): Promise<number> {
  const sizes: Promise<number>[] = [];
  const weigh = (response: Response) => {
    if (response.request().resourceType() !== 'script') return;
    if (response.url().includes('.worker-')) return;
    sizes.push(response.body().then((body) => gzipSync(body).length));
  };
  page.on('response', weigh);
  await act();
  await page.waitForLoadState('networkidle');
  // What comes later is not waited for, and must not outlive the test.
  page.off('response', weigh);
  expect(sizes.length).toBeGreaterThan(1);
  return (await Promise.all(sizes)).reduce((sum, size) => sum + size, 0) / 1024;
}

test('a first visit fetches at most 220 KB of script, gzipped', async ({ page }) => {
  expect(await scriptKb(page, () => visit(page))).toBeLessThanOrEqual(MOST_KB);
});

/** What a later visit fetches more: the supper was cooked before, and its runs are read. */
const FOR_RUNS_KB = 7;

test('a later one, straight to the meals, little more', async ({ page, context }) => {
  await openSupper(page);
  const later = await context.newPage();
  const kb = await scriptKb(later, async () => {
    await visit(later);
    await expect(later.getByRole('link', { name: 'Open First-frost supper' })).toBeVisible();
  });
  expect(kb).toBeLessThanOrEqual(MOST_KB + FOR_RUNS_KB);
});
