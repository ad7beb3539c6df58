import { gzipSync } from 'node:zlib';
import { expect, test } from '@playwright/test';
import { visit } from './supper.ts';

test('the first route fetches at most 220 KB of script, gzipped', async ({ page }) => {
  const sizes: Promise<number>[] = [];
  page.on('response', (response) => {
    if (response.request().resourceType() !== 'script') return;
    if (response.url().includes('.worker-')) return;
    sizes.push(response.body().then((body) => gzipSync(body).length));
  });
  await visit(page);
  await page.waitForLoadState('networkidle');
  const total = (await Promise.all(sizes)).reduce((sum, size) => sum + size, 0);
  expect(sizes.length).toBeGreaterThan(1);
  expect(total / 1024).toBeLessThanOrEqual(220);
});
