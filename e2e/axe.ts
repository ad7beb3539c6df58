import AxeBuilder from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';

/**
 * Nothing axe finds, once what slides or fades has come to rest.
 *
 * @param rules only these; all where not given
 */
export async function expectNoFindings(page: Page, rules?: string[]): Promise<void> {
  await page.waitForTimeout(300);
  // While a plan is still worked out, what axe looks at would be replaced under its eyes.
  await page.waitForFunction(() => !/\b(?:Planning|Reckoning)\b/.test(document.body.innerText));
  await expect(page.locator('h1')).not.toHaveCount(0);
  // A notice that fades away while axe looks has no contrast for a moment.
  await expect(page.locator('[data-sonner-toast]')).toHaveCount(0);
  await page.evaluate(() =>
    Promise.allSettled(
      document
        .getAnimations()
        .filter((one) => one.effect?.getComputedTiming().iterations !== Infinity)
        .map((one) => one.finished),
    ),
  );
  // There are no frames here, so nothing has to be gathered in a second page; what passes is not told.
  const { violations } = await new AxeBuilder({ page })
    .setLegacyMode(true)
    .options({
      resultTypes: ['violations'],
      ...(rules && { runOnly: { type: 'rule', values: rules } }),
    })
    .analyze();
  expect(
    violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join(' | ')}`),
  ).toEqual([]);
}
