import { expect, type Page } from '@playwright/test';
import { expectNoFindings } from './axe.ts';
import { test } from './one-page.ts';
import { goTo, lengthOf, openSupper, spanOf, undo } from './supper.ts';

const SMOKE = /^Smoke, Smoked lamb shoulder/;

/** The minutes on the fire, once the band has been reckoned. */
async function onFire(page: Page): Promise<number> {
  const sentence = page.getByText(/on the fire, eight times in ten between/);
  await expect(sentence).toBeVisible();
  return spanOf((await sentence.textContent()) ?? '');
}

test('a slider shows what it does, and what is drafted goes into the plan', async ({ page }) => {
  await openSupper(page);
  const planned = await lengthOf(page, SMOKE);
  await page.locator('body').press('3');
  await expect(page.getByRole('heading', { name: 'lamb shoulder, bone in' })).toBeVisible();
  const before = await onFire(page);
  await expect(page.getByText(/It waits longest near/)).toBeVisible();
  await expect(page.getByRole('listitem').filter({ hasText: 'Ten degrees hotter' })).toContainText(
    'less',
  );

  const smoker = page.getByRole('slider', { name: '2. smoker' });
  await smoker.fill('140');
  await expect.poll(() => onFire(page)).toBeLessThan(before - 30);
  await page.getByRole('button', { name: 'Use in the plan' }).click();
  await goTo(page, 'Weave');
  await expect.poll(() => lengthOf(page, SMOKE)).toBeLessThan(planned - 20);
  await undo(page);
  await expect.poll(() => lengthOf(page, SMOKE)).toBe(planned);
});

test('two ways stand side by side, and the curve is a table too', async ({ page }) => {
  await openSupper(page, 'Heat');
  await onFire(page);
  await page.getByLabel('Compare with').selectOption('Ten degrees hotter');
  const facts = page.getByRole('complementary');
  await expect(facts.getByText('that way')).toBeVisible();
  await page.getByText('The curve in numbers').click();
  const rows = page.getByRole('table', { name: 'The curve in numbers' }).getByRole('row');
  await expect(rows).toHaveCount(14);
  // The last is after the rest: it has peaked and begun to cool.
  await expect(rows.last()).toContainText(/9\d°/);
  const curve = page.getByRole('slider', { name: /Temperature of the middle/ });
  await curve.focus();
  const at = await curve.getAttribute('aria-valuetext');
  await page.keyboard.press('ArrowRight');
  await expect(curve).not.toHaveAttribute('aria-valuetext', at ?? '');

  await page.getByText('What heat does inside').click();
  const inside = page.getByRole('table', { name: 'What heat does inside' });
  const turns = inside.getByRole('row').filter({ hasText: 'Red turns pink' });
  await expect(turns).toContainText(/57° to 64°.*\d+\sh\s\d+/);
  await expect(inside.getByRole('row').filter({ hasText: 'egg' })).toHaveCount(0);
});

test('stages are changed as one thinks of them, and a fire too cool is told', async ({ page }) => {
  await openSupper(page, 'Heat');
  await onFire(page);
  const stages = page.getByRole('region', { name: 'Stages' });
  await stages.getByRole('button', { name: 'Take stage 1 out' }).click();
  await expect(stages.getByRole('listitem')).toHaveCount(3);
  await stages.getByRole('button', { name: 'Add a stage' }).click();
  await expect(stages.getByRole('listitem')).toHaveCount(4);
  await stages.getByLabel('Middle, °C').first().fill('hot');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Write a number from -10 to 99.')).toBeVisible();
  await page.getByRole('slider', { name: '1. smoker', exact: true }).fill('60');
  await expect(page.getByText(/It never gets there: this fire is too cool/)).toBeVisible();
  await page.getByRole('button', { name: 'Back to the plan’s' }).click();
  await onFire(page);
});

test('any other cut, and one that no pantry has, is thought about in no plan', async ({ page }) => {
  await openSupper(page, 'Heat');
  await page.getByRole('link', { name: 'Another cut' }).click();
  await page.getByLabel(/^Cut/).selectOption('venison loin');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('venison loin');
  await expect(page.getByRole('button', { name: /^Use/ })).toHaveCount(0);
  const takes = page.getByText(/on the fire, eight times in ten/);
  const loin = await takes.textContent();
  await page.getByRole('slider', { name: 'Thickness' }).fill('110');
  await expect(takes).not.toHaveText(loin ?? '');

  await page.getByLabel(/^Cut/).selectOption('one that is not here');
  const until = page.getByRole('slider', { name: 'Until the middle is' });
  await expect(until).toHaveAttribute('aria-valuetext', '63°');
  await page.getByLabel('Animal').selectOption('poultry');
  await expect(until).toHaveAttribute('aria-valuetext', '74°');
  const block = await takes.textContent();
  await page.getByLabel('Shape').selectOption('roll');
  await expect(takes).not.toHaveText(block ?? '');
  await expectNoFindings(page);
});
