import { expect, test } from '@playwright/test';
import { goTo, visit } from './supper.ts';

test('a first visit offers the example and an empty meal', async ({ page }) => {
  await visit(page);
  await expect(page.getByRole('button', { name: 'Open “First-frost supper”' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Begin an empty meal' })).toBeVisible();
});

test('the example is planned as soon as it is opened', async ({ page }) => {
  await visit(page);
  await page.getByRole('button', { name: 'Open “First-frost supper”' }).click();
  await expect(page.getByText('first job Fri 17:00')).toBeVisible();
  await expect(page.getByRole('textbox', { name: 'Serve at' })).toHaveValue('19:00');
  await expect(page.locator('aside').getByText(/^\d\d in 100 on time$/)).toBeVisible();
});

test('an empty meal becomes a planned one', async ({ page }) => {
  await visit(page);
  await page.getByRole('button', { name: 'Begin an empty meal' }).click();
  await expect(page.getByText('Put a dish on the table and Zemrin plans it.')).toBeVisible();
  await page.getByRole('link', { name: 'Add a dish' }).click();
  await page.getByRole('link', { name: 'Roots from the oven' }).click();
  await expect(page.getByRole('heading', { name: 'Roots from the oven', level: 2 })).toBeVisible();
  await page.getByLabel('What is it called?').fill('Sunday joint');
  await page.getByRole('button', { name: 'Put it on the table' }).click();
  await expect(page.getByRole('list', { name: 'Steps' })).toBeVisible();
  await goTo(page, 'Table');
  await expect(page.getByRole('textbox', { name: 'Name of Sunday joint' })).toHaveValue(
    'Sunday joint',
  );
  await expect(page.getByText(/^Yes/)).toBeVisible();
  await goTo(page, 'Weave');
  await page.getByRole('button', { name: /^Roast, Sunday joint/ }).click();
  await page.getByRole('textbox', { name: 'Most', exact: true }).fill('20 min');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toContainText('run backwards');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Add a step after' }).click();
  await page.getByLabel('Name').fill('Make gravy');
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByRole('button', { name: /^Make gravy, Sunday joint/ })).toBeVisible();
});

test('what is typed wrong says what to do, and loses nothing', async ({ page }) => {
  await visit(page);
  await page.getByRole('button', { name: 'Begin an empty meal' }).click();
  const serving = page.getByRole('textbox', { name: 'Serve at' });
  await serving.fill('supper');
  await serving.press('Enter');
  await expect(page.getByRole('alert')).toContainText(
    '“supper” is no clock time. Write it as 19:00',
  );
  await expect(serving).toHaveValue('supper');
  await serving.press('Escape');
  await expect(serving).toHaveValue('19:00');
  await serving.fill('7.30 pm');
  await serving.press('Enter');
  await expect(serving).toHaveValue('19:30');
});

test('an address without a meal leads home', async ({ page }) => {
  await visit(page);
  await page.goto('/meal/gone/weave');
  await expect(page.getByRole('heading', { name: 'That meal is not here' })).toBeVisible();
  await page.getByRole('main').getByRole('link', { name: 'Meals' }).click();
  await expect(page.getByRole('button', { name: 'Begin an empty meal' })).toBeVisible();
});
